'use client';

import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { ROOM_CELSIUS } from '@/core/constants';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { cautionTextsOf, type RecipeId, stepsOf } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { lifeWords } from '@/core/work/words/lifeWords';
import { whyTheseVolts } from '@/ui/explanations';
import { formatAmps, formatMillimetres, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { CellPortrait } from '@/ui/desk/CellPortrait';
import { PageFrame } from '@/ui/PageFrame';
import { RefusalAlert } from '@/ui/document/RefusalAlert';
import { useDocumentList } from '@/ui/document/useDocumentList';
import { Explained } from '@/ui/Explained';
import { makeOwn } from './makeOwn';

/** A recipe that ships with Grozer, to read; it is changed by making one's own from it. */
export function ShippedRecipe({ id }: { id: RecipeId }) {
  const { refusal, clearRefusal, settle, openAt } = useDocumentList('recipes');
  const recipe = RECIPES[id];
  const [firstBody] = recipe.bodies;
  const { shape, widthMillimetres, depthMillimetres, gapMillimetres } = recipe.usualSize;
  const depth = shape === 'coin' ? '' : `, ${formatMillimetres(depthMillimetres)} deep in the wet`;
  const facts: readonly (readonly [name: string, value: string])[] = [
    ['+ electrode, the cathode', `${recipe.plus.part} (${recipe.plus.material})`],
    ['− electrode, the anode', `${recipe.minus.part} (${recipe.minus.material})`],
    [recipe.bodyLabel, recipe.bodies.map(({ name }) => name).join(', ')],
    ['Between them', recipe.separator ?? 'nothing: the body keeps them apart'],
    [
      'Usual size',
      `${shape}, ${formatMillimetres(widthMillimetres)}${depth}, gap ${formatMillimetres(gapMillimetres)}`,
    ],
    [
      'One cell reads',
      `${formatVolts(recipe.typical.openVoltsLow)} to ${formatVolts(recipe.typical.openVoltsHigh)} with nothing connected, ${formatAmps(recipe.typical.shortAmpsLow)} to ${formatAmps(recipe.typical.shortAmpsHigh)} shorted (${recipe.typical.source}); believed up to ${formatVolts(recipe.ceilingVolts)}`,
    ],
    ['Takes', `about ${recipe.minutesToBuild} minutes a cell`],
    [
      'Ends when',
      `${recipe.endsLife} ${lifeWords(plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS), USUAL_RUNNING)}`,
    ],
    [
      'Air',
      recipe.breathes
        ? 'It must breathe: never tape its carbon side shut.'
        : recipe.look === 'pile'
          ? 'Oxygen dissolved in the liquid is enough; taping it round keeps it wet.'
          : 'It stands open: gas must get out.',
    ],
  ];
  return (
    <PageFrame
      heading={recipe.name}
      back={{ href: '/recipes', name: 'Back to the recipes' }}
      widest={1080}
      actions={
        <Button
          variant="contained"
          onClick={() =>
            void makeOwn(id).then((answer) => settle(answer, (own) => openAt(`/recipes/${own}`)))
          }
        >
          Make it my own
        </Button>
      }
    >
      <RefusalAlert refusal={refusal} onClose={clearRefusal} />
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: '320px minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Card title="One cell">
            {firstBody === undefined ? null : <CellPortrait recipe={recipe} body={firstBody} />}
            <Explained explain={() => whyTheseVolts(recipe)}>why these volts</Explained>
          </Card>
          <Card title="Before you start">
            <CautionList cautions={cautionTextsOf(recipe, recipe.bodies[0])} />
          </Card>
        </Box>
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Card title="Build it">
            <Box component="ol" sx={{ pl: 2.5, my: 0 }}>
              {stepsOf(recipe, firstBody ?? {}).map((step) => (
                <Typography key={step} component="li" sx={{ mb: 0.5 }}>
                  {step}
                </Typography>
              ))}
            </Box>
            <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
              {recipe.note}
            </Typography>
          </Card>
          <Card title="What it is made of">
            <Box
              component="dl"
              sx={{
                m: 0,
                display: 'grid',
                gridTemplateColumns: { sm: '190px 1fr' },
                columnGap: 2,
                rowGap: 0.75,
              }}
            >
              {facts.map(([name, value]) => (
                <Box key={name} sx={{ display: 'contents' }}>
                  <Typography component="dt" variant="body2" color="textSecondary">
                    {name}
                  </Typography>
                  <Typography component="dd" variant="body2" sx={{ m: 0 }}>
                    {value}
                  </Typography>
                </Box>
              ))}
            </Box>
          </Card>
        </Box>
      </Box>
    </PageFrame>
  );
}

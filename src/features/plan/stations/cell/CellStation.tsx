'use client';

import { KnownCard } from './KnownCard';
import { TrialCells } from './TrialCells';
import { UNREAD } from '@/core/records/plan/newPlan';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { joiningStep } from '@/core/physics/recipes/cellBuild';
import { cautionTextsOf, stepsOf } from '@/core/physics/recipes/recipe';
import { lifeWords } from '@/core/work/words/lifeWords';
import { withSchool } from '@/core/records/school/figuresOfSchool';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { CellPortrait } from '@/ui/desk/CellPortrait';
import { Explained } from '@/ui/Explained';
import { Fold } from '@/ui/Fold';
import { lazyPart } from '@/ui/lazyPart';
import { PageLink } from '@/ui/PageLink';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { CellTypesButton } from '../../cellTypes/CellTypesButton';
import { CellReadings } from './CellReadings';
import { PieceAndOverhang } from './PieceAndOverhang';
import { RecipeChoice } from './RecipeChoice';
import { cellWithRecipe, changedSince, chosenKey, recipeOptions } from './recipeOptions';
import { sizeInPiece } from '@/core/physics/recipes/pieces';
import { formatMillimetres } from '@/core/units';
import { whyTheseVolts, whyTheSize } from '@/ui/explanations';
import { SizeFields } from '@/ui/SizeFields';

const LiquidsCompared = lazyPart(() =>
  import('./LiquidsCompared').then((module) => module.LiquidsCompared),
);

/** The choice beside what was chosen; on a phone a strip above it. */
const BESIDE = {
  display: 'grid',
  gap: 2,
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '236px minmax(0, 1fr)' },
} as const;

/** Station 2: which cell is built, and what one of them gives. */
export function CellStation() {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation, ownRecipes, school } = usePlanContext();
  const { recipe, body, piece } = evaluation.cell;
  const chosen = chosenKey(plan.cell);
  const cautions = cautionTextsOf(recipe, body);
  const newer = changedSince(plan.cell, ownRecipes);
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { lg: 'minmax(0, 1fr) 340px' } }}>
      <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', minWidth: 0 }}>
        <Card
          title="Which cell will you build?"
          actions={
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
              <CellTypesButton />
              <Link component={PageLink} href="/recipes" color="inherit" variant="body2">
                All recipes, and your own
              </Link>
            </Box>
          }
        >
          <Box sx={BESIDE}>
            <RecipeChoice
              options={recipeOptions(plan.cell, ownRecipes)}
              chosen={chosen}
              onChange={(key) =>
                edit((before) =>
                  key === chosen
                    ? before
                    : {
                        ...before,
                        cell: withSchool(
                          cellWithRecipe(before.cell, key, ownRecipes),
                          school.state,
                        ),
                      },
                )
              }
            />
            <Box sx={{ minWidth: 0 }}>
              {newer === null ? null : (
                <Alert
                  severity="info"
                  sx={{ mb: 2 }}
                  action={
                    <Button
                      color="inherit"
                      size="small"
                      onClick={() =>
                        edit((before) => ({
                          ...before,
                          cell: { ...before.cell, ownRecipe: newer },
                        }))
                      }
                    >
                      Use these changes
                    </Button>
                  }
                >
                  Your recipe was changed since it was chosen for this plan.
                </Alert>
              )}
              <Box sx={{ maxWidth: 250, mx: 'auto' }}>
                <CellPortrait
                  recipe={recipe}
                  body={body}
                  piece={piece}
                  size={evaluation.cell.size}
                />
              </Box>
              <Box>
                <Selection
                  label={recipe.bodyLabel}
                  value={body.id}
                  onChange={(chosen) =>
                    // Readings belong to one cell; another fruit starts without them.
                    edit((before) => ({
                      ...before,
                      cell: withSchool({ ...before.cell, body: chosen, ...UNREAD }, school.state),
                    }))
                  }
                  sx={{ minWidth: 220, mb: 1.5 }}
                  options={recipe.bodies.map(({ id, name }) => [id, name] as const)}
                />
                <PieceAndOverhang />
                <Typography variant="body2">
                  <strong>+</strong> {recipe.plus.part} ({recipe.plus.material}, the cathode) ·{' '}
                  <strong>−</strong> {recipe.minus.part} ({recipe.minus.material}, the anode)
                  {recipe.separator === null ? '' : ` · between them: ${recipe.separator}`} ·{' '}
                  <Explained explain={() => whyTheseVolts(recipe, body)}>why these volts</Explained>
                </Typography>
                <Fold label="How to build it, step by step">
                  <Box component="ol" sx={{ pl: 2.5, my: 1 }}>
                    {[...stepsOf(recipe, body), joiningStep(evaluation.cell)].map((step) =>
                      step === null ? null : (
                        <Typography key={step} component="li" variant="body2" sx={{ mb: 0.5 }}>
                          {step}
                        </Typography>
                      ),
                    )}
                  </Box>
                  <Typography variant="body2" color="textSecondary">
                    {recipe.note} About {recipe.minutesToBuild} minutes a cell. {recipe.endsLife}{' '}
                    {lifeWords(evaluation.cell, plan.running)}
                    {recipe.breathes ? ' It must breathe: never tape its carbon side shut.' : ''}
                  </Typography>
                </Fold>
              </Box>
            </Box>
          </Box>
        </Card>
        <KnownCard />
        <TrialCells />
        <Card title="Look closer">
          <Fold label={`Before you start: ${cautions.length} cautions`}>
            <CautionList cautions={cautions} />
          </Fold>
          <Fold label="How large are the metals?">
            <CellSize />
          </Fold>
          {recipe.bodies.length > 1 ? (
            <Fold label={`${recipe.bodyLabel}: the same battery with each`}>
              <LiquidsCompared />
            </Fold>
          ) : null}
        </Card>
      </Box>
      <CellReadings key={`${chosen} ${body.id}`} />
    </Box>
  );
}

/** How large the metals are and how far apart: what one cell gives moves with it. */
export function CellSize() {
  const plan = usePlan();
  const edit = useEdit();
  const { cell } = usePlanContext().evaluation;
  const { body, piece, origin, size } = cell;
  const fitting = sizeInPiece(size, piece);
  return (
    <Box component="section" aria-label="How large are the metals?">
      <SizeFields
        size={size}
        body={body.name}
        onChange={(part, typing) =>
          edit(
            (before) => ({ ...before, cell: { ...before.cell, size: { ...size, ...part } } }),
            typing,
          )
        }
      />
      {fitting === size ? null : (
        <Typography variant="body2" sx={{ mt: 1.5 }}>
          A {body.name} is not so thick: {formatMillimetres(fitting.depthMillimetres)} deep is
          counted.
        </Typography>
      )}
      <Box sx={{ mt: 1.5 }}>
        <Explained explain={() => whyTheSize(cell)}>why the size matters</Explained>
        {plan.cell.size === null ? null : (
          <Button
            size="small"
            sx={{ ml: 2 }}
            onClick={() => edit((before) => ({ ...before, cell: { ...before.cell, size: null } }))}
          >
            Back to the usual size
          </Button>
        )}
      </Box>
      {origin === 'own' ? (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          Your own readings are of one pair as you built it: lengths change nothing as long as they
          are used, but more pairs in the same body add up.
        </Typography>
      ) : null}
    </Box>
  );
}

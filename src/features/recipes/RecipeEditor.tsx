'use client';

import { cellBuild, typicalModel } from '@/core/physics/recipes/cellBuild';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import { RECIPE_DOCUMENT, recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import { type OwnRecipe, ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { whyTheseVolts, whyTheSize } from '@/ui/explanations';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CellPortrait } from '@/ui/desk/CellPortrait';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useDocument } from '@/ui/document/useDocument';
import { Explained } from '@/ui/Explained';
import { WordsField } from '@/ui/WordsField';
import type { ChangeRecipe, RecipePartProps } from './changeRecipe';
import { RecipeBodies } from './RecipeBodies';
import { RecipeMetals } from './RecipeMetals';
import { RecipeReadings } from './RecipeReadings';
import { RecipeSteps } from './RecipeSteps';
import { Hint } from '@/ui/Hint';
import { DownloadIcon } from '@/ui/icons';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { CAUTION_IDS, type CautionId, cautionsOf } from '@/core/physics/safety/cautions';

interface RecipeEditorProps {
  readonly id: string;
  readonly initial: OwnRecipe;
  readonly initialRevision: number;
}

/** One of the educator's own recipes, to change; what one cell will give follows at once. */
export function RecipeEditor({ id, initial, initialRevision }: RecipeEditorProps) {
  const open = useDocument({
    kind: 'recipes',
    id,
    format: RECIPE_DOCUMENT,
    initial,
    initialRevision,
  });
  const own = open.document;
  const recipe = useMemo(() => recipeOfOwn(own), [own]);
  const change: ChangeRecipe = (part, typing) =>
    open.documentStore.edit((before) => ({ ...before, ...part }), typing ?? null);
  const [body] = recipe.bodies;
  const part = {
    own,
    change,
    of: { document: own, schema: ownRecipeSchema, edit: open.documentStore.edit },
  };
  return (
    <DocumentFrame
      open={open}
      back={{ href: '/recipes', name: 'Back to the recipes' }}
      heading={
        <Box component="h1" sx={{ m: 0, mt: 1.5, maxWidth: 520 }}>
          <WordsField
            label="Name of the recipe"
            value={own.title}
            schema={ownRecipeSchema.shape.title}
            onCommit={(title) => change({ title }, 'title')}
            fullWidth
          />
        </Box>
      }
      actions={
        <Hint text="Export this recipe as a file">
          <IconButton
            aria-label="Export this recipe as a file"
            component="a"
            href={`/api/recipes/${id}/export`}
            download
          >
            <DownloadIcon fontSize="small" />
          </IconButton>
        </Hint>
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: 'minmax(0, 1fr) 320px' },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 2 }}>
          <RecipeMetals {...part} />
          <RecipeReadings {...part} />
          <RecipeBodies {...part} />
          <RecipeSteps {...part} />
          <RecipeCautions {...part} />
        </Box>
        <Box sx={{ position: { md: 'sticky' }, top: { md: 12 } }}>
          <Card title="One cell of it">
            {body === undefined ? null : (
              <>
                <CellPortrait recipe={recipe} body={body} />
                <CellLine recipe={recipe} body={body} />
                <Typography variant="body2" sx={{ mt: 1 }}>
                  <Explained explain={() => whyTheseVolts(recipe)}>why these volts</Explained>
                  {' · '}
                  <Explained explain={() => whyTheSize(cellBuild(recipe, body))}>
                    why this current
                  </Explained>
                </Typography>
              </>
            )}
            {own.plus.material === own.minus.material && own.startsFrom !== 'concentration' ? (
              <Alert severity="warning" sx={{ mt: 1.5 }}>
                The same metal twice: nothing happens, whatever the recipe says.
              </Alert>
            ) : null}
            <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
              Begun from “{RECIPES[own.startsFrom].name}”, whose cautions it keeps. Choose it in any
              plan at “Which cell?”.
            </Typography>
          </Card>
        </Box>
      </Box>
    </DocumentFrame>
  );
}

function CellLine({ recipe, body }: Pick<Parameters<typeof CellPortrait>[0], 'recipe' | 'body'>) {
  const cell = typicalModel(cellBuild(recipe, body));
  const shortAmps = cellAmpsAt(cell, 0);
  return (
    <Typography data-testid="recipe-figures" sx={{ fontWeight: 700 }}>
      {formatVolts(cell.emfVolts)}, {formatAmps(shortAmps)} shorted,{' '}
      {formatOhms(cell.emfVolts / shortAmps)}
    </Typography>
  );
}

/** Of a battery's volts, not of a recipe. */
const OF_THE_BATTERY: readonly CautionId[] = ['over-30', 'over-60'];

/** Cautions of the recipe: those of its family always stay, others can be added. */
export function RecipeCautions({ own, change }: RecipePartProps) {
  const start = RECIPES[own.startsFrom];
  return (
    <Card title="Cautions and air">
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        Those of “{start.name}” stay; add what your materials need.
      </Typography>
      <FormControlLabel
        control={
          <Checkbox
            checked={start.breathes || own.breathes}
            disabled={start.breathes}
            onChange={(_, breathes) => change({ breathes })}
          />
        }
        label="It must breathe: never taped shut"
      />
      <Box sx={{ display: 'grid', gap: 0.5, mt: 1 }}>
        {cautionsOf(CAUTION_IDS.filter((id) => !OF_THE_BATTERY.includes(id))).map(
          ({ id, text }) => {
            const inherited = start.cautions.includes(id);
            return (
              <FormControlLabel
                key={id}
                sx={{ alignItems: 'flex-start', mr: 0 }}
                control={
                  <Checkbox
                    size="small"
                    sx={{ mt: -0.5 }}
                    checked={inherited || own.cautions.includes(id)}
                    disabled={inherited}
                    onChange={(_, checked) =>
                      change({
                        cautions: checked
                          ? [...own.cautions, id]
                          : own.cautions.filter((one) => one !== id),
                      })
                    }
                  />
                }
                label={<Typography variant="body2">{text}</Typography>}
              />
            );
          },
        )}
      </Box>
    </Card>
  );
}

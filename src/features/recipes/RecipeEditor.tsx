'use client';

import { cellBuild, typicalModel } from '@/core/physics/recipes/cellBuild';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import { RECIPE_DOCUMENT, recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import { ownRecipeSchema, type OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { explainMetals } from '@/core/work/words/explainMetals';
import { explainSize } from '@/core/work/words/explainSize';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CellPortrait } from '@/ui/desk/CellPortrait';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useDocument } from '@/ui/document/useDocument';
import { Explained } from '@/ui/Explained';
import { WordsField } from '@/ui/WordsField';
import type { ChangeRecipe } from './changeRecipe';
import { RecipeBodies } from './RecipeBodies';
import { RecipeCautions } from './RecipeCautions';
import { RecipeMetals } from './RecipeMetals';
import { RecipeReadings } from './RecipeReadings';
import { RecipeSteps } from './RecipeSteps';
import { Hint } from '@/ui/Hint';
import { DownloadIcon } from '@/ui/icons';

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
                  <Explained explain={() => explainMetals(recipe)}>why these volts</Explained>
                  {' · '}
                  <Explained explain={() => explainSize(cellBuild(recipe, body))}>
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

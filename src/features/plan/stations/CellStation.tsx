'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { bodyOf, RECIPES } from '@/core/chemistry/recipes';
import type { RecipeId } from '@/core/chemistry/recipe';
import { Card } from '@/ui/Card';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';
import { CellPortrait } from './CellPortrait';
import { CellReadings } from './CellReadings';
import { CautionList } from './CautionList';
import { CellSize } from './CellSize';
import { RecipeChoice } from './RecipeChoice';
import { cautionsOf } from '@/core/safety/cautions';

/** Station 2: which cell is built, and what one of them gives. */
export function CellStation() {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { recipe, body } = evaluation.cell;
  const choose = (recipeId: RecipeId, bodyId: string): void =>
    edit((before) => ({
      ...before,
      // Readings belong to one cell; another recipe or fruit starts from typical values again.
      cell: { recipe: recipeId, body: bodyId, size: null, own: null },
    }));
  return (
    <Box
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { lg: 'minmax(0, 3fr) minmax(0, 2fr)' } }}
    >
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Card title="Which cell will you build?">
          <RecipeChoice
            chosen={recipe.id}
            onChange={(id) => {
              if (id !== plan.cell.recipe) choose(id, RECIPES[id].bodies[0]?.id ?? '');
            }}
          />
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '220px 1fr' } }}>
            <CellPortrait recipe={recipe} body={body} />
            <Box>
              <TextField
                select
                label={recipe.bodyLabel}
                value={body.id}
                onChange={(event) => choose(recipe.id, event.target.value)}
                sx={{ minWidth: 220, mb: 1.5 }}
              >
                {recipe.bodies.map(({ id, name }) => (
                  <MenuItem key={id} value={id}>
                    {name}
                  </MenuItem>
                ))}
              </TextField>
              <Typography variant="body2">
                <strong>+</strong> {recipe.plus.part} ({recipe.plus.material}, the cathode) ·{' '}
                <strong>−</strong> {recipe.minus.part} ({recipe.minus.material}, the anode)
              </Typography>
              <Box component="ol" sx={{ pl: 2.5, my: 1 }}>
                {recipe.steps.map((step) => (
                  <Typography key={step} component="li" variant="body2" sx={{ mb: 0.5 }}>
                    {step}
                  </Typography>
                ))}
              </Box>
              <Typography variant="body2" color="textSecondary">
                {recipe.note} About {recipe.minutesToBuild} minutes a cell.
              </Typography>
            </Box>
          </Box>
        </Card>
        <CellSize />
        <Card title="Before you start">
          <CautionList cautions={cautionsOf(recipe.cautions)} />
        </Card>
      </Box>
      <CellReadings key={`${recipe.id} ${bodyOf(recipe, body.id).id}`} />
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { bodyOf, RECIPE_IDS, RECIPES, type RecipeId } from '@/core/chemistry/recipes';
import { Card } from '@/ui/Card';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';
import { CellPortrait } from './CellPortrait';
import { CellReadings } from './CellReadings';
import { CautionList } from './CautionList';
import { cautionsOfRecipe } from '@/core/safety/cautions';

/** What the body of a cell is called, by the kind of cell. */
const BODY_LABEL = { fruit: 'Fruit or vegetable', pile: 'Separator', cup: 'Liquid' } as const;

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
      cell: { recipe: recipeId, body: bodyId, own: null },
    }));
  return (
    <Box
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { lg: 'minmax(0, 3fr) minmax(0, 2fr)' } }}
    >
      <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
        <Card title="Which cell will you build?">
          <ToggleButtonGroup
            exclusive
            value={recipe.id}
            aria-label="Recipe"
            onChange={(_, id: RecipeId | null) => {
              if (id !== null && id !== plan.cell.recipe) {
                choose(id, RECIPES[id].bodies[0]?.id ?? '');
              }
            }}
            sx={{ flexWrap: 'wrap', mb: 2 }}
          >
            {RECIPE_IDS.map((id) => (
              <ToggleButton key={id} value={id} size="small" sx={{ px: 1.5 }}>
                {RECIPES[id].name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '220px 1fr' } }}>
            <CellPortrait recipe={recipe} body={body} />
            <Box>
              <TextField
                select
                label={BODY_LABEL[recipe.drawing]}
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
                <strong>+</strong> {recipe.plus.part} (copper, the cathode) · <strong>−</strong>{' '}
                {recipe.minus.part} (zinc, the anode)
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
        <Card title="Before you start">
          <CautionList cautions={cautionsOfRecipe(recipe)} />
        </Card>
      </Box>
      <CellReadings key={`${recipe.id} ${bodyOf(recipe, body.id).id}`} />
    </Box>
  );
}

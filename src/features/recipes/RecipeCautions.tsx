import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { CAUTION_IDS, cautionsOf, type CautionId } from '@/core/physics/safety/cautions';
import { Card } from '@/ui/Card';
import type { RecipePartProps } from './changeRecipe';

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

'use client';

import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import type { Recipe } from '@/core/physics/recipes/recipe';
import { formatVolts } from '@/core/units';
import { CellIcon } from '@/ui/desk/CellIcon';

/** A recipe to choose, and what is told to whoever asks which was chosen. */
export interface RecipeOption {
  readonly key: string;
  readonly recipe: Recipe;
  readonly own: boolean;
}

interface RecipeChoiceProps {
  readonly options: readonly RecipeOption[];
  readonly chosen: string;
  readonly onChange: (key: string) => void;
}

/** All cell families, and one's own recipes, to choose from: a list beside the details, or a strip above them. */
export function RecipeChoice({ options, chosen, onChange }: RecipeChoiceProps) {
  return (
    <RadioGroup
      aria-label="Recipe"
      value={chosen}
      onChange={(event) => onChange(event.target.value)}
      sx={{
        // Room for the outline of the chosen one.
        p: 0.25,
        flexWrap: 'nowrap',
        flexDirection: { xs: 'row', sm: 'column' },
        gap: 0.5,
        overflowX: { xs: 'auto', sm: 'visible' },
      }}
    >
      {options.map((option) => (
        <Choice key={option.key} option={option} chosen={option.key === chosen} />
      ))}
    </RadioGroup>
  );
}

function Choice({
  option: { key, recipe, own },
  chosen,
}: {
  option: RecipeOption;
  chosen: boolean;
}) {
  const { openVoltsLow, openVoltsHigh } = recipe.typical;
  return (
    <FormControlLabel
      value={key}
      // The frame shows which is chosen; the mark itself is for those who do not see it.
      control={<Radio size="small" sx={{ position: 'absolute', opacity: 0 }} />}
      sx={{
        m: 0,
        px: 0.75,
        py: 0.25,
        position: 'relative',
        flexShrink: 0,
        width: { xs: 132, sm: 'auto' },
        border: chosen ? 2 : 1,
        borderColor: chosen ? 'primary.main' : 'transparent',
        bgcolor: chosen ? 'primary.light' : 'transparent',
        borderRadius: 1,
        '& .MuiFormControlLabel-label': { width: '100%' },
        '&:hover': { bgcolor: 'action.hover' },
        '&:has(:focus-visible)': { outline: 2 },
      }}
      label={
        <Box
          sx={{
            display: 'flex',
            flexDirection: { xs: 'column', sm: 'row' },
            alignItems: 'center',
            textAlign: { xs: 'center', sm: 'left' },
            gap: { xs: 0, sm: 1 },
            lineHeight: 1.2,
          }}
        >
          <CellIcon recipe={recipe} width={46} />
          <div>
            <Box sx={{ fontSize: '0.82rem', fontWeight: chosen ? 700 : 500 }}>{recipe.name}</Box>
            <Box sx={{ fontSize: '0.76rem', color: 'text.secondary' }}>
              {own ? 'own, ' : ''}
              {formatVolts((openVoltsLow + openVoltsHigh) / 2)}
              {recipe.restricted ? ', staff only' : ''}
            </Box>
          </div>
        </Box>
      }
    />
  );
}

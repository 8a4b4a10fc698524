'use client';

import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import type { Recipe } from '@/core/physics/chemistry/recipe';
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

/** All cell families, and one's own recipes, as small pictures to choose from. */
export function RecipeChoice({ options, chosen, onChange }: RecipeChoiceProps) {
  return (
    <RadioGroup
      aria-label="Recipe"
      value={chosen}
      onChange={(event) => onChange(event.target.value)}
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(128px, 1fr))',
        gap: 0.75,
        mb: 2,
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
      control={<Radio size="small" sx={{ position: 'absolute', top: 0, left: 0, p: 0.5 }} />}
      sx={{
        m: 0,
        p: 0.75,
        position: 'relative',
        justifyContent: 'center',
        border: 1.5,
        borderColor: chosen ? 'primary.main' : 'divider',
        borderRadius: 1,
        '&:has(:focus-visible)': { outline: 2 },
      }}
      label={
        <Box sx={{ textAlign: 'center', lineHeight: 1.2 }}>
          <CellIcon recipe={recipe} />
          <Box sx={{ fontSize: '0.78rem', fontWeight: chosen ? 700 : 500 }}>{recipe.name}</Box>
          <Box sx={{ fontSize: '0.74rem', color: 'text.secondary' }}>
            {own ? 'own, ' : ''}
            {formatVolts((openVoltsLow + openVoltsHigh) / 2)}
            {recipe.restricted ? ', staff only' : ''}
          </Box>
        </Box>
      }
    />
  );
}

'use client';

import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useId } from 'react';
import { RECIPE_IDS, type Recipe, type RecipeId } from '@/core/chemistry/recipe';
import { RECIPES } from '@/core/chemistry/recipes';
import { formatVolts } from '@/core/units';
import { CellDrawing } from '@/ui/desk/CellDrawing';
import { DeskPatterns } from '@/ui/desk/DeskPatterns';

interface RecipeChoiceProps {
  readonly chosen: RecipeId;
  readonly onChange: (id: RecipeId) => void;
}

/** All cell families as small pictures to choose from. */
export function RecipeChoice({ chosen, onChange }: RecipeChoiceProps) {
  return (
    <RadioGroup
      aria-label="Recipe"
      value={chosen}
      onChange={(event) => onChange(event.target.value as RecipeId)}
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(128px, 1fr))',
        gap: 0.75,
        mb: 2,
      }}
    >
      {RECIPE_IDS.map((id) => (
        <Choice key={id} recipe={RECIPES[id]} chosen={id === chosen} />
      ))}
    </RadioGroup>
  );
}

function Choice({ recipe, chosen }: { recipe: Recipe; chosen: boolean }) {
  const prefix = useId();
  const { openVoltsLow, openVoltsHigh } = recipe.typical;
  return (
    <FormControlLabel
      value={recipe.id}
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
          <svg viewBox="-34 -32 68 60" width="58" height="50" aria-hidden="true">
            <DeskPatterns prefix={prefix} />
            <CellDrawing
              look={recipe.look}
              plus={recipe.plus.material}
              minus={recipe.minus.material}
              bodyId={recipe.bodies[0]?.id ?? ''}
              spacing={48}
              patternPrefix={prefix}
              signs={false}
            />
          </svg>
          <Box sx={{ fontSize: '0.78rem', fontWeight: chosen ? 700 : 500 }}>{recipe.name}</Box>
          <Box sx={{ fontSize: '0.74rem', color: 'text.secondary' }}>
            {formatVolts((openVoltsLow + openVoltsHigh) / 2)}
            {recipe.restricted ? ', staff only' : ''}
          </Box>
        </Box>
      }
    />
  );
}

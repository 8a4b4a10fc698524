import { useId } from 'react';
import type { CellBody, Recipe } from '@/core/chemistry/recipes';
import { CellDrawing } from '@/ui/desk/CellDrawing';
import { DeskPatterns, SOFT_INK } from '@/ui/desk/DeskPatterns';

/** One cell, large, with its electrodes named. */
export function CellPortrait({ recipe, body }: { recipe: Recipe; body: CellBody }) {
  const prefix = useId();
  return (
    <svg
      viewBox="-58 -56 116 100"
      width="100%"
      role="img"
      aria-label={`One cell: ${body.name} with ${recipe.minus.part} (zinc, −) on the left and ${recipe.plus.part} (+) on the right.`}
    >
      <DeskPatterns prefix={prefix} />
      <CellDrawing
        drawing={recipe.drawing}
        bodyId={body.id}
        spacing={54}
        patternPrefix={prefix}
        signs
      />
      <g fontSize="8" fill={SOFT_INK} textAnchor="middle">
        <text x="-30" y="36">
          zinc, hatched
        </text>
        <text x="30" y="36">
          copper, plain
        </text>
      </g>
    </svg>
  );
}

import { looksOfCell } from '@/core/physics/desk/drawing/cellShapes';
import type { CellBody } from '@/core/physics/recipes/bodies';
import type { Material } from '@/core/physics/cell/metals';
import type { ElectrodeSize } from '@/core/physics/cell/scaleCell';
import { useId } from 'react';
import type { Piece } from '@/core/physics/recipes/pieces';
import type { Recipe } from '@/core/physics/recipes/recipe';
import { CellDrawing } from './CellDrawing';
import { MATERIAL_LOOK } from '@/core/physics/desk/drawing/materialLook';
import { DeskPatterns, SOFT_INK } from './DeskPatterns';

/** One cell, large, with its electrodes named. */
export function CellPortrait({
  recipe,
  body,
  piece = 'whole',
  size = recipe.usualSize,
}: {
  recipe: Recipe;
  body: CellBody;
  piece?: Piece;
  size?: ElectrodeSize;
}) {
  const prefix = useId();
  const { plus, minus } = recipe;
  return (
    <svg
      viewBox="-62 -48 124 100"
      width="100%"
      role="img"
      aria-label={`One cell: ${body.name} with ${minus.part} (${minus.material}, −) on the left and ${plus.part} (${plus.material}, +) on the right.`}
    >
      <DeskPatterns prefix={prefix} />
      <CellDrawing
        looks={looksOfCell({ recipe, body, piece, size })}
        spacing={54}
        patternPrefix={prefix}
        signs
      />
      <g fontSize="8" fill={SOFT_INK} textAnchor="middle">
        <Look x={-30} material={minus.material} />
        <Look x={30} material={plus.material} />
      </g>
    </svg>
  );
}

/** The metal, and below it how it is drawn. */
function Look({ x, material }: { x: number; material: Material }) {
  const [metal, pattern] = MATERIAL_LOOK[material].split(', ');
  return (
    <text x={x} y="36">
      {metal}
      <tspan x={x} dy="9" fontSize="7">
        {pattern}
      </tspan>
    </text>
  );
}

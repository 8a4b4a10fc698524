import { useId } from 'react';
import type { Piece } from '@/core/physics/chemistry/pieces';
import type { CellBody, Material, Recipe } from '@/core/physics/chemistry/recipe';
import { CellDrawing } from './CellDrawing';
import { MATERIAL_LOOK } from '@/core/physics/desk/drawing/materialLook';
import { DeskPatterns, SOFT_INK } from './DeskPatterns';

/** One cell, large, with its electrodes named. */
export function CellPortrait({
  recipe,
  body,
  piece = 'whole',
}: {
  recipe: Recipe;
  body: CellBody;
  piece?: Piece;
}) {
  const prefix = useId();
  const { plus, minus, look } = recipe;
  return (
    <svg
      viewBox="-62 -48 124 100"
      width="100%"
      role="img"
      aria-label={`One cell: ${body.name} with ${minus.part} (${minus.material}, −) on the left and ${plus.part} (${plus.material}, +) on the right.`}
    >
      <DeskPatterns prefix={prefix} />
      <CellDrawing
        look={look}
        plus={plus.material}
        minus={minus.material}
        bodyId={body.id}
        piece={piece}
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

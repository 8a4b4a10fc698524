import { useId } from 'react';
import type { Recipe } from '@/core/physics/chemistry/recipe';
import { CellDrawing } from './CellDrawing';
import { DeskPatterns } from './DeskPatterns';

/** A cell of the recipe, small, beside its name. */
export function CellIcon({
  recipe,
  width = 58,
}: {
  recipe: Pick<Recipe, 'look' | 'plus' | 'minus' | 'bodies'>;
  width?: number;
}) {
  const prefix = useId();
  return (
    <svg viewBox="-34 -32 68 60" width={width} height={(width * 60) / 68} aria-hidden="true">
      <DeskPatterns prefix={prefix} />
      <CellDrawing
        look={recipe.look}
        plus={recipe.plus.material}
        minus={recipe.minus.material}
        bodyId={recipe.bodies[0]?.id ?? ''}
        piece="whole"
        spacing={48}
        patternPrefix={prefix}
        signs={false}
      />
    </svg>
  );
}

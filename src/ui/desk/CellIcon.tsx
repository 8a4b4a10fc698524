import { looksOfCell } from '@/core/physics/desk/drawing/cellShapes';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { useId } from 'react';
import type { Recipe } from '@/core/physics/recipes/recipe';
import { CellDrawing } from './CellDrawing';
import { DeskPatterns } from './DeskPatterns';

/** A cell of the recipe, small, beside its name. */
export function CellIcon({ recipe, width = 58 }: { recipe: Recipe; width?: number }) {
  const prefix = useId();
  return (
    <svg viewBox="-34 -32 68 60" width={width} height={(width * 60) / 68} aria-hidden="true">
      <DeskPatterns prefix={prefix} />
      <CellDrawing
        looks={looksOfCell(cellBuild(recipe, recipe.bodies[0]))}
        spacing={48}
        patternPrefix={prefix}
        signs={false}
      />
    </svg>
  );
}

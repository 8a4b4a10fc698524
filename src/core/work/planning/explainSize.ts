import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
import {
  electrodeAreaSquareMetres,
  type ElectrodeSize,
} from '../../physics/chemistry/electrodeSize';
import type { CellBody, Recipe } from '../../physics/chemistry/recipe';
import { chemistryWith, typicalCell } from '../../physics/chemistry/plannedCell';
import { formatAmps, formatNumber, formatOhms } from '../../units';
import type { Explanation } from './explain';

const SQUARE_CENTIMETRES = 1e4;
const CENTIMETRES = 100;

/** How the size of a cell makes its current: area, resistance and limit, line by line. */
export function explainSize(recipe: Recipe, body: CellBody, size: ElectrodeSize): Explanation {
  const cell = typicalCell(recipe, body, size);
  const usual = cellAmpsAt(typicalCell(recipe, body), 0);
  const area = electrodeAreaSquareMetres(size) * size.pairs;
  const { resistivityOhmMetres, limitingAmpsPerSquareMetre } = chemistryWith(recipe, body);
  return {
    title: 'Why the size matters',
    lines: [
      `Wetted area, all pairs: ${formatNumber(SQUARE_CENTIMETRES * area)} cm². More pairs in one body are one larger cell.`,
      `Resistance: ${formatNumber(CENTIMETRES * resistivityOhmMetres)} Ω·cm × ${formatNumber(size.gapMillimetres / 10)} cm ÷ ${formatNumber(SQUARE_CENTIMETRES * area)} cm² = ${formatOhms(cell.resistanceOhms)}.`,
      `The reactions stop at ${formatNumber(limitingAmpsPerSquareMetre / 10)} mA a cm²: ${formatAmps(cell.limitingAmps ?? Infinity)}.`,
      `Shorted it gives ${formatAmps(cellAmpsAt(cell, 0))}, ${formatNumber(cellAmpsAt(cell, 0) / usual, 2)} times the usual size.`,
      'The open-circuit voltage does not depend on the size.',
    ],
    origin: `Physics of the family chosen so that the usual size reads what such cells read (${recipe.typical.source}).`,
    sources: ['conductivity', 'cell-readings'],
  };
}

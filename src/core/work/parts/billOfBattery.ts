import type { ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import type { Piece } from '../../physics/chemistry/pieces';
import type { Recipe } from '../../physics/chemistry/recipe';
import type { PartId } from '../../records/cupboard/parts';
import type { Paper } from '../../records/plan/lessonSchema';
import { billOfCell, billOfString, separatorSource, type BillLine } from './bills';
import { ingredientsOf, liquidsOfCell } from './liquids';
import { separatorPlan } from './separatorPlan';

/** What one cell is made of. */
export interface CellMade {
  readonly recipe: Pick<Recipe, 'id' | 'restricted'>;
  readonly bodyId: string;
  readonly piece: Piece;
  readonly size: ElectrodeSize;
  readonly overhangMillimetres: number;
}

/** Sheets are counted on the commoner paper. */
const PAPER: Paper = 'A4';

/** Everything that goes into one string of equal cells: bodies, metals, separators, liquid, leads. */
export function billOfCells(made: CellMade, cells: number): BillLine[] {
  return [...times(billOfOneCell(made), cells), ...billOfString(made.recipe, cells)];
}

/** A bill so many times. */
export function times(bill: readonly BillLine[], count: number): BillLine[] {
  return bill.map(({ part, amount }) => ({ part, amount: count * amount }));
}

/** One cell with its separator and its liquid. */
export function billOfOneCell(made: CellMade): BillLine[] {
  return [
    ...billOfCell(made.recipe, made.bodyId, made.size, made.piece),
    ...separatorsAndLiquid(made),
  ];
}

/** What one separator takes of its sheet, and what is poured into one cell. */
function separatorsAndLiquid({ recipe, bodyId, size, overhangMillimetres }: CellMade): BillLine[] {
  const source = separatorSource(bodyId);
  const liquids = liquidsOfCell(recipe, bodyId).flatMap(ingredientsOf);
  if (source === null) return liquids;
  const { perSheet } = separatorPlan(1, acrossOf(size), overhangMillimetres, PAPER);
  return [{ part: source.sheet, amount: 1 / perSheet }, ...liquids];
}

/** Width of a separator without its overhang: a coin’s diameter, or the longer side of what is no disc. */
export function acrossOf({
  shape,
  widthMillimetres,
  depthMillimetres,
}: Pick<ElectrodeSize, 'shape' | 'widthMillimetres' | 'depthMillimetres'>): number {
  return shape === 'coin' ? widthMillimetres : Math.max(widthMillimetres, depthMillimetres);
}

/** What is needed once, whatever the number of strings: the load and its resistor. */
export function billOfLoad(load: PartId | null, withResistor: boolean): BillLine[] {
  const lines: BillLine[] = load === null ? [] : [{ part: load, amount: 1 }];
  return withResistor ? [...lines, { part: 'series-resistor', amount: 1 }] : lines;
}

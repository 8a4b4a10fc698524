import { cellsOf, type Desk, type StandingCell, type StandingItem } from '../../physics/desk/desk';
import type { PlannedCell } from '../../physics/chemistry/plannedCell';
import type { Plan } from '../../records/plan/planSchema';
import { billOfOneCell, type CellMade } from './billOfBattery';
import { billOfString, type BillLine } from './bills';

/** Everything that stands on one desk: cells with their liquids, leads, bands. Things wrong on purpose count as sound. */
export function billOfDesk(desk: Desk, madeOf: (cell: StandingCell) => CellMade): BillLine[] {
  return desk.strings.flatMap((items) => [
    ...cellsOf({ strings: [items] }).flatMap((cell) => billOfOneCell(madeOf(cell))),
    ...billOfItems(items),
  ]);
}

/** Leads and bands of a string; a group within it needs two leads more for each further string. */
export function billOfItems(items: readonly StandingItem[]): BillLine[] {
  const [first] = cellsOf({ strings: [items] });
  if (first === undefined) return [];
  const leads = items.reduce(
    (sum, item) =>
      item.kind === 'cell'
        ? sum
        : sum + item.strings.slice(1).reduce((more, cells) => more + cells.length + 1, 0),
    0,
  );
  const string = billOfString(first.recipe, items.length);
  return leads === 0 ? string : [...string, { part: 'clip-lead', amount: leads }];
}

/** What the cells of a plan's desk are made of: its own cell as it was decided, others as is usual. */
export function madeOfPlan(
  { size, overhangMillimetres }: Pick<Plan['cell'], 'size' | 'overhangMillimetres'>,
  cell: Pick<PlannedCell, 'model'>,
): (standing: StandingCell) => CellMade {
  return ({ recipe, body, piece, model }) => {
    const planned = model === cell.model;
    return {
      recipe,
      bodyId: body.id,
      piece,
      size: planned && size !== null ? size : recipe.usualSize,
      overhangMillimetres: planned ? overhangMillimetres : 0,
    };
  };
}

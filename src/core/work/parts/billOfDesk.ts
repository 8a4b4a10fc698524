import { cellsOf, type Desk, type StandingItem } from '../../physics/desk/desk';
import {
  billOfCell,
  billOfCells,
  billOfString,
  multiplyBill,
} from '../../physics/recipes/cellBuild';
import type { BillLine } from '../../physics/recipes/parts';

/** Everything that stands on one desk: cells with their liquids, leads, bands. Things wrong on purpose count as sound. */
export function billOfDesk(desk: Desk): BillLine[] {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    return multiplyBill(billOfCells(cell, cellsInSeries), strings);
  }
  return desk.strings.flatMap((items) => [
    ...cellsOf({ strings: [items] }).flatMap(billOfCell),
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

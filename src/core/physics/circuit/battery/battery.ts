import type { CellModel } from '../../chemistry/cellModel';

/** A battery as a tree of cells. Faults that break the tree (leaks, shared bodies) need the network solver. */
export type Battery =
  | { readonly kind: 'cell'; readonly cell: CellModel }
  | { readonly kind: 'series'; readonly parts: readonly Battery[] }
  | { readonly kind: 'parallel'; readonly parts: readonly Battery[] };

/** A cell that is turned round in its string: it subtracts. */
export function reversedCell(cell: CellModel): CellModel {
  return { ...cell, emfVolts: -cell.emfVolts };
}

/** `cellsInSeries` equal cells a string, `strings` strings side by side. */
export function gridBattery(cell: CellModel, cellsInSeries: number, strings: number): Battery {
  const string: Battery = {
    kind: 'series',
    parts: Array.from({ length: cellsInSeries }, () => ({ kind: 'cell', cell })),
  };
  return { kind: 'parallel', parts: Array.from({ length: strings }, () => string) };
}

import type { CellModel } from './cellModel';

/** So many equal cells (or pairs in one body) side by side as one cell: their areas add. */
export function sideBySide(cell: CellModel, count: number): CellModel {
  if (count === 1) return cell;
  return {
    ...cell,
    resistanceOhms: cell.resistanceOhms / count,
    activation:
      cell.activation === undefined
        ? undefined
        : { ...cell.activation, exchangeAmps: cell.activation.exchangeAmps * count },
    limitingAmps: cell.limitingAmps === undefined ? undefined : cell.limitingAmps * count,
  };
}

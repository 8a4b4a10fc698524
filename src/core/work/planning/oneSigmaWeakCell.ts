import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { CellModel } from '../../physics/chemistry/cellModel';

/** A cell one standard deviation short in volts, in resistance and in what its reactions give. */
export function oneSigmaWeakCell(cell: CellModel): CellModel {
  const weaker = 1 + CLASS_SCATTER.resistanceLog;
  return {
    ...cell,
    emfVolts: cell.emfVolts * (1 - CLASS_SCATTER.emfShare),
    resistanceOhms: cell.resistanceOhms * weaker,
    activation:
      cell.activation === undefined
        ? undefined
        : { ...cell.activation, exchangeAmps: cell.activation.exchangeAmps / weaker },
    limitingAmps: cell.limitingAmps === undefined ? undefined : cell.limitingAmps / weaker,
  };
}

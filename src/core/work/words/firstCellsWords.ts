import { halfBandPercent, type CellBelief } from '../../physics/readings/cellBelief';
import { formatAmps } from '../../units';
import { capital, inWords } from '../../words';

/** `Six cells read: an average one gives 0.38 mA ± 8 %`. */
export function firstCellsWords(belief: CellBelief): string {
  const { cellsRead, shortAmps } = belief;
  return `${capital(inWords(cellsRead))} ${cellsRead === 1 ? 'cell' : 'cells'} read: an average one gives ${formatAmps(shortAmps)} ± ${halfBandPercent(belief)} %`;
}

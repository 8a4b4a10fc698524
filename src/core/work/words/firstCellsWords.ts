import type { CellBelief } from '../../physics/readings/cellBelief';
import { formatAmps } from '../../units';
import { capital, inWords } from '../../words';

/** `Six cells read: an average one gives 0.38 mA ± 8 %`. */
export function firstCellsWords({ cellsRead, shortAmps, level }: CellBelief): string {
  const percent = Math.round(100 * Math.sinh(2 * level.ampsLog));
  return `${capital(inWords(cellsRead))} ${cellsRead === 1 ? 'cell' : 'cells'} read: an average one gives ${formatAmps(shortAmps)} ± ${percent} %`;
}

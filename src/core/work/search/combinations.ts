import type { Grid } from './searchGrids';
import type { CellModel } from '../../physics/cell/cellModel';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { boosterOnSource, TYPICAL_BOOSTER } from '../../physics/circuit/load/booster';
import { ORDINARY_CAPACITOR, ORDINARY_FARADS } from '../../physics/circuit/load/capacitorBank';
import { chargeBank } from '../../physics/time/chargeBank';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { formatMinutes, formatNumber, formatVolts } from '../../units';

/** A way round what cannot be done directly. */
export interface Combination {
  readonly kind: 'booster' | 'capacitor';
  readonly cellsInSeries: number;
  readonly strings: number;
  /** What to do and what it gives, in plain words. */
  readonly wording: string;
}

const MAX_CELLS = 60;
const MAX_BOOSTED_IN_SERIES = 4;
/** Patience of a class. */
const CHARGE_SECONDS = 300;
/** Charged so far above what the load holds. */
const HEADROOM = 1.5;

/** A booster or a capacitor in between, where no battery of the cell feeds the load directly. */
export function combinationsFor(cell: CellModel, need: LoadRequirement): Combination[] {
  return [boosted(cell, need), stored(cell, need)].filter((one) => one !== null);
}

/** Fewest cells that run a booster which feeds the load: its power, not its volts, says how many strings. */
function boosted(cell: CellModel, need: LoadRequirement): Combination | null {
  const booster = { outputWatts: need.amps * need.volts, ...TYPICAL_BOOSTER };
  const best = Array.from({ length: MAX_BOOSTED_IN_SERIES }, (_, index) => index + 1)
    .flatMap((cellsInSeries) => {
      const one = boosterOnSource(gridCurve(cell, cellsInSeries, 1), booster);
      if (one.status === 'does-not-start') return [];
      const strings = one.status === 'running' ? 1 : Math.ceil(one.neededWatts / one.maxWatts);
      return [{ cellsInSeries, strings, cells: cellsInSeries * strings }];
    })
    .filter(({ cells }) => cells <= MAX_CELLS)
    .reduce<Grid | null>(
      (least, grid) => (least === null || grid.cells < least.cells ? grid : least),
      null,
    );
  return best === null
    ? null
    : {
        kind: 'booster',
        cellsInSeries: best.cellsInSeries,
        strings: best.strings,
        wording: `A booster (one transistor and a coil, about ${formatNumber(100 * TYPICAL_BOOSTER.efficiency)} % efficient) lifts the volts: ${best.cellsInSeries} in series × ${best.strings} would do.`,
      };
}

/** A capacitor charged for some minutes feeds the load for some seconds. */
function stored(cell: CellModel, need: LoadRequirement): Combination | null {
  const cellsInSeries = Math.ceil((HEADROOM * need.volts) / cell.emfVolts);
  if (cellsInSeries > MAX_CELLS) return null;
  const openVolts = cellsInSeries * cell.emfVolts;
  const [reached = 0] = chargeBank({
    source: gridCurve(cell, cellsInSeries, 1),
    farads: ORDINARY_FARADS,
    initialVolts: 0,
    atSeconds: [CHARGE_SECONDS],
  });
  const seconds = (ORDINARY_FARADS * Math.max(0, reached - need.volts)) / need.amps;
  if (!(seconds > 0)) return null;
  return {
    kind: 'capacitor',
    cellsInSeries,
    strings: 1,
    wording: `A capacitor of ${ORDINARY_CAPACITOR} (rated above ${formatVolts(openVolts)}), charged by ${cellsInSeries} in series for ${formatMinutes(CHARGE_SECONDS / 60)}, then runs it for about ${formatNumber(seconds, 2)} s at a time.`,
  };
}

import { quantile, simulateClasses } from '@/core/chance/simulateClasses';
import { CLASS_SCATTER } from '@/core/chance/scatter';
import { sparesNeeded } from '@/core/chance/spares';
import { brightnessOf, BRIGHTNESS_BANDS } from '@/core/circuit/brightness';
import { gridCurve, tangentOf } from '@/core/circuit/battery/gridCurve';
import { operatingPoint } from '@/core/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import { chanceRequestSchema } from '@/core/formats/requests';
import { needOfTarget } from '@/core/plan/needOfTarget';
import { commandOf } from '../command';

const SHARES = [0.05, 0.25, 0.5, 0.75, 0.95];

export const chanceCommand = commandOf(
  'how sure it is that a battery works in class, and spare cells',
  chanceRequestSchema,
  ({ cell, cellsInSeries, strings, target, classes, seed, certainty }) => {
    const need = needOfTarget(target);
    const curve = gridCurve(cell, cellsInSeries, strings);
    const point = operatingPoint(curve, need.load, ROOM_THERMAL_VOLTS);
    const outcome = simulateClasses({
      cell: tangentOf(cell, point.status === 'solved' ? point.amps / strings : 0),
      emfSpreadVolts: CLASS_SCATTER.emfShare * cell.emfVolts,
      cellsInSeries,
      strings,
      load: need.load,
      wantedAmps: need.amps,
      thermalVolts: ROOM_THERMAL_VOLTS,
      classes,
      seed,
    });
    const bands = Object.fromEntries(BRIGHTNESS_BANDS.map((band) => [band, 0]));
    for (const amps of outcome.sortedAmps) {
      const band = brightnessOf(amps);
      bands[band] = (bands[band] ?? 0) + 1;
    }
    const quantiles = SHARES.map((share) => ({
      share,
      amps: quantile(outcome.sortedAmps, share),
      volts: quantile(outcome.sortedVolts, share),
    }));
    return {
      status: 'solved',
      output: {
        status: 'solved',
        classes: outcome.classes,
        working: outcome.working,
        chance: outcome.working / outcome.classes,
        quantiles,
        brightness: need.load.kind === 'led' ? bands : null,
        spareCells: sparesNeeded(cellsInSeries * strings, certainty),
      },
    };
  },
);

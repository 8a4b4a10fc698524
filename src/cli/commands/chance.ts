import { quantileOfSorted } from '@/core/numeric/robust';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import { gridShape } from '@/core/physics/chance/drawnBattery';
import { simulateClasses } from '@/core/physics/chance/simulateClasses';
import { sparesNeeded } from '@/core/physics/chance/spares';
import { gridCurve } from '@/core/physics/circuit/battery/sourceCurve';
import { operatingPoint } from '@/core/physics/circuit/operatingPoint';
import { brightnessOf, BRIGHTNESS_BANDS } from '@/core/physics/circuit/brightness';
import { chanceRequestSchema } from '@/cli/requests';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { commandOf } from '../command';

const SHARES = [0.05, 0.25, 0.5, 0.75, 0.95];

export const chanceCommand = commandOf(
  'how sure it is that a battery works in class, and spare cells',
  chanceRequestSchema,
  ({ cell, cellsInSeries, strings, target, classes, seed, certainty }) => {
    const need = requirementOf(target);
    const point = operatingPoint(
      gridCurve(cell, cellsInSeries, strings),
      need.load,
      ROOM_THERMAL_VOLTS,
    );
    const outcome = simulateClasses({
      battery: gridShape(cell, cellsInSeries, strings),
      load: need.load,
      wantedAmps: need.amps,
      typicalAmps: point.status === 'solved' ? point.amps : 0,
      thermalVolts: ROOM_THERMAL_VOLTS,
      classes,
      seed,
    });
    const { sortedAmps, sortedVolts } = outcome.gets();
    const bands = Object.fromEntries(BRIGHTNESS_BANDS.map((band) => [band, 0]));
    for (const amps of sortedAmps) {
      const band = brightnessOf(amps);
      bands[band] = (bands[band] ?? 0) + 1;
    }
    const quantiles = SHARES.map((share) => ({
      share,
      amps: quantileOfSorted(sortedAmps, share),
      volts: quantileOfSorted(sortedVolts, share),
    }));
    return {
      status: 'solved',
      output: {
        status: 'solved',
        classes: outcome.classes,
        chance: outcome.chance,
        quantiles,
        brightness: need.load.kind === 'led' ? bands : null,
        spareCells: sparesNeeded(cellsInSeries * strings, certainty),
      },
    };
  },
);

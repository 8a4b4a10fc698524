import { ROOM_THERMAL_VOLTS } from '../../constants';
import { median } from '../../numeric/robust';
import { cellFromReadings } from '../../physics/readings/ownCell';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { ledVolts, ledAmpsOnThevenin } from '../../physics/circuit/load/led';
import { ledModelOf, type LedColour } from '../../physics/circuit/load/ledPresets';
import { suitableCurrentRange, USUAL_SHUNTS } from '../../physics/instruments/meter';
import {
  MAX_LAMP_CELLS,
  type FairTest,
  type FairTestReading,
  type Measure,
} from './fairTestSchema';

/** What one reading of a variant gives in the measure that is ranked, in its SI unit. */
export interface MeasuredValue {
  readonly variant: string;
  readonly repeat: number;
  readonly value: number;
}

/** Values of a measure, one a reading that has what it takes. */
export function measuredValues(test: FairTest, measure: Measure): MeasuredValue[] {
  const valueOf = valueFor(test, measure);
  return test.readings.flatMap((reading) => {
    const value = valueOf(reading);
    const { variant, repeat } = reading;
    return value === null ? [] : [{ variant, repeat, value }];
  });
}

function valueFor(test: FairTest, measure: Measure): (reading: FairTestReading) => number | null {
  switch (measure) {
    case 'open-circuit-volts':
      return ({ volts }) => volts;
    case 'short-circuit-amps':
      return ({ amps }) => amps;
    case 'led-watts': {
      const cells = lampCellsOf(test);
      return ({ volts, amps }) =>
        volts === null || amps === null
          ? null
          : underLed({ volts, amps }, cells, test.lamp.colour).watts;
    }
  }
}

interface LampOutcome {
  readonly amps: number;
  readonly watts: number;
}

/**
 * An LED on cells in series that are like the one that was read, at room temperature. The cells’ internal resistance
 * comes from the two readings, less the usual shunt of the range that suits the current.
 */
function underLed(
  { volts, amps }: { readonly volts: number; readonly amps: number },
  cells: number,
  colour: LedColour,
): LampOutcome {
  if (volts <= 0 || amps <= 0) return { amps: 0, watts: 0 };
  const shuntOhms = USUAL_SHUNTS[suitableCurrentRange(amps)];
  const cell = cellFromReadings({ openVolts: volts, shortAmps: amps, shuntOhms });
  // A current that the meter itself would hardly let through: as good as no internal resistance.
  const ohms = cell.ok ? cell.value.resistanceOhms : 0;
  const led = ledModelOf(colour);
  const through = ledAmpsOnThevenin(cells * volts, cells * ohms, led, ROOM_THERMAL_VOLTS);
  return { amps: through, watts: through * ledVolts(led, through, ROOM_THERMAL_VOLTS) };
}

/**
 * Cells in series with which power under the LED is compared: the same number for all. Where none is given, the fewest
 * with which the LED glimmers on every variant, or on as many of them as can.
 */
export function lampCellsOf({ lamp, variants, readings }: FairTest): number {
  if (lamp.cells !== null) return lamp.cells;
  const typical = variants.flatMap(({ id }) => {
    const both = readings.filter(
      ({ variant, volts, amps }) => variant === id && volts !== null && amps !== null,
    );
    if (both.length === 0) return [];
    return [
      {
        volts: median(both.map(({ volts }) => volts ?? 0)),
        amps: median(both.map(({ amps }) => amps ?? 0)),
      },
    ];
  });
  let best = 1;
  let most = 0;
  for (let cells = 1; cells <= MAX_LAMP_CELLS; cells += 1) {
    const lit = typical.filter(
      (one) => underLed(one, cells, lamp.colour).amps >= BRIGHTNESS_FROM_AMPS.glimmer,
    ).length;
    if (lit > most) [best, most] = [cells, lit];
  }
  return best;
}

import * as z from 'zod/mini';
import { randomStream } from '../../physics/chance/random';
import { DEMO_KIWI } from '../../physics/readings/referenceCells';
import {
  CURRENT_RANGES,
  fullScale,
  VOLT_RANGES,
  type MeterRange,
} from '../../physics/instruments/meter';
import type { Load } from '../../physics/circuit/load/load';
import { LinearString } from '../diagnosis/linearString';
import type { NominalBattery } from '../diagnosis/nominalBattery';
import { builtCell, type BuiltBattery } from '../measuring/builtBattery';
import { meterOnBattery } from '../measuring/meterOnBattery';
import { usualFault, type FaultKind } from '../../physics/desk/deskEdits';
import { quantityOf, type Measurement } from '../../records/logbook/measurement';
import { measurementSchema } from '../../records/logbook/measurementSchema';
import { OVERLOAD, SIMULATED, STAND_IN_NAME } from '../../physics/instruments/scpi';

const placeSchema = z.strictObject({
  emfVolts: z.number().check(z.minimum(-100), z.maximum(100)),
  resistanceOhms: z.number().check(z.minimum(0.001), z.maximum(1e9)),
});

/** The battery that the stand-in simulates: every place of every string as it is meant. */
export const simulatedBatterySchema = z.strictObject({
  strings: z
    .array(z.array(placeSchema).check(z.minLength(1), z.maxLength(200)))
    .check(z.minLength(1), z.maxLength(200)),
  /** The same for the same group, so that its cells stay its own. */
  seed: z.number().check(z.int(), z.minimum(0), z.maximum(2 ** 31)),
  led: z.nullable(
    z.strictObject({
      saturationAmps: z.number().check(z.positive()),
      idealityFactor: z.number().check(z.positive()),
      seriesOhms: z.number().check(z.minimum(0)),
    }),
  ),
});
export type SimulatedBattery = z.infer<typeof simulatedBatterySchema>;

/** A plan’s battery for the stand-in; every group’s cells are its own. */
export function simulatedOf({ strings, load }: NominalBattery, group: string): SimulatedBattery {
  const seed = [...group].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 2 ** 31, 7);
  return {
    strings: strings.map((items) =>
      items.map((item) => {
        const alone = new LinearString([item], null).volts(1, 1);
        return { emfVolts: alone.value, resistanceOhms: Math.max(0.001, alone.ohms) };
      }),
    ),
    seed,
    led: load.kind === 'led' ? load.led : null,
  };
}

/** A fault that is hidden in the first string. */
export interface HiddenFault {
  readonly kind: FaultKind;
  readonly cell: number;
}

interface State {
  quantity: 'volts' | 'amps';
  range: MeterRange | null;
  battery: BuiltBattery;
  probe: Measurement;
  errors: string[];
}

/** Four kiwi cells of the demo scenario, until the app says what stands on the desk. */
const FIRST_BATTERY: SimulatedBattery = {
  strings: [Array.from({ length: 4 }, () => DEMO_KIWI)],
  seed: 1,
  led: null,
};
const MAX_ERRORS = 20;
/** Not a number (SCPI-1999, volume 1, 7.2.1.5): there is no such string, or no such device is simulated. */
const NOTHING_TO_READ = '+9.91E37';

/**
 * The bench meter’s stand-in: takes one line of SCPI, gives the answer or `null` where there is none. Pure but for its
 * own state; the same seed reads the same values.
 */
export function createStandIn(hidden: HiddenFault | null): (line: string) => string | null {
  const state: State = {
    quantity: 'volts',
    range: null,
    battery: built(FIRST_BATTERY, hidden),
    probe: { kind: 'volts', string: 1, from: 1, to: 1, built: 1 },
    errors: [],
  };
  const error = (code: number, text: string): null => {
    if (state.errors.length < MAX_ERRORS) state.errors.push(`${code},"${text}"`);
    return null;
  };
  const configure = (quantity: 'volts' | 'amps', parameter: string): null => {
    const range = rangeOf(quantity, parameter);
    if (range === undefined) return error(-222, 'Data out of range');
    state.quantity = quantity;
    state.range = range;
    return null;
  };
  return (line) => {
    const [, header = '', parameter = ''] = /^\s*(\S+)\s*(.*?)\s*$/.exec(line) ?? [];
    switch (header.toUpperCase()) {
      case '':
        return null;
      case '*IDN?':
        return `${STAND_IN_NAME},0,1.0`;
      case '*RST':
        state.quantity = 'volts';
        state.range = null;
        return null;
      case '*CLS':
        state.errors = [];
        return null;
      case 'SYST:ERR?':
      case 'SYSTEM:ERROR?':
        return state.errors.shift() ?? '0,"No error"';
      case 'CONF:VOLT:DC':
        return configure('volts', parameter);
      case 'CONF:CURR:DC':
        return configure('amps', parameter);
      case 'READ?':
        return read(state);
      case SIMULATED.battery: {
        const parsed = fromJson(simulatedBatterySchema, parameter);
        if (parsed === null) return error(-104, 'Data type error');
        state.battery = built(parsed, hidden);
        return null;
      }
      case SIMULATED.probe: {
        const parsed = fromJson(measurementSchema, parameter);
        if (parsed === null) return error(-104, 'Data type error');
        state.probe = parsed;
        return null;
      }
      default:
        return error(-113, 'Undefined header');
    }
  };
}

function read({ battery, probe, quantity, range }: State): string {
  const wanted = quantityOf(probe);
  // Probes that lie for the other quantity: the meter shows what it shows, close to nothing.
  if (wanted !== quantity) return '0.000E+00';
  const shown = meterOnBattery(battery, probe, range);
  if (shown === null) return NOTHING_TO_READ;
  return shown.status === 'reads'
    ? shown.value.toExponential(4).toUpperCase()
    : `+${OVERLOAD.toExponential(1).toUpperCase().replace('E+', 'E')}`;
}

/** `undefined` for a range that the meter does not have; `null` for one that it chooses itself. */
function rangeOf(quantity: 'volts' | 'amps', parameter: string): MeterRange | null | undefined {
  if (parameter === '' || /^(auto|def)/i.test(parameter)) return null;
  const wanted = Number(parameter);
  if (!Number.isFinite(wanted) || wanted <= 0) return undefined;
  const ranges = quantity === 'volts' ? VOLT_RANGES : CURRENT_RANGES;
  return ranges.find((range) => fullScale(range) >= wanted * 0.999);
}

/** The battery as a class builds it: every place scattered, the hidden fault in the first string. */
function built({ strings, seed, led }: SimulatedBattery, hidden: HiddenFault | null): BuiltBattery {
  const random = randomStream(seed);
  const load: Load | null = led === null ? null : { kind: 'led', led };
  return {
    strings: strings.map((places, string) =>
      places.map((planned, index) =>
        builtCell(
          planned,
          random,
          string === 0 && hidden?.cell === index + 1 ? [usualFault(hidden.kind)] : [],
        ),
      ),
    ),
    load,
  };
}

function fromJson<T>(schema: z.ZodMiniType<T>, text: string): T | null {
  try {
    const parsed = schema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

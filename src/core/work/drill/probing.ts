import * as z from 'zod/mini';
import {
  BATTERY_PLUS,
  batteryNetwork,
  nodeAfter,
  plusMetal,
} from '../../physics/circuit/faults/batteryNetwork';
import {
  CURRENT_RANGES,
  isVoltRange,
  VOLT_RANGES,
  type MeterDisplay,
} from '../../physics/instruments/meter';
import { leadAcross } from '../measuring/meterOnBattery';
import { meterOnNetwork } from '../measuring/meterOnNetwork';
import { LEAD_OHMS } from '../measuring/probed';
import type { Measurement } from '../../records/logbook/measurement';
import type { Drill } from './makeDrill';

const place = z.int().check(z.minimum(1), z.maximum(20));

/** A clip that a probe can touch: the left or right one of a cell, or the + end beyond the last clip. */
export const clipSchema = z.strictObject({
  string: place,
  cell: place,
  side: z.enum(['left', 'right', 'end']),
});
export type Clip = z.infer<typeof clipSchema>;

/** How the probes are put, and what else is done to the string for the moment. */
export const probingSchema = z.strictObject({
  red: clipSchema,
  black: clipSchema,
  range: z.enum([...VOLT_RANGES, ...CURRENT_RANGES]),
  /** `joined`: a lead joins both ends of each string; a number: the lead at the right of that cell is lifted. */
  meanwhile: z.union([z.literal('nothing'), z.literal('joined'), place]),
});
export type Probing = z.infer<typeof probingSchema>;

/** What the stand-in meter shows, shunt, range, last digit and its own error included. */
export function readDrill(drill: Drill, { red, black, range, meanwhile }: Probing): MeterDisplay {
  const quantity = isVoltRange(range) ? 'volts' : 'amps';
  const items = (drill.built[red.string - 1] ?? []).map((item, index) =>
    meanwhile === index + 1
      ? { ...item, faults: [...item.faults, { kind: 'open' as const }] }
      : item,
  );
  const spec = { strings: [items] };
  const node = ({ cell, side }: Clip): string => {
    if (side === 'end') return BATTERY_PLUS;
    return side === 'left' ? nodeAfter(spec, 1, cell - 1) : plusMetal(spec, 1, cell);
  };
  return meterOnNetwork({
    components: [
      ...batteryNetwork(spec),
      ...(meanwhile === 'joined' ? [leadAcross(LEAD_OHMS)] : []),
    ],
    red: node(red),
    // The strings are not joined yet: nothing flows from one to the other.
    black: red.string === black.string ? node(black) : node(red),
    quantity,
    range,
    gain: 1 + drill.meterGain,
  });
}

/** A reading as the fault finder knows it; `null` where it has no name for how the probes were put. */
export interface KnownReading {
  readonly measurement: Extract<Measurement, { string: number }>;
  /** With red on the + side. */
  readonly value: number;
}

export function knownReading(
  cells: number,
  { red, black, range, meanwhile }: Probing,
  value: number,
): KnownReading | null {
  if (red.string !== black.string || typeof meanwhile === 'number') return null;
  const { string } = red;
  const [low, high, sign] = heightOf(red) >= heightOf(black) ? [black, red, 1] : [red, black, -1];
  const known = (measurement: KnownReading['measurement']): KnownReading => ({
    measurement,
    value: sign * value,
  });
  const ownMetals = low.side === 'left' && high.side === 'right' && low.cell === high.cell;
  if (ownMetals && !isVoltRange(range) && meanwhile === 'nothing') {
    // Whichever way round the cell is: its current is what counts.
    return { measurement: { kind: 'cell-short', string, cell: low.cell }, value: Math.abs(value) };
  }
  if (low.side !== 'left' || high === low) return null;
  const from = low.cell;
  // The left clip of a cell is where the lead of the one before ends; the last lead is always sound.
  const beyond = high.side === 'left';
  const to = beyond ? high.cell - 1 : high.cell;
  if (to < from) return null;
  if (meanwhile === 'joined') {
    return isVoltRange(range) && from === 1 && to < cells && !beyond
      ? known({ kind: 'shorted-volts', string, to, built: cells })
      : null;
  }
  if (isVoltRange(range)) {
    const volts = { kind: 'volts', string, from, to, built: cells } as const;
    return known(beyond ? { ...volts, beyond } : volts);
  }
  return from === 1 && to === cells ? known({ kind: 'short', string, built: cells }) : null;
}

/** How far up its string a clip is: every cell has two, and the last lead an end. */
function heightOf({ cell, side }: Clip): number {
  return 2 * cell + { left: 0, right: 1, end: 2 }[side];
}

/** How the probes are put for a measurement of the fault finder. */
export function probingFor(
  measurement: Extract<Measurement, { string: number }>,
  cells: number,
): Probing | null {
  const { string } = measurement;
  const minus = (cell: number): Clip => ({ string, cell, side: 'left' });
  const plus = (cell: number): Clip => ({ string, cell, side: 'right' });
  switch (measurement.kind) {
    case 'volts':
      return {
        black: minus(measurement.from),
        red: measurement.beyond === true ? minus(measurement.to + 1) : plus(measurement.to),
        range: measurement.to - measurement.from + 1 > 1 ? '20 V' : '2 V',
        meanwhile: 'nothing',
      };
    case 'shorted-volts':
      return { black: minus(1), red: plus(measurement.to), range: '20 V', meanwhile: 'joined' };
    case 'short':
      return { black: minus(1), red: plus(cells), range: '20 mA', meanwhile: 'nothing' };
    case 'cell-short':
      return {
        black: minus(measurement.cell),
        red: plus(measurement.cell),
        range: '20 mA',
        meanwhile: 'nothing',
      };
    default:
      return null;
  }
}

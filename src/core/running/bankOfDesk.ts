import { gridCurve } from '../circuit/battery/gridCurve';
import { bankAt, type BankFacts } from '../circuit/load/capacitorBank';
import { loadVolts } from '../circuit/load/load';
import { linearCurve, type SourceCurve } from '../circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../constants';
import type { PlanEvaluation } from '../planning/evaluatePlan';
import { chargeBank } from '../time/chargeBank';
import { integrate } from '../time/integrate';
import type { RunningBank } from './runningSchema';

/** A capacitor bank on the battery: charged, held, let go. */
export interface BankRun {
  /** The bank as one capacitor at the battery's open-circuit volts. */
  readonly facts: BankFacts;
  readonly openVolts: number;
  readonly charging: readonly { readonly seconds: number; readonly volts: number }[];
  /** Until it stands at 95 % of those volts, seconds. */
  readonly chargeSeconds: number;
  /** Let go through the resistor: current at first, time until 5 % of the volts are left, seconds. */
  readonly dischargeAmps: number;
  readonly dischargeSeconds: number;
  /** Energy at half of those volts, joules: a quarter. */
  readonly joulesAtHalf: number;
  /** Flashes through the plan's LED; `null` where the target is no LED or the volts never reach it. */
  readonly flashes: Flashes | null;
}

export interface Flashes {
  readonly perHour: number;
  readonly flashSeconds: number;
  readonly waitSeconds: number;
  readonly fromVolts: number;
  readonly toVolts: number;
  readonly joules: number;
}

/** A bank counts as full at this share of the open-circuit volts; the rest takes for ever. */
const FULL_SHARE = 0.95;
const EMPTY_SHARE = 0.05;
/** A flash is over when the LED's current falls below this, amperes: there it is still seen (common practice). */
const FLASH_ENDS_AMPS = 1e-3;
const POINTS = 60;

type Given = Pick<PlanEvaluation, 'cell' | 'desk' | 'wiring' | 'source' | 'need'>;

export function bankOfDesk(evaluation: Given, bank: RunningBank): BankRun {
  const source = curveOf(evaluation);
  const openVolts = source.voltsAt(0);
  const facts = bankAt(bank, openVolts);
  const ohms = source.slopeOhmsAt(0);
  // Three to four times `r·C` for a straight line; a curve may need far longer, so the span is widened until it is full.
  const span = spanUntil(source, facts.farads, 0, FULL_SHARE * openVolts, 4 * ohms * facts.farads);
  const atSeconds = Array.from({ length: POINTS }, (_, index) => (span * index) / (POINTS - 1));
  const volts = chargeBank({ source, farads: facts.farads, initialVolts: 0, atSeconds });
  const charging = atSeconds.map((seconds, index) => ({ seconds, volts: volts[index] ?? 0 }));
  return {
    facts,
    openVolts,
    charging,
    chargeSeconds: crossingTime(charging, FULL_SHARE * openVolts),
    dischargeAmps: openVolts / bank.dischargeOhms,
    dischargeSeconds: bank.dischargeOhms * facts.farads * Math.log(1 / EMPTY_SHARE),
    joulesAtHalf: bankAt(bank, openVolts / 2).joules,
    flashes: flashesOf(evaluation, source, facts.farads, bank.dischargeOhms),
  };
}

function curveOf({ desk, cell, wiring, source }: Given): SourceCurve {
  return desk.plainGrid
    ? gridCurve(cell.model, wiring.cellsInSeries, wiring.strings)
    : linearCurve(source);
}

/** The span is widened at most so often; by then it is ten million times as long. */
const MOST_WIDENINGS = 24;

function spanUntil(
  source: SourceCurve,
  farads: number,
  fromVolts: number,
  toVolts: number,
  start: number,
): number {
  let span = start;
  for (let times = 0; times < MOST_WIDENINGS; times += 1) {
    const [, end = 0] = chargeBank({
      source,
      farads,
      initialVolts: fromVolts,
      atSeconds: [0, span],
    });
    if (end >= toVolts) return span;
    span *= 2;
  }
  return span;
}

/** When rising samples pass a value, in proportion between two of them. */
function crossingTime(
  samples: readonly { readonly seconds: number; readonly volts: number }[],
  volts: number,
): number {
  const after = samples.findIndex((one) => one.volts >= volts);
  const next = samples[after];
  const before = samples[after - 1];
  if (next === undefined) return Infinity;
  if (before === undefined) return next.seconds;
  const share = (volts - before.volts) / (next.volts - before.volts);
  return before.seconds + share * (next.seconds - before.seconds);
}

function flashesOf(
  { need }: Given,
  source: SourceCurve,
  farads: number,
  ohms: number,
): Flashes | null {
  const { load } = need;
  if (load.kind !== 'led') return null;
  const voltsAt = (amps: number): number => loadVolts(load, amps, ROOM_THERMAL_VOLTS) + ohms * amps;
  const fromVolts = FULL_SHARE * source.voltsAt(0);
  const toVolts = voltsAt(FLASH_ENDS_AMPS);
  if (fromVolts <= toVolts) return null;
  const slow = ohms * farads;
  const flash = integrate({
    derivative: (_, [volts = 0]) => [-ampsInto(voltsAt, volts) / farads],
    initial: [fromVolts],
    startSeconds: 0,
    endSeconds: 1000 * slow,
    atSeconds: [],
    relativeTolerance: 1e-8,
    absoluteTolerance: 1e-10,
    untilNegative: (_, [volts = 0]) => volts - toVolts,
  });
  const start = source.slopeOhmsAt(0) * farads;
  const span = spanUntil(source, farads, toVolts, fromVolts, start);
  const atSeconds = Array.from({ length: POINTS }, (_, index) => (span * index) / (POINTS - 1));
  const volts = chargeBank({ source, farads, initialVolts: toVolts, atSeconds });
  const waitSeconds = crossingTime(
    atSeconds.map((seconds, index) => ({ seconds, volts: volts[index] ?? 0 })),
    fromVolts,
  );
  return {
    perHour: 3600 / (flash.endSeconds + waitSeconds),
    flashSeconds: flash.endSeconds,
    waitSeconds,
    fromVolts,
    toVolts,
    joules: 0.5 * farads * (fromVolts ** 2 - toVolts ** 2),
  };
}

const BISECTIONS = 80;

/** Current that a rising curve takes at some volts, by halving: it is smooth and asked for rarely. */
function ampsInto(voltsAt: (amps: number) => number, volts: number): number {
  let low = 0;
  let high = 1e-3;
  while (voltsAt(high) < volts) high *= 4;
  for (let step = 0; step < BISECTIONS; step += 1) {
    const middle = (low + high) / 2;
    if (voltsAt(middle) < volts) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

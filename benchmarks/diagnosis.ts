import { randomStream, type RandomStream } from '@/core/physics/chance/random';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { wordsOfCause } from '@/core/work/diagnosis/causeWords';
import type { Cause, Diagnosis } from '@/core/work/diagnosis/diagnose';
import { findFaults } from '@/core/work/diagnosis/findFaults';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import { drawCase, shown, type Case } from './faultyBatteries';
import { printRow } from './print.mjs';
import { Bench } from './pupilsBench';

const SEED = 20_261_128;
const FURTHER = 3;
const WARM_UP = 12;
const STEP_FINE_SHARE = 0.75;
/** The guide’s readings in their order. */
function guideOf({ nominal }: Case): Measurement[] {
  const ofStrings = nominal.strings.flatMap((items, index): Measurement[] => {
    const string = index + 1;
    const cells = items.flatMap((_, place): Measurement[] => {
      const built = place + 1;
      const volts = { kind: 'volts', string, from: 1, to: built, built } as const;
      const first = index === 0 && place === 0;
      return first ? [volts, { kind: 'short', string, built }] : [volts];
    });
    return [...cells, { kind: 'short', string, built: items.length }];
  });
  return [
    ...ofStrings,
    ...(nominal.strings.length > 1 ? [{ kind: 'battery-volts' } as const] : []),
    { kind: 'lights', turned: false },
    { kind: 'load-volts' },
  ];
}

/** As the guide goes, until a step is missing or too large, or all is built and the device connected. */
function goOn(one: Case, bench: Bench): void {
  const item = one.nominal.strings[0]?.[0];
  const own = item !== undefined && 'cell' in item ? item.cell.emfVolts : 1;
  for (const measurement of guideOf(one)) {
    if (bench.has(measurement)) continue;
    const { value } = bench.take(measurement);
    if (measurement.kind !== 'volts') continue;
    const { to, string } = measurement;
    const before = to === 1 ? 0 : (bench.value({ ...measurement, to: to - 1, built: to - 1 }) ?? 0);
    if (string > 0 && (value - before < STEP_FINE_SHARE * own || value - before > 1.3 * own))
      return;
  }
}

const WORDS = { body: 'cell', plus: 'copper', minus: 'zinc', device: 'LED', strings: 2 };

/** Whether what is hidden stands in a cause, alone or as one of two; of a slip, which reading it is. */
function isRight(cause: Cause | undefined, one: Case, bench: Bench): boolean {
  if (cause === undefined) return false;
  const parts = cause.hypothesis?.parts.length ? cause.hypothesis.parts : [cause.hypothesis];
  return parts.some((part) => {
    if (part === null || part.kind !== one.kind) return false;
    if (part.kind === 'slip') return part.slip !== null && bench.spoilt.has(part.slip);
    if (part.kind === 'string-reversed') return true;
    return part.cell === null || (part.cell === one.cell && part.string === one.string);
  });
}

interface Score {
  readonly batteries: number;
  readonly found: number[];
  readonly missed: Map<string, number>;
  slowest: number;
  disagree: number;
}

/** Whether a fault changes any of the guide’s readings by more than sound batteries differ. */
function matters(one: Case): boolean {
  if (!['dry', 'poor-contact', 'rim-leak', 'drip', 'shared-body', 'shorted'].includes(one.kind)) {
    return true;
  }
  const sound = one.built.map((items) =>
    items.map((item) => ({ ...item, faults: [], body: null })),
  );
  return guideOf(one).some((measurement) => {
    if (measurement.kind === 'lights') return false;
    const right = shown(sound, measurement, one.meantAmps);
    const share = shown(one.built, measurement, one.meantAmps) / right;
    return quantityOf(measurement) === 'amps' ? share < 0.35 : share < 0.8;
  });
}

function findHidden(random: RandomStream, score: Score): void {
  let one = drawCase(random, true);
  while (!matters(one)) one = drawCase(random, true);
  const bench = new Bench(one, random);
  goOn(one, bench);
  const judge = (): Diagnosis | null => {
    const start = performance.now();
    const found = findFaults(one.nominal, bench.readings);
    score.slowest = Math.max(score.slowest, performance.now() - start);
    return found;
  };
  let diagnosis = judge();
  for (let further = 0; further <= FURTHER; further += 1) {
    // Where nothing is said to be wrong the class builds on, as the guide goes.
    while (diagnosis?.verdict === 'fine' && guideOf(one).some((step) => !bench.has(step))) {
      goOn(one, bench);
      diagnosis = judge();
    }
    const top = diagnosis?.causes[0];
    if (diagnosis !== null && top !== undefined) {
      const said = judgementOf(diagnosis, WORDS, bench.readings).headline;
      if (said !== wordsOfCause(top, WORDS, bench.readings).what) score.disagree += 1;
    }
    if (isRight(top, one, bench)) {
      score.found[further] = (score.found[further] ?? 0) + 1;
      return;
    }
    const slip = top?.hypothesis?.slip ?? null;
    const next = diagnosis?.next[0];
    if (further === FURTHER || (slip === null && next === undefined)) {
      const name = `${one.kind} as ${top?.kind}`;
      score.missed.set(name, (score.missed.get(name) ?? 0) + 1);
      return;
    }
    // What is to be done about a reading that cannot be right: read it again.
    if (slip !== null) bench.again(slip);
    else if (next !== undefined) bench.take(next.measurement);
    diagnosis = judge();
  }
}

/** Hidden faults and sound batteries, found by the fault finder from what pupils read. */
export function benchDiagnosis(batteries = 2000, soundBatteries = 1000): void {
  const random = randomStream(SEED);
  const fresh = (): Score => ({
    batteries,
    found: Array.from({ length: FURTHER + 1 }, () => 0),
    missed: new Map(),
    slowest: 0,
    disagree: 0,
  });
  // The code is compiled before anything is timed.
  const warming = fresh();
  const first = randomStream(1);
  for (let battery = 0; battery < WARM_UP; battery += 1) findHidden(first, warming);
  const score = fresh();
  for (let battery = 0; battery < batteries; battery += 1) findHidden(random, score);
  let called = 0;
  for (let battery = 0; battery < soundBatteries; battery += 1) {
    const one = drawCase(random, false);
    const bench = new Bench(one, random);
    goOn(one, bench);
    if (findFaults(one.nominal, bench.readings)?.verdict === 'faulty') called += 1;
  }
  const percent = (count: number, of: number): string => `${((100 * count) / of).toFixed(1)} %`;
  let sum = 0;
  const shares = score.found.map((count) => percent((sum += count), batteries));
  printRow(
    `hidden fault on top, ${batteries} batteries, seed ${SEED}`,
    shares.join(', '),
    'after 0, 1, 2, 3 further measurements; at least 95 % after 3',
  );
  printRow('sound batteries called faulty', percent(called, soundBatteries), 'at most 3 %');
  printRow('headline that is not the first cause', String(score.disagree), 'never');
  printRow('slowest judgement', `${score.slowest.toFixed(0)} ms`, 'budget 300 ms');
  const worst = [...score.missed].sort((a, b) => b[1] - a[1]).slice(0, 6);
  printRow(
    'most often missed',
    worst.map(([name, count]) => `${name} ${count}`).join(', ') || 'none',
  );
}

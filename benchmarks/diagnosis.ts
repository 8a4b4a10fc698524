import { randomStream, type RandomStream } from '@/core/physics/chance/random';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { wordsOfCause, WORDS_OF_KIND } from '@/core/work/diagnosis/causeWords';
import type { Cause, Diagnosis } from '@/core/work/diagnosis/diagnose';
import { findFaults } from '@/core/work/diagnosis/findFaults';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import { truthOf } from './benchBattery';
import { Group } from './pupilGroup';
import { batteryWith, drawCase, type Case, type Hidden } from './pupils';
import { part, printRow } from './print.mjs';

const SEED = 20_261_201;
const FURTHER = 3;
const WARM_UP = 12;
const BINS = [0, 0.5, 0.7, 0.85, 0.95, 1.0001];

/** The guide’s readings in their order. */
function guideOf({ nominal }: Case): Measurement[] {
  const ofStrings = nominal.strings.flatMap((items, index): Measurement[] => {
    const string = index + 1;
    const cells = items.flatMap((_, place): Measurement[] => {
      const built = place + 1;
      const volts = { kind: 'volts', string, from: 1, to: built, built } as const;
      return index === 0 && place === 0 ? [volts, { kind: 'short', string, built }] : [volts];
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
function goOn(one: Case, group: Group): void {
  const item = one.nominal.strings[0]?.[0];
  const own = item !== undefined && 'cell' in item ? item.cell.emfVolts : 1;
  for (const measurement of guideOf(one)) {
    if (group.value(measurement) !== null) continue;
    const { value } = group.take(measurement);
    if (measurement.kind !== 'volts') continue;
    const { to } = measurement;
    const before = to === 1 ? 0 : (group.value({ ...measurement, to: to - 1, built: to - 1 }) ?? 0);
    const step = (value - before) / own;
    if (step < 0.75 || step > 1.3) return;
  }
}

/** Whether a fault changes any of the guide’s readings by more than sound batteries differ. */
function isVisible(one: Case, fault: Hidden): boolean {
  if (['slip', 'no-milliamps', 'no-volts', 'leads-swapped', 'flat-meter'].includes(fault.kind)) {
    return true;
  }
  const faulty = batteryWith(one, [fault]);
  return guideOf(one).some((measurement) => {
    const right = truthOf(one.sound, measurement, 10, false);
    const wrong = truthOf(faulty, measurement, 10, false);
    if (measurement.kind === 'lights') return right > 4e-5 && wrong < 1e-5;
    const share = wrong / right;
    return quantityOf(measurement) === 'amps'
      ? share < 0.4 || share > 2.5
      : share < 0.8 || share > 1.2;
  });
}

const WORDS = {
  body: 'cell',
  plus: 'copper',
  minus: 'zinc',
  device: 'LED',
  strings: 2,
  places: [9, 9, 9],
  pile: false,
};
const PLACELESS = /^(load|no-|leads|flat)/;

/** Which of the hidden faults a cause names, alone or as one of two; of a slip, which reading it is. */
function named(cause: Cause | undefined, hidden: readonly Hidden[], group: Group): Hidden | null {
  const parts = cause?.hypothesis?.parts.length
    ? cause.hypothesis.parts
    : [cause?.hypothesis ?? null];
  for (const part of parts) {
    if (part === null) continue;
    if (part.kind === 'slip' && part.slip !== null) {
      const reading = group.readings[part.slip];
      if (reading !== undefined && group.spoilt.has(reading.measurement)) {
        return (
          hidden.find(({ kind }) => kind === 'slip') ?? {
            kind: 'slip',
            string: 0,
            cell: 0,
            into: (battery) => battery,
          }
        );
      }
      continue;
    }
    const found = hidden.find(
      ({ kind, string, cell }) =>
        kind === part.kind &&
        (PLACELESS.test(kind) ||
          (string === part.string && (kind === 'string-reversed' || cell === part.cell))),
    );
    if (found !== undefined) return found;
  }
  return null;
}

interface Score {
  readonly found: number[];
  readonly missed: Map<string, number>;
  /** How often what was said with a chance in this bin was right, and how often it was said. */
  readonly bins: { right: number; said: number; chance: number }[];
  slowest: number;
  disagree: number;
}

const freshScore = (): Score => ({
  found: Array.from({ length: FURTHER + 1 }, () => 0),
  missed: new Map(),
  bins: BINS.slice(1).map(() => ({ right: 0, said: 0, chance: 0 })),
  slowest: 0,
  disagree: 0,
});

function judge(one: Case, group: Group, score: Score): Diagnosis | null {
  const start = performance.now();
  const found = findFaults(one.nominal, group.readings);
  score.slowest = Math.max(score.slowest, performance.now() - start);
  const top = found?.causes[0];
  if (found != null && top !== undefined && found.verdict !== 'fine') {
    const said = judgementOf(found, WORDS, group.readings).headline;
    const { what } = wordsOfCause(top, WORDS, group.readings);
    const says = (words: string): boolean => said.toLowerCase().includes(words.toLowerCase());
    if (!says(what) && !says(WORDS_OF_KIND[top.kind])) score.disagree += 1;
  }
  return found;
}

/** Follows the finder’s advice until it names what is hidden, or three further readings are taken. */
function findHidden(
  one: Case,
  hidden: readonly Hidden[],
  group: Group,
  score: Score,
  report = true,
): Hidden | null {
  goOn(one, group);
  let diagnosis = judge(one, group, score);
  for (let further = 0; further <= FURTHER; further += 1) {
    // Where nothing is said to be wrong the class builds on, as the guide goes.
    while (
      diagnosis?.verdict === 'fine' &&
      guideOf(one).some((step) => group.value(step) === null)
    ) {
      goOn(one, group);
      diagnosis = judge(one, group, score);
    }
    const top = diagnosis?.causes[0];
    // A slip that spoilt nothing is none.
    const slipless = top?.kind === 'none' && hidden[0]?.kind === 'slip' && group.spoilt.size === 0;
    const right = slipless ? (hidden[0] ?? null) : named(top, hidden, group);
    if (top !== undefined && report) {
      const bin =
        score.bins[
          BINS.findIndex((from, index) => top.chance >= from && top.chance < (BINS[index + 1] ?? 2))
        ];
      const isRight = right !== null || (top.kind === 'none' && hidden.length === 0);
      if (bin !== undefined && top.kind !== 'none') {
        bin.said += 1;
        bin.chance += top.chance;
        if (isRight) bin.right += 1;
      }
    }
    if (right !== null) {
      if (report) score.found[further] = (score.found[further] ?? 0) + 1;
      return right;
    }
    const slip = top?.hypothesis?.slip ?? null;
    const again = slip === null ? undefined : group.readings[slip]?.measurement;
    const next = again ?? diagnosis?.next[0]?.measurement;
    if (further === FURTHER || next === undefined) {
      const name = `${hidden.map(({ kind }) => kind).join('+')} as ${top?.kind}`;
      if (report) score.missed.set(name, (score.missed.get(name) ?? 0) + 1);
      return null;
    }
    group.take(next);
    diagnosis = judge(one, group, score);
  }
  return null;
}

function visibleCase(random: RandomStream, faults: number): Case {
  for (;;) {
    const one = drawCase(random, faults);
    if (one.hidden.every((fault) => isVisible(one, fault))) return one;
  }
}

const percent = (count: number, of: number): string => `${((100 * count) / of).toFixed(1)} %`;

/** Hidden faults and sound batteries, found by the fault finder from what pupils read. */
function benchDiagnosis(batteries = 900, double = 100, soundBatteries = 400): void {
  const random = randomStream(SEED);
  // The code is compiled before anything is timed.
  for (let battery = 0; battery < WARM_UP; battery += 1) {
    const one = visibleCase(random, 1);
    findHidden(one, one.hidden, new Group(one, random), freshScore());
  }
  const score = freshScore();
  for (let battery = 0; battery < batteries; battery += 1) {
    const one = visibleCase(random, 1);
    findHidden(one, one.hidden, new Group(one, random), score);
  }
  let first = 0;
  let both = 0;
  for (let battery = 0; battery < double; battery += 1) {
    const one = visibleCase(random, 2);
    const group = new Group(one, random);
    const found = findHidden(one, one.hidden, group, score, false);
    const rest = one.hidden.filter((other) => other !== found);
    if (found === null) continue;
    first += 1;
    group.mend(found);
    if (findHidden(one, rest, group, score, false) !== null) both += 1;
  }
  let called = 0;
  for (let battery = 0; battery < soundBatteries; battery += 1) {
    const one = drawCase(random, 0);
    const group = new Group(one, random);
    let verdict = 'fine';
    while (verdict === 'fine' && guideOf(one).some((step) => group.value(step) === null)) {
      goOn(one, group);
      verdict = judge(one, group, score)?.verdict ?? 'fine';
    }
    if (verdict === 'faulty') called += 1;
  }
  let sum = 0;
  const shares = score.found.map((count) => percent((sum += count), batteries));
  printRow(
    `visible fault on top, ${batteries} batteries, seed ${SEED}`,
    shares.join(', '),
    'after 0, 1, 2, 3 further measurements; at least 92 % after 3',
    sum >= 0.92 * batteries,
  );
  printRow(
    `two faults, ${double} batteries: one named, both after mending it`,
    `${percent(first, double)}, ${percent(both, double)}`,
    'at least 90 % and 85 %',
    first >= 0.9 * double && both >= 0.85 * double,
  );
  printRow(
    'sound batteries called faulty',
    percent(called, soundBatteries),
    'at most 2 %',
    called <= 0.02 * soundBatteries,
  );
  printRow(
    'right where so sure',
    score.bins
      .map(
        ({ right, said }, index) =>
          `${BINS[index]}–${Math.min(1, BINS[index + 1]!)}: ${said === 0 ? '–' : `${percent(right, said)} of ${said}`}`,
      )
      .join('; '),
    'over 0.95 at least 93 %',
    (score.bins.at(-1)?.right ?? 0) >= 0.93 * (score.bins.at(-1)?.said ?? 0),
  );
  printRow(
    'headline that is not the first cause',
    String(score.disagree),
    'never',
    score.disagree === 0,
  );
  printRow(
    'slowest judgement',
    `${score.slowest.toFixed(0)} ms`,
    'budget 500 ms',
    score.slowest <= 500,
  );
  const worst = [...score.missed].sort((a, b) => b[1] - a[1]).slice(0, 12);
  printRow(
    'most often missed',
    worst.map(([name, count]) => `${name} ${count}`).join(', ') || 'none',
  );
}

await part('diagnosis', benchDiagnosis);

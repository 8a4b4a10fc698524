import type { Measurement } from '../../records/logbook/measurement';
import { pairOf, UNEXPLAINED_CHANCE, type CauseKind, type Hypothesis } from './causes';
import { singleCauses, type CauseInput, type ExpectedFaults } from './possibleCauses';
import { evidenceOf, unexplainedLikelihood, type Evidence, type Reading } from './evidence';
import type { NominalBattery } from './nominalBattery';
import { Predictor } from './predictor';
import { rankByInformationGain, type NextMeasurement } from './rankByInformationGain';

/** One cause with everything that speaks for it added up. */
export interface Cause {
  readonly cause: string;
  readonly kind: CauseKind;
  /** The size of it that fits best. */
  readonly hypothesis: Hypothesis | null;
  /** Between 0 and 1; all causes add up to 1. */
  readonly chance: number;
}

export interface Diagnosis {
  /** Most likely first; `none` (all is well) and `unexplained` among them. */
  readonly causes: readonly Cause[];
  /** `reading`: the battery may be sound, but one reading cannot be right. */
  readonly verdict: 'fine' | 'reading' | 'faulty' | 'unexplained';
  /** What to measure next, the most telling first; empty where nothing is to be told apart. */
  readonly next: readonly NextMeasurement[];
}

export interface DiagnosisInput extends NominalBattery {
  readonly readings: readonly Reading[];
  /** What can be measured now. */
  readonly possible: readonly Measurement[];
  /** Where a fault was hidden on purpose: what it may be; then measurements are proposed until it is plain. */
  readonly expected?: ExpectedFaults;
}

/** A single cause that is so much likelier (natural logarithm) than that nothing explains the readings is enough. */
const SINGLE_ENOUGH_LOG = 3;
/** Single causes that are paired with all others. */
const PAIRED = 5;
const PAIRED_WITH = 10;
/** Pairs of which all sizes are tried. */
const REFINED = 2;

/**
 * What the readings say is wrong: every single cause at every place is worked out with the circuit, scatter included,
 * and weighed by Bayes’ rule; where none fits, two at once are tried. Pure and the same for the same readings.
 */
export function diagnose(input: DiagnosisInput): Diagnosis {
  const { readings } = input;
  const predictor = new Predictor(input);
  const singles = singleCauses(causeInput(input));
  const evidence = evidenceOfSizes(predictor, singles, readings);
  const unexplained = unexplainedLikelihood(predictor, readings);
  const all = [...evidence, ...pairsWhereAsked(predictor, evidence, readings, unexplained)];
  const weights = all.map(
    ({ hypothesis, logLikelihood }) => logLikelihood + Math.log(hypothesis.prior),
  );
  const unexplainedWeight = unexplained + Math.log(UNEXPLAINED_CHANCE);
  const top = weights.reduce((most, one) => Math.max(most, one), unexplainedWeight);
  const chances = weights.map((one) => Math.exp(one - top));
  const total = chances.reduce((sum, one) => sum + one, Math.exp(unexplainedWeight - top));
  const weighed = all.map((one, index) => ({ evidence: one, chance: chances[index]! / total }));
  const causes = addedUp(weighed, Math.exp(unexplainedWeight - top) / total);
  const [first] = causes;
  const verdict = verdictOfCause(first?.kind ?? 'none');
  return {
    causes,
    verdict,
    next:
      chanceFine(causes) >= 0.5 && input.expected === undefined
        ? []
        : rankByInformationGain(weighed, input.possible, readings),
  };
}

/** Every third size of a cause is tried first; the others only where one of those comes near the best of all. */
const COARSE = 3;
/** How much less likely (natural logarithm) than the best a cause may be before its other sizes are left out. */
const NEAR_BEST_LOG = 10;

function evidenceOfSizes(
  predictor: Predictor,
  singles: readonly Hypothesis[],
  readings: readonly Reading[],
): Evidence[] {
  const sizes = new Map<string, Hypothesis[]>();
  for (const one of singles) {
    const known = sizes.get(one.cause);
    if (known === undefined) sizes.set(one.cause, [one]);
    else known.push(one);
  }
  const coarse = new Map(
    [...sizes].map(([cause, all]) => [
      cause,
      all
        .filter((_, index) => all.length <= COARSE || index % COARSE === 1)
        .map((one) => evidenceOf(predictor, one, readings)),
    ]),
  );
  const best = Math.max(...[...coarse.values()].flat().map(({ logLikelihood }) => logLikelihood));
  return [...sizes].flatMap(([cause, all]) => {
    const tried = coarse.get(cause) ?? [];
    if (tried.every(({ logLikelihood }) => logLikelihood < best - NEAR_BEST_LOG)) return tried;
    const done = new Set(tried.map(({ hypothesis }) => hypothesis));
    const rest = all.filter((one) => !done.has(one));
    return [...tried, ...rest.map((one) => evidenceOf(predictor, one, readings))];
  });
}

/** The first cause is what is said: verdict, headline and list never disagree. */
function verdictOfCause(kind: CauseKind): Diagnosis['verdict'] {
  switch (kind) {
    case 'none':
      return 'fine';
    case 'slip':
      return 'reading';
    case 'unexplained':
      return 'unexplained';
    default:
      return 'faulty';
  }
}

/** Chance that nothing is wrong; a slip of the meter is nothing wrong with the battery, but asks for another reading. */
function chanceFine(causes: readonly Cause[]): number {
  return causes.find(({ kind }) => kind === 'none')?.chance ?? 0;
}

function causeInput(input: DiagnosisInput): CauseInput {
  const measured = input.readings.map(({ measurement }) => measurement);
  const stringsMeet = measured.some((one) => !('string' in one));
  const strings = input.strings.map((_, index) => index + 1);
  const named = new Set(measured.flatMap((one) => ('string' in one ? [one.string] : [])));
  return {
    strings: input.strings,
    ...(input.expected === undefined ? {} : { expected: input.expected }),
    pile: input.pile,
    bodies: input.bodies,
    joined: stringsMeet,
    concerned:
      stringsMeet || input.expected !== undefined
        ? strings
        : strings.filter((string) => named.has(string)),
    isPolarised: input.isPolarised,
    readings: measured.flatMap(({ kind }, index) => (kind === 'lights' ? [] : [index])),
    confirmed: input.readings.flatMap(({ confirmed }, index) =>
      confirmed === true ? [index] : [],
    ),
  };
}

function pairsWhereAsked(
  predictor: Predictor,
  singles: readonly Evidence[],
  readings: readonly Reading[],
  unexplained: number,
): Evidence[] {
  const bestSingle = Math.max(
    ...singles.map(({ logLikelihood, hypothesis }) => logLikelihood + Math.log(hypothesis.prior)),
  );
  if (bestSingle - unexplained - Math.log(UNEXPLAINED_CHANCE) > SINGLE_ENOUGH_LOG) return [];
  // One size of each cause, the best fitting ones first.
  const bestOf = new Map<string, Evidence>();
  for (const one of singles) {
    const known = bestOf.get(one.hypothesis.cause);
    if (known === undefined || one.logLikelihood > known.logLikelihood) {
      bestOf.set(one.hypothesis.cause, one);
    }
  }
  const ranked = [...bestOf.values()].sort((a, b) => b.logLikelihood - a.logLikelihood);
  const tried = new Map<string, Evidence>();
  const attempt = (first: Hypothesis, second: Hypothesis): void => {
    const pair = pairOf(first, second);
    if (pair === null) return;
    const key = `${pair.cause} ${JSON.stringify([pair.changes, pair.meter])}`;
    if (!tried.has(key)) tried.set(key, evidenceOf(predictor, pair, readings));
  };
  // Beside a reading that went wrong a cause may fit well that otherwise fits not at all.
  const slips = new Map(singles.map(({ hypothesis: one }) => [one.slip, one]));
  for (const { hypothesis, worst } of bestOf.values()) {
    const slip = slips.get(worst() ?? -1);
    if (slip !== undefined) attempt(hypothesis, slip);
  }
  for (const { hypothesis } of ranked.slice(0, PAIRED)) {
    for (const other of ranked.slice(0, PAIRED_WITH)) attempt(hypothesis, other.hypothesis);
  }
  // What fits alone need not be the size that fits beside another cause: all sizes of the best pairs.
  const weight = ({ logLikelihood, hypothesis }: Evidence): number =>
    logLikelihood + Math.log(hypothesis.prior);
  const best = [...tried.values()].sort((a, b) => weight(b) - weight(a)).slice(0, REFINED);
  for (const { hypothesis: pair } of best) {
    const [first, second] = pair.parts;
    if (first === undefined || second === undefined) continue;
    for (const { hypothesis: size } of singles) {
      if (size.cause === first.cause) attempt(size, second);
      if (size.cause === second.cause) attempt(first, size);
    }
  }
  return [...tried.values()];
}

interface Weighed {
  readonly evidence: Evidence;
  readonly chance: number;
}

function addedUp(weighed: readonly Weighed[], unexplained: number): Cause[] {
  const causes = new Map<string, { best: Weighed; chance: number }>();
  for (const one of weighed) {
    const known = causes.get(one.evidence.hypothesis.cause);
    causes.set(one.evidence.hypothesis.cause, {
      best: known === undefined || one.chance > known.best.chance ? one : known.best,
      chance: (known?.chance ?? 0) + one.chance,
    });
  }
  const list = [...causes].map(([cause, { best, chance }]): Cause => {
    const { hypothesis } = best.evidence;
    return { cause, kind: hypothesis.kind, hypothesis, chance };
  });
  list.push({ cause: 'unexplained', kind: 'unexplained', hypothesis: null, chance: unexplained });
  return list.sort((a, b) => b.chance - a.chance);
}

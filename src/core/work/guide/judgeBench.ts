import type { GroupReading } from '../../records/logbook/foldLog';
import { measurementKey, quantityOf, type Measurement } from '../../records/logbook/measurement';
import { isLit, wordsOfTarget } from '../../records/plan/targetWords';
import { isOfLead, type Hypothesis } from '../diagnosis/causes';
import { wordsOfCause } from '../diagnosis/causeWords';
import { findFaults } from '../diagnosis/findFaults';
import { judgementOf } from '../diagnosis/judgement';
import { belongsToBattery } from '../diagnosis/nominalBattery';
import type { BenchFacts } from './benchFacts';
import type { AskedMeasurement, BenchJudgement, CausePlace } from './benchJudgement';
import { meterFor } from './guideOfPlan';
import type { ExpectedReading } from './guideStep';

/** Causes below this chance are not listed, and no more than so many. */
const LEAST_CHANCE = 0.02;
const MOST_LISTED = 4;
/** Measurements that are proposed. */
const MOST_ASKED = 6;

/** Judges one group’s readings; `null` before the first of this battery: a changed plan may lack what was read before. */
export function judgeBench(facts: BenchFacts, all: readonly GroupReading[]): BenchJudgement | null {
  const readings = all.filter(({ measurement }) => belongsToBattery(facts.nominal, measurement));
  if (readings.length === 0) return null;
  const light = readings.findLast(({ measurement }) => measurement.kind === 'lights');
  const dark = light !== undefined && light.value < 0.5;
  if (!dark && !readings.some((one) => standsOut(facts.expected(one.measurement), one))) {
    return fine(dark);
  }
  const found = findFaults(facts.nominal, readings);
  if (found === null) return null;
  const asked = (measurement: Measurement): AskedMeasurement => {
    const expected = facts.expected(measurement);
    const meter = meterFor(measurement, expected.value, facts.nominal.meter.shuntOhms);
    return { measurement, meter, expected };
  };
  if (found.verdict === 'fine') {
    if (!dark) return fine(dark);
    const { fails } = wordsOfTarget(facts.target);
    return {
      ...fine(dark),
      verdict: 'unexplained',
      headline: `It ${fails}`,
      remedy: darkAdvice(facts, light.measurement),
      next: found.next.slice(0, MOST_ASKED).map(({ measurement }) => asked(measurement)),
    };
  }
  const { headline, remedy, sure, verdict } = judgementOf(found, facts.words, readings);
  const slip = found.causes[0]?.hypothesis?.slip ?? null;
  const again = slip === null ? undefined : readings[slip];
  const next = found.next.map(({ measurement }) => measurement);
  const turn = dark && !sure && canTurn(facts, light.measurement);
  if (turn) next.unshift({ kind: 'lights', turned: true });
  return {
    verdict,
    sure,
    dark,
    headline,
    remedy: `${dark ? `It ${wordsOfTarget(facts.target).fails}. ` : ''}${turn ? darkAdvice(facts, light.measurement) : remedy}`,
    place: sure ? placeOf(found.causes[0]?.hypothesis ?? null) : null,
    causes: found.causes
      .filter(({ chance }, index) => index === 0 || chance >= LEAST_CHANCE)
      .slice(0, MOST_LISTED)
      .map((cause) => ({
        ...wordsOfCause(cause, facts.words, readings),
        chance: cause.chance,
      })),
    next: distinct(again === undefined ? next : [again.measurement, ...next])
      .slice(0, MOST_ASKED)
      .map(asked),
  };
}

function placeOf(hypothesis: Hypothesis | null): CausePlace | null {
  const { string, cell, changes } = hypothesis ?? {};
  if (hypothesis == null || string == null || cell == null || changes?.length !== 1) return null;
  return { string, cell, lead: isOfLead(hypothesis) };
}

function fine(dark: boolean): BenchJudgement {
  return {
    verdict: 'fine',
    sure: true,
    dark,
    headline: 'Nothing is wrong',
    remedy: 'All readings are within ordinary scatter. Go on with the next step.',
    place: null,
    causes: [],
    next: [],
  };
}

/** A class where every reading lies so near to what is expected needs no search. */
const ORDINARY_DEVIATIONS = 1.2;

function standsOut({ value, deviation }: ExpectedReading, read: GroupReading): boolean {
  switch (quantityOf(read.measurement)) {
    case 'light':
      return read.value < 0.5;
    case 'volts':
      return Math.abs(read.value - value) > ORDINARY_DEVIATIONS * deviation;
    case 'amps': {
      const log = Math.sqrt(Math.log1p((deviation / value) ** 2));
      return !(Math.abs(Math.log(read.value / value)) <= ORDINARY_DEVIATIONS * log);
    }
  }
}

const distinct = (measurements: readonly Measurement[]): Measurement[] => [
  ...new Map(measurements.map((one) => [measurementKey(one), one])).values(),
];

/** An LED that was looked at one way round only. */
function canTurn({ target }: Pick<BenchFacts, 'target'>, measurement: Measurement): boolean {
  return isLit(target) && !(measurement.kind === 'lights' && measurement.turned);
}

/** What everybody tries first with a device that does nothing. */
function darkAdvice({ target, device }: BenchFacts, measurement: Measurement): string {
  if (canTurn({ target }, measurement)) return `Turn the ${device} round first, then look again.`;
  return `Press every clip, then read the volts at the ${device}.`;
}

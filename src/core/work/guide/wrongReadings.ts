import { isLit, wordsOfTarget } from '../../records/plan/targetWords';
import { firstWrongRow, meaningOfDeviation } from '../diagnosis/judgeReadings';
import type { Judgement } from '../diagnosis/judgement';
import type { LoggedReading } from '../../records/logbook/logEntry';
import { isSame, measurementName, type Measurement } from '../../records/logbook/measurement';
import { readingText } from '../../records/logbook/readingEntry';
import { capital } from '../../words';
import { measurementOfRow, stairsRows, type GroupFacts } from './stairs';

/** A reading that is not as it should be, in words that fit on a tile. */
export interface WrongReading {
  readonly measurement: Measurement;
  readonly headline: string;
  readonly tryFirst: string;
}

type Facts = Pick<GroupFacts, 'stairs' | 'steps' | 'device' | 'target'>;

/**
 * What stands out in a group’s readings, before the fault finder has spoken and where it does not reach. A device that
 * does not run comes first: whatever else was read, that is what everybody sees.
 */
export function wrongReadings(facts: Facts, readings: readonly LoggedReading[]): WrongReading[] {
  const rows = facts.stairs.flatMap((_, index): WrongReading[] => {
    const row = firstWrongRow(stairsRows(facts.stairs, index + 1, readings));
    if (row === null || row.meaning === null || row.read === null) return [];
    const measurement = measurementOfRow(index + 1, row);
    return [
      {
        measurement,
        headline: capital(row.meaning.wording),
        tryFirst: instead(measurement, row.expected, row.read),
      },
    ];
  });
  const light = readings.findLast(({ measurement }) => measurement.kind === 'lights');
  const dark: WrongReading[] =
    light === undefined || light.value > 0.5
      ? []
      : [
          {
            measurement: light.measurement,
            headline: `It ${wordsOfTarget(facts.target).fails}`,
            tryFirst: rows[0]?.headline ?? darkAdvice(facts, light.measurement),
          },
        ];
  return [...dark, ...rows, ...otherSteps(facts, readings)];
}

/** What is wrong at a bench, in words that fit on a tile and in a headline. */
export interface WhatIsWrong {
  readonly headline: string;
  readonly detail: string;
  /** The device was looked at and does not run. */
  readonly dark: boolean;
}

/**
 * The one sentence about a group’s bench: the fault finder’s first cause where it has judged these readings, else what
 * stands out. A device that does not run is wrong whatever the readings say. `null`: all is as it should be.
 */
export function whatIsWrong(
  facts: Facts,
  readings: readonly LoggedReading[],
  judgement: Judgement | null,
): WhatIsWrong | null {
  const [wrong] = wrongReadings(facts, readings);
  const dark = wrong?.measurement.kind === 'lights';
  if (judgement !== null && judgement.verdict !== 'fine') {
    const detail = dark ? `${wrong.headline}. ${judgement.remedy}` : judgement.remedy;
    return { headline: judgement.headline, detail, dark };
  }
  if (wrong === undefined || (judgement !== null && !dark)) return null;
  return { headline: wrong.headline, detail: wrong.tryFirst, dark };
}

function darkAdvice({ target, device }: Facts, measurement: Measurement): string {
  const turned = measurement.kind === 'lights' && measurement.turned;
  if (isLit(target) && !turned) return `Turn the ${device} round first, then look again.`;
  return `Press every clip, then read the volts at the ${device}.`;
}

/** Steps beside the stairs: a whole string’s current, the whole battery, the device. */
function otherSteps({ steps }: Facts, readings: readonly LoggedReading[]): WrongReading[] {
  return steps.flatMap(({ measurement, expected }): WrongReading[] => {
    if (measurement === null || expected === null) return [];
    const { kind } = measurement;
    const beside =
      kind === 'battery-volts' ||
      kind === 'load-volts' ||
      (kind === 'short' && measurement.built > 1);
    const read = readings.find((one) => isSame(one.measurement, measurement));
    if (!beside || read === undefined) return [];
    const off = (read.value - expected.value) / expected.deviation;
    const meaning = meaningOfDeviation(off, '');
    if (meaning.fine) return [];
    return [
      {
        measurement,
        headline: `${capital(measurementName(measurement))}: too ${off < 0 ? 'little' : 'much'}`,
        tryFirst: instead(measurement, expected.value, read.value),
      },
    ];
  });
}

function instead(measurement: Measurement, expected: number, read: number): string {
  return `Expected ${readingText(measurement, expected)}, read ${readingText(measurement, read)}.`;
}

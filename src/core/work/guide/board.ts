import { firstWrongRow, type BenchRow } from '../diagnosis/judgeReadings';
import type { BenchFacts } from './benchFacts';
import { currentStep, type GuideStep } from './guideStep';
import { stairsRows } from './stairs';
import { foldLog, readingsOfGroup, stepStates } from '../../records/logbook/foldLog';
import type { LoggedReading, LogLine } from '../../records/logbook/logEntry';
import { measurementKey, quantityOf, type Measurement } from '../../records/logbook/measurement';

/** How one group stands. */
export interface BoardRow {
  readonly group: string;
  readonly step: GuideStep | null;
  readonly done: number;
  readonly total: number;
  readonly last: LoggedReading | null;
  /** The first reading that is not as it should be. */
  readonly wrong: BenchRow | null;
  readonly helpWanted: boolean;
  /** When the group last wrote a line, milliseconds since 1970; `null`: never. */
  readonly lastAt: number | null;
}

/** All groups of a class, in their usual order. */
export function boardRows(
  facts: BenchFacts,
  groups: readonly string[],
  lines: readonly LogLine[],
): BoardRow[] {
  const byGroup = new Map<string, LogLine[]>(groups.map((group) => [group, []]));
  for (const line of lines) byGroup.get(line.group)?.push(line);
  return [...byGroup].map(([group, own]) => rowOf(facts, group, own));
}

function rowOf(facts: BenchFacts, group: string, lines: readonly LogLine[]): BoardRow {
  const readings = readingsOfGroup(lines, group);
  const states = stepStates(lines, group);
  const help = foldLog(lines).findLast(({ current: { entry } }) => entry.kind === 'help');
  const wrong = facts.stairs
    .map((_, index) => firstWrongRow(stairsRows(facts.stairs, index + 1, readings)))
    .find((row) => row !== null);
  const done = facts.steps.filter(({ id }) => (states.get(id) ?? 'open') !== 'open').length;
  return {
    group,
    step: currentStep(facts.steps, states),
    done,
    total: facts.steps.length,
    last: readings.at(-1) ?? null,
    wrong: wrong ?? null,
    helpWanted: help?.current.entry.kind === 'help' && help.current.entry.wanted,
    lastAt: lines.at(-1)?.at ?? null,
  };
}

/** What the groups read of one measurement. */
export interface ClassFigure {
  readonly measurement: Measurement;
  readonly values: readonly { readonly group: string; readonly value: number }[];
  readonly mean: number;
  /** Sample standard deviation; `null` for fewer than two. */
  readonly deviation: number | null;
}

/** Averages of everything that at least one group has read, the most read first. */
export function classFigures(groups: readonly string[], lines: readonly LogLine[]): ClassFigure[] {
  const figures = new Map<
    string,
    { measurement: Measurement; values: ClassFigure['values'][number][] }
  >();
  for (const group of groups) {
    for (const { measurement, value } of readingsOfGroup(lines, group)) {
      if (quantityOf(measurement) === 'light') continue;
      const key = measurementKey(measurement);
      const known = figures.get(key) ?? { measurement, values: [] };
      known.values.push({ group, value });
      figures.set(key, known);
    }
  }
  return [...figures.values()]
    .map(({ measurement, values }): ClassFigure => {
      const mean = values.reduce((sum, { value }) => sum + value, 0) / values.length;
      const squares = values.reduce((sum, { value }) => sum + (value - mean) ** 2, 0);
      const deviation = values.length < 2 ? null : Math.sqrt(squares / (values.length - 1));
      return { measurement, values, mean, deviation };
    })
    .sort((a, b) => b.values.length - a.values.length);
}

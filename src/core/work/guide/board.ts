import { capital } from '../../words';
import { wordsOfTarget } from '../../records/plan/targetWords';
import { mean, sampleDeviation } from '../../numeric/meanAndScatter';
import { median } from '../../numeric/robust';
import type { BenchFacts } from './benchFacts';
import type { BenchJudgement } from './benchJudgement';
import { currentStep, guideProgress } from './guideProgress';
import type { GuideStep } from './guideStep';
import { lastOfKind, predictionsOfGroup, readingsOfGroup } from '../../records/logbook/foldLog';
import type { LoggedReading, LogLine } from '../../records/logbook/logEntry';
import {
  measurementKey,
  measurementName,
  quantityOf,
  type Measurement,
} from '../../records/logbook/measurement';
import { readingText } from '../../records/logbook/readingEntry';

/** How a group stands; one of them at a time, the first that holds in this order. */
export type GroupState =
  | 'wrong'
  /** Something is probably wrong: it is being measured which. */
  | 'likely'
  | 'done'
  /** Through, but not all steps were done. */
  | 'skipped'
  | 'running'
  | 'away'
  | 'waiting'
  | 'measuring'
  | 'building';

/** The devices of a group that follow the class just now. */
export interface GroupPresence {
  readonly devices: number;
  /** When that number changed, milliseconds since 1970. */
  readonly since: number;
}

/** How one group stands. */
export interface BoardRow {
  readonly group: string;
  /** How it is called: by its bird, or “the demonstration”. */
  readonly name: string;
  readonly step: GuideStep | null;
  readonly done: number;
  readonly total: number;
  readonly last: LoggedReading | null;
  readonly state: GroupState;
  /** What the group is at, or what is wrong, in two or three words. */
  readonly headline: string;
  readonly detail: string;
  readonly helpWanted: boolean;
  /** Since when it stands so: its last reading or step, its way or its call; milliseconds since 1970; `null`: nothing yet. */
  readonly since: number | null;
}

interface BoardInput {
  readonly facts: BenchFacts;
  readonly groups: readonly string[];
  readonly lines: readonly LogLine[];
  /** What is said of each group’s bench. */
  readonly judged?: ReadonlyMap<string, BenchJudgement>;
  /** Groups that have had a device of their own in this class. */
  readonly presence?: ReadonlyMap<string, GroupPresence>;
}

/** All groups of a class, in their usual order. */
export function boardRows({ facts, groups, lines, judged, presence }: BoardInput): BoardRow[] {
  const byGroup = new Map<string, LogLine[]>(groups.map((group) => [group, []]));
  for (const line of lines) byGroup.get(line.group)?.push(line);
  const queue = waitingSince(byGroup);
  return [...byGroup].map(([group, own]) => {
    const readings = readingsOfGroup(own, group);
    const progress = guideProgress(facts.steps, own, group);
    const step = currentStep(facts.steps, progress);
    const help = lastOfKind(own, 'help');
    const helpWanted = help?.entry.kind === 'help' && help.entry.wanted;
    // A note or a call changes nothing about how it stands.
    const lastAt =
      own.findLast(({ entry: { kind } }) => kind === 'reading' || kind === 'step')?.at ?? null;
    const standing = stateOf({
      facts,
      step,
      readings,
      judgement: judged?.get(group) ?? null,
      skipped: [...progress.states.values()].filter((state) => state === 'skipped').length,
      place: queue.findIndex((one) => one.group === group),
      presence: presence?.get(group) ?? null,
    });
    return {
      group,
      name: facts.nameOf(group),
      step,
      done: facts.steps.filter(({ id }) => progress.states.get(id) !== 'open').length,
      total: facts.steps.length,
      last: readings.at(-1) ?? null,
      helpWanted,
      ...standing,
      since:
        standing.state === 'away'
          ? (presence?.get(group)?.since ?? lastAt)
          : standing.state === 'waiting'
            ? (queue.find((one) => one.group === group)?.since ?? lastAt)
            : lastAt,
    };
  });
}

interface Standing {
  readonly facts: BenchFacts;
  readonly step: GuideStep | null;
  readonly readings: readonly LoggedReading[];
  readonly judgement: BenchJudgement | null;
  /** Steps that were passed over. */
  readonly skipped: number;
  /** Place in the line for a meter, from 0; below 0: it does not wait. */
  readonly place: number;
  readonly presence: GroupPresence | null;
}

function stateOf({
  facts,
  step,
  readings,
  judgement,
  skipped,
  place,
  presence,
}: Standing): Pick<BoardRow, 'state' | 'headline' | 'detail'> {
  if (judgement !== null && judgement.verdict !== 'fine') {
    const { sure, dark, headline, remedy } = judgement;
    return { state: sure || dark ? 'wrong' : 'likely', headline, detail: remedy };
  }
  const last = readings.at(-1);
  const lastWords =
    last === undefined
      ? 'nothing read yet'
      : `${measurementName(last.measurement)}: ${readingText(last.measurement, last.value)}`;
  if (step === null) {
    return skipped === 0
      ? { state: 'done', headline: 'All steps done', detail: lastWords }
      : { state: 'skipped', headline: `Through, skipped ${skipped}`, detail: lastWords };
  }
  const light = readings.findLast(({ measurement }) => measurement.kind === 'lights');
  if (light !== undefined && light.value > 0.5) {
    const runs = wordsOfTarget(facts.target).works;
    const detail = last === light ? `next: ${step.title}` : lastWords;
    return { state: 'running', headline: runs, detail };
  }
  if (presence !== null && presence.devices === 0) {
    return { state: 'away', headline: 'Away', detail: `its device left at: ${step.title}` };
  }
  if (place >= 0) {
    return {
      state: 'waiting',
      headline: 'Waiting for a meter',
      detail: place === 0 ? 'first in line' : `number ${place + 1} in line`,
    };
  }
  return step.measurement === null
    ? { state: 'building', headline: 'Building', detail: step.title }
    : { state: 'measuring', headline: 'Measuring', detail: lastWords };
}

/** Groups that wait for a meter, the first that asked first. A reading means that it has one. */
function waitingSince(
  byGroup: ReadonlyMap<string, readonly LogLine[]>,
): { readonly group: string; readonly since: number }[] {
  return [...byGroup]
    .flatMap(([group, lines]) => {
      const asked = lastOfKind(lines, 'meter');
      if (asked?.entry.kind !== 'meter' || !asked.entry.wanted) return [];
      const served = lines.some(({ entry, seq }) => entry.kind === 'reading' && seq > asked.seq);
      return served ? [] : [{ group, since: asked.at }];
    })
    .sort((a, b) => a.since - b.since);
}

/** All groups in one or two sentences. */
export function boardSummary(rows: readonly BoardRow[]): string {
  const named = (of: (row: BoardRow) => boolean): string[] =>
    rows.filter(of).map(({ name }) => name);
  const calling = named(({ helpWanted }) => helpWanted);
  const wrong = named(({ state }) => state === 'wrong');
  const likely = named(({ state }) => state === 'likely');
  const done = named(({ state }) => state === 'done').length;
  return [
    calling.length > 0
      ? `${calling.join(', ')} ${calling.length === 1 ? 'calls' : 'call'} for help.`
      : '',
    wrong.length > 0 ? `Something is wrong at ${wrong.join(', ')}.` : '',
    likely.length > 0
      ? `${likely.join(', ')} ${likely.length === 1 ? 'looks' : 'look'} for a fault.`
      : '',
    wrong.length + likely.length === 0 ? 'Nothing is wrong.' : '',
    rows.length > 1 ? `${done} of ${rows.length} groups are done.` : '',
    rows.length === 1 && done === 1 ? 'All steps are done.' : '',
  ]
    .filter((one) => one !== '')
    .map(capital)
    .join(' ');
}

/** The step that most groups are at, the earlier one where two are equal; `null` where all are done. */
export function commonStep(rows: readonly BoardRow[]): string | null {
  const counts = new Map<string, number>();
  for (const { step } of rows) {
    if (step !== null) counts.set(step.title, (counts.get(step.title) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** How long ago in two words; nothing where it is not known. */
export function sinceWords(since: number | null, now: number): string {
  if (since === null || since <= 0 || now <= 0) return '';
  const minutes = Math.floor((now - since) / 60_000);
  if (minutes < 1) return 'now';
  return minutes < 120 ? `${minutes} min` : `${Math.floor(minutes / 60)} h`;
}

/** How the class predicted one measurement against what it read. */
export interface ClassPrediction {
  readonly measurement: Measurement;
  /** Volts or amperes, the middle of the groups’ predictions and readings (medians). */
  readonly predicted: number;
  readonly read: number | null;
  /** Groups that predicted. */
  readonly groups: number;
}

/** What the groups expected of each step, in the order of the guide. */
export function classPredictions(
  { steps }: Pick<BenchFacts, 'steps'>,
  groups: readonly string[],
  lines: readonly LogLine[],
): ClassPrediction[] {
  const predicted = groups.map((group) => predictionsOfGroup(lines, group));
  const read = groups.map((group) => readingsOfGroup(lines, group));
  return steps.flatMap(({ measurement }): ClassPrediction[] => {
    if (measurement === null) return [];
    const key = measurementKey(measurement);
    const expected = predicted.flatMap((one) => one.get(key) ?? []);
    if (expected.length === 0) return [];
    const values = read.flatMap((readings) =>
      readings.filter((one) => measurementKey(one.measurement) === key).map(({ value }) => value),
    );
    return [
      {
        measurement,
        predicted: median(expected),
        read: values.length === 0 ? null : median(values),
        groups: expected.length,
      },
    ];
  });
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
      const read = values.map(({ value }) => value);
      return { measurement, values, mean: mean(read), deviation: sampleDeviation(read) };
    })
    .sort((a, b) => b.values.length - a.values.length);
}

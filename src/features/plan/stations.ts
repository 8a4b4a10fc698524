import { isLit } from '@/core/records/plan/targetWords';
import { originWord } from '@/core/records/school/schoolWords';
import { capital, inWords } from '@/core/words';
import { cellsOf } from '@/core/physics/desk/desk';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { nameOfTarget } from '@/core/records/plan/loadRequirement';
import type { Plan } from '@/core/records/plan/planSchema';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { dayWords } from '@/core/formats/dates';
import { benchName } from '@/core/work/preparation/groupNames';
import { sparesOf } from '@/core/work/preparation/sparesOf';
import type { BatteryRun } from '@/core/work/running/runBattery';
import { verdictOf } from '@/core/work/judging/verdict';
import { aboutTime, formatAmps, formatMinutes, formatVolts } from '@/core/units';

export interface Station {
  readonly slug: string;
  readonly name: string;
  /** Its answer so far, in a few words. */
  readonly answer: (plan: Plan, evaluation: PlanEvaluation, bench: BenchSoFar) => string;
  /** Whether nothing is left to do there. */
  readonly answered: (plan: Plan, evaluation: PlanEvaluation, bench: BenchSoFar) => boolean;
}

/** What the group that the bench shows has read, and how the battery runs down. */
export interface BenchSoFar {
  readonly group: string;
  readonly readings: readonly LoggedReading[];
  /** `null` while it is being worked out. */
  readonly run: BatteryRun | null;
}

/** The six stations in the order people work. */
export const STATIONS: readonly Station[] = [
  { slug: 'power', name: 'What to power', answer: powerAnswer, answered: always },
  { slug: 'cell', name: 'Which cell?', answer: cellAnswer, answered: always },
  { slug: 'arrange', name: 'Arrange', answer: arrangeAnswer, answered: meetsTarget },
  { slug: 'ready', name: 'Get ready', answer: readyAnswer, answered: hasDate },
  { slug: 'build', name: 'Build & measure', answer: buildAnswer, answered: allRead },
  { slug: 'run', name: 'Leave it running', answer: runAnswer, answered: runsLongEnough },
];

function always(): boolean {
  return true;
}

function meetsTarget(_plan: Plan, evaluation: PlanEvaluation): boolean {
  return verdictOf(evaluation).tone !== 'wrong';
}

function allRead(_plan: Plan, { wiring }: PlanEvaluation, bench: BenchSoFar): boolean {
  return furthestCell(bench) >= wiring.cellsInSeries;
}

/** Cells of a string that volts were read of. */
function furthestCell({ readings }: BenchSoFar): number {
  return Math.max(
    0,
    ...readings.map(({ measurement }) => (measurement.kind === 'volts' ? measurement.to : 0)),
  );
}

function hasDate({ lessonDate }: Plan): boolean {
  return lessonDate !== null;
}

function readyAnswer(plan: Plan, evaluation: PlanEvaluation): string {
  const { groups, gate } = evaluation.inLesson;
  const { preparing, pupilSheet } = gate;
  if (!preparing) return 'nothing for a class';
  const { lesson, lessonDate } = plan;
  const { body } = evaluation.cell;
  const cells = cellsOf(evaluation.desk).length * groups;
  const total = cells + sparesOf(cells, lesson);
  const who = !pupilSheet ? 'demonstration' : groups === 1 ? '1 group' : `${groups} groups`;
  const date = lessonDate === null ? 'no date yet' : dayWords(lessonDate);
  return `${who} · ${total} ${total === 1 ? body.name : body.plural} · ${date}`;
}

function powerAnswer({ target, minutes }: Plan): string {
  const what = nameOfTarget(target);
  const name = capital(what);
  const how = isLit(target) ? `${target.brightness}, ` : '';
  return `${name}, ${how}${formatMinutes(minutes)}`;
}

function cellAnswer(_plan: Plan, { cell }: PlanEvaluation): string {
  const { emfVolts } = cell.model;
  const name = capital(cell.body.name);
  const { cellsRead, shortAmps } = cell.belief;
  const kept = cell.own?.status === 'used' && cell.own.doubts.length > 0 ? ', kept though odd' : '';
  return cellsRead > 0
    ? `${name} · ${inWords(cellsRead)} read${kept}: ${formatAmps(shortAmps)}`
    : `${name} · ${formatVolts(emfVolts)}, ${formatAmps(shortAmps)} (${originWord(cell)})`;
}

function arrangeAnswer(_plan: Plan, { wiring }: PlanEvaluation): string {
  const strings = wiring.strings === 1 ? '1 string' : `${wiring.strings} strings`;
  const pairs = wiring.pairs === 1 ? '' : `, ${wiring.pairs} pairs of metal in each`;
  return `${wiring.cellsInSeries} in series × ${strings}${pairs}`;
}

function runsLongEnough({ minutes }: Plan, _: PlanEvaluation, { run }: BenchSoFar): boolean {
  return run !== null && run.endSeconds >= 60 * minutes;
}

function runAnswer(_plan: Plan, _: PlanEvaluation, { run }: BenchSoFar): string {
  if (run === null) return '…';
  return run.end.reason === 'time-is-up' ? 'for weeks' : `≈ ${aboutTime(run.endSeconds)}`;
}

function buildAnswer(_plan: Plan, { wiring, inLesson }: PlanEvaluation, bench: BenchSoFar): string {
  const furthest = furthestCell(bench);
  return furthest === 0
    ? 'not begun'
    : `${capital(benchName(bench.group, inLesson))} · cell ${Math.min(furthest, wiring.cellsInSeries)} of ${wiring.cellsInSeries}`;
}

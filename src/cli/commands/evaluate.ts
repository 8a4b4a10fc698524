import type { Plan } from '@/core/records/plan/planSchema';
import { endOfBattery } from '@/core/work/search/batteryInTime';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { evaluatePlan, type PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { verdictOf } from '@/core/work/judging/verdict';
import { timeInLesson } from '@/core/work/lesson/lessonPlan';
import type { Command } from '../command';

export const evaluateCommand: Command = {
  summary: 'verdict, operating point and figures of an exported plan',
  run(input) {
    const plan = PLAN_DOCUMENT.parse(input);
    if (!plan.ok) return { status: 'bad-input', faults: plan.issues };
    const evaluation = evaluatePlan(plan.value);
    const { cell, need, wiring, source, point, brightness, classes, atEnd } = evaluation;
    return {
      status: point.status === 'solved' ? 'solved' : 'no-solution',
      output: {
        status: point.status,
        verdict: verdictOf(evaluation),
        cell: { origin: cell.origin, piece: cell.piece, ...cell.model },
        wiring,
        battery: {
          openCircuitVolts: source.emfVolts,
          internalResistanceOhms: source.resistanceOhms,
        },
        operatingPoint: point.status === 'solved' ? { volts: point.volts, amps: point.amps } : null,
        wanted: { amps: need.amps, volts: need.volts },
        brightness,
        atEnd: {
          minutes: evaluation.minutes,
          volts: atEnd.volts,
          amps: atEnd.amps,
          brightness: atEnd.brightness,
        },
        ends: endsOf(plan.value, evaluation),
        lesson: lessonOf(plan.value, evaluation),
        seriesResistorOhms: evaluation.seriesResistorOhms,
        chance: {
          share: classes.chance,
          classes: classes.classes,
          cellsRead: cell.belief.cellsRead,
          level: {
            medianShortAmps: cell.belief.shortAmps,
            logDeviation: cell.belief.level.ampsLog,
          },
        },
      },
    };
  },
};

/** What building, measuring and clearing away take of the lesson; null where no class builds it. */
function lessonOf({ lesson }: Plan, { inLesson }: PlanEvaluation): object | null {
  const time = timeInLesson(inLesson, lesson);
  return time === null ? null : { minutes: time.minutes, available: time.available };
}

/** When the first cell of the battery ends that is left on, and by what; `minutes` is null where it never does. */
function endsOf({ running }: Plan, { desk, need }: PlanEvaluation): object {
  const { seconds, by } = endOfBattery(desk, need, running);
  return { minutes: Number.isFinite(seconds) ? seconds / 60 : null, by };
}

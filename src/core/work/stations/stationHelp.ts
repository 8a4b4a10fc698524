import { endOfBattery } from '../search/batteryInTime';
import type { Plan } from '../../records/plan/planSchema';
import { aboutTime, formatAmps, formatMinutes, formatOhms, formatVolts } from '../../units';
import { END_WORDS } from '../search/endWords';
import { evaluatePlan, type PlanEvaluation } from '../judging/evaluatePlan';
import { sourcesOfCell, type Explanation } from '../words/explain';
import { sparesOf } from '../preparation/sparesOf';
import { EXAMPLE_PLAN } from './examplePlan';
import type { StationSlug } from './whatHappens';

/** The station by the lamp of the scenario, with its sums. */
export function exampleAt(station: StationSlug): Explanation {
  const evaluation = evaluatePlan(EXAMPLE_PLAN);
  return {
    title: 'Example: the lamp for the model lighthouse',
    lines: EXAMPLES[station](evaluation, EXAMPLE_PLAN),
    origin: 'An invented school club, calculated as your own plan is.',
    sources: sourcesOfCell(evaluation),
  };
}

type Example = (evaluation: PlanEvaluation, plan: Plan) => string[];

const EXAMPLES: Readonly<Record<StationSlug, Example>> = {
  power: ({ need, cell }, { minutes }) => [
    `An amber LED is to shine clearly for ${formatMinutes(minutes)}.`,
    `Clearly means at least ${formatAmps(need.amps)}, and at that current the LED holds about ${formatVolts(need.volts)}.`,
    `One kiwi cell gives ${formatVolts(cell.model.emfVolts)}: too few volts, however much metal is in it.`,
  ],
  cell: ({ cell }, plan) => {
    const { openCircuitVolts, shortCircuit } = plan.cell.own ?? {};
    return [
      `One kiwi with a copper strip and a galvanised nail read ${formatVolts(openCircuitVolts ?? 0)} with nothing connected and ${formatAmps(shortCircuit?.amps ?? 0)} shorted.`,
      `Volts divided by amps, less the meter’s own resistance, is what the cell has inside. With ${plan.cell.size?.pairs ?? 1} pairs of metal in each kiwi ${formatOhms(cell.model.resistanceOhms)} are left.`,
      `The plan goes on with ${formatVolts(cell.model.emfVolts)} and ${formatOhms(cell.model.resistanceOhms)} a cell.`,
    ];
  },
  arrange: ({ wiring, cell, source, volts, amps }) => [
    `${wiring.cellsInSeries} in series: ${wiring.cellsInSeries} × ${formatVolts(cell.model.emfVolts)} = ${formatVolts(source.emfVolts)} with nothing connected.`,
    `${wiring.strings} strings side by side share the current: ${formatAmps(amps)} ÷ ${wiring.strings} = ${formatAmps(amps / wiring.strings)} from each.`,
    `The LED holds ${formatVolts(volts)}, the rest drives the current: (${formatVolts(source.emfVolts)} − ${formatVolts(volts)}) ÷ ${formatOhms(source.resistanceOhms)} = ${formatAmps(amps)}.`,
  ],
  ready: ({ wiring }, { lesson }) => {
    const each = wiring.cellsInSeries * wiring.strings;
    const all = each * lesson.groups;
    const spare = sparesOf(all, lesson);
    return [
      `${lesson.groups} groups of ${lesson.pupils / lesson.groups} pupils, ${each} cells a group: ${all} kiwis.`,
      `One in six to spare is ${spare} more: ${all + spare} to buy.`,
      `With ${lesson.meters} meters the groups take turns: while ${lesson.meters} measure, ${lesson.groups - lesson.meters} build.`,
    ];
  },
  build: ({ cell }) => [
    `After three cells the meter should read 3 × ${formatVolts(cell.model.emfVolts)} = ${formatVolts(3 * cell.model.emfVolts)}.`,
    `A group reads ${formatVolts(2 * cell.model.emfVolts)}: just one cell’s volts are missing, so the third gives nothing.`,
    'Its metals may touch, or a clip may bridge it. One more reading, across that cell alone, tells which.',
  ],
  run: (evaluation, { minutes, running }) => {
    const ends = endOfBattery(evaluation.desk, evaluation.need, running);
    return [
      `At first ${formatAmps(evaluation.amps)} flow, after ${formatMinutes(minutes)} ${formatAmps(evaluation.atEnd.amps)}: films on the metals grow while current flows.`,
      `To shine clearly ${formatAmps(evaluation.need.amps)} are needed. What is left above that is the margin for weaker cells.`,
      `Left on, the first cell ends after about ${aboutTime(ends.seconds)}: ${END_WORDS[ends.by]}.`,
    ];
  },
};

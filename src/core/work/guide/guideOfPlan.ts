import { plusOfTarget, wordsOfTarget } from '../../records/plan/targetWords';
import { buildingSteps, cautionsOfCell, cautionTextsOf } from '../../physics/recipes/recipe';
import { wasteWords } from '../../physics/recipes/waste';
import { joiningStep } from '../../physics/recipes/cellBuild';
import { isUnfused } from '../../physics/instruments/classMeter';
import {
  suitableCurrentRange,
  suitableVoltRange,
  type ShuntOhms,
} from '../../physics/instruments/meter';
import { NO_FAULT } from '../diagnosis/causes';
import { nominalBatteryOf } from '../diagnosis/nominalBattery';
import { Predictor } from '../diagnosis/predictor';
import { howToMeasure, quantityOf, type Measurement } from '../../records/logbook/measurement';
import { nameOfTarget } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import { cautionsOf, type CautionId } from '../../physics/safety/cautions';
import { cautionIdsOfPlan } from '../preparation/cautionsOfPlan';
import { formatOhms } from '../../units';
import { capital } from '../../words';
import type { LessonPhase, PhaseId } from '../lesson/lessonPhases';
import type { GuideStep, MeterSetting } from './guideStep';

/**
 * What a group does at the bench, one thing after the other: from the recipe and the arrangement. After the first cell
 * everybody builds at the same time; then the cells are joined one by one and read. Its minutes are those of the lesson.
 */
export function guideOfPlan(plan: Plan, evaluation: PlanEvaluation): GuideStep[] {
  const nominal = nominalBatteryOf(evaluation);
  const predictor = new Predictor(nominal);
  const { recipe, body } = evaluation.cell;
  const building = buildingSteps(recipe, body);
  const device = nameOfTarget(plan.target);
  const step = (
    one: Partial<GuideStep> & Pick<GuideStep, 'id' | 'kind' | 'title' | 'text'>,
  ): GuideStep => ({
    string: null,
    built: 0,
    joins: false,
    measurement: null,
    meter: null,
    expected: null,
    minutes: 0,
    cautions: [],
    ...one,
  });
  const measure = (
    id: string,
    title: string,
    measurement: Measurement,
    rest: { readonly cautions?: readonly CautionId[]; readonly joining?: string } = {},
  ): GuideStep => {
    const { cautions = [], joining } = rest;
    const { mean, spread, noise } = predictor.predict(measurement, NO_FAULT);
    const deviation = Math.hypot(noise, ...spread);
    return step({
      id,
      kind: 'measure',
      title,
      text: [joining, howToMeasure(measurement)].filter((one) => one !== undefined).join(' '),
      joins: joining !== undefined,
      string: 'string' in measurement ? measurement.string : null,
      built: 'built' in measurement ? measurement.built : 0,
      measurement,
      meter: meterFor(measurement, mean, plan.meter.shuntOhms),
      expected: { value: mean, deviation },
      cautions: cautionsOf(cautions),
    });
  };
  const steps: GuideStep[] = [
    step({
      id: 'prepare',
      kind: 'prepare',
      title: 'Get your things ready',
      text: building[0] ?? `Lay out the ${body.plural}, the metals and the leads.`,
      cautions: cautionTextsOf(recipe, body),
    }),
  ];
  const shortCaution: CautionId[] = cautionsOfCell(recipe, body).includes('short-circuit')
    ? ['short-circuit']
    : [];
  const { group, measuring } = evaluation.inLesson;
  const [of, minus, plus] = [
    (string: number): string => (nominal.strings.length > 1 ? ` of string ${string}` : ''),
    `− metal (${recipe.minus.part})`,
    `+ metal (${recipe.plus.part})`,
  ];
  const volts = (string: number, to: number, joining?: string): GuideStep =>
    measure(
      `volts ${string} ${to}`,
      to === 1 ? `Volts of cell 1${of(string)}` : `Volts of cells 1–${to}${of(string)}`,
      { kind: 'volts', string, from: 1, to, built: to },
      joining === undefined ? {} : { joining },
    );
  steps.push(
    step({
      id: 'build 1 1',
      kind: 'build',
      title: 'Build one cell',
      text: [...building.slice(1), joiningStep(evaluation.cell)]
        .filter((one) => one !== null)
        .join(' '),
      string: 1,
      built: 1,
      cautions: cautionTextsOf(recipe, body),
    }),
    volts(1, 1),
    measure(
      'short 1 1',
      'Milliamps of cell 1, briefly',
      { kind: 'short', string: 1, built: 1 },
      { cautions: shortCaution },
    ),
  );
  const others = group.cellsInGroup - 1;
  if (others > 0) {
    const each = Math.ceil(others / Math.max(1, group.pupilsInGroup.least));
    steps.push(
      step({
        id: 'build all',
        kind: 'build',
        title: others === 1 ? 'Build the other cell' : `Build the other ${others} cells`,
        text:
          others === 1
            ? 'Build it like the first.'
            : `Each of you builds ${each === 1 ? 'one' : `${each} of them`}, all at the same time, like the first. Lay them out in a row.`,
      }),
    );
  }
  // Where the meters go round once, the string is joined at one go and read once.
  const isReadOnce = measuring.way === 'once';
  nominal.strings.forEach((items, index) => {
    const string = index + 1;
    const last = items.length;
    if (isReadOnce && last > 1) {
      steps.push(
        volts(
          string,
          last,
          `Clip the ${minus} of each cell to the ${plus} of the one before, ${last} cells in a row.`,
        ),
      );
    } else {
      for (let cell = index === 0 ? 2 : 1; cell <= last; cell += 1) {
        steps.push(
          volts(
            string,
            cell,
            cell === 1
              ? `This is the − end of string ${string}.`
              : `Clip the ${minus} of cell ${cell} to the ${plus} of cell ${cell - 1}.`,
          ),
        );
      }
    }
    if (last > 1) {
      steps.push(
        measure(
          `short ${string} ${last}`,
          `Milliamps of the whole string${of(string) === '' ? '' : ` ${string}`}, briefly`,
          { kind: 'short', string, built: last },
          { cautions: shortCaution },
        ),
      );
    }
  });
  if (nominal.strings.length > 1) {
    steps.push(
      step({
        id: 'join',
        kind: 'join',
        title: 'Join the strings',
        text: 'All + ends together, all − ends together. The volts stay, the current grows.',
        cautions: cautionsOf(cautionIdsOfPlan(evaluation)),
      }),
      measure('battery-volts', 'Volts of the whole battery', { kind: 'battery-volts' }),
    );
  }
  const { seriesResistorOhms } = evaluation;
  if (seriesResistorOhms !== null) {
    steps.push(
      step({
        id: 'resistor',
        kind: 'device',
        title: `Put the resistor of ${formatOhms(seriesResistorOhms)} in the + lead`,
        text: `Battery +, resistor, ${device}: the current passes through all of them. Without it the ${device} may be destroyed.`,
      }),
    );
  }
  steps.push(
    step({
      id: 'device',
      kind: 'device',
      title: `Connect the ${device}`,
      text: connectWords(plan.target),
    }),
    measure('lights', `Does the ${device} run?`, { kind: 'lights', turned: false }),
    measure(
      'load-volts',
      seriesResistorOhms === null
        ? `Volts at the ${device}`
        : `Volts at ${device} and resistor together`,
      { kind: 'load-volts' },
    ),
    step({
      id: 'hold',
      kind: 'hold',
      title: 'Hold it together',
      text: recipe.breathes
        ? 'Clips, pegs or rubber bands. Leave the carbon side open: this cell breathes.'
        : `Tape, clips or rubber bands, so that nothing slips and nothing dries out. ${capital(recipe.endsLife)}`,
    }),
  );
  steps.push(
    step({
      id: 'clear',
      kind: 'clear',
      title: 'Clear away',
      text: `${wasteWords(recipe, body)} Count them back, and wash your hands.`,
    }),
  );
  return withMinutes(steps, measuring.course.phases);
}

/** The part of the lesson that a step belongs to. */
function phaseOf({ id, kind, measurement }: GuideStep): PhaseId {
  if (id === 'prepare') return 'question';
  if (id === 'build all') return 'more-cells';
  if (kind === 'build') return 'one-cell';
  if (kind === 'clear') return 'clear';
  if (kind === 'hold') return 'compare';
  if (kind === 'device' || measurement?.kind === 'lights' || measurement?.kind === 'load-volts') {
    return 'device';
  }
  return ['volts 1 1', 'short 1 1'].includes(id) ? 'measure-one' : 'measure-all';
}

/** The minutes of each part of the lesson, shared by its steps. */
function withMinutes(steps: readonly GuideStep[], phases: readonly LessonPhase[]): GuideStep[] {
  const phased = steps.map((one) => ({ one, phase: phaseOf(one) }));
  return phased.map(({ one, phase }) => {
    const minutes = phases.find(({ id }) => id === phase)?.minutes ?? 0;
    return { ...one, minutes: minutes / phased.filter((other) => other.phase === phase).length };
  });
}

/** Range and socket for an expected value: the range with the least total error. */
export function meterFor(
  measurement: Measurement,
  expected: number,
  shunts: ShuntOhms,
): MeterSetting | null {
  switch (quantityOf(measurement)) {
    case 'light':
      return null;
    case 'volts':
      return { range: suitableVoltRange(expected), socket: 'VΩ' };
    case 'amps': {
      const range = suitableCurrentRange(expected, shunts);
      return { range, socket: isUnfused(range) ? '10 A' : 'mA' };
    }
  }
}

/** How a load is connected, and what to do first where it does nothing. */
function connectWords(target: Plan['target']): string {
  const plus = plusOfTarget(target);
  const { silent } = wordsOfTarget(target);
  const press = `${silent} Press every clip, then look for a fault.`;
  if (plus === null) return `Either way round. ${press}`;
  return plus === 'long leg'
    ? `Its long leg to +, its short leg to −. ${silent} Turn it round once before you look for a fault.`
    : `Its red wire to +, the other to −. ${press}`;
}

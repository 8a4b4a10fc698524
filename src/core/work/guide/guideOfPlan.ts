import { plusOfTarget, wordsOfTarget } from '../../records/plan/targetWords';
import { buildingSteps, cautionsOfCell } from '../../physics/recipes/recipe';
import { joiningStep, minutesToBuildOf } from '../../physics/recipes/cellBuild';
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
import { cautionsOf, cautionsOfVolts, type CautionId } from '../../physics/safety/cautions';
import { formatOhms } from '../../units';
import { capital } from '../../words';
import type { GuideStep, MeterSetting } from './guideStep';

/** Minutes of the short steps (common practice, no source). */
const MINUTES = { volts: 0.5, amps: 0.5, join: 3, device: 2, hold: 5, prepare: 5 } as const;

/** What a group does at the bench, one thing after the other: from the recipe and the arrangement. */
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
    cautions: readonly CautionId[] = [],
  ): GuideStep => {
    const { mean, spread, noise } = predictor.predict(measurement, NO_FAULT);
    const deviation = Math.hypot(noise, ...spread);
    return step({
      id,
      kind: 'measure',
      title,
      text: howToMeasure(measurement),
      string: 'string' in measurement ? measurement.string : null,
      built: 'built' in measurement ? measurement.built : 0,
      measurement,
      meter: meterFor(measurement, mean, plan.meter.shuntOhms),
      expected: { value: mean, deviation },
      minutes: quantityOf(measurement) === 'amps' ? MINUTES.amps : MINUTES.volts,
      cautions: cautionsOf(cautions),
    });
  };
  const steps: GuideStep[] = [
    step({
      id: 'prepare',
      kind: 'prepare',
      title: 'Get your things ready',
      text: building[0] ?? `Lay out the ${body.plural}, the metals and the leads.`,
      minutes: MINUTES.prepare,
      cautions: cautionsOf(cautionsOfCell(recipe, body)),
    }),
  ];
  const shortCaution: CautionId[] = recipe.cautions.includes('short-circuit')
    ? ['short-circuit']
    : [];
  nominal.strings.forEach((items, index) => {
    const string = index + 1;
    const of = nominal.strings.length > 1 ? ` of string ${string}` : '';
    for (let cell = 1; cell <= items.length; cell += 1) {
      const first = index === 0 && cell === 1;
      steps.push(
        step({
          id: `build ${string} ${cell}`,
          kind: 'build',
          title: first ? 'Build one cell' : `${cell === 1 ? 'Build' : 'Add'} cell ${cell}${of}`,
          text: first
            ? [...building.slice(1), joiningStep(evaluation.cell)]
                .filter((one) => one !== null)
                .join(' ')
            : cell === 1
              ? `The same as before. It is the − end of string ${string}.`
              : `Build it like the first, then clip its − metal (${recipe.minus.part}) to the + metal (${recipe.plus.part}) of cell ${cell - 1}.`,
          string,
          built: cell,
          minutes: minutesToBuildOf(evaluation.cell),
          cautions: first ? cautionsOf(cautionsOfCell(recipe, body)) : [],
        }),
        measure(
          `volts ${string} ${cell}`,
          cell === 1 ? `Volts of cell 1${of}` : `Volts of cells 1–${cell}${of}`,
          { kind: 'volts', string, from: 1, to: cell, built: cell },
        ),
      );
      if (first) {
        steps.push(
          measure(
            'short 1 1',
            'Milliamps of cell 1, briefly',
            { kind: 'short', string, built: 1 },
            shortCaution,
          ),
        );
      }
    }
    if (items.length > 1) {
      steps.push(
        measure(
          `short ${string} ${items.length}`,
          `Milliamps of the whole string${of === '' ? '' : ` ${string}`}, briefly`,
          { kind: 'short', string, built: items.length },
          shortCaution,
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
        minutes: MINUTES.join,
        cautions: cautionsOfVolts(evaluation.source.emfVolts),
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
        minutes: MINUTES.volts,
      }),
    );
  }
  steps.push(
    step({
      id: 'device',
      kind: 'device',
      title: `Connect the ${device}`,
      text: connectWords(plan.target),
      minutes: MINUTES.device,
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
      minutes: MINUTES.hold,
    }),
  );
  return steps;
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

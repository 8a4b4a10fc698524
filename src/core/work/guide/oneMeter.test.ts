import type { PlannedCell } from '../../physics/readings/plannedCell';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { logged } from '@/testing/core/logged';
import { USUAL_CLASS_METER } from '../../physics/instruments/classMeter';
import { readingsOfGroup } from '../../records/logbook/foldLog';
import type { LogRequest } from '../../records/logbook/logEntry';
import type { Measurement } from '../../records/logbook/measurement';
import { readingEntry } from '../../records/logbook/readingEntry';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { cellsOfLesson } from '../../records/school/cellsOfLesson';
import { NO_FAULT } from '../diagnosis/causes';
import { nominalBatteryOf } from '../diagnosis/nominalBattery';
import { Predictor } from '../diagnosis/predictor';
import { evaluatePlan } from '../judging/evaluatePlan';
import { groupFacts } from './benchFacts';
import { calibratedPlan } from './calibratedPlan';
import { guideOfPlan } from './guideOfPlan';

const VOLTS = 0.93;
const AMPS = 1.4e-3;
const SHORT: Measurement = { kind: 'short', string: 1, built: 1 };
const TAKEN = '2027-01-29T14:00:00Z';

/** A plan whose cell was read on the 20 mA range of a meter with so many ohms there. */
function readWith(shuntOhms: number): Plan {
  const plan = newPlan('Lamp');
  return {
    ...plan,
    meter: {
      ...USUAL_CLASS_METER,
      shuntOhms: { ...USUAL_CLASS_METER.shuntOhms, '2 mA': shuntOhms, '20 mA': shuntOhms },
    },
    cell: {
      ...plan.cell,
      own: {
        openCircuitVolts: VOLTS,
        shortCircuit: { amps: AMPS, meterRange: '20 mA', secondsAfter: null },
        loaded: [],
        kept: true,
      },
    },
    arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
  };
}

const request = (entryId: string, measurement: Measurement, value: number): LogRequest => ({
  entryId,
  revision: 1,
  group: 'Tern',
  entry: { ...readingEntry(measurement, value, TAKEN), range: value === AMPS ? '20 mA' : null },
  struck: false,
});
const LINES = logged([
  request('a', { kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, VOLTS),
  request('b', SHORT, AMPS),
]);

/** What the readings of the plan's own cell came to, ohms. */
function readOhms({ own }: PlannedCell): number {
  return own?.status === 'used' ? own.model.resistanceOhms : NaN;
}

/** A cell shorted by a meter: the current at which its curve and the meter's resistance agree, by halving. */
function meteredAmps({ model }: PlannedCell, shunt: number): number {
  let [low, high] = [0, cellAmpsAt(model, 0)];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (cellAmpsAt(model, middle * shunt) > middle) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * @check the plan’s meter, wherever a current is read or expected
 * @origin closed form: I = E/(R + R_shunt); what the cell was read with is what it will read again
 * @tolerance 1e-9 of the resistance, half a percent of what is read
 */
test.each([1, 10, 60, 200])(
  'a meter of %p Ω is one meter for cell, guide, stairs, fault finder, calibration and school',
  (shunt) => {
    const plan = readWith(shunt);
    const inside = VOLTS / AMPS - shunt;
    const evaluation = evaluatePlan(plan);
    expect(readOhms(evaluation.cell)).toBeCloseTo(inside, 6);

    const steps = guideOfPlan(plan, evaluation);
    const step = steps.find(({ measurement }) => measurement?.kind === 'short');
    // What an average cell of the class is taken for, read by the same meter.
    const average = meteredAmps(evaluation.cell, shunt);
    expect((step?.expected?.value ?? 0) / average).toBeCloseTo(1, 2);
    expect(['2 mA', '20 mA']).toContain(step?.meter?.range);
    const facts = groupFacts(plan, evaluation);
    expect((facts.stairs[0]?.shortAmps ?? 0) / average).toBeCloseTo(1, 2);
    const { mean } = new Predictor(nominalBatteryOf(evaluation)).predict(SHORT, NO_FAULT);
    expect(mean / average).toBeCloseTo(1, 2);

    const calibrated = calibratedPlan(plan, readingsOfGroup(LINES, 'Tern'));
    if (calibrated === null) throw new Error('two readings make a cell');
    expect(readOhms(evaluatePlan(calibrated).cell)).toBeCloseTo(inside, 6);

    const [counted] = cellsOfLesson(plan, 'lesson', ['Tern'], LINES);
    expect((counted?.cell.shortAmps ?? 0) / (VOLTS / inside)).toBeCloseTo(1, 6);
  },
);

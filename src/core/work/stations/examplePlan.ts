import { freshCell } from '../../records/plan/newPlan';
import { USUAL_CLASS_METER } from '../../physics/instruments/classMeter';
import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_LESSON } from '../../records/plan/lessonSchema';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '../../records/plan/planSchema';

/** The club of the invented scenario: six groups named after shore birds, two meters, an hour in the afternoon. */
const EXAMPLE_LESSON: Plan['lesson'] = {
  ...USUAL_LESSON,
  pupils: 24,
  meters: 2,
  minutes: 60,
  startsAt: '14:00',
};

/** The lamp of “Fernmoor Lighthouse Night”, by which every station is explained. */
export const EXAMPLE_PLAN: Plan = {
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  title: 'Lamp for the model lighthouse',
  lessonDate: '2027-01-29',
  target: { kind: 'led', colour: 'amber', brightness: 'clear' },
  minutes: 10,
  switchedOnAt: null,
  cell: {
    ...freshCell('copper-zinc-fruit', 'kiwi'),
    size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 2 },
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: 2 },
      loaded: [],
      kept: false,
    },
    trialCells: [
      { volts: 0.94, milliamps: 1.3, seconds: 2, counted: true },
      { volts: 0.92, milliamps: 1.5, seconds: 2, counted: true },
    ],
  },
  arrangement: { kind: 'suggested' },
  seriesResistor: { kind: 'as-needed' },
  meter: USUAL_CLASS_METER,
  have: null,
  lesson: EXAMPLE_LESSON,
  running: USUAL_RUNNING,
  wishes: [],
};

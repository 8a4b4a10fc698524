import { USUAL_CLASS_METER } from '../../physics/instruments/classMeter';
import { USUAL_LESSON } from './lessonSchema';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './planSchema';
import { USUAL_RUNNING } from './runningSchema';

/** While the class looks. */
export const USUAL_MINUTES = 10;

/** What a new plan starts from: the commonest wish and the commonest cell. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    lessonDate: null,
    target: { kind: 'led', colour: 'red', brightness: 'dim' },
    minutes: USUAL_MINUTES,
    cell: {
      recipe: 'copper-zinc-fruit',
      ownRecipe: null,
      body: 'lemon',
      size: null,
      own: null,
    },
    arrangement: { kind: 'suggested' },
    seriesResistor: { kind: 'as-needed' },
    meter: USUAL_CLASS_METER,
    lesson: USUAL_LESSON,
    running: USUAL_RUNNING,
    wishes: [],
  };
}

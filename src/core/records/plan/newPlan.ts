import { USUAL_LESSON } from './lessonSchema';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './planSchema';
import { USUAL_RUNNING } from './runningSchema';

/** What a new plan starts from: the commonest wish and the commonest cell. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    lessonDate: null,
    target: { kind: 'led', colour: 'red', brightness: 'dim' },
    minutes: 40,
    cell: {
      recipe: 'copper-zinc-fruit',
      ownRecipe: null,
      body: 'lemon',
      size: null,
      own: null,
    },
    arrangement: { kind: 'suggested' },
    lesson: USUAL_LESSON,
    running: USUAL_RUNNING,
    wishes: [],
  };
}

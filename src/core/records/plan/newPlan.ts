import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_CLASS_METER } from '../../physics/instruments/classMeter';
import { USUAL_LESSON } from './lessonSchema';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './planSchema';
import { USUAL_RUNNING } from './runningSchema';

/** While the class looks. */
export const USUAL_MINUTES = 10;

/** A plan's cell of which nothing was read: readings are of the fruit and the piece that they were taken from. */
export const UNREAD = { own: null, trialCells: [] } satisfies Partial<Plan['cell']>;

/** A cell of a recipe with nothing decided about it: pieces and pairs as suggested, of the usual size, nothing read. */
export function freshCell(
  recipe: Plan['cell']['recipe'],
  body: string = RECIPES[recipe].bodies[0].id,
  ownRecipe: Plan['cell']['ownRecipe'] = null,
): Plan['cell'] {
  return {
    recipe,
    ownRecipe,
    body,
    piece: null,
    overhangMillimetres: 0,
    size: null,
    ...UNREAD,
    school: null,
  };
}

/** What a new plan starts from: the commonest wish and the commonest cell. */
export function newPlan(title: string): Plan {
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title,
    lessonDate: null,
    target: { kind: 'led', colour: 'red', brightness: 'dim' },
    minutes: USUAL_MINUTES,
    switchedOnAt: null,
    cell: freshCell('copper-zinc-fruit', 'lemon'),
    arrangement: { kind: 'suggested' },
    seriesResistor: { kind: 'as-needed' },
    meter: USUAL_CLASS_METER,
    have: null,
    lesson: USUAL_LESSON,
    running: USUAL_RUNNING,
    wishes: [],
  };
}

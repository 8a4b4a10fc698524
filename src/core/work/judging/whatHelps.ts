import { isLit, wordsOfTarget } from '../../records/plan/targetWords';
import { MAX_PAIRS } from '../../physics/cell/electrodeSizeSchema';
import { LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { mostPairsOf } from '../../physics/recipes/cellBuild';
import { RECIPE_IDS, type RecipeId } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { LESSON_LIMITS } from '../../records/plan/lessonSchema';
import { freshCell } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { timeInLesson } from '../lesson/lessonPlan';
import { aboutTime, forHowLong, formatMinutes, formatNumber } from '../../units';
import { evaluatePlan, reaches, type PlanEvaluation } from './evaluatePlan';
import {
  asPercentRounded,
  isRecommended,
  takesWording,
  TONES,
  verdictOf,
  type Verdict,
} from './verdict';
import { heldArrangement, keepingCell, planCellWithPairs, withMorePlus } from './planEdits';

/** A change to a plan that mends what falls short, and what it would then do. */
export interface Help {
  readonly id: string;
  /** `one more string` */
  readonly what: string;
  /** `clear for 10 min · 97 of 100` */
  readonly effect: string;
  readonly tone: Verdict['tone'];
  readonly change: Partial<
    Pick<Plan, 'target' | 'minutes' | 'cell' | 'arrangement' | 'seriesResistor' | 'have' | 'lesson'>
  >;
}

/** A chance must grow by so much to be worth a press. */
const WORTH_CHANCE = 0.02;
const MOST_SHOWN = 6;

/** Times that people ask for, minutes. */
const SHORTER = [1440, 480, 120, 40, 20, 10, 5, 1, 1 / 6];

/** What would help a plan that falls short: every change is worked out, and offered only where it mends something. */
export function whatHelps(plan: Plan): Help[] {
  const now = evaluatePlan(plan);
  // Whatever it would light, no class builds it.
  if (now.inLesson.gate.verdict === 'numbers-only') return [];
  const rank = TONES.indexOf(verdictOf(now).tone);
  const tellsTime = timeInLesson(now.inLesson, plan.lesson)?.over === true;
  const helps: Help[] = [];
  for (const { id, what, change } of changesOf(plan, now)) {
    const then = evaluatePlan(keepingCell(plan, { ...plan, ...change }), now);
    const { tone } = verdictOf(then);
    const gain = TONES.indexOf(tone) - rank;
    // What is sure enough as it is falls short of something else; where parts are missing nobody builds it, however sure.
    const surer =
      then.missing.length === 0 &&
      !isRecommended(now.classes.chance) &&
      reaches(then.atEnd.amps, then.need) &&
      then.classes.chance - now.classes.chance >= WORTH_CHANCE;
    if (gain > 0 || (gain === 0 && surer && tone !== 'fine')) {
      helps.push({ id, what, effect: effectOf(then, tellsTime), tone, change });
    }
  }
  return helps.sort((a, b) => TONES.indexOf(b.tone) - TONES.indexOf(a.tone)).slice(0, MOST_SHOWN);
}

type Change = Pick<Help, 'id' | 'what' | 'change'>;

function changesOf(plan: Plan, now: PlanEvaluation): Change[] {
  const { wiring, cell, desk, wiringOptions } = now;
  const changes: Change[] = [];
  const add = (id: string, what: string, change: Change['change']): void => {
    changes.push({ id, what, change });
  };
  if (plan.arrangement.kind !== 'suggested' && wiringOptions.status === 'possible') {
    const { cellsInSeries, strings } = wiringOptions.suggested;
    add('suggested', `${cellsInSeries} in series × ${strings}`, {
      arrangement: { kind: 'suggested' },
    });
  }
  if (plan.arrangement.kind === 'desk' && plan.arrangement.loadReversed) {
    add('turn', `the ${now.need.name} turned round`, {
      arrangement: { ...plan.arrangement, loadReversed: false },
    });
  }
  if (now.missing.length > 0) {
    add('buy', 'what is missing is bought', { have: null });
  }
  if (plan.seriesResistor.kind !== 'as-needed') {
    add('resistor', 'a resistor as needed', { seriesResistor: { kind: 'as-needed' } });
  }
  // With the LED the wrong way round a larger grid would turn it round as well, unsaid.
  if (desk.grid !== null && !desk.loadReversed) {
    const { cellsInSeries, strings } = wiring;
    for (const more of [1, 2]) {
      if (cellsInSeries * (strings + more) > MAX_CELLS) continue;
      add(`strings-${more}`, more === 1 ? 'one more string' : 'two more strings', {
        arrangement: { kind: 'own', cellsInSeries, strings: strings + more },
      });
    }
    if ((cellsInSeries + 1) * strings <= MAX_CELLS && cellsInSeries < LONGEST_STRING) {
      add('longer', 'one more cell in each string', {
        arrangement: { kind: 'own', cellsInSeries: cellsInSeries + 1, strings },
      });
    }
  }
  if (cell.recipe.morePairs) {
    const { size } = cell;
    if (size.pairs + size.extraPlus < MAX_PAIRS) {
      add('plus', `twice the ${cell.recipe.plus.material}`, {
        cell: withMorePlus(plan.cell, size, size.pairs + size.extraPlus),
        arrangement: heldArrangement(plan, wiring),
      });
    }
  }
  changes.push(...shorterLessons(plan, now));
  if (plan.target.kind === 'led') {
    const { target } = plan;
    if (target.colour !== 'red') {
      add('red', `a ${LED_PRESETS.red.name} instead`, { target: { ...target, colour: 'red' } });
    }
    const less = WANTED_BRIGHTNESSES[WANTED_BRIGHTNESSES.indexOf(target.brightness) - 1];
    if (less !== undefined) {
      add('less', `${less} is enough`, { target: { ...target, brightness: less } });
    }
  }
  const shorter = SHORTER.filter((minutes) => minutes < plan.minutes);
  const enough = shorter.find((minutes) => {
    const then = evaluatePlan(keepingCell(plan, { ...plan, minutes }), now);
    return verdictOf(then).tone !== 'wrong' && isRecommended(then.classes.chance);
  });
  if (enough !== undefined) {
    add('shorter', `${formatMinutes(enough)} instead of ${formatMinutes(plan.minutes)}`, {
      minutes: enough,
    });
  }
  return changes;
}

/** What makes a battery fit its lesson: more metal in fewer bodies, fewer groups, another cell, two lessons. */
function shorterLessons(plan: Plan, now: PlanEvaluation): Change[] {
  const { lesson } = plan;
  const { cell, inLesson } = now;
  const arrangement = { kind: 'suggested' } as const;
  if (timeInLesson(inLesson, lesson)?.over !== true) return [];
  const fits = (change: Change['change']): boolean => {
    const then = evaluatePlan(keepingCell(plan, { ...plan, ...change }), now);
    return verdictOf(then).tone === 'fine';
  };
  const first = <T>(options: readonly T[], changeOf: (option: T) => Change['change']): T | null =>
    options.find((option) => fits(changeOf(option))) ?? null;
  const changes: Change[] = [];

  const { pairs } = cell.size;
  const withPairs = (more: number): Change['change'] => ({
    arrangement,
    cell: planCellWithPairs(plan.cell, cell.size, more),
  });
  const room = cell.recipe.morePairs ? Math.min(MAX_PAIRS, mostPairsOf(cell)) : 1;
  const more = first(countsBetween(pairs + 1, room), withPairs);
  if (more !== null) {
    changes.push({
      id: 'pairs',
      what: `${more} pairs of metal in each ${cell.body.name}`,
      change: withPairs(more),
    });
  }

  const withGroups = (groups: number): Change['change'] => ({ lesson: { ...lesson, groups } });
  const fewer = first(countsBetween(1, lesson.groups - 1).reverse(), withGroups);
  if (fewer !== null) {
    const what = fewer === 1 ? 'one group' : `${fewer} groups`;
    changes.push({
      id: 'groups',
      what: `${what} instead of ${lesson.groups}`,
      change: withGroups(fewer),
    });
  }

  const withRecipe = (recipe: RecipeId): Change['change'] => ({
    arrangement,
    cell: freshCell(recipe),
  });
  const others = RECIPE_IDS.filter((id) => id !== cell.recipe.id && fits(withRecipe(id)));
  for (const id of others.slice(0, MOST_OTHER_CELLS)) {
    const { bodies } = RECIPES[id];
    changes.push({ id, what: `${bodies[0].plural} instead`, change: withRecipe(id) });
  }

  const twice = { lesson: { ...lesson, minutes: 2 * lesson.minutes } };
  if (twice.lesson.minutes <= LESSON_LIMITS.mostMinutes && fits(twice)) {
    changes.push({
      id: 'two-lessons',
      what: `two lessons of ${lesson.minutes} min`,
      change: twice,
    });
  }
  return changes;
}

const MOST_OTHER_CELLS = 2;

function countsBetween(least: number, most: number): number[] {
  return Array.from({ length: Math.max(0, most - least + 1) }, (_, index) => least + index);
}

/** @param tellsTime where the lesson is too short as it is. */
function effectOf(evaluation: PlanEvaluation, tellsTime: boolean): string {
  const { atEnd, wantedUntilSeconds, minutes, classes, target } = evaluation;
  const what = isLit(target) ? target.brightness : wordsOfTarget(target).works.replace('It ', '');
  if (wantedUntilSeconds !== null) {
    return `${what} for ${aboutTime(wantedUntilSeconds)}`;
  }
  const much = isLit(target) ? (atEnd.brightness ?? what) : what;
  const time = timeInLesson(evaluation.inLesson, evaluation.basis.lesson);
  const takes = time === null || !tellsTime ? '' : ` · ${takesWording(time)}`;
  return `${much} ${forHowLong(minutes, evaluation.basis.switchedOnAt)} · ${formatNumber(asPercentRounded(classes.chance))} of 100${takes}`;
}

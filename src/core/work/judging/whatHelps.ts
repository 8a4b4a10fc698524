import { MAX_PAIRS } from '../../physics/cell/electrodeSizeSchema';
import { LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import type { Plan } from '../../records/plan/planSchema';
import { aboutTime, formatMinutes, formatNumber } from '../../units';
import { evaluatePlan, reaches, type PlanEvaluation } from './evaluatePlan';
import { asPercentRounded, isRecommended, TONES, verdictOf, type Verdict } from './verdict';
import { heldArrangement, withMorePlus } from './planEdits';

/** A change to a plan that mends what falls short, and what it would then do. */
export interface Help {
  readonly id: string;
  /** `one more string` */
  readonly what: string;
  /** `clear for 10 min · 97 of 100` */
  readonly effect: string;
  readonly tone: Verdict['tone'];
  readonly change: Partial<
    Pick<Plan, 'target' | 'minutes' | 'cell' | 'arrangement' | 'seriesResistor' | 'have'>
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
  if (now.cell.recipe.restricted) return [];
  const rank = TONES.indexOf(verdictOf(now).tone);
  const helps: Help[] = [];
  for (const { id, what, change } of changesOf(plan, now)) {
    const then = evaluatePlan({ ...plan, ...change }, now);
    const { tone } = verdictOf(then);
    const gain = TONES.indexOf(tone) - rank;
    // What is sure enough as it is falls short of something else: of parts, say.
    const surer =
      !isRecommended(now.classes.chance) &&
      reaches(then.atEnd.amps, then.need) &&
      then.classes.chance - now.classes.chance >= WORTH_CHANCE;
    if (gain > 0 || (gain === 0 && surer && tone !== 'fine')) {
      helps.push({ id, what, effect: effectOf(then), tone, change });
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
        cell: withMorePlus(plan.cell, size.pairs + size.extraPlus),
        arrangement: heldArrangement(plan, wiring),
      });
    }
  }
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
  const enough = shorter.find(
    (minutes) => verdictOf(evaluatePlan({ ...plan, minutes }, now)).tone === 'fine',
  );
  if (enough !== undefined) {
    add('shorter', `${formatMinutes(enough)} instead of ${formatMinutes(plan.minutes)}`, {
      minutes: enough,
    });
  }
  return changes;
}

function effectOf(evaluation: PlanEvaluation): string {
  const { atEnd, wantedUntilSeconds, minutes, classes, target } = evaluation;
  const what = target.kind === 'led' ? target.brightness : 'runs';
  if (wantedUntilSeconds !== null) {
    return `${what} for ${aboutTime(wantedUntilSeconds)}`;
  }
  const much = target.kind === 'led' ? (atEnd.brightness ?? what) : what;
  return `${much} for ${formatMinutes(minutes)} · ${formatNumber(asPercentRounded(classes.chance))} of 100`;
}

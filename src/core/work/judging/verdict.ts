import { cellAmpsAt } from '../../physics/cell/cellModel';
import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS } from '../../constants';
import { BRIGHTNESS_BANDS, type BrightnessBand } from '../../physics/circuit/brightness';
import type { PlanTarget } from '../../records/plan/planSchema';
import { failsWords, wordsOfTarget } from '../../records/plan/targetWords';
import {
  aboutTime,
  forHowLong,
  formatAmps,
  formatMinutes,
  formatNumber,
  formatVolts,
} from '../../units';
import { capital, inWords } from '../../words';
import { reaches, type PlanEvaluation } from './evaluatePlan';
import { timeInLesson, type TimeInLesson } from '../lesson/lessonPlan';
import { missingWords } from '../parts/missingWords';
import { END_WORDS } from '../search/endWords';
import { PLANNING_DEFAULTS } from '../search/planGrids';

/** From worst to best. */
export const TONES = ['wrong', 'marginal', 'fine'] as const;

/** One plain sentence about what will happen, always true, with its figures and how certain they are. */
export interface Verdict {
  /** `fine`: recommended; `marginal`: may well fail in class; `wrong`: will not do what is wanted. */
  readonly tone: (typeof TONES)[number];
  readonly headline: string;
  /** Figures and certainty, joined to the headline by a dot in the middle. */
  readonly details: readonly string[];
}

export const HOW_BRIGHT: Readonly<Record<BrightnessBand, string>> = {
  dark: 'not at all',
  glimmer: 'as a glimmer',
  dim: 'dimly',
  clear: 'clearly',
  bright: 'brightly',
};

export function verdictOf(evaluation: PlanEvaluation): Verdict {
  const { source, target, inLesson } = evaluation;
  if (inLesson.gate.verdict === 'numbers-only') {
    return {
      tone: 'wrong',
      headline: 'Demonstrator only: numbers, no class plan',
      details: [
        `${formatAmps(evaluation.amps)} at ${formatVolts(evaluation.volts)}`,
        'trained staff, fume hood, full protection',
      ],
    };
  }
  if (source.emfVolts > REFUSED_ABOVE_VOLTS) {
    return {
      tone: 'wrong',
      headline: 'Too many volts for a class',
      details: [
        `${formatVolts(source.emfVolts)} with nothing connected`,
        `above ${REFUSED_ABOVE_VOLTS} V Grozer offers no class plan`,
      ],
    };
  }
  const verdict = verdictOnCurrent(target, evaluation);
  return source.emfVolts > ADULT_ONLY_ABOVE_VOLTS
    ? { ...verdict, details: [...verdict.details, `over ${ADULT_ONLY_ABOVE_VOLTS} V: adult only`] }
    : verdict;
}

/** `in 97 of 100 classes`; never claims certainty that the simulation cannot show. */
function inHowManyClasses(chance: number): string {
  return `in ${asPercentRounded(chance)} of 100 classes`;
}

/** `works in 97 of 100 classes`. */
export function chanceWording(chance: number): string {
  return `works ${inHowManyClasses(chance)}`;
}

/** Judged by whole hundredths, as they are shown: what reads as 95 of 100 is taken as such. */
function isAtLeast(chance: number, share: number): boolean {
  return asPercentRounded(chance) >= Math.round(100 * share);
}

/** Whether a chance is one that is recommended to a class. */
export function isRecommended(chance: number): boolean {
  return isAtLeast(chance, PLANNING_DEFAULTS.recommendedFrom);
}

/** What is rarer than one in two thousand counts as never. */
const NEVER = 1 / 2000;

/** Share as a whole number of a hundred; 100 and 0 are kept for what practically always or never happens. */
export function asPercentRounded(share: number): number {
  if (share > NEVER && share < 0.01) return 1;
  if (share < 1 - NEVER && share > 0.99) return 99;
  return Math.round(100 * share);
}

/** Of a hundred classes, as a sum shows it: `96.1`, `fewer than 1`, `none`. */
export function outOfHundred(share: number): string {
  if (share <= NEVER) return 'none';
  return share < 0.01 ? 'fewer than 1' : formatNumber(100 * share, 3);
}

function verdictOnCurrent(target: PlanTarget, evaluation: PlanEvaluation): Verdict {
  const { amps, atEnd, need, classes, endsEarly, minutes } = evaluation;
  const figures = figuresOf(evaluation);
  const wrongThings = evaluation.wrong > 0 ? [wrongThingsWords(evaluation)] : [];
  if (!reaches(amps, need)) {
    return {
      tone: 'wrong',
      headline: shortfallHeadline(target, evaluation),
      details: [figures, ...(evaluation.wrong > 0 ? wrongThings : shortfallReason(evaluation))],
    };
  }
  if (endsEarly !== null) {
    return {
      tone: 'wrong',
      headline: `${successHeadline(target, evaluation)} only ${aboutTime(endsEarly.seconds)}: ${END_WORDS[endsEarly.by]}`,
      details: [figures, `${formatMinutes(minutes)} wanted`, ...wrongThings],
    };
  }
  if (!reaches(atEnd.amps, need)) {
    return {
      tone: 'wrong',
      headline: fadingHeadline(target, evaluation),
      details: [figures, `${formatMinutes(minutes)} wanted`, ...wrongThings],
    };
  }
  const happens = `${successHeadline(target, evaluation)} ${forHowLong(minutes, evaluation.basis.switchedOnAt)}`;
  if (evaluation.wrong > 0) {
    return {
      tone: 'marginal',
      headline: `${happens} all the same`,
      details: [figures, ...wrongThings],
    };
  }
  const chance = chanceWording(classes.chance);
  const tooStrong = tooStrongFor(evaluation);
  const missing = missingVerdict(evaluation, happens);
  if (missing !== null) return { ...missing, details: [...missing.details, chance, figures] };
  if (tooStrong !== null) return { ...tooStrong, details: [...tooStrong.details, chance, figures] };
  // How bright, for how long and how surely count alike: none of them stands among the small print.
  const inClasses = inHowManyClasses(classes.chance);
  const time = timeInLesson(evaluation.inLesson, evaluation.basis.lesson);
  const sure = isRecommended(classes.chance);
  const details = [
    basisWording(evaluation),
    ...(time === null ? [] : workWording(evaluation, time, !sure)),
    figures,
    ...metalWording(evaluation),
  ];
  if (sure) {
    return time?.over === true
      ? {
          tone: 'marginal',
          headline: `${happens}, ${inClasses}, but ${takesWording(time)}`,
          details,
        }
      : { tone: 'fine', headline: `${happens}, ${inClasses}`, details };
  }
  if (isAtLeast(classes.chance, PLANNING_DEFAULTS.marginalFrom)) {
    return { tone: 'marginal', headline: `${happens}, but only ${inClasses}`, details };
  }
  return { tone: 'wrong', headline: `${happens} on paper, but only ${inClasses}`, details };
}

/** `0.41 mA at first, 0.22 mA at the end`; volts where the load fixes the current. */
export function figuresOf(evaluation: PlanEvaluation): string {
  const { amps, volts, atEnd, need } = evaluation;
  const figure = (one: { readonly amps: number; readonly volts: number }): string =>
    need.load.kind === 'device' ? formatVolts(one.volts) : formatAmps(one.amps);
  const [first, last] = [figure({ amps, volts }), figure(atEnd)];
  return first === last ? `${first} from first to last` : `${first} at first, ${last} at the end`;
}

/** `Lights the red LED dimly for 10 min, but 2 galvanised nails are missing`; `null` where all parts are there. */
function missingVerdict({ missing, basis }: PlanEvaluation, happens: string): Verdict | null {
  if (missing.length === 0) return null;
  const [first, ...others] = missing;
  if (first === undefined) return null;
  const { batteries } = basis;
  return {
    tone: 'wrong',
    headline: `${happens}, but ${missingWords([first])} missing`,
    details: [
      ...(others.length === 0 ? [] : [`${missingWords(others)} missing too`]),
      ...(batteries === 1 ? [] : [`for ${batteries} groups`]),
    ],
  };
}

/** `takes 90 of 45 minutes` */
export function takesWording({ minutes, available }: TimeInLesson): string {
  return `takes ${formatNumber(Math.ceil(minutes))} of ${formatNumber(available)} minutes`;
}

/** `24 lemons in each group`, `16 cells in each group: takes 40 of 45 minutes`; nothing where it is soon done. */
function workWording(
  { cell, inLesson }: PlanEvaluation,
  time: TimeInLesson,
  unsure: boolean,
): string[] {
  const { over, manyBodies } = time;
  const many = `${inLesson.group.cellsInGroup} ${cellsWord(cell)} in each group`;
  const takes = takesWording(time);
  // The headline says how long it takes where that is the one thing that is wrong.
  if (over && !unsure) return manyBodies ? [many] : [];
  if (manyBodies) return [`${many}: ${takes}`];
  return over ? [takes] : [];
}

/** `lemons`, `cells` */
function cellsWord({ recipe, body }: PlanEvaluation['cell']): string {
  return recipe.look === 'fruit' ? body.plural : 'cells';
}

/** In how many classes the metal lasts, where that is why they fall short. */
export function metalWording({ metalChance }: PlanEvaluation): string[] {
  return isRecommended(metalChance)
    ? []
    : [`the −\u00a0metal lasts ${inHowManyClasses(metalChance)}`];
}

/** On what the promise rests: `with lemons nobody has read yet`, `with your lemons, one read`. */
export function basisWording({ cell }: Pick<PlanEvaluation, 'cell'>): string {
  const { belief, origin } = cell;
  const cells = cellsWord(cell);
  if (belief.cellsRead > 0) return `with your ${cells}, ${inWords(belief.cellsRead)} read`;
  return origin === 'school'
    ? `with ${cells} like those your school has read`
    : `with ${cells} nobody has read yet`;
}

/** A load that a strong class would harm; `null` where it bears all of them. */
function tooStrongFor(evaluation: PlanEvaluation): Verdict | null {
  const { limit, strong, need, seriesResistorOhms } = evaluation;
  if (limit === null) return null;
  const acrossLoad = strong.volts - strong.amps * (seriesResistorOhms ?? 0);
  const [reached, most] =
    limit.kind === 'amps' ? [strong.amps, limit.most] : [acrossLoad, limit.most];
  if (reached <= most * BORNE_SHARE) return null;
  const format = limit.kind === 'amps' ? formatAmps : formatVolts;
  const breaks = limit.kind === 'volts' || reached > limit.breaksAt;
  return {
    tone: breaks ? 'wrong' : 'marginal',
    headline: breaks
      ? `Too strong for the ${need.name}: it may be destroyed`
      : `Hard on the ${need.name}: it ages quickly`,
    details: [
      `up to ${format(reached)} from a strong class, ${format(most)} is what it bears: put a resistor in series`,
    ],
  };
}

/** Rounding of the resistor's value and of the strong class. */
const BORNE_SHARE = 1.005;

/** `Clear at first, dim after 3 min`. */
function fadingHeadline(target: PlanTarget, evaluation: PlanEvaluation): string {
  const { need, brightness, wantedUntilSeconds } = evaluation;
  const when = aboutTime(wantedUntilSeconds ?? 0);
  switch (target.kind) {
    case 'led':
    case 'leds': {
      const after = BRIGHTNESS_BANDS[BRIGHTNESS_BANDS.indexOf(target.brightness) - 1] ?? 'dark';
      return `${capital(brightness ?? 'dark')} at first, ${after} after ${when}`;
    }
    case 'resistor':
      return `Enough current at first, too little after ${when}`;
    case 'capacitor':
      return `Charges the ${need.name} at first, no longer after ${when}`;
    case 'motor':
      return `Turns the ${need.name} at first, cannot start it after ${when}`;
    case 'bulb':
    case 'device':
      return `${wordsOfTarget(target).verb} the ${need.name} at first, too weakly after ${when}`;
  }
}

/** What-if faults are no plan: the verdict says that they are there. */
function wrongThingsWords({ wrong }: PlanEvaluation): string {
  return `what if: ${wrong === 1 ? 'one thing is' : `${wrong} things are`} wrong on the desk`;
}

function successHeadline(target: PlanTarget, { need, atEnd }: PlanEvaluation): string {
  const { verb } = wordsOfTarget(target);
  switch (target.kind) {
    case 'led':
      if (target.colour === 'infrared') return 'Runs the infrared LED, which only a camera sees,';
      return `Lights the ${need.name} ${HOW_BRIGHT[atEnd.brightness ?? 'dark']}`;
    case 'leds':
      return `Lights ${need.name} ${HOW_BRIGHT[atEnd.brightness ?? 'dark']}`;
    case 'resistor':
      return `Drives the wanted current through the ${need.name}`;
    case 'bulb':
      return `Makes the ${need.name} ${target.look === 'glows' ? 'glow' : 'shine'}`;
    case 'capacitor':
      return `Charges the ${need.name} to ${formatVolts(target.volts)} in ${formatMinutes(target.withinMinutes)}, ready`;
    case 'motor':
    case 'device':
      return `${verb} the ${need.name}`;
  }
}

function shortfallHeadline(target: PlanTarget, { need, brightness }: PlanEvaluation): string {
  if (target.kind === 'led' || target.kind === 'leds') {
    const the = target.kind === 'led' ? `the ${need.name}` : need.name;
    if (brightness === null || brightness === 'dark') {
      return failsWords(target, need.name);
    }
    return BRIGHTNESS_BANDS.indexOf(brightness) < BRIGHTNESS_BANDS.indexOf(target.brightness)
      ? `Lights ${the} only ${HOW_BRIGHT[brightness]}`
      : capital(`${the} ${target.kind === 'led' ? 'gets' : 'get'} too little current`);
  }
  if (target.kind === 'resistor') return `Too little current through the ${need.name}`;
  return failsWords(target, need.name);
}

/** Which is short: volts or current? */
export function shortfallReason(evaluation: PlanEvaluation): string[] {
  const { source, need, cell, wiring, wiringOptions } = evaluation;
  const { cellsInSeries, strings } = wiring;
  // Where no grid of such cells does it, more of them are no advice.
  const add = (what: string): string =>
    wiringOptions.status === 'impossible' ? '' : `; add ${what}`;
  const mostAmps = strings * cellAmpsAt(cell.model, need.volts / cellsInSeries);
  if (source.emfVolts <= need.volts) {
    return [
      `short of volts: ${formatVolts(source.emfVolts)} with nothing connected, ${formatVolts(need.volts)} needed${add('cells in series')}`,
    ];
  }
  return [
    `short of current: ${formatAmps(need.amps)} wanted, ${formatAmps(Math.max(0, mostAmps))} to be had at ${formatVolts(need.volts)}${add('strings')}`,
  ];
}

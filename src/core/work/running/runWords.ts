import type { PlanTarget } from '../../records/plan/planSchema';
import { AA_CELL } from '../../physics/readings/referenceCells';
import { isLedLoad } from '../../physics/circuit/load/load';
import { failsWords } from '../../records/plan/targetWords';
import type { BrightnessBand } from '../../physics/circuit/brightness';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { Verdict } from '../judging/verdict';
import type { CellLeft } from '../../physics/time/dischargeRun';
import {
  aboutTime,
  clockAfter,
  formatAmps,
  formatJoules,
  formatMinutes,
  formatNumber,
  NO_BREAK_SPACE,
  shortClock,
} from '../../units';
import type { RunFit } from './fitRun';
import { HORIZON_SECONDS, TURNS_HORIZON_SECONDS } from './horizons';
import type { IntermittentRun, TurnFacts } from './intermittentRun';
import { runAt, type BatteryRun } from './runBattery';

/** One stretch of a run in which an LED looks the same. */
export interface BrightnessStretch {
  readonly band: BrightnessBand;
  readonly from: number;
  readonly until: number;
}

/** How bright an LED is, one stretch after the other; none for other loads. What is wanted ends when the run says. */
export function brightnessStretches({
  samples,
  endSeconds,
  wantedUntil,
}: BatteryRun): BrightnessStretch[] {
  const stretches: BrightnessStretch[] = [];
  let before = 0;
  for (const { seconds, brightness } of samples) {
    if (brightness === null) return [];
    const last = stretches.at(-1);
    const isWantedEnd = wantedUntil !== null && before < wantedUntil && wantedUntil <= seconds;
    before = seconds;
    if (last?.band === brightness) continue;
    const from = isWantedEnd ? wantedUntil : seconds;
    if (last !== undefined) stretches[stretches.length - 1] = { ...last, until: from };
    stretches.push({ band: brightness, from, until: endSeconds });
  }
  return stretches.filter(({ band, from, until }) => band !== 'dark' && until > from);
}

/** What ends the run and why, as a sentence. */
export function endWords(
  { end, endSeconds }: Pick<BatteryRun, 'end' | 'endSeconds'>,
  strings: number,
): string {
  const when = aboutTime(endSeconds);
  switch (end.reason) {
    case 'time-is-up':
      return `It still runs after ${aboutTime(HORIZON_SECONDS)}, as far as is looked ahead.`;
    case 'too-little-current':
      return `After ${when} the current is too small, though metal and water are left: films have grown on the metals, and the cells have dried in part.`;
    case 'dried-out':
      return `After ${when} ${placeWords(end, strings)} has dried out.`;
    case 'spoilt':
      return `After ${when} mould and browning have spent ${placeWords(end, strings)}.`;
    case 'metal-used-up':
      return `After ${when} the −${NO_BREAK_SPACE}metal of ${placeWords(end, strings)} is used up.`;
  }
}

/** What it has given by its end, beside bought cells: `1280 J: as much as 14 % of what a bought AA cell holds`. */
export function givenWords(joules: number): string {
  const cells = joules / AA_CELL.joules;
  // Below 1.05 it reads as one.
  const beside =
    cells < 1.05
      ? `${formatNumber(100 * cells, 2)} % of what a bought AA cell holds`
      : `${formatNumber(cells, 2)} bought AA cells hold`;
  return `${formatJoules(joules)}: as much as ${beside}`;
}

function placeWords(
  { string, cell }: { readonly string: number; readonly cell: number },
  strings: number,
): string {
  return strings > 1 ? `cell ${cell} of string ${string}` : `cell ${cell}`;
}

/** The verdict on leaving it running: long enough, and bright enough all the time. */
export function runVerdict(
  run: BatteryRun,
  need: LoadRequirement,
  minutes: number,
  target: PlanTarget,
): Verdict {
  const wanted = 60 * minutes;
  const first = run.samples[0]?.amps ?? 0;
  const stillWanted =
    first >= 0.999 * need.amps && (run.wantedUntil === null || run.wantedUntil >= wanted);
  const stretches = brightnessStretches(run);
  const course =
    stretches.length > 1
      ? stretches.map(({ band, until }) => `${band} until ${aboutTime(until)}`).join(', ')
      : '';
  const details = [course, `${formatMinutes(minutes)} wanted`].filter((one) => one !== '');
  if (run.samples.length === 0 || run.endSeconds < 1) {
    return { tone: 'wrong', headline: failsWords(target, need.name), details };
  }
  if (run.endSeconds < wanted) {
    return { tone: 'wrong', headline: `Runs only about ${aboutTime(run.endSeconds)}`, details };
  }
  const long =
    run.end.reason === 'time-is-up'
      ? 'Runs for weeks'
      : `Runs for about ${aboutTime(run.endSeconds)}`;
  return stillWanted
    ? { tone: 'fine', headline: long, details }
    : {
        tone: 'wrong',
        headline: `${long}, ${enoughWords(run, first >= 0.999 * need.amps, need)}`,
        details,
      };
}

/** Whether it still does what it is for at the hour until which it must run: `Still clear at 8:00: 1.2 mA.` */
export function stillWords(
  run: BatteryRun,
  need: LoadRequirement,
  minutes: number,
  from: string,
): string {
  const until = shortClock(clockAfter(from, minutes));
  const wanted = 60 * minutes;
  const enoughUntil = run.wantedUntil ?? run.endSeconds;
  if (run.endSeconds >= wanted && enoughUntil >= wanted) {
    const { brightness, amps } = runAt(run, wanted);
    return `Still ${brightness ?? 'running'} at ${until}: ${formatAmps(amps)}.`;
  }
  const first = Math.min(enoughUntil, run.endSeconds);
  const at = shortClock(clockAfter(from, first / 60));
  const enough = enoughOf(need);
  return first < 1
    ? `Not ${enough} from the beginning.`
    : `Not until ${until}: ${enough} until ${at} only.`;
}

const enoughOf = ({ load }: LoadRequirement): string =>
  isLedLoad(load) ? 'bright enough' : 'strong enough';

/** How long it is bright enough, or strong enough, where that is shorter than wanted. */
function enoughWords(
  { wantedUntil }: Pick<BatteryRun, 'wantedUntil'>,
  atFirst: boolean,
  need: LoadRequirement,
): string {
  const enough = enoughOf(need);
  return atFirst && wantedUntil !== null
    ? `${enough} for ${aboutTime(wantedUntil)} only`
    : `never ${enough}`;
}

/** Which cells are alike: “all cells”, “cells 1–4 of strings 1 and 2”. */
export function placesWords({ strings, cells }: Pick<CellLeft, 'strings' | 'cells'>): string {
  const of = strings.length === 1 && strings[0] === 1 ? '' : ` of ${listed('string', strings)}`;
  return `${listed('cell', cells)}${of}`;
}

function listed(noun: string, numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const one of numbers) {
    const last = runs.at(-1);
    if (last !== undefined && last[1] === one - 1) last[1] = one;
    else runs.push([one, one]);
  }
  const words = runs.map(([from, to]) => (from === to ? String(from) : `${from}–${to}`));
  return `${noun}${numbers.length === 1 ? '' : 's'} ${words.join(', ')}`;
}

/** What would end a cell, and when, if the current stayed as it is at the end of the run. */
export function endsByWords({ endsBy, endsSeconds }: CellLeft): string {
  if (endsSeconds > 12 * HORIZON_SECONDS) return 'nothing would end it within a year';
  return `${ENDS_BY[endsBy]} after ${aboutTime(endsSeconds)}`;
}

const ENDS_BY = { 'dried-out': 'dry', 'metal-used-up': 'metal used up', spoilt: 'spoilt' } as const;

/** What the refit to readings over time has found. */
export function fitWords(
  { factors, points, misfitBefore, misfitAfter }: RunFit,
  bench: string,
): string {
  const times = (factor: number): string => `${formatNumber(factor, 2)} ×`;
  return (
    `Refitted to ${points} readings of ${bench}: the films resist ${times(factors.films)} as much as is usual, ` +
    `the cells give ${times(factors.size)} what was calculated. ` +
    `The misfit fell from ${formatNumber(misfitBefore, 2)} to ${formatNumber(misfitAfter, 2)} times the ordinary scatter.`
  );
}

/** Use in turns as sentences. */
export function turnsWords(
  { turns, usedSeconds, endSeconds, end }: IntermittentRun,
  strings: number,
): { readonly headline: string; readonly detail: string } {
  const goesOn = end.reason === 'time-is-up';
  const headline = goesOn
    ? `Still works after ${aboutTime(TURNS_HORIZON_SECONDS)} and ${turns.length} turns: ${aboutTime(usedSeconds)} of use`
    : `${turns.length} turns, ${aboutTime(usedSeconds)} of use, until ${aboutTime(endSeconds)} after the start`;
  const [first, second] = turns;
  const course = first === undefined ? '' : courseWords(first, second);
  return {
    headline,
    detail: goesOn ? course : `${course} ${endWords({ end, endSeconds }, strings)}`,
  };
}

function courseWords(
  { firstAmps, lastAmps }: TurnFacts,
  second: Pick<TurnFacts, 'firstAmps'> | undefined,
): string {
  const [from, to] = [formatAmps(firstAmps), formatAmps(lastAmps)];
  if (from === to) return `In the first turn the current stays at ${from}.`;
  const again =
    second === undefined ? '' : `; rested, it starts again at ${formatAmps(second.firstAmps)}`;
  return `In the first turn the current falls from ${from} to ${to}${again}.`;
}

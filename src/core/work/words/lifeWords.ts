import { type CellEndsAt, endAtRest } from '../search/batteryInTime';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { Wrap } from '../../physics/time/ageingCell';
import { WRAP_NAMES, wrapsFor, type Running } from '../../records/plan/runningSchema';
import { aboutTime } from '../../units';
import { listWords } from '../../words';
import type { CellEnd } from '../../physics/time/dischargeRun';

/** Cells in the string that is spoken of. */
const CELLS = 4;
/** Beyond this nobody waits. */
const LONGEST_SECONDS = 30 * 86_400;

/** When a cell that stands in a string of four and gives nothing ends, under a cover. */
export function lifeUnder(cell: PlannedCell, running: Running, wrap: Wrap): CellEndsAt {
  return endAtRest(cell, { ...running, wrap }, CELLS);
}

/** `Left alone it lasts about a week, then goes mouldy.`; `Left alone it lasts open about 9 h, then dries out; taped about 6 days, then dries out.` */
export function lifeWords(cell: PlannedCell, running: Running): string {
  const lives = wrapsFor(cell.recipe).map((wrap) => ({
    name: WRAP_NAMES[wrap],
    life: lifeText(lifeUnder(cell, running, wrap)),
  }));
  const different = [...new Set(lives.map(({ life }) => life))];
  const told = different.map((life) => {
    const alike = lives.flatMap((one) => (one.life === life ? [one.name] : []));
    return different.length === 1 ? life : `${listWords(alike, 'or')} ${life}`;
  });
  return `Left alone ${cell.recipe.look === 'pile' ? 'a pile of four' : 'it'} lasts ${told.join('; ')}.`;
}

function lifeText({ seconds, by }: CellEndsAt): string {
  return seconds > LONGEST_SECONDS ? 'for weeks' : `about ${aboutTime(seconds)}, then ${THEN[by]}`;
}

/** What a cell does at its end that lies there and gives nothing. */
const THEN: Readonly<Record<CellEnd, string>> = {
  'metal-used-up': 'its − metal is eaten up',
  'dried-out': 'dries out',
  spoilt: 'goes mouldy',
};

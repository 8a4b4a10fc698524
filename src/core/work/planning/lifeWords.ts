import { familyOf } from '../../physics/chemistry/families';
import type { PlannedCell } from '../../physics/chemistry/plannedCell';
import type { Wrap } from '../../physics/time/drying';
import { WRAP_NAMES, wrapsFor, type Running } from '../../records/plan/runningSchema';
import { formatMinutes } from '../../units';
import { cellInUse, type CellEndsAt } from './cellInUse';
import { END_WORDS } from './endWords';

/** Cells in the string that is spoken of. */
const CELLS = 4;
/** Beyond this nobody waits: minutes. */
const LONGEST_MINUTES = 30 * 1440;

/** When a cell that stands in a string of four and gives nothing ends, under a cover. */
export function lifeUnder(
  { model, recipe, body, piece, minusElectrodes }: PlannedCell,
  running: Running,
  wrap: Wrap,
): CellEndsAt {
  const use = cellInUse(model, {
    ...running,
    family: familyOf(recipe.family),
    wrap,
    piece,
    liquid: body.liquid,
    minusElectrodes,
    seconds: 0,
  });
  return use.endsAt(CELLS, 0);
}

/** `Left alone, four in series: open about 9 h (a cell dries out), taped about 6 days (a cell dries out).` */
export function lifeWords(cell: PlannedCell, running: Running): string {
  const parts = wrapsFor(cell.recipe).map((wrap) => {
    const { seconds, by } = lifeUnder(cell, running, wrap);
    const minutes = Number((seconds / 60).toPrecision(1));
    return minutes > LONGEST_MINUTES
      ? `${WRAP_NAMES[wrap]} more than a month`
      : `${WRAP_NAMES[wrap]} about ${formatMinutes(minutes)} (${END_WORDS[by]})`;
  });
  return `Left alone, four in series: ${parts.join(', ')}.`;
}

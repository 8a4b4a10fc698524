import { endOfGrouping, type WishGrouping } from './grouping';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { chargeTime } from '../../physics/time/chargeTime';
import type { CautionId } from '../../physics/safety/cautions';
import type { Wish } from '../../records/plan/wishSchema';
import { aboutTime, formatAmps, formatCount, formatNumber, formatVolts } from '../../units';
import { END_WORDS } from '../search/endWords';
import { type CellFigures, figuresAfter, withCautionsOf } from './cellFigures';
import type { WorkedSolution } from './workedSolution';

/** Most cells that are asked about. */
export const MOST_ASKED = 1_000_000;

/** Whether so many of a cell do what is wished, what they give at best, and for how long. */
export function wouldDo(
  fresh: CellFigures,
  wish: Wish,
  cells: number,
  cautions: readonly CautionId[],
): WorkedSolution {
  const { together, ...answer } =
    wish.kind === 'run' ? wouldRun(fresh, wish, cells) : wouldPulse(fresh, wish, cells);
  return {
    question: `Would ${formatCount(cells)} ${cells === 1 ? fresh.name : fresh.plural} ${wish.name}?`,
    lines: [],
    origin: fresh.origin,
    sources: ['cell-readings', 'metal', 'limits'],
    cautions: withCautionsOf(cautions, fresh, together ?? { inSeries: cells, strings: 1 }),
    ...answer,
  };
}

interface Answer extends Pick<WorkedSolution, 'tone' | 'headline' | 'remarks'> {
  /** How the cells stand; nothing said: in one string. */
  readonly together?: Pick<WishGrouping, 'inSeries' | 'strings'> | undefined;
}

function wouldRun(fresh: CellFigures, wish: Extract<Wish, { kind: 'run' }>, cells: number): Answer {
  const { volts, amps, seconds } = wish;
  const best = strongest(figuresAfter(fresh, seconds), cells, volts);
  if (best === null) {
    return no(
      `${formatCount(cells)} in series have ${formatVolts(cells * fresh.emfVolts)} with nothing connected, ${formatVolts(volts)} are wished.`,
    );
  }
  const { inSeries, strings } = best;
  const grid = `${formatCount(inSeries)} in series × ${formatCount(strings)}`;
  const ampsAfter = (time: number): number =>
    strings * cellAmpsAt(figuresAfter(fresh, time).model, volts / inSeries);
  const first = ampsAfter(0);
  const last = ampsAfter(seconds);
  const given = `${grid} give ${formatAmps(first)} at ${formatVolts(volts)} at first, ${formatAmps(last)} after ${aboutTime(seconds)}.`;
  if (first < amps) {
    return no(
      `${given} ${formatAmps(amps)} are wished, ${formatNumber(amps / first, 2)} times as much.`,
      best,
    );
  }
  if (last < amps) {
    return no(
      `${given} It is enough for ${aboutTime(enoughUntil(ampsAfter, amps, seconds))}.`,
      best,
    );
  }
  const ends = endOfGrouping(fresh, wish, best);
  const until = Number.isFinite(ends.seconds)
    ? `${END_WORDS[ends.by]} after ${aboutTime(ends.seconds)}`
    : 'nothing ends it';
  return ends.seconds < seconds
    ? no(`${given} But ${until}.`, best)
    : {
        tone: 'fine',
        together: best,
        headline: `Yes, for ${aboutTime(seconds)}. ${given}`,
        remarks: [`Left on, ${until}.`],
      };
}

function wouldPulse(
  fresh: CellFigures,
  { volts, farads }: Extract<Wish, { kind: 'pulse' }>,
  cells: number,
): Answer {
  const inSeries = Math.ceil(volts / (0.95 * fresh.emfVolts));
  if (cells < inSeries) {
    return no(
      `${formatCount(cells)} in series have ${formatVolts(cells * fresh.emfVolts)} with nothing connected; a bank of ${formatVolts(volts)} takes ${formatCount(inSeries)}.`,
    );
  }
  const strings = Math.floor(cells / inSeries);
  const seconds = chargeTime({
    source: gridCurve(figuresAfter(fresh, 0).model, inSeries, strings),
    farads,
    fromVolts: 0,
    toVolts: volts,
  });
  return {
    tone: 'fine',
    together: { inSeries, strings },
    headline: `Yes: ${formatCount(inSeries)} in series × ${formatCount(strings)} charge the bank in ${aboutTime(seconds)} or more.`,
    remarks: ['Films that build up make it slower.'],
  };
}

function no(why: string, together?: Answer['together']): Answer {
  return { tone: 'wrong', headline: `No. ${why}`, remarks: [], together };
}

/** Lengths of string that are tried. */
const TRIED = 400;

/** So many cells, grouped so that they give most at so many volts; `null` where no string reaches them. */
function strongest(cell: CellFigures, cells: number, volts: number): WishGrouping | null {
  const shortest = Math.floor(volts / cell.emfVolts) + 1;
  const longest = Math.min(cells, Math.max(shortest, Math.ceil((3 * volts) / cell.bestVolts)));
  const step = Math.max(1, Math.floor((longest - shortest) / TRIED));
  let best: WishGrouping | null = null;
  let most = 0;
  for (let inSeries = shortest; inSeries <= longest; inSeries += step) {
    const strings = Math.floor(cells / inSeries);
    const cellVolts = volts / inSeries;
    const cellAmps = cellAmpsAt(cell.model, cellVolts);
    if (best !== null && strings * cellAmps <= most) continue;
    most = strings * cellAmps;
    best = { inSeries, strings, cells: inSeries * strings, cellVolts, cellAmps };
  }
  return best;
}

const HALVINGS = 40;

/** When a falling current passes what is wished, seconds. */
function enoughUntil(ampsAfter: (seconds: number) => number, amps: number, most: number): number {
  let [low, high] = [0, most];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (ampsAfter(middle) >= amps) low = middle;
    else high = middle;
  }
  return low;
}

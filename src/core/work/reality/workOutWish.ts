import { groupingFor, endOfGrouping, lastingGrouping, type WishGrouping } from './grouping';
import { AA_CELL } from '../../physics/readings/referenceCells';
import { maxPowerWatts } from '../../physics/cell/maxPower';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { FULL_SHARE } from '../../physics/circuit/load/capacitorBank';
import type { CautionId } from '../../physics/safety/cautions';
import { chargeTime } from '../../physics/time/chargeTime';
import {
  aboutTime,
  formatAmps,
  formatCount,
  formatFarads,
  formatJoules,
  formatNumber,
  formatOhms,
  formatVolts,
  formatWatts,
} from '../../units';
import type { CellEndsAt } from '../search/batteryInTime';
import { END_WORDS } from '../search/endWords';
import { type CellFigures, figuresAfter, withCautionsOf } from './cellFigures';
import type { SumLine, WorkedSolution } from './workedSolution';
import type { Wish } from '../../records/plan/wishSchema';

/** So many cells a class can build; so many fill a hall (from memory). */
const CLASS_CELLS = 60;
const HALL_CELLS = 1000;

/** What a wish comes to with so many of a cell: volts, amps, both together, energy, food, money, room. */
export function workOutWish(
  fresh: CellFigures,
  wish: Wish,
  cautions: readonly CautionId[],
  currency: string,
): WorkedSolution {
  return wish.kind === 'run'
    ? workOutRun(fresh, wish, cautions, currency)
    : workOutPulse(fresh, wish, cautions, currency);
}

function workOutRun(
  fresh: CellFigures,
  wish: Extract<Wish, { kind: 'run' }>,
  cautions: readonly CautionId[],
  currency: string,
): WorkedSolution {
  const { volts, amps, seconds } = wish;
  const cell = figuresAfter(fresh, seconds);
  const { emfVolts, shortAmps, mostWatts, plural } = cell;
  const watts = volts * amps;
  const forVolts = Math.ceil(volts / emfVolts);
  const forAmps = Math.ceil(amps / shortAmps);
  const naive = Math.ceil(watts / (emfVolts * fresh.shortAmps));
  const grouping = groupingFor(cell, volts, amps);
  const ends = endOfGrouping(cell, wish, grouping);
  const lasts = ends.seconds;
  // Where the metal would not last, more strings share the current; nothing helps against drying and mould.
  const whole = ends.by === 'metal-used-up' ? lastingGrouping(cell, wish, grouping) : grouping;
  const never = endOfGrouping(cell, wish, whole);
  if (never.seconds < seconds) return neverLasts(cell, wish, never, cautions);
  const { cells } = whole;
  const lines: SumLine[] = [
    {
      what: 'Wished',
      sum: `${formatVolts(volts)} × ${formatAmps(amps)} = ${formatWatts(watts)}, for ${aboutTime(seconds)}`,
      result: formatJoules(watts * seconds),
    },
    {
      what: 'In series, for the volts alone',
      sum: `${formatVolts(volts)} ÷ ${formatVolts(emfVolts)}, with nothing connected`,
      result: count(forVolts, cell),
    },
    {
      what: 'In parallel, for the amps alone',
      sum: `${formatAmps(amps)} ÷ ${formatAmps(shortAmps)}, shorted, no volts left (${formatAmps(fresh.shortAmps)} at first)`,
      result: count(forAmps, cell),
    },
    {
      what: 'Together',
      sum: `${formatCount(grouping.inSeries)} in series × ${formatCount(grouping.strings)}: each cell at ${formatVolts(grouping.cellVolts)} still gives ${formatAmps(grouping.cellAmps)} after ${aboutTime(seconds)}`,
      result: count(grouping.cells, cell),
    },
    {
      what: 'Why not fewer: power',
      sum: `${formatWatts(watts)} ÷ ${formatWatts(mostWatts)}, the most that one cell gives${cell.linear ? ' (E² ÷ 4r)' : ''}`,
      result: `at least ${formatCount(Math.ceil(watts / mostWatts))}`,
    },
    {
      what: 'The usual mistake: volts × amps',
      sum: `${formatVolts(emfVolts)} × ${formatAmps(fresh.shortAmps)} = ${formatWatts(emfVolts * fresh.shortAmps)} never occur together`,
      result: `${formatCount(naive)}: ${formatNumber((emfVolts * fresh.shortAmps) / mostWatts, 2)} × too few`,
    },
    {
      what: 'How long they last',
      sum:
        ends.by === 'metal-used-up'
          ? `${formatNumber(cell.coulombs, 3)} C of metal in each ÷ ${formatAmps(grouping.cellAmps)} and what corrodes besides`
          : `${END_WORDS[ends.by]}, whatever it gives`,
      result: aboutTime(lasts),
    },
  ];
  if (lasts < seconds) {
    lines.push({
      what: 'For the whole time',
      sum: `more strings, so that each cell gives less (${formatAmps(whole.cellAmps)}): ${formatCount(whole.inSeries)} in series × ${formatCount(whole.strings)}`,
      result: count(cells, cell),
    });
  }
  lines.push(...inThings(cell, cells, currency), boughtLine(volts, amps, seconds));
  return {
    question: `How many ${plural} to ${wish.name}?`,
    tone: toneOf(cells),
    headline: `${count(cells, cell)}: ${formatCount(whole.inSeries)} in series × ${formatCount(whole.strings)}. ${possible(cells)}`,
    lines,
    remarks: remarksOf(cell, forVolts, forAmps, grouping, lasts, seconds),
    origin: `${cell.origin} As it is after ${aboutTime(seconds)} at work. What is wished: typed, or a round figure from memory. Half of the metal counts as usable.`,
    sources: ['cell-readings', 'metal', 'bought', 'limits'],
    cautions: withCautionsOf(cautions, fresh, whole),
  };
}

function remarksOf(
  cell: CellFigures,
  forVolts: number,
  forAmps: number,
  grouping: WishGrouping,
  lasts: number,
  seconds: number,
): string[] {
  const { plural } = cell;
  const short =
    forAmps > forVolts
      ? `${formatCount(forVolts)} ${plural} give the volts; the current needs ${formatCount(forAmps)}.`
      : `The volts ask for most: ${formatCount(forVolts)} ${plural} in a row.`;
  const power =
    'Neither count is enough by itself: volts read with nothing connected fall as soon as current flows. ' +
    `At best a cell works near ${formatVolts(cell.bestVolts)}, so you need ${formatNumber(grouping.inSeries / forVolts, 2)} times as many in series as the volts alone ask for.`;
  const energy =
    lasts < seconds
      ? `Power is how fast, energy is for how long: at that current the metal is gone after ${aboutTime(lasts)}.`
      : `Power is the hard part, not energy: the metal would last for ${aboutTime(lasts)}.`;
  return [short, power, energy];
}

/** Nothing that is asked of them lets them last so long. */
function neverLasts(
  cell: CellFigures,
  { name, seconds }: Extract<Wish, { kind: 'run' }>,
  { seconds: ends, by }: CellEndsAt,
  cautions: readonly CautionId[],
): WorkedSolution {
  return {
    question: `How many ${cell.plural} to ${name}?`,
    tone: 'wrong',
    headline: `No number of ${cell.plural}: ${END_WORDS[by]} after ${aboutTime(ends)}, ${aboutTime(seconds)} are wished.`,
    lines: [],
    remarks: [],
    origin: cell.origin,
    sources: ['cell-readings', 'metal', 'limits'],
    cautions,
  };
}

function workOutPulse(
  fresh: CellFigures,
  wish: Extract<Wish, { kind: 'pulse' }>,
  cautions: readonly CautionId[],
  currency: string,
): WorkedSolution {
  const { volts, farads } = wish;
  const joules = 0.5 * farads * volts ** 2;
  // The last twentieth of the volts takes for ever.
  const cells = Math.ceil(volts / (FULL_SHARE * fresh.emfVolts));
  const chargingWith = ({ model }: CellFigures): number =>
    chargeTime({ source: gridCurve(model, cells, 1), farads, fromVolts: 0, toVolts: volts });
  // Films build up while it charges: the cell as it is after as long as it takes fresh.
  const cell = figuresAfter(fresh, chargingWith(fresh));
  const { emfVolts, mostWatts, plural } = cell;
  const seconds = chargingWith(cell);
  return {
    question: `How many ${plural} to ${wish.name}?`,
    tone: toneOf(cells),
    headline: `${count(cells, cell)} in series, ${aboutTime(seconds)} of charging for one pulse`,
    lines: [
      {
        what: 'Wished',
        sum: `½ × ${formatFarads(farads)} × (${formatVolts(volts)})²`,
        result: formatJoules(joules),
      },
      {
        what: 'In series, for the volts',
        sum: `${formatVolts(volts)} ÷ (95 % of ${formatVolts(emfVolts)})`,
        result: count(cells, cell),
      },
      ...chargingLines(cell, cells, volts, farads, seconds),
      {
        what: 'Half the volts',
        sum: `a quarter of the energy`,
        result: formatJoules(joules / 4),
      },
      {
        what: 'The same at once, without the bank',
        sum: `${formatJoules(joules)} in a tenth of a second is ${formatWatts(10 * joules)}; ÷ ${formatWatts(mostWatts)} each`,
        result: count(Math.ceil((10 * joules) / mostWatts), cell),
      },
      ...inThings(cell, cells, currency),
    ],
    remarks: [
      'A bank gathers slowly and lets go at once: energy stays what it was, only the power is another. Side by side the cells would charge it faster, in series higher.',
    ],
    origin: `${cell.origin} With the films that build up while it charges.`,
    sources: ['cell-readings', 'limits'],
    cautions: withCautionsOf(cautions, fresh, { inSeries: cells, strings: 1 }),
  };
}

/** How long it charges: the formula for a straight line, the cell's own curve for any other. */
function chargingLines(
  { model, emfVolts, linear }: CellFigures,
  cells: number,
  volts: number,
  farads: number,
  seconds: number,
): SumLine[] {
  if (!linear) {
    return [
      {
        what: 'Charging',
        sum: 'C × dV/dt = I(V), along the cell’s own curve: ever more slowly the fuller it is',
        result: aboutTime(seconds),
      },
    ];
  }
  const ohms = cells * model.resistanceOhms;
  const open = cells * emfVolts;
  return [
    {
      what: 'Internal resistance',
      sum: `${formatCount(cells)} × ${formatOhms(model.resistanceOhms)}`,
      result: formatOhms(ohms),
    },
    {
      what: 'Charging: r × C × ln(E ÷ (E − V))',
      sum: `${formatOhms(ohms)} × ${formatFarads(farads)} × ${formatNumber(Math.log(open / (open - volts)), 2)}`,
      result: aboutTime(seconds),
    },
  ];
}

/** The same count in kilograms, money and table. */
function inThings(cell: CellFigures, cells: number, currency: string): SumLine[] {
  const { kilograms, price, squareMetres } = cell;
  return [
    {
      what: 'Weight',
      sum: `${formatCount(cells)} × ${formatNumber(1000 * kilograms, 2)} g`,
      result: mass(cells * kilograms),
    },
    {
      what: 'Parts',
      sum: price === null ? 'price unknown' : `${formatCount(cells)} × ${formatNumber(price, 2)}`,
      result:
        price === null
          ? 'set prices in the cupboard'
          : `${formatCount(cells * price)} ${currency}`.trim(),
    },
    {
      what: 'Table',
      sum: `${formatCount(cells)} × ${formatNumber(1e4 * squareMetres, 2)} cm²`,
      result: area(cells * squareMetres),
    },
  ];
}

function boughtLine(volts: number, amps: number, seconds: number): SumLine {
  const watts = volts * amps;
  const forVolts = volts / AA_CELL.model.emfVolts;
  const forPower = watts / maxPowerWatts(AA_CELL.model);
  const forEnergy = (watts * seconds) / AA_CELL.joules;
  const cells = Math.ceil(Math.max(forVolts, forPower, forEnergy));
  return {
    what: 'In bought AA cells',
    sum: `volts ${formatCount(Math.ceil(forVolts))}, power ${formatCount(Math.ceil(forPower))}, energy ${formatCount(Math.ceil(forEnergy))}; the largest counts`,
    result: formatCount(cells),
  };
}

function toneOf(cells: number): WorkedSolution['tone'] {
  return cells <= CLASS_CELLS ? 'fine' : cells <= HALL_CELLS ? 'marginal' : 'wrong';
}

function possible(cells: number): string {
  if (cells <= CLASS_CELLS) return 'A class can build that.';
  return cells <= HALL_CELLS
    ? 'A school day with every class could build that.'
    : 'Nobody will build that.';
}

function count(cells: number, { name, plural }: CellFigures): string {
  return `${formatCount(cells)} ${cells === 1 ? name : plural}`;
}

function mass(kilograms: number): string {
  if (kilograms < 1) return `${formatNumber(1000 * kilograms, 2)} g`;
  return kilograms < 1000
    ? `${formatNumber(kilograms, 2)} kg`
    : `${formatCount(kilograms / 1000)} t`;
}

function area(squareMetres: number): string {
  return squareMetres < 1e5
    ? `${squareMetres < 1000 ? formatNumber(squareMetres, 2) : formatCount(squareMetres)} m²`
    : `${formatNumber(squareMetres / 1e6, 2)} km²`;
}

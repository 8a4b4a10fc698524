import { gridCurve } from '../../physics/circuit/battery/gridCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { SeriesResistor } from '../../records/plan/planSchema';
import { seriesOhms } from '../../physics/circuit/load/load';
import type { CellModel } from '../../physics/chemistry/cellModel';
import type { CellEndsAt, CellInUse } from './cellInUse';
import { chanceOfMetal } from './chanceOfMetal';
import { endAtMeanCurrent } from './endAtMeanCurrent';
import { chanceOfGrid } from './chanceOfGrid';
import { strongCell, withResistor, type LoadLimit } from './seriesResistor';

/** A wish that equal cells are to meet: which cells, for how long, what the load bears. */
export interface GridWish {
  readonly use: CellInUse;
  /** Without a resistor. */
  readonly need: LoadRequirement;
  readonly resistor: SeriesResistor;
  readonly limit: LoadLimit | null;
  /** Most strings of a length that the parts are enough for; nothing said: what is missing is bought. */
  readonly mostStrings?: ((cellsInSeries: number) => number) | undefined;
}

/** What a grid asks of its cells: through a resistor where it is so strong that the load needs one. */
export function needOfGrid(
  { use, need, resistor, limit }: GridWish,
  cellsInSeries: number,
  strings: number,
): LoadRequirement {
  return withResistor(need, resistor, limit, () =>
    gridCurve(strongCell(use.fresh, cellsInSeries * strings), cellsInSeries, strings),
  );
}

/** Volts and amperes of a grid at first and after the wanted time; zero amperes where nothing flows. */
export interface GridMoments {
  readonly need: LoadRequirement;
  readonly first: { readonly volts: number; readonly amps: number };
  readonly end: { readonly volts: number; readonly amps: number };
}

export function momentsOfGrid(wish: GridWish, cellsInSeries: number, strings: number): GridMoments {
  const { use } = wish;
  const need = needOfGrid(wish, cellsInSeries, strings);
  const at = (cell: CellModel) => momentOfGrid(cell, cellsInSeries, strings, need);
  return { need, first: at(use.fresh), end: at(use.after(cellsInSeries)) };
}

function momentOfGrid(
  cell: CellModel,
  cellsInSeries: number,
  strings: number,
  { load }: LoadRequirement,
): { readonly volts: number; readonly amps: number } {
  const point = operatingPoint(gridCurve(cell, cellsInSeries, strings), load, ROOM_THERMAL_VOLTS);
  return point.status === 'solved'
    ? { volts: point.volts, amps: point.amps }
    : { volts: cellsInSeries * cell.emfVolts, amps: 0 };
}

/** Volts and amperes of a grid after so many seconds with its load. */
function gridInTime(
  { use }: Pick<GridWish, 'use'>,
  cellsInSeries: number,
  strings: number,
  need: LoadRequirement,
): (seconds: number) => ReturnType<typeof momentOfGrid> {
  return (seconds) => {
    const cell = seconds === 0 ? use.fresh : use.afterSeconds(cellsInSeries, seconds);
    return momentOfGrid(cell, cellsInSeries, strings, need);
  };
}

/** When the first cell of a grid ends while it feeds the load. */
export function endOfGrid(
  wish: Pick<GridWish, 'use'>,
  cellsInSeries: number,
  strings: number,
  need: LoadRequirement,
): CellEndsAt {
  const at = gridInTime(wish, cellsInSeries, strings, need);
  return endAtMeanCurrent(
    ([amps = 0]) => wish.use.endsAt(cellsInSeries, amps),
    (seconds) => [at(seconds).amps / strings],
  );
}

/** Whether no cell of the grid ends before the wanted time, at the current it gives. */
export function lastsInGrid(wish: GridWish, cellsInSeries: number, strings: number): boolean {
  const { use } = wish;
  const { need, first, end } = momentsOfGrid(wish, cellsInSeries, strings);
  const lastsAt = (amps: number): boolean =>
    use.endsAt(cellsInSeries, amps / strings).seconds >= use.seconds;
  // The current only falls: often its ends decide.
  if (lastsAt(first.amps)) return true;
  if (!lastsAt(end.amps)) return false;
  return endOfGrid(wish, cellsInSeries, strings, need).seconds >= use.seconds;
}

/** Chance that no cell of a class's grid uses up its metal in the wanted time. */
function metalChanceInGrid(
  wish: GridWish,
  cellsInSeries: number,
  strings: number,
  need: LoadRequirement,
): number {
  const { use } = wish;
  const { metalCoulombs, parasiticAmps } = use.metalOf(cellsInSeries);
  const at = gridInTime(wish, cellsInSeries, strings, need);
  const first = at(0);
  return chanceOfMetal(use.seconds, [first.amps / strings], {
    stringAmpsAt: (seconds) => [at(seconds).amps / strings],
    metal: [
      {
        cells: cellsInSeries,
        metalAmps: metalCoulombs / use.seconds,
        parasiticAmps,
        openVolts: cellsInSeries * use.fresh.emfVolts,
        loadVolts: first.volts,
      },
    ],
    times: strings,
  });
}

/**
 * Chance that a class gets what is wanted for the whole time: resistance only grows, so the end decides, if no metal was used up.
 * @param leastChance where metal alone leaves less than this, no classes are drawn, and that is the answer.
 */
export function chanceInUse(
  wish: GridWish,
  cellsInSeries: number,
  strings: number,
  run?: { readonly classes: number; readonly seed: number },
  leastChance = 0,
): number {
  const need = needOfGrid(wish, cellsInSeries, strings);
  const metal = metalChanceInGrid(wish, cellsInSeries, strings, need);
  if (metal < leastChance) return metal;
  return metal * chanceOfGrid(wish.use.after(cellsInSeries), need, cellsInSeries, strings, run);
}

/** The resistor in series that a grid needs, ohms; `null` without one. */
export function resistorOf(need: LoadRequirement): number | null {
  const ohms = seriesOhms(need.load);
  return ohms === 0 ? null : ohms;
}

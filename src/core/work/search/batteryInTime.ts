import { parallelCells, type CellModel } from '../../physics/cell/cellModel';
import { shortestOf, withModels, withoutFaults } from '../../physics/desk/desk';
import type { Desk, StandingCell, StandingItem } from '../../physics/desk/desk';
import { loadOnDesk, solveDesk } from '../../physics/desk/solveDesk';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import { ageingCell, cellAfter, DRY_BELOW, type AgeingCell } from '../../physics/time/ageingCell';
import type { CellEnd } from '../../physics/time/dischargeRun';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { surroundingsOf, type Running } from '../../records/plan/runningSchema';

/** When a cell ends, and by what. */
export interface CellEndsAt {
  readonly seconds: number;
  readonly by: CellEnd;
}

/** Ageing cells by cell, room and length of string: a search asks again and again for the same. */
const ageingCache = new WeakMap<PlannedCell, Map<string, AgeingCell>>();
/** Moments of a cell that are kept: the wanted time is asked for most, others pass by. */
const MOST_MOMENTS = 64;
const modelCache = new WeakMap<AgeingCell, Map<number, CellModel>>();

/** A cell with what changes in it where it stands in strings of a length. */
export function ageingOf(cell: PlannedCell, running: Running, cellsInSeries: number): AgeingCell {
  const ofCell = ageingCache.get(cell) ?? new Map<string, AgeingCell>();
  ageingCache.set(cell, ofCell);
  const { wrap, humidity, celsius, fromDry } = running;
  const key = `${cellsInSeries} ${wrap} ${humidity} ${celsius} ${fromDry}`;
  const ageing =
    ofCell.get(key) ?? ageingCell(cell, surroundingsOf(running, cell.recipe, cellsInSeries));
  ofCell.set(key, ageing);
  return ageing;
}

/** A cell after so many seconds of use; the same object for the same cell and time. */
export function modelAfter(
  cell: PlannedCell,
  running: Running,
  cellsInSeries: number,
  seconds: number,
): CellModel {
  const ageing = ageingOf(cell, running, cellsInSeries);
  const models = modelCache.get(ageing) ?? new Map<number, CellModel>();
  modelCache.set(ageing, models);
  const model = models.get(seconds) ?? cellAfter(ageing, seconds);
  if (models.size >= MOST_MOMENTS) models.clear();
  models.set(seconds, model);
  return model;
}

/** The battery after so many seconds of use, in closed form; nothing that is wrong on the desk changes. */
export function deskAfter(desk: Desk, running: Running, seconds: number): Desk {
  return withModels(desk, (cell, cellsInSeries) =>
    modelAfter(cell, running, cellsInSeries, seconds),
  );
}

/** A string with what changes in its cells; a group counts as one cell of its summed size. */
export interface AgedString {
  readonly cells: readonly AgeingCell[];
  /** Equal strings side by side are told once. */
  readonly count: number;
}

/** The battery as it is meant, with what changes in it. */
export function agedStrings(desk: Desk, running: Running): AgedString[] {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    const cells = new Array<AgeingCell>(cellsInSeries).fill(ageingOf(cell, running, cellsInSeries));
    return [{ cells, count: strings }];
  }
  return withoutFaults(desk).strings.map((items) => ({
    cells: items.flatMap((item) => agedItem(item, running, items.length)),
    count: 1,
  }));
}

function agedItem(item: StandingItem, running: Running, cellsInSeries: number): AgeingCell[] {
  if (item.kind === 'cell') return [ageingOf(item, running, cellsInSeries)];
  const { length } = item.strings;
  return shortestOf(item.strings).map((cell) =>
    ageingOf(joinedCell(cell, length), running, cellsInSeries),
  );
}

function joinedCell(cell: StandingCell, count: number): StandingCell {
  const { pairs, extraPlus, extraMinus } = cell.size;
  return {
    ...cell,
    model: parallelCells(cell.model, count),
    size: {
      ...cell.size,
      pairs: count * pairs,
      extraPlus: count * extraPlus,
      extraMinus: count * extraMinus,
    },
  };
}

/** When metal, water or food ends a cell that gives a steady current in amperes. */
export function endOfCell(ageing: AgeingCell, amps: number): CellEndsAt {
  const { metalCoulombs, parasiticAmps, dryingPerSecond, spoilsSeconds } = ageing;
  const ends: CellEndsAt[] = [
    { seconds: metalCoulombs / (Math.max(0, amps) + parasiticAmps), by: 'metal-used-up' },
    { seconds: (1 - DRY_BELOW) / dryingPerSecond, by: 'dried-out' },
    { seconds: spoilsSeconds ?? Infinity, by: 'spoilt' },
  ];
  return ends.reduce((first, one) => (one.seconds < first.seconds ? one : first));
}

/** When the first cell ends while each string gives a steady current, amperes. */
function endAt(strings: readonly AgedString[], stringAmps: readonly number[]): CellEndsAt {
  let first: CellEndsAt = { seconds: Infinity, by: 'spoilt' };
  strings.forEach(({ cells }, index) => {
    for (const cell of new Set(cells)) {
      const ends = endOfCell(cell, stringAmps[index] ?? 0);
      if (ends.seconds < first.seconds) first = ends;
    }
  });
  return first;
}

/** Currents of the strings that {@link agedStrings} tells, after so many seconds with the load, amperes. */
export function stringAmpsAfter(
  desk: Desk,
  { load }: Pick<LoadRequirement, 'load'>,
  running: Running,
  seconds: number,
): number[] {
  const then = seconds === 0 ? desk : deskAfter(desk, running, seconds);
  return then.grid === null
    ? solveDesk(then, load).strings.map(({ amps }) => amps)
    : [loadOnDesk(then, load).amps / then.grid.strings];
}

const MOST_STEPS = 4;
/** The end is found once it moves by less than this share. */
const SETTLED_SHARE = 0.02;

/**
 * When the first cell ends while currents fall: films grow within minutes, water leaves within days. Metal ends with the charge that
 * has flowed, thus with the mean current until then, and the mean depends on the end. From the currents at first, under
 * which it would end too early, each mean over the time so far gives a later one.
 * @param endsAt the first end while each string gives a steady current, amperes
 * @param stringAmpsAt currents of the strings after so many seconds, amperes
 */
export function endAtMeanCurrent(
  endsAt: (stringAmps: readonly number[]) => CellEndsAt,
  stringAmpsAt: (seconds: number) => readonly number[],
): CellEndsAt {
  let ends = endsAt(stringAmpsAt(0));
  for (let step = 0; step < MOST_STEPS && ends.by === 'metal-used-up'; step += 1) {
    const { seconds } = ends;
    if (!Number.isFinite(seconds)) break;
    ends = endsAt(meanCurrents(seconds, stringAmpsAt));
    if (ends.seconds <= seconds * (1 + SETTLED_SHARE)) break;
  }
  return ends;
}

/** When the first cell of a battery that is left on ends, and by what. */
export function endOfBattery(
  desk: Desk,
  need: Pick<LoadRequirement, 'load'>,
  running: Running,
): CellEndsAt {
  const strings = agedStrings(desk, running);
  return endAtMeanCurrent(
    (stringAmps) => endAt(strings, stringAmps),
    (seconds) => stringAmpsAfter(desk, need, running, seconds),
  );
}

/** The same if it is before so many seconds are over; `null` otherwise. */
export function endBefore(
  seconds: number,
  desk: Desk,
  need: Pick<LoadRequirement, 'load'>,
  running: Running,
): CellEndsAt | null {
  // Currents only fall: what lasts with those at first lasts, and that is soon known.
  const first = stringAmpsAfter(desk, need, running, 0);
  if (endAt(agedStrings(desk, running), first).seconds >= seconds) return null;
  const end = endOfBattery(desk, need, running);
  return end.seconds < seconds ? end : null;
}

/** When a cell ends that stands in strings of a length and gives nothing. */
export function endAtRest(cell: PlannedCell, running: Running, cellsInSeries: number): CellEndsAt {
  return endOfCell(ageingOf(cell, running, cellsInSeries), 0);
}

/**
 * Gauss–Legendre, four points (M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions, table 25.4), on the root of
 * the time: films grow at once and then ever less. Of a fall e^(−t/τ) the mean is right to half a percent of the fall,
 * however long the time against τ.
 */
const POINTS = [
  [-0.8611363115940526, 0.3478548451374538],
  [-0.3399810435848563, 0.6521451548625461],
  [0.3399810435848563, 0.6521451548625461],
  [0.8611363115940526, 0.3478548451374538],
].map(([x = 0, share = 0]) => {
  const root = (1 + x) / 2;
  return { at: root ** 2, weight: share * root };
});

/** Mean current of each string from the beginning on, amperes; `stringAmpsAt`: after so many seconds. */
export function meanCurrents(
  seconds: number,
  stringAmpsAt: (seconds: number) => readonly number[],
): number[] {
  const means: number[] = [];
  for (const { at, weight } of POINTS) {
    stringAmpsAt(at * seconds).forEach((amps, string) => {
      means[string] = (means[string] ?? 0) + weight * amps;
    });
  }
  return means;
}

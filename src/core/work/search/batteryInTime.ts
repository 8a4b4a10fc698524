import { ROOM_THERMAL_VOLTS } from '../../constants';
import { KNOWN_LEVEL } from '../../physics/chance/scatter';
import type { Spread } from '../../physics/readings/cellBelief';
import { meanOverNormal } from '../../numeric/meanOverNormal';
import { chanceThatMetalLasts, type StringOnMetal } from '../../physics/chance/metalChance';
import { mostChanceOfGrid } from '../../physics/chance/mostChance';
import { gridShape, type BatteryShape, type ShapeItem } from '../../physics/chance/drawnBattery';
import {
  chanceOfClasses,
  type ClassesOutcome,
  simulateClasses,
} from '../../physics/chance/simulateClasses';
import { parallelCells, type CellModel } from '../../physics/cell/cellModel';
import { cellsOf, shortestOf, withModels, withoutFaults } from '../../physics/desk/desk';
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

/** How many classes are simulated, and the seed that makes the answer the same each time. */
export interface ClassRun {
  readonly classes: number;
  readonly seed: number;
}

export const CHANCE_DEFAULTS: ClassRun = { classes: 600, seed: 20 };

/** So many cells are drawn for one chance: in a large battery each class is more like the next, and fewer of them do. */
const MOST_DRAWN = 15_000;
const LEAST_CLASSES = 200;

/** The simulation for a battery of so many cells. */
export function usualRun(cells: number): ClassRun {
  const { classes, seed } = CHANCE_DEFAULTS;
  const enough = Math.round(MOST_DRAWN / cells);
  return { classes: Math.min(classes, Math.max(LEAST_CLASSES, enough)), seed };
}

/** Ageing cells by cell, room and length of string: a search asks again and again for the same. */
const ageingCache = new WeakMap<PlannedCell, WeakMap<Running, Map<number, AgeingCell>>>();
/** Moments of a cell that are kept: the wanted time is asked for most, others pass by. */
const MOST_MOMENTS = 64;
const modelCache = new WeakMap<AgeingCell, Map<number, CellModel>>();

/** A cell with what changes in it where it stands in strings of a length. */
export function ageingOf(cell: PlannedCell, running: Running, cellsInSeries: number): AgeingCell {
  const ofCell = ageingCache.get(cell) ?? new WeakMap<Running, Map<number, AgeingCell>>();
  ageingCache.set(cell, ofCell);
  const ofRoom = ofCell.get(running) ?? new Map<number, AgeingCell>();
  ofCell.set(running, ofRoom);
  const ageing =
    ofRoom.get(cellsInSeries) ??
    ageingCell(cell, surroundingsOf(running, cell.recipe, cellsInSeries));
  ofRoom.set(cellsInSeries, ageing);
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
function stringAmpsAfter(
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
function meanCurrents(
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

/** What is surer than this is told as sure. */
const SURE = 0.9999;

/**
 * Share of classes in which no cell uses up its metal in so many seconds; the cell with least of it stands for its string. Currents
 * only fall: where those at first leave no doubt, no later ones are asked for.
 */
export function metalChance(
  seconds: number,
  desk: Desk,
  need: Pick<LoadRequirement, 'load'>,
  running: Running,
): number {
  const loadVolts = loadOnDesk(desk, need.load).volts;
  const metal = agedStrings(desk, running).map(({ cells, count }) => {
    const least = cells.reduce((first, one) =>
      one.metalCoulombs < first.metalCoulombs ? one : first,
    );
    const string: Omit<StringOnMetal, 'meanAmps'> = {
      cells: cells.length,
      metalAmps: least.metalCoulombs / seconds,
      parasiticAmps: least.parasiticAmps,
      openVolts: cells.reduce((sum, { cell }) => sum + cell.emfVolts, 0),
      loadVolts,
    };
    return { string, count };
  });
  const { ampsLog } = levelOf(desk);
  // A class's level moves all of its currents alike; what eats the metal besides goes with its area alone.
  const chanceAt = (stringAmps: readonly number[]): number =>
    meanOverNormal((strong) => {
      const level = Math.exp(ampsLog * strong);
      return metal.reduce((chance, { string, count }, index) => {
        const atLevel = {
          ...string,
          metalAmps: string.metalAmps / level,
          parasiticAmps: string.parasiticAmps / level,
          meanAmps: stringAmps[index] ?? 0,
        };
        return chance * chanceThatMetalLasts([atLevel]) ** count;
      }, 1);
    });
  const stringAmpsAt = (time: number): number[] => stringAmpsAfter(desk, need, running, time);
  return chanceAt(stringAmpsAt(0)) > SURE ? 1 : chanceAt(meanCurrents(seconds, stringAmpsAt));
}

interface CachedChance {
  readonly chance: number;
  /** Where the chance is less than this, no more is known of it. */
  readonly askedFor: number;
}

/** Chances of grids by cell: a search asks nearly half of them again. */
const chanceCache = new WeakMap<CellModel, Map<string, CachedChance>>();

/**
 * Share of classes in which a sound battery gives the wanted current as it is.
 * @param leastChance of what cannot reach this only that is said, by some smaller share.
 */
export function chanceOfDesk(
  desk: Desk,
  { load, amps }: Pick<LoadRequirement, 'load' | 'amps'>,
  run: ClassRun = usualRun(cellCount(desk)),
  leastChance = 0,
): number {
  const level = levelOf(desk);
  const input = { load, wantedAmps: amps, thermalVolts: ROOM_THERMAL_VOLTS, level, ...run };
  if (desk.grid === null) {
    return chanceOfClasses({ battery: shapeOf(desk), ...input }, leastChance);
  }
  const { cell, cellsInSeries, strings } = desk.grid;
  const most = mostChanceOfGrid({ cell: cell.model, cellsInSeries, strings }, input);
  if (most < leastChance) return most;
  const chances = chanceCache.get(cell.model) ?? new Map<string, CachedChance>();
  chanceCache.set(cell.model, chances);
  const key = JSON.stringify([load, amps, cellsInSeries, strings, level, run.classes, run.seed]);
  const known = chances.get(key);
  if (known !== undefined && (known.chance >= known.askedFor || known.chance < leastChance)) {
    return known.chance;
  }
  const chance = chanceOfClasses({ battery: shapeOf(desk), ...input }, leastChance);
  chances.set(key, { chance, askedFor: leastChance });
  return chance;
}

/**
 * Chance that a class gets what is wanted for so many seconds: resistance only grows, so the end decides, if no metal was used up.
 * @param leastChance where metal alone leaves less than this, no classes are drawn, and that is the answer.
 */
export function chanceInTime(
  seconds: number,
  desk: Desk,
  need: Pick<LoadRequirement, 'load' | 'amps'>,
  running: Running,
  run?: ClassRun,
  leastChance = 0,
): number {
  const metal = metalChance(seconds, desk, need, running);
  if (metal <= leastChance) return metal;
  const then = deskAfter(desk, running, seconds);
  return metal * chanceOfDesk(then, need, run, leastChance / metal);
}

/** Number of cells on a desk. */
export function cellCount(desk: Desk): number {
  return desk.grid === null ? cellsOf(desk).length : desk.grid.cellsInSeries * desk.grid.strings;
}

/** The battery's cells as they are wired. */
export function shapeOf(desk: Desk): BatteryShape {
  if (desk.grid !== null) {
    return gridShape(desk.grid.cell.model, desk.grid.cellsInSeries, desk.grid.strings);
  }
  return desk.strings.map((items) => items.map(shapeItem));
}

function shapeItem(item: StandingItem): ShapeItem {
  return item.kind === 'cell'
    ? item.model
    : { strings: item.strings.map((cells) => cells.map(({ model }) => model)) };
}

/** Classes that build a sound battery after so many seconds: what each gets, and the share in which the metal lasts. */
export function classesInTime(
  seconds: number,
  sound: Desk,
  need: LoadRequirement,
  running: Running,
): { readonly classes: ClassesOutcome; readonly metalChance: number } {
  const metal = metalChance(seconds, sound, need, running);
  const desk = deskAfter(sound, running, seconds);
  const classes = classesOfDesk(desk, need, loadOnDesk(desk, need.load).amps);
  return { classes: { ...classes, chance: classes.chance * metal }, metalChance: metal };
}

/**
 * Classes that build a sound battery: how many of them get what is wanted, and what each gets.
 * @param typicalAmps what the typical battery gives the load.
 */
export function classesOfDesk(
  desk: Desk,
  need: LoadRequirement,
  typicalAmps: number,
  run: ClassRun = usualRun(cellCount(desk)),
): ClassesOutcome {
  return simulateClasses({
    battery: shapeOf(desk),
    load: need.load,
    wantedAmps: need.amps,
    typicalAmps,
    thermalVolts: ROOM_THERMAL_VOLTS,
    level: levelOf(desk),
    ...run,
  });
}

/** How far the class's level may lie from the cells of a desk; of unlike cells, that of the least known. */
export function levelOf(desk: Desk): Spread {
  const cells = desk.grid === null ? cellsOf(desk) : [desk.grid.cell];
  return cells.reduce<Spread>(
    (most, { belief: { level } }) => (level.ampsLog > most.ampsLog ? level : most),
    KNOWN_LEVEL,
  );
}

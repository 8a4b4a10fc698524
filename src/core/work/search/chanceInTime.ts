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
import type { CellModel } from '../../physics/cell/cellModel';
import { cellsOf } from '../../physics/desk/desk';
import type { Desk, StandingItem } from '../../physics/desk/desk';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { Running } from '../../records/plan/runningSchema';
import { agedStrings, deskAfter, meanCurrents, stringAmpsAfter } from './batteryInTime';

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
  if (metal < leastChance || metal === 0) return metal;
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

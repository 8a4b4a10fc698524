import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '@/core/constants';
import { badJointsOf } from '@/core/physics/chance/badJoints';
import { randomStream, type RandomStream } from '@/core/physics/chance/random';
import { CLASS_SCATTER } from '@/core/physics/chance/scatter';
import { cellAmpsAt, parallelCells } from '@/core/physics/cell/cellModel';
import { WANTED_BRIGHTNESSES } from '@/core/physics/circuit/brightness';
import type { Load } from '@/core/physics/circuit/load/load';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import { type AgeingCell, ageingCell } from '@/core/physics/time/ageingCell';
import { discharge } from '@/core/physics/time/discharge';
import { requirementOf, throughResistor } from '@/core/records/plan/loadRequirement';
import { surroundingsOf, USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { planBatteries } from '@/core/work/search/planBatteries';
import type { BatteryCandidate } from '@/core/work/search/plannerTypes';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { limitOfTarget } from '@/core/work/search/loadLimits';
import { plannedCell, type PlannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { part, printRow } from './print.mjs';

const SEED = 7;
const SUGGESTIONS = 100;
const CLASSES = 1000;
/** A promise and the truth may be so far apart. */
const APART = 0.02;

/** Lessons of which so many cells were read first, and classes in each of them. */
const LESSONS = 12;
const CLASSES_OF_LESSON = 60;

/** Promised against true shares of kitchens and classes: cells unread, then one and three of each lesson read. */
function benchPromises(): void {
  benchUnread();
  for (const read of [1, 3]) benchRead(read);
}

function benchUnread(): void {
  const all = CELLS.flatMap((cell) => WISHES.flatMap((wish) => suggestionFor(cell, wish) ?? []));
  let worst = 0;
  let apart = 0;
  for (let index = 0; index < SUGGESTIONS; index += 1) {
    const suggestion = all[Math.floor(((index + 0.5) * all.length) / SUGGESTIONS)]!;
    const difference = Math.abs(
      trueShare(suggestion, CLASSES, SEED + index, null) - suggestion.candidate.chance,
    );
    worst = Math.max(worst, difference);
    if (difference > APART) apart += 1;
  }
  printRow(
    `promise against ${CLASSES} kitchens and classes in time, ${SUGGESTIONS} suggestions, seed ${SEED}`,
    `${apart} differ by more than ${APART}, at worst ${worst.toFixed(3)}`,
    'at most 1 in 100',
    apart <= SUGGESTIONS / 100,
  );
}

/** Each lesson has a level of its own; of its cells some are read, and what is then suggested is built by its classes. */
function benchRead(read: number): void {
  let [promised, worked, count] = [0, 0, 0];
  CELLS.forEach((cell, kind) => {
    for (let lesson = 0; lesson < LESSONS; lesson += 1) {
      const random = randomStream(SEED + 1000 * kind + lesson);
      const level = levelOf(cell, random);
      const trials = Array.from({ length: read }, () => ({
        shortAmps:
          cellAmpsAt(cell.model, 0) *
          level.size *
          Math.exp(Math.hypot(0.3, 0.05) * random.normal()),
        openVolts:
          cell.model.emfVolts * level.volts * (1 + Math.hypot(0.04, 0.01) * random.normal()),
      }));
      const known = plannedCell(cell, ROOM_CELSIUS, { own: null, school: null, trials });
      const suggestion = anySuggestion(known, random);
      if (suggestion === null) continue;
      promised += suggestion.candidate.chance;
      worked += trueShare({ ...suggestion, of: cell }, CLASSES_OF_LESSON, SEED + lesson, level);
      count += 1;
    }
  });
  printRow(
    `promise against lessons of which ${read} cells were read, ${count} suggestions`,
    `promised ${(promised / count).toFixed(3)}, true ${(worked / count).toFixed(3)}`,
    `within ${APART}`,
    Math.abs(promised - worked) <= APART * count,
  );
}

interface LessonLevel {
  readonly size: number;
  readonly volts: number;
}

/** How a lesson's average cell differs from the printed one: school and lesson together, from the printed range. */
function levelOf({ recipe }: PlannedCell, random: RandomStream): LessonLevel {
  const { shortAmpsLow, shortAmpsHigh } = recipe.typical;
  const total = Math.max(0.35, Math.log(shortAmpsHigh / shortAmpsLow) / 4);
  const both = Math.sqrt(Math.max(0.17 ** 2, total ** 2 - 0.3 ** 2));
  return {
    size: Math.exp(both * random.normal()),
    volts: 1 + Math.hypot(0.02, 0.02) * random.normal(),
  };
}

/** Wanted times of the suggestions, minutes. */
const MINUTES = [1 / 6, 10, 40, 480];

const CELLS = Object.values(RECIPES)
  .filter(({ restricted }) => !restricted)
  .map((recipe) => plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS));

interface Wish {
  readonly colour: (typeof LED_COLOURS)[number];
  readonly brightness: (typeof WANTED_BRIGHTNESSES)[number];
  readonly minutes: number;
}

const WISHES: readonly Wish[] = LED_COLOURS.flatMap((colour) =>
  WANTED_BRIGHTNESSES.flatMap((brightness) =>
    MINUTES.map((minutes) => ({ colour, brightness, minutes })),
  ),
);

interface Suggestion extends Wish {
  /** The cell that is built, as it is printed. */
  readonly of: PlannedCell;
  readonly candidate: BatteryCandidate;
}

/** One of the wishes that a cell can meet, by lot: each as likely as any other. */
function anySuggestion(cell: PlannedCell, random: RandomStream): Suggestion | null {
  const left = [...WISHES];
  while (left.length > 0) {
    const [wish] = left.splice(Math.floor(random.uniform() * left.length), 1);
    const suggestion = wish === undefined ? null : suggestionFor(cell, wish);
    if (suggestion !== null) return suggestion;
  }
  return null;
}

/** The first suggestion for a cell and a wish, where there is one. */
function suggestionFor(cell: PlannedCell, wish: Wish): Suggestion | null {
  const target = { kind: 'led', colour: wish.colour, brightness: wish.brightness } as const;
  const [candidate] = planBatteries({
    cells: [cell],
    need: requirementOf(target),
    limit: limitOfTarget(target),
    resistor: { kind: 'as-needed' },
    minutes: wish.minutes,
    running: USUAL_RUNNING,
    objective: 'fewest-cells',
    mostCells: 60,
    mostPairs: 1,
    mayCut: false,
    mostPrice: null,
    mostCandidates: 1,
  }).candidates;
  return candidate === undefined ? null : { of: cell, candidate, ...wish };
}

/** Share of classes in which a suggestion works from first to last, every class run with the full model of cells in time. */
function trueShare(
  suggestion: Suggestion,
  classes: number,
  seed: number,
  ofLesson: LessonLevel | null,
): number {
  const { of: cell, candidate, colour, brightness, minutes } = suggestion;
  const { cellsInSeries, strings, seriesResistorOhms } = candidate;
  const need = throughResistor(
    requirementOf({ kind: 'led', colour, brightness }),
    seriesResistorOhms ?? 0,
  );
  const random = randomStream(seed);
  const joints = badJointsOf(
    CLASS_SCATTER,
    strings * (cellsInSeries + 1),
    classes,
    randomStream(seed + 1),
  );
  const around = surroundingsOf(USUAL_RUNNING, cell.recipe, cellsInSeries);
  const usual = cell.model;
  let works = 0;
  for (let index = 0; index < classes; index += 1) {
    const ohmsOfJoints = joints();
    const level = ofLesson ?? levelOf(cell, random);
    const drawn = Array.from({ length: strings }, () => {
      const cells = Array.from({ length: cellsInSeries }, () => {
        const emfVolts = usual.emfVolts * (level.volts + 0.04 * random.normal());
        const size = level.size * Math.exp(0.3 * random.normal());
        const ageing = ageingCell({ ...cell, model: parallelCells(usual, size) }, around);
        // Weaker or stronger volts leave the resistances of films as they are.
        return { ...ageing, cell: { ...ageing.cell, emfVolts } };
      });
      return [...cells, joint(ohmsOfJoints(cellsInSeries + 1))];
    });
    const { samples } = discharge({
      strings: drawn,
      load: ofAnotherMake(need.load, colour, random),
      thermalVolts: ROOM_THERMAL_VOLTS,
      seconds: 60 * minutes,
      atSeconds: [0, 60 * minutes],
      leastAmps: 0,
    });
    const enough =
      samples.length === 2 && samples.every(({ amps }) => amps >= need.amps * (1 - 1e-6));
    if (enough) works += 1;
  }
  return works / classes;
}

/** An LED of a pack that takes more or fewer volts at every current. */
function ofAnotherMake(load: Load, colour: Suggestion['colour'], random: RandomStream): Load {
  if (load.kind !== 'led') return load;
  const isEarly = ['infrared', 'red', 'amber', 'yellow-green'].includes(colour);
  const volts = Math.hypot(isEarly ? 0.06 : 0.1, 0.02) * random.normal();
  const { idealityFactor, saturationAmps } = load.led;
  const fewer = Math.exp(-volts / (idealityFactor * ROOM_THERMAL_VOLTS));
  return { ...load, led: { ...load.led, saturationAmps: saturationAmps * fewer } };
}

/** Clips in a string, as a cell without volts that never changes. */
function joint(ohms: number): AgeingCell {
  return {
    cell: { emfVolts: 0, resistanceOhms: ohms },
    fast: { ohms: 0, seconds: 1 },
    slow: { ohms: 0, seconds: 1 },
    metalCoulombs: Infinity,
    parasiticAmps: 0,
    dryingPerSecond: 0,
    soakSeconds: null,
    spoilsSeconds: null,
  };
}

await part('promises', benchPromises);

import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '@/core/constants';
import { badJointsOf } from '@/core/physics/chance/badJoints';
import { randomStream } from '@/core/physics/chance/random';
import { CLASS_SCATTER } from '@/core/physics/chance/scatter';
import { parallelCells } from '@/core/physics/cell/cellModel';
import { WANTED_BRIGHTNESSES } from '@/core/physics/circuit/brightness';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import { type AgeingCell, ageingCell } from '@/core/physics/time/ageingCell';
import { discharge } from '@/core/physics/time/discharge';
import { requirementOf, throughResistor } from '@/core/records/plan/loadRequirement';
import { surroundingsOf, USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { planBatteries } from '@/core/work/search/planBatteries';
import type { BatteryCandidate } from '@/core/work/search/plannerTypes';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { limitOfTarget } from '@/core/work/search/loadLimits';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { printRow } from './print.mjs';

const SEED = 7;
const SUGGESTIONS = 300;
const CLASSES = 1000;
/** A promise and the truth may be so far apart. */
const APART = 0.02;

/** Promised against true shares of classes. */
export function benchPromises(): void {
  const all = suggestions();
  let worst = 0;
  let apart = 0;
  for (let index = 0; index < SUGGESTIONS; index += 1) {
    const suggestion = all[Math.floor(((index + 0.5) * all.length) / SUGGESTIONS)]!;
    const difference = Math.abs(
      trueShare(suggestion, CLASSES, SEED + index) - suggestion.candidate.chance,
    );
    worst = Math.max(worst, difference);
    if (difference > APART) apart += 1;
  }
  printRow(
    `promise against ${CLASSES} classes in time, ${SUGGESTIONS} suggestions, seed ${SEED}`,
    `${apart} differ by more than ${APART}, at worst ${worst.toFixed(3)}`,
    'at most 1 in 100',
  );
}

/** Wanted times of the suggestions, minutes. */
const MINUTES = [1 / 6, 10, 40, 480];

interface Suggestion {
  readonly candidate: BatteryCandidate;
  readonly colour: (typeof LED_COLOURS)[number];
  readonly brightness: (typeof WANTED_BRIGHTNESSES)[number];
  readonly minutes: number;
}

/** First suggestions over recipes, colours, brightnesses and times, as many as there are. */
function suggestions(): Suggestion[] {
  const found: Suggestion[] = [];
  for (const recipe of Object.values(RECIPES)) {
    if (recipe.restricted) continue;
    const cell = plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS);
    for (const colour of LED_COLOURS) {
      for (const brightness of WANTED_BRIGHTNESSES) {
        for (const minutes of MINUTES) {
          const target = { kind: 'led', colour, brightness } as const;
          const [candidate] = planBatteries({
            cells: [cell],
            need: requirementOf(target),
            limit: limitOfTarget(target),
            resistor: { kind: 'as-needed' },
            minutes,
            running: USUAL_RUNNING,
            objective: 'fewest-cells',
            mostCells: 60,
            mostPairs: 1,
            mostPrice: null,
            mostCandidates: 1,
          }).candidates;
          if (candidate !== undefined) found.push({ candidate, colour, brightness, minutes });
        }
      }
    }
  }
  return found;
}

/** Share of classes in which a suggestion works from first to last, every class run with the full model of cells in time. */
function trueShare(suggestion: Suggestion, classes: number, seed: number): number {
  const { candidate, colour, brightness, minutes } = suggestion;
  const { cell, cellsInSeries, strings, seriesResistorOhms } = candidate;
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
    const drawn = Array.from({ length: strings }, () => {
      const cells = Array.from({ length: cellsInSeries }, () => {
        const emfVolts = usual.emfVolts * (1 + CLASS_SCATTER.emfShare * random.normal());
        const size = Math.exp(-CLASS_SCATTER.resistanceLog * random.normal());
        const ageing = ageingCell({ ...cell, model: parallelCells(usual, size) }, around);
        // Weaker or stronger volts leave the resistances of films as they are.
        return { ...ageing, cell: { ...ageing.cell, emfVolts } };
      });
      return [...cells, joint(ohmsOfJoints(cellsInSeries + 1))];
    });
    const { samples } = discharge({
      strings: drawn,
      load: need.load,
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

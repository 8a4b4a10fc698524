import { ROOM_CELSIUS, ROOM_THERMAL_VOLTS } from '@/core/constants';
import { badJointsOf } from '@/core/physics/chance/badJoints';
import { randomStream } from '@/core/physics/chance/random';
import { CLASS_SCATTER } from '@/core/physics/chance/scatter';
import { FAMILIES } from '@/core/physics/chemistry/families';
import { sideBySide } from '@/core/physics/chemistry/sideBySide';
import { WANTED_BRIGHTNESSES } from '@/core/physics/circuit/brightness';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import type { AgeingCell } from '@/core/physics/time/ageingCell';
import { ageingCell } from '@/core/physics/time/ageingOfFamily';
import { discharge } from '@/core/physics/time/discharge';
import { requirementOf, throughResistor } from '@/core/records/plan/loadRequirement';
import { USUAL_RUNNING, wrapOf } from '@/core/records/plan/runningSchema';
import { planBatteries } from '@/core/work/planning/planBatteries';
import { recipeOfFamily } from '@/core/work/planning/plannerSupply';
import type { BatteryCandidate } from '@/core/work/planning/plannerTypes';
import { RECIPES } from '@/core/physics/chemistry/recipes';
import { familyCell } from '@/core/physics/chemistry/families';
import { limitOfTarget } from '@/core/work/planning/seriesResistor';

/** Wanted times of the suggestions, minutes. */
const MINUTES = [1 / 6, 10, 40, 480];

export interface Suggestion {
  readonly candidate: BatteryCandidate;
  readonly colour: (typeof LED_COLOURS)[number];
  readonly brightness: (typeof WANTED_BRIGHTNESSES)[number];
  readonly minutes: number;
}

/** First suggestions over families, colours, brightnesses and times, as many as there are. */
export function suggestions(): Suggestion[] {
  const found: Suggestion[] = [];
  for (const family of FAMILIES) {
    if (family.restricted) continue;
    for (const colour of LED_COLOURS) {
      for (const brightness of WANTED_BRIGHTNESSES) {
        for (const minutes of MINUTES) {
          const target = { kind: 'led', colour, brightness } as const;
          const [candidate] = planBatteries({
            families: [{ ...family, morePairs: false }],
            need: requirementOf(target),
            limit: limitOfTarget(target),
            resistor: { kind: 'as-needed' },
            minutes,
            running: USUAL_RUNNING,
            objective: 'fewest-cells',
            stock: { bodies: null, pairs: null },
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
export function trueShare(suggestion: Suggestion, classes: number, seed: number): number {
  const { candidate, colour, brightness, minutes } = suggestion;
  const { family, cellsInSeries, strings, seriesResistorOhms } = candidate;
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
  const around = {
    ...USUAL_RUNNING,
    wrap: wrapOf(USUAL_RUNNING, RECIPES[recipeOfFamily(family.id)]),
    celsius: ROOM_CELSIUS,
    cellsInSeries,
    minusElectrodes: 1,
  };
  const usual = familyCell(family);
  let works = 0;
  for (let index = 0; index < classes; index += 1) {
    const ohmsOfJoints = joints();
    const drawn = Array.from({ length: strings }, () => {
      const cells = Array.from({ length: cellsInSeries }, () => {
        const emfVolts = usual.emfVolts * (1 + CLASS_SCATTER.emfShare * random.normal());
        const size = Math.exp(-CLASS_SCATTER.resistanceLog * random.normal());
        const ageing = ageingCell(sideBySide(usual, size), family, around);
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

import { FAMILIES, familyCell, familyOf } from '@/core/physics/chemistry/families';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import { WANTED_BRIGHTNESSES } from '@/core/physics/circuit/brightness';
import { randomStream } from '@/core/physics/chance/random';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { cellInUse } from '@/core/work/planning/cellInUse';
import { chanceInUse, lastsInGrid, type GridWish } from '@/core/work/planning/gridWish';
import { longestString, PLANNING_DEFAULTS } from '@/core/work/planning/planGrids';
import { searchGrids } from '@/core/work/planning/searchGrids';
import { limitOfTarget } from '@/core/work/planning/seriesResistor';
import { suggestions, trueShare } from './calibration';
import { printRow } from './print.mjs';

const SEED = 7;
const SUGGESTIONS = 300;
const CLASSES = 1000;
/** A promise and the truth may be so far apart. */
const APART = 0.02;

const RANDOM_CASES = 2000;
const MOST_CELLS = 24;

/** Promised against true shares of classes, and the search against every grid tried. */
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
  benchSearch();
}

function benchSearch(): void {
  const random = randomStream(SEED);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random.uniform() * from.length)]!;
  const families = FAMILIES.filter(({ restricted }) => !restricted).map(({ id }) => id);
  let different = 0;
  let found = 0;
  for (let index = 0; index < RANDOM_CASES; index += 1) {
    const family = familyOf(pick(families));
    const target = {
      kind: 'led',
      colour: pick(LED_COLOURS),
      brightness: pick(WANTED_BRIGHTNESSES),
    } as const;
    const strength = 0.4 + 2 * random.uniform();
    const typical = familyCell(family);
    const use = cellInUse(
      { ...typical, resistanceOhms: typical.resistanceOhms / strength },
      {
        ...USUAL_RUNNING,
        family,
        wrap: 'sealed',
        minusElectrodes: 1,
        seconds: pick([10, 600, 2400]),
      },
    );
    const wish: GridWish = {
      use,
      need: requirementOf(target),
      resistor: { kind: 'as-needed' },
      limit: limitOfTarget(target),
    };
    const longest = Math.min(MOST_CELLS, longestString(use.fresh.emfVolts));
    const [best] = searchGrids(wish, {
      longest,
      mostCells: MOST_CELLS,
      leastChance: PLANNING_DEFAULTS.recommendedFrom,
      wanted: 1,
    });
    if (best !== undefined) found += 1;
    if ((best?.cells ?? null) !== fewestByTrying(wish, longest)) different += 1;
  }
  printRow(
    `search against every grid up to ${MOST_CELLS} cells, ${RANDOM_CASES} random cases, seed ${SEED}`,
    `${different} differ (${found} possible)`,
    '0',
  );
}

/** Cells of the smallest grid that works, every one of them tried; `null` where none does. */
function fewestByTrying(wish: GridWish, longest: number): number | null {
  for (let cells = 1; cells <= MOST_CELLS; cells += 1) {
    for (let cellsInSeries = 1; cellsInSeries <= Math.min(cells, longest); cellsInSeries += 1) {
      if (cells % cellsInSeries !== 0) continue;
      const strings = cells / cellsInSeries;
      if (chanceInUse(wish, cellsInSeries, strings) < PLANNING_DEFAULTS.recommendedFrom) continue;
      if (lastsInGrid(wish, cellsInSeries, strings)) return cells;
    }
  }
  return null;
}

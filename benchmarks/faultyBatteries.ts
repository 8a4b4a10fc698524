import { LEVEL_ONCE_READ } from '@/core/physics/readings/cellBelief';
import { typicalModel, cellBuild } from '@/core/physics/recipes/cellBuild';
import { CLASS_SCATTER } from '@/core/physics/chance/scatter';
import type { RandomStream } from '@/core/physics/chance/random';
import { cellAmpsAt, type CellModel } from '@/core/physics/cell/cellModel';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import type { CellFault, SpecCell } from '@/core/physics/circuit/faults/batterySpec';
import { ledModelOf } from '@/core/physics/circuit/load/ledPresets';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { suitableCurrentRange } from '@/core/physics/instruments/meter';
import type { Measurement } from '@/core/records/logbook/measurement';
import type { CauseKind } from '@/core/work/diagnosis/causes';
import type { NominalBattery } from '@/core/work/diagnosis/nominalBattery';
import { meterOnBattery } from '@/core/work/measuring/meterOnBattery';

/** Classes scatter one and a half times as much as the fault finder assumes. */
const WORSE = 1.5;
/** Together they differ from the plan’s cell so much: volts as a share, resistance as a logarithm. */
const TOGETHER = { volts: 0.02 * WORSE, ohms: 0.15 * WORSE };
/** How often each is hidden: half of them joints and slips, as in class (common practice, no source). */
const WEIGHTS: Partial<Readonly<Record<CauseKind, number>>> = {
  'poor-contact': 0.2,
  open: 0.14,
  slip: 0.16,
  reversed: 0.1,
  dry: 0.09,
  shorted: 0.06,
  bridged: 0.03,
  'same-metal': 0.04,
  'rim-leak': 0.05,
  drip: 0.02,
  'shared-body': 0.02,
  'string-reversed': 0.02,
  'load-reversed': 0.08,
  'load-broken': 0.02,
  'no-milliamps': 0.02,
  'no-volts': 0.02,
  'leads-swapped': 0.02,
  'flat-meter': 0.01,
};
const led = ledModelOf('red');
/** Families that a class builds from, with cells that give a fair part of a volt. */
const FAMILIES = RECIPE_IDS.filter((id) => !RECIPES[id].restricted).flatMap((id) => {
  const recipe = RECIPES[id];
  const model = typicalModel(cellBuild(recipe, recipe.bodies[0]));
  return model.emfVolts > 0.4 ? [{ id, recipe, model }] : [];
});

/** A battery as a class built it, and what is hidden in it. */
export interface Case {
  readonly name: string;
  readonly nominal: NominalBattery;
  readonly kind: CauseKind;
  readonly string: number;
  readonly cell: number;
  readonly built: readonly (readonly SpecCell[])[];
  /** Short-circuit current of a cell as it is planned, amperes. */
  readonly meantAmps: number;
}

/**
 * What the meter shows; of currents on the range that the guide tells, and on the next larger where that is too small.
 * @param meantAmps what a sound cell gives.
 */
export function shown(
  strings: readonly (readonly SpecCell[])[],
  measurement: Measurement,
  meantAmps = 0,
): number {
  const battery = { strings, load: { kind: 'led', led } } as const;
  const isShort = measurement.kind === 'short' || measurement.kind === 'cell-short';
  const told =
    isShort && meantAmps > 0 ? suitableCurrentRange(meantAmps, USUAL_CLASS_METER.shuntOhms) : null;
  const display = meterOnBattery(battery, measurement, told);
  if (display?.status === 'reads') return display.value;
  const larger = meterOnBattery(battery, measurement, null);
  return larger?.status === 'reads' ? larger.value : 0;
}

function logUniform(random: RandomStream, least: number, most: number): number {
  return least * (most / least) ** random.uniform();
}

/** A curve of the same shape with other volts and another current. */
function scaled(model: CellModel, volts: number, ohms: number): CellModel {
  const { activation, limitingAmps, concentrationVolts } = model;
  const amps = volts / ohms;
  return {
    emfVolts: model.emfVolts * volts,
    resistanceOhms: model.resistanceOhms * ohms,
    activation: activation && {
      slopeVolts: activation.slopeVolts * volts,
      exchangeAmps: activation.exchangeAmps * amps,
    },
    limitingAmps: limitingAmps && limitingAmps * amps,
    concentrationVolts: concentrationVolts && concentrationVolts * volts,
  };
}

/** A battery of any family, one string or two, with one thing wrong or nothing. */
export function drawCase(random: RandomStream, faulty: boolean): Case {
  const family = FAMILIES[Math.floor(random.uniform() * FAMILIES.length)]!;
  const strings = random.uniform() < 0.4 ? 2 : 1;
  const needed = Math.ceil(2 / family.model.emfVolts);
  // As many as an LED needs of weak cells, three or four of others.
  const cells = needed > 3 ? needed : 3 + Math.floor(2 * random.uniform());
  const ohms = family.model.emfVolts / cellAmpsAt(family.model, 0);
  const together = scaled(
    family.model,
    1 + TOGETHER.volts * random.normal(),
    Math.exp(TOGETHER.ohms * random.normal()),
  );
  const sound = Array.from({ length: strings }, () =>
    Array.from({ length: cells }, (): SpecCell => ({
      cell: scaled(
        together,
        1 + WORSE * CLASS_SCATTER.emfShare * random.normal(),
        Math.exp(WORSE * CLASS_SCATTER.resistanceLog * random.normal()),
      ),
      faults: [],
      body: null,
    })),
  );
  const { look } = family.recipe;
  const pile = look === 'pile';
  const bodies = look === 'fruit' || look === 'cup';
  const meant = (model: CellModel): SpecCell[][] =>
    sound.map((items) => items.map(() => ({ cell: model, faults: [], body: null })));
  const nominal: NominalBattery = {
    strings: meant(family.model),
    load: { kind: 'led', led },
    runsFromAmps: BRIGHTNESS_FROM_AMPS.glimmer,
    level: LEVEL_ONCE_READ,
    pile,
    bodies,
    meter: USUAL_CLASS_METER,
    isPolarised: true,
  };
  const string = 1 + Math.floor(random.uniform() * strings);
  const cell = 1 + Math.floor(random.uniform() * cells);
  const base = { name: family.id, nominal, string, cell, meantAmps: family.model.emfVolts / ohms };
  if (!faulty) return { ...base, kind: 'none', built: sound };
  const kind = drawKind(random, (one) => {
    if (one === 'rim-leak') return pile;
    if (one === 'drip') return pile && cell < cells;
    if (one === 'shared-body') return bodies && cell < cells;
    return one !== 'string-reversed' || strings > 1;
  });
  const fault = faultOf(kind, ohms, random);
  const built = sound.map((items, index) =>
    index + 1 !== string
      ? items
      : items.map((item, place): SpecCell => {
          const shares = kind === 'shared-body' && (place === cell - 1 || place === cell);
          const own = place === cell - 1 && fault !== null ? [fault] : [];
          return { ...item, faults: own, body: shares ? 'one body' : null };
        }),
  );
  return { ...base, kind, built };
}

function drawKind(random: RandomStream, possible: (kind: CauseKind) => boolean): CauseKind {
  const kinds = (Object.entries(WEIGHTS) as [CauseKind, number][]).filter(([kind]) =>
    possible(kind),
  );
  let left = random.uniform() * kinds.reduce((sum, [, weight]) => sum + weight, 0);
  for (const [kind, weight] of kinds) {
    left -= weight;
    if (left <= 0) return kind;
  }
  return 'open';
}

function faultOf(kind: CauseKind, ohms: number, random: RandomStream): CellFault | null {
  switch (kind) {
    case 'reversed':
    case 'open':
    case 'same-metal':
      return { kind };
    case 'dry':
      return { kind, factor: logUniform(random, 6, 50) };
    case 'poor-contact':
      return {
        kind,
        ohms: logUniform(random, Math.max(100, 5 * ohms), Math.max(10_000, 50 * ohms)),
      };
    case 'shorted':
      return { kind, ohms: logUniform(random, 0.002, 0.05) * ohms };
    case 'bridged':
      return { kind: 'rim-leak', ohms: Math.min(0.3, ohms / 50) };
    case 'rim-leak':
      return { kind, ohms: logUniform(random, 0.8, 5) * ohms };
    case 'drip':
      return { kind, over: 2, ohms: logUniform(random, 1.5, 8) * ohms };
    default:
      return null;
  }
}

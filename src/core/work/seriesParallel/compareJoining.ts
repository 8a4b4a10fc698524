import { cellBuild, metalCoulombsOf } from '../../physics/recipes/cellBuild';
import { FRUIT_RECIPE } from '../../physics/recipes/foodRecipes';
import type { CellModel } from '../../physics/cell/cellModel';
import { DEFAULT_UTILISATION } from '../../physics/cell/potentials';
import { AA_CELL, DEMO_KIWI } from '../../physics/readings/referenceCells';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { filamentLook, TORCH_BULB, type FilamentLook } from '../../physics/circuit/load/bulb';
import { ledModelOf } from '../../physics/circuit/load/ledPresets';
import { ledGroup, type Load } from '../../physics/circuit/load/load';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';

/** What is bought or built, with how much charge a cell gives before it is spent. */
export interface ComparedCell {
  readonly id: 'bought' | 'home-made';
  readonly name: string;
  readonly plural: string;
  readonly model: CellModel;
  readonly coulombs: number;
  /** Cells that the comparison begins with; as many more are added. */
  readonly first: number;
}

export const BOUGHT_CELL: ComparedCell = {
  id: 'bought',
  name: 'bought AA cell',
  plural: 'bought AA cells',
  model: AA_CELL.model,
  coulombs: AA_CELL.joules / AA_CELL.model.emfVolts,
  first: 1,
};
/** The scenario's kiwi, as it was read; half of the zinc on its nail. */
export const HOME_MADE_CELL: ComparedCell = {
  id: 'home-made',
  name: 'kiwi',
  plural: 'kiwis',
  model: DEMO_KIWI,
  coulombs: DEFAULT_UTILISATION * metalCoulombsOf(cellBuild(FRUIT_RECIPE, FRUIT_RECIPE.bodies[0])),
  first: 4,
};

export const LAMPS = ['bulb', 'led'] as const;
export type Lamp = (typeof LAMPS)[number];
/** One lamp, or two of them side by side or one behind the other. */
export const LAMP_ARRANGEMENTS = ['one', 'two side by side', 'two in a row'] as const;
export type LampArrangement = (typeof LAMP_ARRANGEMENTS)[number];

/** An LED on bought cells needs a resistor, or it burns out. */
export const LED_RESISTOR_OHMS = 47;
/** One way to join the cells. */
export interface Joining {
  readonly name: string;
  readonly inSeries: number;
  readonly strings: number;
}

export interface JoiningResult extends Joining {
  /** Current and power of each lamp. */
  readonly lampAmps: number;
  readonly lampWatts: number;
  /** How an LED looks; for a bulb whether it glows. */
  readonly looks: BrightnessBand | FilamentLook;
  /** Current out of each cell, and how long it lasts at that. */
  readonly cellAmps: number;
  readonly lastsSeconds: number;
}

/** The first cells alone, then as many more in series, then as many more in parallel. */
export function joiningsOf({ first, name, plural }: ComparedCell): Joining[] {
  const few = first === 1 ? `one ${name}` : `${first} ${plural} in series`;
  return [
    { name: few, inSeries: first, strings: 1 },
    { name: `${first} more in series`, inSeries: 2 * first, strings: 1 },
    { name: `${first} more in parallel`, inSeries: first, strings: 2 },
  ];
}

/** The same lamps on each way of joining. */
export function compareJoining(
  cell: ComparedCell,
  lamp: Lamp,
  lamping: LampArrangement,
): JoiningResult[] {
  const load = loadOf(cell, lamp, lamping);
  const lampsInParallel = lamping === 'two side by side' ? 2 : 1;
  const inRow = lamping === 'two in a row' ? 2 : 1;
  return joiningsOf(cell).map((joining) => {
    const { inSeries, strings } = joining;
    const point = operatingPoint(
      gridCurve(cell.model, inSeries, strings),
      load,
      ROOM_THERMAL_VOLTS,
    );
    const amps = point.status === 'solved' ? point.amps : 0;
    const volts = point.status === 'solved' ? point.volts : 0;
    const lampAmps = amps / lampsInParallel;
    const lampWatts = (volts / inRow) * lampAmps;
    const cellAmps = amps / strings;
    return {
      ...joining,
      lampAmps,
      lampWatts,
      looks: lamp === 'led' ? brightnessOf(lampAmps) : filamentLook(TORCH_BULB, lampWatts),
      cellAmps,
      lastsSeconds: cellAmps > 0 ? cell.coulombs / cellAmps : Infinity,
    };
  });
}

function loadOf(cell: ComparedCell, lamp: Lamp, lamping: LampArrangement): Load {
  const sideBySide = lamping === 'two side by side' ? 2 : 1;
  const inRow = lamping === 'two in a row' ? 2 : 1;
  if (lamp === 'bulb') {
    // Equal bulbs are one with so many times the volts or amps.
    const { ratedVolts, ratedAmps } = TORCH_BULB;
    return {
      kind: 'bulb',
      bulb: { ratedVolts: ratedVolts * inRow, ratedAmps: ratedAmps * sideBySide },
    };
  }
  const red = ledModelOf('red');
  const resistor = cell.id === 'bought' ? LED_RESISTOR_OHMS : 0;
  return ledGroup({ ...red, seriesOhms: red.seriesOhms + resistor }, inRow, sideBySide);
}

/**
 * Power into a fixed resistance from two cells joined both ways: `(2E)²R/(R + 2r)²` in series, `E²R/(R + r/2)²` in
 * parallel. Both are equal where `r = R` (Ohm's law): below it series gives more, above it parallel.
 */
export function wattsOfTwo(
  emfVolts: number,
  cellOhms: number,
  lampOhms: number,
): { readonly series: number; readonly parallel: number } {
  const into = (volts: number, ohms: number): number => (volts / (lampOhms + ohms)) ** 2 * lampOhms;
  return { series: into(2 * emfVolts, 2 * cellOhms), parallel: into(emfVolts, cellOhms / 2) };
}

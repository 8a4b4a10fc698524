import { ROOM_THERMAL_VOLTS } from '../../constants';
import { parallelCells, type CellModel } from '../../physics/cell/cellModel';
import type { Spread } from '../../physics/readings/cellBelief';
import { CLASS_SCATTER, KNOWN_LEVEL } from '../../physics/chance/scatter';
import type { SourceCurve } from '../../physics/circuit/battery/sourceCurve';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { LED_LIMIT_AMPS } from '../../physics/circuit/load/led';
import { loadVolts, seriesOhms } from '../../physics/circuit/load/load';
import { preferredOhms } from '../../physics/circuit/wire';
import { withModels, type Desk } from '../../physics/desk/desk';
import { deskSource } from '../../physics/desk/deskSource';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import { throughResistor, type LoadRequirement } from '../../records/plan/loadRequirement';
import type { PlanTarget, SeriesResistor } from '../../records/plan/planSchema';
import type { Running } from '../../records/plan/runningSchema';
import { cellCount } from './chanceInTime';

/** What a load bears for long, and what it does not bear at all. */
export type LoadLimit =
  | { readonly kind: 'amps'; readonly most: number; readonly breaksAt: number }
  | { readonly kind: 'volts'; readonly most: number };

/** A filament bears a little more than is printed on it, and burns through at half as much again (from memory). */
const MOST_OF_RATED = 1.1;
const BREAKS_OF_RATED = 1.5;

/** `null`: whatever the battery gives is borne. */
export function limitOfTarget(target: PlanTarget): LoadLimit | null {
  switch (target.kind) {
    case 'led':
      return { kind: 'amps', most: LED_LIMIT_AMPS.continuous, breaksAt: LED_LIMIT_AMPS.absolute };
    case 'leds': {
      // Side by side the strongest of them takes its share at the least.
      const rows = target.joined === 'in-a-row' ? 1 : target.colours.length;
      const { continuous, absolute } = LED_LIMIT_AMPS;
      return { kind: 'amps', most: rows * continuous, breaksAt: rows * absolute };
    }
    case 'device': {
      const most = target.mostVolts ?? DEVICE_PRESETS[target.device].mostVolts;
      return { kind: 'volts', most: Math.max(most, target.leastVolts) };
    }
    case 'bulb':
      return {
        kind: 'amps',
        most: MOST_OF_RATED * target.ratedAmps,
        breaksAt: BREAKS_OF_RATED * target.ratedAmps,
      };
    case 'motor':
    case 'capacitor':
    case 'resistor':
      return null;
  }
}

/** Whether a load bears what a battery gives it. */
export function isWithinLimit(
  limit: LoadLimit | null,
  { amps, volts }: { readonly amps: number; readonly volts: number },
): boolean {
  return limit === null || (limit.kind === 'amps' ? amps : volts) <= limit.most;
}

/** Deviations above the typical battery that a plan must be safe for. */
const STRONG_DEVIATIONS = 2;

/**
 * A cell of a class whose battery is two deviations stronger than the typical one: the more cells there are, the less their
 * mean strays.
 */
export function strongCell(cell: CellModel, cells: number, level: Spread = KNOWN_LEVEL): CellModel {
  const more = (ofCell: number, ofLevel: number): number =>
    STRONG_DEVIATIONS * Math.hypot(ofCell / Math.sqrt(cells), ofLevel);
  const { emfShare, resistanceLog } = CLASS_SCATTER;
  const emfVolts = cell.emfVolts * (1 + more(emfShare, level.voltsShare));
  return parallelCells({ ...cell, emfVolts }, Math.exp(more(resistanceLog, level.ampsLog)));
}

/**
 * The resistor that keeps the load in bounds on a strong battery: `R = (V_battery − V_load)/I` at the current that is borne,
 * the next preferred value up (E12, IEC 60063); 0 where none is needed.
 */
export function neededOhms(strong: SourceCurve, need: LoadRequirement, limit: LoadLimit): number {
  const amps = limit.kind === 'amps' ? limit.most : need.amps;
  const borneVolts =
    limit.kind === 'amps' ? loadVolts(need.load, amps, ROOM_THERMAL_VOLTS) : limit.most;
  const excess = strong.voltsAt(amps) - borneVolts;
  return excess > 0 ? preferredOhms(excess / amps, 'E12') : 0;
}

/** The resistor in series that a requirement holds, ohms; `null` without one. */
export function resistorOf(need: LoadRequirement): number | null {
  const ohms = seriesOhms(need.load);
  return ohms === 0 ? null : ohms;
}

/** What is asked of any battery. */
export interface BatteryRequirement {
  /** Without a resistor. */
  readonly need: LoadRequirement;
  readonly resistor: SeriesResistor;
  readonly limit: LoadLimit | null;
  /** How long it must run. */
  readonly minutes: number;
  readonly running: Running;
}

/** What is asked of a battery through the resistor that was chosen, or that it needs, and what a strong class's gives the load. */
export interface StrongClass {
  readonly need: LoadRequirement;
  readonly strong: { readonly amps: number; readonly volts: number };
}

/** @param sound the battery as it is meant, at first. */
export function onStrongClass(
  sound: Desk,
  { need, resistor, limit }: Pick<BatteryRequirement, 'need' | 'resistor' | 'limit'>,
): StrongClass {
  const cells = cellCount(sound);
  const strongest = withModels(sound, ({ model, belief }) =>
    strongCell(model, cells, belief.level),
  );
  const through = (ohms: number): StrongClass => {
    const withOhms = throughResistor(need, ohms);
    return { need: withOhms, strong: loadOnDesk(strongest, withOhms.load) };
  };
  if (resistor.kind === 'own') return through(resistor.ohms);
  const bare = through(0);
  // The battery's whole curve is asked for only where the load needs a resistor.
  if (resistor.kind === 'none' || limit === null || isWithinLimit(limit, bare.strong)) return bare;
  return through(neededOhms(deskSource(strongest), need, limit));
}

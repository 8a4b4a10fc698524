import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { CellModel } from '../../physics/chemistry/cellModel';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { LED_LIMIT_AMPS } from '../../physics/circuit/load/led';
import { loadVolts } from '../../physics/circuit/load/load';
import type { SourceCurve } from '../../physics/circuit/battery/sourceCurve';
import { preferredOhms } from '../../physics/circuit/wire';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { throughResistor, type LoadRequirement } from '../../records/plan/loadRequirement';
import type { PlanTarget, SeriesResistor } from '../../records/plan/planSchema';

/** What a load bears for long, and what it does not bear at all. */
export type LoadLimit =
  | { readonly kind: 'amps'; readonly bears: number; readonly breaks: number }
  | { readonly kind: 'volts'; readonly bears: number };

/** `null`: whatever the battery gives is borne. */
export function limitOfTarget(target: PlanTarget): LoadLimit | null {
  switch (target.kind) {
    case 'led':
      return { kind: 'amps', bears: LED_LIMIT_AMPS.continuous, breaks: LED_LIMIT_AMPS.absolute };
    case 'device':
      return {
        kind: 'volts',
        bears: Math.max(DEVICE_PRESETS[target.device].mostVolts, target.leastVolts),
      };
    case 'resistor':
      return null;
  }
}

/** Whether a load bears what a battery gives it. */
export function bears(
  limit: LoadLimit | null,
  { amps, volts }: { readonly amps: number; readonly volts: number },
): boolean {
  return limit === null || (limit.kind === 'amps' ? amps : volts) <= limit.bears;
}

/** Deviations above the typical battery that a plan must be safe for. */
const STRONG_DEVIATIONS = 2;

/**
 * A cell of a class whose battery is two deviations stronger than the typical one: the more cells there are, the less their
 * mean strays.
 */
export function strongCell(cell: CellModel, cells: number): CellModel {
  const deviations = STRONG_DEVIATIONS / Math.sqrt(cells);
  const more = { ...cell, emfVolts: cell.emfVolts * (1 + CLASS_SCATTER.emfShare * deviations) };
  return sideBySide(more, Math.exp(CLASS_SCATTER.resistanceLog * deviations));
}

/**
 * The resistor that keeps the load in bounds on a strong battery: `R = (V_battery − V_load)/I` at the current that is borne,
 * the next preferred value up (E12, IEC 60063); 0 where none is needed.
 */
export function neededOhms(strong: SourceCurve, need: LoadRequirement, limit: LoadLimit): number {
  const amps = limit.kind === 'amps' ? limit.bears : need.amps;
  const borneVolts =
    limit.kind === 'amps' ? loadVolts(need.load, amps, ROOM_THERMAL_VOLTS) : limit.bears;
  const excess = strong.voltsAt(amps) - borneVolts;
  return excess > 0 ? preferredOhms(excess / amps, 'E12') : 0;
}

/** The wish through the resistor that was chosen, or that is needed. */
export function withResistor(
  need: LoadRequirement,
  choice: SeriesResistor,
  limit: LoadLimit | null,
  strong: () => SourceCurve,
): LoadRequirement {
  if (choice.kind === 'own') return throughResistor(need, choice.ohms);
  if (choice.kind === 'none' || limit === null) return need;
  return throughResistor(need, neededOhms(strong(), need, limit));
}

import type { RandomStream } from '../../physics/chance/random';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { TheveninSource } from '../../physics/circuit/battery/sourceCurve';
import type { CellFault, SpecCell } from '../../physics/circuit/faults/batterySpec';
import type { Load } from '../../physics/circuit/load/load';

/** A battery as somebody built it: every cell a little different, and with what is wrong. */
export interface BuiltBattery {
  readonly strings: readonly (readonly SpecCell[])[];
  /** The device; `null` where none is simulated. */
  readonly load: Load | null;
}

/** A cell as a class builds it, around the cell that was planned with: volts drawn first, then resistance. */
export function builtCell(
  planned: TheveninSource,
  random: RandomStream,
  faults: readonly CellFault[] = [],
): SpecCell {
  const emfVolts = planned.emfVolts * (1 + CLASS_SCATTER.emfShare * random.normal());
  const resistanceOhms =
    planned.resistanceOhms * Math.exp(CLASS_SCATTER.resistanceLog * random.normal());
  return { cell: { emfVolts, resistanceOhms }, faults, body: null };
}

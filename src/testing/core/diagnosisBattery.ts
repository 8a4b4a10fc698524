import type { SpecCell } from '../../core/physics/circuit/faults/batterySpec';
import { ledModelOf } from '../../core/physics/circuit/load/ledPresets';
import type { Measurement } from '../../core/records/logbook/measurement';
import type { Reading } from '../../core/work/diagnosis/evidence';
import type { NominalBattery } from '../../core/work/diagnosis/nominalBattery';
import { meterOn, type BuiltString } from '../../core/work/measuring/simulatedBench';

/** A cell to test with: the demo scenario’s kiwi. */
export const KIWI = { emfVolts: 0.93, resistanceOhms: 650 };
export const sound = (): SpecCell => ({ cell: KIWI, faults: [], body: null });
export const battery = (cells: number, change: Partial<NominalBattery> = {}): NominalBattery => ({
  strings: [Array.from({ length: cells }, sound)],
  load: { kind: 'led', led: ledModelOf('amber') },
  runsFromAmps: 0.02e-3,
  measured: true,
  pile: false,
  bodies: true,
  lightsMindTurning: true,
  ...change,
});
export const exact = (cells: number): BuiltString => ({
  items: Array.from({ length: cells }, sound),
});
export const volts = (to: number, built = to): Measurement => ({
  kind: 'volts',
  string: 1,
  from: 1,
  to,
  built,
});
export const shown = (string: BuiltString, measurement: Measurement): Reading => {
  if (!('string' in measurement)) throw new Error('of a string only');
  const display = meterOn(string, measurement);
  if (display.status !== 'reads') throw new Error(display.status);
  return { measurement, value: display.value };
};

import type { RandomStream } from '../../core/physics/chance/random';
import type { CellFault, SpecCell } from '../../core/physics/circuit/faults/batterySpec';
import { ledModelOf } from '../../core/physics/circuit/load/ledPresets';
import { USUAL_CLASS_METER } from '../../core/physics/instruments/classMeter';
import type { MeterRange } from '../../core/physics/instruments/meter';
import type { Measurement } from '../../core/records/logbook/measurement';
import type { Reading } from '../../core/work/diagnosis/evidence';
import type { NominalBattery } from '../../core/work/diagnosis/nominalBattery';
import { builtCell } from '../../core/work/measuring/builtBattery';
import { meterOnString } from '../../core/work/measuring/meterOnBattery';

/** A cell to test with: the demo scenario’s kiwi. */
export const KIWI = { emfVolts: 0.93, resistanceOhms: 650 };
/** What its parts are called. */
export const WORDS = {
  body: 'kiwi',
  plus: 'copper',
  minus: 'zinc',
  device: 'LED',
  strings: 1,
  places: [4],
  pile: false,
};
export const sound = (): SpecCell => ({ cell: KIWI, faults: [], body: null });
export const battery = (cells: number, change: Partial<NominalBattery> = {}): NominalBattery => ({
  strings: [Array.from({ length: cells }, sound)],
  load: { kind: 'led', led: ledModelOf('amber') },
  runsFromAmps: 0.02e-3,
  level: { ampsLog: 0.15, voltsShare: 0.02 },
  pile: false,
  bodies: true,
  meter: USUAL_CLASS_METER,
  isPolarised: true,
  ...change,
});
export type BuiltString = readonly SpecCell[];
export const exact = (cells: number): BuiltString => Array.from({ length: cells }, sound);
/** Cells that scatter like those of a class. */
export const scattered = (
  cells: number,
  planned: { readonly emfVolts: number; readonly resistanceOhms: number },
  random: RandomStream,
): BuiltString => Array.from({ length: cells }, () => builtCell(planned, random));
/** The string with something wrong at a cell, counted from 1. */
export const withFaultAt = (
  string: BuiltString,
  cell: number,
  faults: readonly CellFault[],
  sharesNext = false,
): BuiltString =>
  string.map((item, index) => {
    const shares = sharesNext && (index === cell - 1 || index === cell);
    return {
      ...item,
      faults: index === cell - 1 ? [...item.faults, ...faults] : item.faults,
      body: shares ? 'one body' : item.body,
    };
  });
export const volts = (to: number, built = to): Measurement => ({
  kind: 'volts',
  string: 1,
  from: 1,
  to,
  built,
});
export const shown = (
  string: BuiltString,
  measurement: Measurement,
  range?: MeterRange,
): Reading => {
  if (!('string' in measurement)) throw new Error('of a string only');
  const display = meterOnString(string, measurement, range);
  if (display.status !== 'reads') throw new Error(display.status);
  return { measurement, value: display.value };
};

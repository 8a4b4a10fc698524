import type * as z from 'zod/mini';
import type { measurementSchema } from './measurementSchema';

export type Measurement = z.infer<typeof measurementSchema>;

/** What a measurement is read in. */
export function quantityOf({ kind }: Measurement): 'volts' | 'amps' | 'light' {
  switch (kind) {
    case 'short':
    case 'cell-short':
    case 'load-amps':
      return 'amps';
    case 'lights':
      return 'light';
    default:
      return 'volts';
  }
}

/** Equal for equal measurements, in whatever order their fields stand. */
export function measurementKey(measurement: Measurement): string {
  const known = keys.get(measurement);
  if (known !== undefined) return known;
  const key = keyOf(measurement);
  keys.set(measurement, key);
  return key;
}

/** Measurements are never changed, and their keys are asked for thousands of times. */
const keys = new WeakMap<Measurement, string>();

function keyOf(measurement: Measurement): string {
  return Object.keys(measurement)
    .sort()
    .map((field) => measurement[field as keyof Measurement])
    .join(' ');
}

/** The farthest place of its string that a measurement needs. */
export function reachOf(measurement: Extract<Measurement, { string: number }>): number {
  return Math.max(
    'built' in measurement ? measurement.built : 0,
    'cell' in measurement ? measurement.cell : 0,
    'to' in measurement ? measurement.to : 0,
  );
}

export function isSame(first: Measurement, second: Measurement): boolean {
  return measurementKey(first) === measurementKey(second);
}

/** What is measured in a few words: “cells 1–3, nothing connected”. */
export function measurementName(measurement: Measurement): string {
  switch (measurement.kind) {
    case 'volts':
      return `${span(measurement.from, measurement.to)}${measurement.beyond === true ? ' and the next lead' : ''}, nothing connected`;
    case 'short':
      return `${span(1, measurement.built)}, current`;
    case 'shorted-volts':
      return `${span(1, measurement.to)}, ends joined`;
    case 'cell-volts':
      return `cell ${measurement.cell} alone`;
    case 'cell-short':
      return `cell ${measurement.cell} alone, current`;
    case 'volts-without':
      return `without cell ${measurement.cell}`;
    case 'battery-volts':
      return 'all strings, nothing connected';
    case 'load-volts':
      return 'volts at the device';
    case 'load-amps':
      return 'current of the device';
    case 'lights':
      return measurement.turned ? 'device turned round' : 'does it light or run?';
  }
}

function span(from: number, to: number): string {
  return from === to ? `cell ${from}` : `cells ${from}–${to}`;
}

/** Where the probes go and what to take care of, as a sentence. */
export function howToMeasure(measurement: Measurement): string {
  switch (measurement.kind) {
    case 'volts':
      return measurement.from === measurement.to
        ? `Volts across cell ${measurement.from} as it stands: red on its + metal, black on its − metal.`
        : `Volts across ${span(measurement.from, measurement.to)}: red on the + metal of cell ${measurement.to}, black on the − metal of cell ${measurement.from}.`;
    case 'short':
      return measurement.built === 1
        ? 'Milliamps of the cell: red on its + metal, black on its − metal, for a second or two only.'
        : `Milliamps of the string: red on its + end, black on its − end, for a second or two only.`;
    case 'shorted-volts':
      return `Join the two ends of the string with a lead for a moment and read the volts across ${span(1, measurement.to)}.`;
    case 'cell-volts':
      return `Take the clips off cell ${measurement.cell} and read its volts alone: red on its + metal, black on its − metal.`;
    case 'cell-short':
      return `Take the clips off cell ${measurement.cell} and read its milliamps alone, for a second or two only.`;
    case 'volts-without':
      return `Lift cell ${measurement.cell} out, put a lead in its place and read the volts of the string again.`;
    case 'battery-volts':
      return 'Volts of the whole battery, nothing connected: red on its + end, black on its − end.';
    case 'load-volts':
      return 'Volts across the device while it is connected.';
    case 'load-amps':
      return 'Milliamps of the device: open one of its leads and put the meter into the gap.';
    case 'lights':
      return measurement.turned
        ? 'Turn the device round and look whether it runs.'
        : 'Connect the device and look whether it runs.';
  }
}

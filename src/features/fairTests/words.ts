import type { Factor, Measure } from '@/core/records/fairTest/fairTestSchema';

export const FACTOR_NAMES: Readonly<Record<Factor, string>> = {
  fruit: 'the fruit or vegetable',
  metals: 'the metals',
  electrolyte: 'the liquid',
  gap: 'the gap between the metals',
  temperature: 'the temperature',
  depth: 'the depth in the wet',
};

/** What the variants of each factor are called, with an example. */
export const FACTOR_EXAMPLES: Readonly<Record<Factor, string>> = {
  fruit: 'kiwi',
  metals: 'copper and magnesium',
  electrolyte: 'brine with vinegar',
  gap: '1 cm',
  temperature: '40 °C',
  depth: '2 cm',
};

export const MEASURE_NAMES: Readonly<Record<Measure, string>> = {
  'open-circuit-volts': 'open-circuit volts',
  'short-circuit-amps': 'short-circuit milliamps',
  'led-watts': 'power in an LED',
};

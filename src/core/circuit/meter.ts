/** The classroom multimeter: current ranges and the shunt each puts into the circuit. */
export const CURRENT_RANGES = ['200 µA', '2 mA', '20 mA', '200 mA', '10 A'] as const;
export type CurrentRange = (typeof CURRENT_RANGES)[number];

interface RangeFacts {
  readonly fullScaleAmps: number;
  readonly shuntOhms: number;
}

/** A shunt drops 200 mV at full scale; 10 A sockets are unfused and drop 100 mV (common practice, no source). */
export const CURRENT_RANGE_FACTS: Readonly<Record<CurrentRange, RangeFacts>> = {
  '200 µA': { fullScaleAmps: 200e-6, shuntOhms: 1000 },
  '2 mA': { fullScaleAmps: 2e-3, shuntOhms: 100 },
  '20 mA': { fullScaleAmps: 20e-3, shuntOhms: 10 },
  '200 mA': { fullScaleAmps: 0.2, shuntOhms: 1 },
  '10 A': { fullScaleAmps: 10, shuntOhms: 0.01 },
};

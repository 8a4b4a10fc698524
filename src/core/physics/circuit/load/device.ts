/** Electronics that draw about the same current from a least voltage on. */
export interface DeviceModel {
  readonly amps: number;
  readonly leastVolts: number;
}

/**
 * A device's current is flat above its least voltage. So that voltage and current still determine each other, the
 * curve goes on with this many times its starting slope.
 */
export const DEVICE_STEEPNESS = 1e6;

/** Volts across the device at a current in amperes: in proportion up to its least voltage, then as good as upright. */
export function deviceVolts({ amps: drawn, leastVolts }: DeviceModel, amps: number): number {
  const share = Math.min(amps / drawn, 1);
  const excess = Math.max(amps / drawn - 1, 0);
  return leastVolts * (share + DEVICE_STEEPNESS * excess);
}

/** Differential resistance in ohms. */
export function deviceDifferentialOhms(
  { amps: drawn, leastVolts }: DeviceModel,
  amps: number,
): number {
  return (leastVolts / drawn) * (amps > drawn ? DEVICE_STEEPNESS : 1);
}

import type { Load } from './load';

/** A small DC motor by three easily measured figures. */
export interface MotorModel {
  /** Current with the shaft held at `ratedVolts`, amperes. */
  readonly stallAmps: number;
  readonly ratedVolts: number;
  /** Current running free, amperes. */
  readonly freeAmps: number;
  /** Volts from which it starts by itself. */
  readonly startVolts: number;
}

/** A toy motor (common practice, no source). */
export const TOY_MOTOR: MotorModel = {
  stallAmps: 0.8,
  ratedVolts: 1.5,
  freeAmps: 0.06,
  startVolts: 0.3,
};

export interface MotorState {
  /**
   * `running`: it turns freely, its current is the free one and its counter-voltage takes up the rest; `stalled`: it
   * stands still, a resistor that the battery cannot bring to its starting volts.
   */
  readonly status: 'running' | 'stalled';
  /** What the battery sees of it. */
  readonly load: Load;
  readonly volts: number;
  readonly amps: number;
}

/**
 * Whether a battery starts the motor, and where it then works.
 * @param pointOf volts and amperes of the battery into a load.
 */
export function motorOn(
  { stallAmps, ratedVolts, freeAmps, startVolts }: MotorModel,
  pointOf: (load: Load) => { readonly volts: number; readonly amps: number },
): MotorState {
  const standing: Load = { kind: 'resistor', ohms: ratedVolts / stallAmps };
  const held = pointOf(standing);
  if (held.volts < startVolts) {
    return { status: 'stalled', load: standing, volts: held.volts, amps: held.amps };
  }
  const turning: Load = { kind: 'device', amps: freeAmps, leastVolts: startVolts };
  const { volts, amps } = pointOf(turning);
  return { status: 'running', load: turning, volts, amps };
}

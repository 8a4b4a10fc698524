import { operatingPoint, type OperatingPoint, type SourceCurve } from '../operatingPoint';

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

export type MotorOutcome =
  /** Turns freely: its current is the free one and its counter-voltage takes up the rest. */
  | { readonly status: 'running'; readonly point: OperatingPoint }
  /** Stands still: it is a resistor that the battery cannot bring to its starting volts. */
  | { readonly status: 'stalled'; readonly point: OperatingPoint };

/** Whether a battery starts the motor, and where it then works. */
export function motorOnSource(
  source: SourceCurve,
  motor: MotorModel,
  thermalVolts: number,
): MotorOutcome {
  const ohms = motor.ratedVolts / motor.stallAmps;
  const standing = operatingPoint(source, { kind: 'resistor', ohms }, thermalVolts);
  if (standing.status !== 'solved' || standing.volts < motor.startVolts) {
    return { status: 'stalled', point: standing };
  }
  const load = { kind: 'device', amps: motor.freeAmps, leastVolts: motor.startVolts } as const;
  return { status: 'running', point: operatingPoint(source, load, thermalVolts) };
}

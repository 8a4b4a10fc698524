import { bankAt, FULL_SHARE, type BankFacts } from '../../physics/circuit/load/capacitorBank';
import { loadVolts } from '../../physics/circuit/load/load';
import { theveninCurve, type SourceCurve } from '../../physics/circuit/battery/sourceCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { withoutFaults } from '../../physics/desk/desk';
import { deskSource } from '../../physics/desk/deskSource';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import { CHARGE_TOLERANCE, chargeBank } from '../../physics/time/chargeBank';
import { chargeTime } from '../../physics/time/chargeTime';
import { integrate } from '../../physics/time/integrate';
import type { RunningBank } from '../../records/plan/runningSchema';

/** A capacitor bank on the battery: charged, held, let go. */
export interface CapacitorBankRun {
  /** The bank as one capacitor at the battery's open-circuit volts. */
  readonly facts: BankFacts;
  readonly openVolts: number;
  readonly charging: readonly { readonly seconds: number; readonly volts: number }[];
  /** Until it stands at 95 % of those volts, seconds. */
  readonly chargeSeconds: number;
  /** Let go through the resistor: current at first, time until 5 % of the volts are left, seconds. */
  readonly dischargeAmps: number;
  readonly dischargeSeconds: number;
  /** Energy at half of those volts, joules: a quarter. */
  readonly joulesAtHalf: number;
  /** Flashes through the plan's LED; `null` where the target is no LED or the volts never reach it. */
  readonly flashes: Flashes | null;
}

export interface Flashes {
  readonly perHour: number;
  readonly flashSeconds: number;
  readonly waitSeconds: number;
  readonly fromVolts: number;
  readonly toVolts: number;
  readonly joules: number;
}

const EMPTY_SHARE = 0.05;
/** A flash is over when the LED's current falls below this, amperes: there it is still dim (common practice, no source). */
const FLASH_ENDS_AMPS = 1e-3;
/** The chart goes on for so long after the bank is full. */
const SHOWN_SHARE = 1.3;
const POINTS = 60;

/** The battery as it is meant, fresh, with nothing wrong, charges the bank. */
export function capacitorBankRun(
  { desk, need }: Pick<PlanEvaluation, 'desk' | 'need'>,
  bank: RunningBank,
): CapacitorBankRun {
  const source = deskSource(withoutFaults(desk));
  const openVolts = source.voltsAt(0);
  const facts = bankAt(bank, openVolts);
  const { farads } = facts;
  const full = FULL_SHARE * openVolts;
  const chargeSeconds = chargeTime({ source, farads, fromVolts: 0, toVolts: full });
  const atSeconds = Array.from(
    { length: POINTS },
    (_, index) => (SHOWN_SHARE * chargeSeconds * index) / (POINTS - 1),
  );
  const volts = chargeBank({ source, farads, initialVolts: 0, atSeconds });
  return {
    facts,
    openVolts,
    charging: atSeconds.map((seconds, index) => ({ seconds, volts: volts[index] ?? 0 })),
    chargeSeconds,
    dischargeAmps: openVolts / bank.dischargeOhms,
    dischargeSeconds: bank.dischargeOhms * farads * Math.log(1 / EMPTY_SHARE),
    joulesAtHalf: bankAt(bank, openVolts / 2).joules,
    flashes: flashesOf(need, source, farads, bank.dischargeOhms),
  };
}

function flashesOf(
  { load }: PlanEvaluation['need'],
  source: SourceCurve,
  farads: number,
  ohms: number,
): Flashes | null {
  if (load.kind !== 'led') return null;
  const fromVolts = FULL_SHARE * source.voltsAt(0);
  const toVolts = loadVolts(load, FLASH_ENDS_AMPS, ROOM_THERMAL_VOLTS) + ohms * FLASH_ENDS_AMPS;
  if (fromVolts <= toVolts) return null;
  // The bank at a moment is a source of its volts, with the resistor before the LED.
  const ampsAt = (emfVolts: number): number => {
    const point = operatingPoint(
      theveninCurve({ emfVolts, resistanceOhms: ohms }),
      load,
      ROOM_THERMAL_VOLTS,
    );
    return point.status === 'solved' ? point.amps : 0;
  };
  const flash = integrate({
    derivative: (_, [volts = 0]) => [-ampsAt(volts) / farads],
    initial: [fromVolts],
    startSeconds: 0,
    // It never flows less than at the end, so it takes no longer than this.
    endSeconds: (farads * (fromVolts - toVolts)) / FLASH_ENDS_AMPS,
    atSeconds: [],
    ...CHARGE_TOLERANCE,
    untilNegative: (_, [volts = 0]) => volts - toVolts,
  });
  const waitSeconds = chargeTime({ source, farads, fromVolts: toVolts, toVolts: fromVolts });
  return {
    perHour: 3600 / (flash.endSeconds + waitSeconds),
    flashSeconds: flash.endSeconds,
    waitSeconds,
    fromVolts,
    toVolts,
    joules: 0.5 * farads * (fromVolts ** 2 - toVolts ** 2),
  };
}

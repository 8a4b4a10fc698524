import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { Desk } from '../../physics/desk/desk';
import { LEAD_OHMS } from '../measuring/probed';
import type { DischargeSample } from '../../physics/time/dischargeRun';
import { IntermittentUse, segmentOf } from '../../physics/time/intermittentUse';
import { fittedStrings, type RunFactors } from './runBattery';
import type { Running } from '../../records/plan/runningSchema';

/** A battery whose ends were joined by a lead for a while, and how it comes back. */
export interface ShortCircuitRecovery {
  readonly samples: readonly DischargeSample[];
  readonly shortSeconds: number;
  readonly firstAmps: number;
  readonly lastAmps: number;
  readonly freshVolts: number;
  /** Open-circuit volts right after the lead was lifted, after a minute, after ten. */
  readonly lifted: readonly { readonly seconds: number; readonly volts: number }[];
  /** When it stands at nine tenths of its fresh volts again, seconds after lifting; `null`: not within the rest. */
  readonly recoveredSeconds: number | null;
}

const REST_SECONDS = 1800;
const POINTS = 80;
const RECOVERED_SHARE = 0.9;

/** A short and the rest after it; what the meter reads with nothing connected climbs back as the films decay. */
export function shortCircuitRecovery(
  desk: Desk,
  running: Running,
  factors: RunFactors,
): ShortCircuitRecovery {
  const strings = fittedStrings(desk, { ...running, fromDry: false }, factors);
  const use = new IntermittentUse({ strings, thermalVolts: ROOM_THERMAL_VOLTS, leastAmps: 0 });
  const { shortSeconds } = running;
  use.go(segmentOf({ kind: 'resistor', ohms: LEAD_OHMS }, shortSeconds, POINTS));
  const shorted = [...use.samples];
  const rest = new IntermittentUse({ strings, thermalVolts: ROOM_THERMAL_VOLTS, leastAmps: 0 });
  rest.go(segmentOf(null, 1, 2));
  const freshVolts = rest.samples[0]?.volts ?? 0;
  use.go(segmentOf(null, REST_SECONDS, POINTS));
  const lifted = use.samples.slice(shorted.length);
  const voltsAfter = (seconds: number): number => {
    const at = shortSeconds + seconds;
    const next = lifted.findIndex((one) => one.seconds >= at);
    const after = lifted[next < 0 ? lifted.length - 1 : next];
    const before = lifted[Math.max(0, next - 1)];
    if (after === undefined || before === undefined) return 0;
    const span = after.seconds - before.seconds;
    const share = span > 0 ? Math.min(1, (at - before.seconds) / span) : 0;
    return before.volts + share * (after.volts - before.volts);
  };
  const back = lifted.find(({ volts }) => volts >= RECOVERED_SHARE * freshVolts);
  return {
    samples: use.samples,
    shortSeconds,
    firstAmps: shorted[0]?.amps ?? 0,
    lastAmps: shorted.at(-1)?.amps ?? 0,
    freshVolts,
    lifted: [0, 60, 600].map((seconds) => ({ seconds, volts: voltsAfter(seconds) })),
    recoveredSeconds: back === undefined ? null : back.seconds - shortSeconds,
  };
}

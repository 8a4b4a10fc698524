import {
  CURRENT_RANGE_FACTS,
  isVoltRange,
  showAmps,
  showVolts,
  suitableCurrentRange,
  suitableVoltRange,
  VOLTMETER_OHMS,
  type CurrentRange,
  type MeterDisplay,
  type MeterRange,
  type VoltRange,
} from '../../physics/instruments/meter';
import type { NetworkComponent } from '../../physics/circuit/network/networkSchema';
import { solveNetwork, type NetworkOutcome } from '../../physics/circuit/network/solveNetwork';
import { ROOM_CELSIUS } from '../../constants';

export interface MeterProbes {
  readonly components: readonly NetworkComponent[];
  /** Nodes that the probes touch. */
  readonly red: string;
  readonly black: string;
  readonly quantity: 'volts' | 'amps';
  /** A range of that quantity; one of the other counts as none, and the meter chooses. */
  readonly range: MeterRange | null;
  /** What the meter shows of what is there: 1 for one without an error of its own. */
  readonly gain?: number;
}

/**
 * What the classroom meter shows between two nodes of any network, by the general solver: the voltmeter's own
 * resistance or the shunt, the range and its last digit included.
 */
export function meterOnNetwork(probes: MeterProbes): MeterDisplay {
  return probes.quantity === 'volts' ? voltsOn(probes) : ampsOn(probes);
}

/** A wished range where it is one of volts; otherwise the one that fits. */
export function voltRangeFor(wished: MeterRange | null, volts: number): VoltRange {
  return wished !== null && isVoltRange(wished) ? wished : suitableVoltRange(volts);
}

/** The same of amperes. */
export function currentRangeFor(wished: MeterRange | null, amps: number): CurrentRange {
  return wished !== null && !isVoltRange(wished) ? wished : suitableCurrentRange(Math.abs(amps));
}

function voltsOn({ range, gain = 1, ...probes }: MeterProbes): MeterDisplay {
  const volts = ampsThrough(VOLTMETER_OHMS, probes) * VOLTMETER_OHMS * gain;
  return showVolts(volts, voltRangeFor(range, volts));
}

/** Ohms with which the meter looks for its range. */
const SEARCHING_OHMS = 1;

function ampsOn({ range: wished, gain = 1, ...probes }: MeterProbes): MeterDisplay {
  const range = currentRangeFor(wished, ampsThrough(SEARCHING_OHMS, probes));
  return showAmps(ampsThrough(CURRENT_RANGE_FACTS[range].shuntOhms, probes) * gain, range);
}

function ampsThrough(
  ohms: number,
  { components, red, black }: Pick<MeterProbes, 'components' | 'red' | 'black'>,
): number {
  if (red === black) return 0;
  const meter: NetworkComponent = {
    type: 'resistor',
    name: 'meter',
    a: red,
    b: black,
    resistanceOhms: ohms,
  };
  return solvedState([...components, meter]).componentAmps['meter'] ?? 0;
}

/** State of a network that has one: everything that was built hangs together and has resistance. */
export function solvedState(
  components: readonly NetworkComponent[],
): Extract<NetworkOutcome, { status: 'solved' }> {
  const outcome = solveNetwork({
    temperatureCelsius: ROOM_CELSIUS,
    components: [...components],
  });
  if (outcome.status !== 'solved') {
    throw new Error(`what was built has no state: ${outcome.status}`);
  }
  return outcome;
}

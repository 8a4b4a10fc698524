import reference from '@/testing/core/referenceNetworks.json';
import { networkSchema } from './networkSchema';
import { solveNetwork } from './solveNetwork';

/**
 * Expected values: ngspice 39.3, general-purpose circuit simulator, run with reltol 1e-9.
 * Relative to 1e-6; currents under 1 nA absolutely to 1 nA, since the simulator's junction leakage sets them.
 */
const RELATIVE = 1e-6;
const ABSOLUTE_AMPS = 1e-9;

interface Expected {
  probe: string;
  node?: string;
  reference?: string;
  component?: string;
  value: number;
}

const cases = reference.cases.filter(({ analysis }) => analysis === 'operating-point');

test('the fixture holds the operating-point cases', () => {
  expect(cases.length).toBeGreaterThanOrEqual(50);
});

/**
 * @check networks of cells, resistors, LEDs, bulbs and faults
 * @origin library: ngspice 39.3, run once with reltol 1e-9; its answers are kept
 * @tolerance 1e-6 of each voltage and current
 */
test.each(cases.map((one) => [one.id, one] as const))('reference network %s', (_, one) => {
  const outcome = solveNetwork(networkSchema.parse(one.network));
  if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
  for (const expected of one.expected as Expected[]) {
    const found =
      expected.probe === 'volts'
        ? outcome.nodeVolts[expected.node!]! - outcome.nodeVolts[expected.reference!]!
        : outcome.componentAmps[expected.component!]!;
    const tolerance = Math.max(
      RELATIVE * Math.abs(expected.value),
      expected.probe === 'amps' ? ABSOLUTE_AMPS : 0,
    );
    expect(Math.abs(found - expected.value)).toBeLessThanOrEqual(tolerance);
  }
});

import { ROOM_THERMAL_VOLTS } from '../../constants';
import { ledModelOf } from '../circuit/load/ledPresets';
import { ledGroup, isLedLoad, type Load, loadVolts } from '../circuit/load/load';
import { networkSchema } from '../circuit/network/networkSchema';
import { solveNetwork } from '../circuit/network/solveNetwork';
import { demoPlan } from '../../../cli/demoPlans';
import { evaluatePlan } from '../../work/judging/evaluatePlan';
import { deskNetwork, LOAD, loadComponents } from './deskNetwork';

const { desk, cell } = evaluatePlan(demoPlan('demo-lamp'));
const led = ledModelOf('amber');
const LOADS: readonly Load[] = [
  { kind: 'led', led },
  ledGroup(led, 2, 3),
  { kind: 'resistor', ohms: 1000 },
  { kind: 'device', amps: 0.2e-3, leastVolts: 1.5 },
];

test.each(LOADS)(
  'the network of a desk is a valid document, and its load takes what its curve says: $kind',
  (load) => {
    const document = deskNetwork(desk, load);
    expect(networkSchema.safeParse(document).success).toBe(true);
    const solved = solveNetwork(document);
    if (solved.status !== 'solved') throw new Error(solved.status);
    const amps = solved.componentAmps[LOAD]!;
    expect(amps).toBeGreaterThan(0);
    const volts = solved.nodeVolts['plus']! - (solved.nodeVolts['0'] ?? 0);
    expect(volts).toBeCloseTo(loadVolts(load, amps, ROOM_THERMAL_VOLTS), 3);
  },
);

test('two LEDs in each of three rows: six of them, each row with a node of its own', () => {
  const parts = loadComponents(LOADS[1]!, false).filter(({ type }) => type === 'led');
  expect(parts).toHaveLength(6);
  const between = new Set(parts.map((part) => (part.type === 'led' ? part.anode : '')));
  expect(between).toEqual(
    new Set(['LEDs', 'LED row 1 after 1', 'LED row 2 after 1', 'LED row 3 after 1']),
  );
});

test('turned round an LED stays dark; what does not mind is as before', () => {
  for (const load of LOADS) {
    const turned = solveNetwork(deskNetwork({ ...desk, loadReversed: true }, load));
    const usual = solveNetwork(deskNetwork(desk, load));
    if (turned.status !== 'solved' || usual.status !== 'solved') throw new Error(load.kind);
    const [now, before] = [turned.componentAmps[LOAD]!, usual.componentAmps[LOAD]!];
    if (isLedLoad(load)) expect(Math.abs(now)).toBeLessThan(1e-6);
    else expect(now).toBeCloseTo(before, 12);
  }
});

test('with nothing connected no current flows', () => {
  const solved = solveNetwork(deskNetwork(desk, null));
  if (solved.status !== 'solved') throw new Error(solved.status);
  expect(solved.componentAmps[LOAD]).toBeUndefined();
  expect(solved.nodeVolts['plus']).toBeCloseTo(5 * cell.model.emfVolts, 6);
});

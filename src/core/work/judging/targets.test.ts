import { ROOM_THERMAL_VOLTS } from '../../constants';
import { ledAmpsOnThevenin } from '../../physics/circuit/load/led';
import { ledModelOf, type LedColour } from '../../physics/circuit/load/ledPresets';
import { loadVolts } from '../../physics/circuit/load/load';
import { DEVICE_KINDS, DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { kitOfPlan } from '../preparation/kitOfPlan';
import { guideOfPlan } from '../guide/guideOfPlan';
import { requirementOf } from '../../records/plan/loadRequirement';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { type Plan, planSchema, type PlanTarget } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf } from './verdict';

const planFor = (target: PlanTarget, cell: Plan['cell'] = newPlan('x').cell): Plan =>
  planSchema.parse({
    ...newPlan('x'),
    target,
    cell,
    lesson: { ...newPlan('x').lesson, minutes: 120 },
  });
const headline = (plan: Plan): string => verdictOf(evaluatePlan(plan)).headline;

const COLOURS: readonly LedColour[] = ['red', 'amber', 'yellow-green'];
const THREE: PlanTarget = {
  kind: 'leds',
  colours: [...COLOURS],
  joined: 'side-by-side',
  brightness: 'dim',
};

test('three colours side by side: the darkest is what is wished, the others take more (Kirchhoff)', () => {
  const { load, amps, volts } = requirementOf(THREE);
  const currents = COLOURS.map((colour) =>
    ledAmpsOnThevenin(volts, 0, ledModelOf(colour), ROOM_THERMAL_VOLTS),
  );
  expect(currents.reduce((sum, one) => sum + one, 0) / amps).toBeCloseTo(1, 9);
  expect(Math.min(...currents)).toBeCloseTo(0.2e-3, 9);
  expect(loadVolts(load, amps, ROOM_THERMAL_VOLTS)).toBeCloseTo(volts, 9);
  expect(requirementOf({ ...THREE, joined: 'in-a-row' }).amps).toBeCloseTo(0.2e-3, 12);
});

test('three colours on a pile light, each is on the list, and every LED is connected by its long leg', () => {
  const plan = planFor(THREE, freshCell('coin-pile-brine', 'felt-salt-vinegar'));
  expect(headline(plan)).toMatch(
    /^Lights red, amber and yellow-green LEDs dimly for 10.min, in 9\d/,
  );
  const evaluation = evaluatePlan(plan);
  expect(evaluation.atEnd.brightness).toBe('dim');
  const { lines } = kitOfPlan(plan, evaluation);
  for (const colour of COLOURS) {
    expect(lines.find(({ part }) => part === `led-${colour}`)?.perGroup).toBe(1);
  }
  const connect = guideOfPlan(plan, evaluation).find(({ id }) => id === 'device');
  expect(connect?.text).toMatch(/long leg to \+.*Dark\? Turn it round/);
});

test.each<[string, PlanTarget, Plan['cell'], RegExp]>([
  [
    'a motor on felt turns',
    { kind: 'motor', startVolts: 0.3, ratedVolts: 1.5, stallAmps: 0.8, freeAmps: 0.06 },
    freshCell('zinc-carbon-felt'),
    /^Turns the small motor for 10.min/,
  ],
  [
    'a bulb on felt glows',
    { kind: 'bulb', ratedVolts: 2.5, ratedAmps: 0.2, look: 'glows' },
    freshCell('zinc-carbon-felt'),
    /^Makes the bulb of 2\.50.V, 0\.2.A|^Makes the bulb of 2\.50.V, 200.mA glow/,
  ],
  [
    'a white LED on a booster, from one or two cells',
    { kind: 'device', device: 'boosted-led', ...presetOf('boosted-led') },
    freshCell('juice-cup', 'salt-vinegar'),
    /^Lights the white LED on a booster/,
  ],
  [
    'a capacitor charged in time',
    { kind: 'capacitor', farads: 4.7e-3, volts: 3, withinMinutes: 5 },
    freshCell('juice-cup', 'lemon-juice'),
    /^Charges the capacitor of 4\.7.mF to 3\.00.V in 5.min, ready for/,
  ],
  [
    'a device of one’s own by its name',
    { kind: 'device', device: 'own-device', name: 'night light', leastVolts: 1.8, amps: 1e-3 },
    freshCell('juice-cup', 'lemon-juice'),
    /^Runs the night light for 10.min/,
  ],
])('%s', (_, target, cell, words) => {
  const plan = planFor(target, cell);
  expect(headline(plan)).toMatch(words);
  expect(evaluatePlan(plan).classes.chance).toBeGreaterThanOrEqual(0.95);
});

test('green beside red: the red one takes all, and it says that they stay dark', () => {
  const mixed: PlanTarget = { ...THREE, colours: ['red', 'true-green'] };
  const { amps } = requirementOf(mixed);
  // At the volts of the green one the red one takes a hundred times as much.
  expect(amps).toBeGreaterThan(100 * 0.2e-3);
});

test('lemons start no motor: it says so, not that it stays dark', () => {
  const motor: PlanTarget = {
    kind: 'motor',
    startVolts: 0.3,
    ratedVolts: 1.5,
    stallAmps: 0.8,
    freeAmps: 0.06,
  };
  expect(headline(planFor(motor))).toBe('The small motor does not start');
});

test('every load has its words, and a guide that names its + wire or none', () => {
  const targets: PlanTarget[] = [
    THREE,
    ...DEVICE_KINDS.map((device): PlanTarget => ({ kind: 'device', device, ...presetOf(device) })),
    { kind: 'bulb', ratedVolts: 2.5, ratedAmps: 0.2, look: 'shines' },
    { kind: 'capacitor', farads: 1e-3, volts: 2, withinMinutes: 1 },
  ];
  for (const target of targets) {
    const plan = planFor(target);
    const evaluation = evaluatePlan(plan);
    expect(verdictOf(evaluation).headline).not.toMatch(/undefined|NaN/);
    const connect = guideOfPlan(plan, evaluation).find(({ id }) => id === 'device');
    expect(connect?.text).toMatch(/long leg to \+|red wire to \+|Either way round/);
    expect(connect?.text.includes('Dark?') || !/led/i.test(JSON.stringify(target))).toBe(true);
  }
});

function presetOf(device: (typeof DEVICE_KINDS)[number]): { leastVolts: number; amps: number } {
  const { leastVolts, amps } = DEVICE_PRESETS[device];
  return { leastVolts, amps };
}

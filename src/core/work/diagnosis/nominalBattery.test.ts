import { ledGroup } from '../../physics/circuit/load/load';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { ledModelOf } from '../../physics/circuit/load/ledPresets';
import type { RecipeId } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { nominalBatteryOf, runsFromAmps } from './nominalBattery';
import { placesOfString } from './placesOfString';

const FOUR: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 4, strings: 2 },
};
const of = (change: Partial<Plan>) => nominalBatteryOf(evaluatePlan({ ...FOUR, ...change }));

test('an LED is seen from a glimmer on, a device from half of what it wants', () => {
  const led = { kind: 'led', led: ledModelOf('red') } as const;
  expect(runsFromAmps({ load: led, amps: 5e-3 })).toBe(BRIGHTNESS_FROM_AMPS.glimmer);
  const group = ledGroup(led.led, 2, 1);
  expect(runsFromAmps({ load: group, amps: 5e-3 })).toBe(BRIGHTNESS_FROM_AMPS.glimmer);
  const clock = { kind: 'device', device: 'lcd-clock', leastVolts: 1.2, amps: 1e-5 } as const;
  const { load, amps } = requirementOf(clock);
  expect(runsFromAmps({ load, amps })).toBeCloseTo(amps / 2, 12);
  expect(of({}).runsFromAmps).toBe(BRIGHTNESS_FROM_AMPS.glimmer);
});

test.each([
  ['copper-zinc-fruit', 'lemon', { pile: false, bodies: true }],
  ['coin-pile-brine', 'felt', { pile: true, bodies: false }],
] as const)('of %s: what can go wrong with its kind', (recipe, body, expected) => {
  expect(of({ cell: freshCell(recipe, body) })).toMatchObject(expected);
});

test('juice in cups has bodies; beakers with a bridge have neither bodies nor rims', () => {
  const kinds = (recipe: RecipeId) => {
    const { pile, bodies } = of({ cell: freshCell(recipe, RECIPES[recipe].bodies[0].id) });
    return { pile, bodies };
  };
  expect(kinds('juice-cup')).toEqual({ pile: false, bodies: true });
  expect(kinds('two-solution')).toEqual({ pile: false, bodies: false });
});

test('strings of sound cells, with the meter of the plan; how surely their level is known, and whether the load minds its poles', () => {
  const typical = of({});
  expect(typical.strings.map((items) => items.length)).toEqual([4, 4]);
  for (const item of typical.strings.flat()) expect(item).toMatchObject({ faults: [], body: null });
  expect(typical).toMatchObject({ isPolarised: true, meter: FOUR.meter });
  const own = {
    openCircuitVolts: 0.93,
    shortCircuit: { amps: 1.4e-3, meterRange: '20 mA' as const, secondsAfter: null },
    loaded: [],
    kept: true,
  } satisfies Plan['cell']['own'];
  const read = of({ cell: { ...FOUR.cell, own } });
  expect(read.level.ampsLog).toBeLessThan(0.8 * typical.level.ampsLog);
  expect(of({ target: { kind: 'resistor', ohms: 1000, wantedAmps: 1e-4 } }).isPolarised).toBe(
    false,
  );
});

describe('what each place should add', () => {
  const { desk } = evaluatePlan(FOUR);

  test('equal cells add the same, each at most what its metals can', () => {
    const { places, firstCell } = placesOfString(desk, 1);
    expect(places).toHaveLength(4);
    for (const { emfVolts, ceilingVolts } of places) {
      expect(emfVolts).toBeCloseTo(firstCell.emfVolts, 4);
      expect(ceilingVolts).toBeGreaterThan(firstCell.emfVolts);
      expect(ceilingVolts).toBeLessThan(1.6);
    }
  });

  test('a string that is not there is a mistake of the program', () => {
    expect(() => placesOfString(desk, 2)).toThrow('the desk has no string 2');
  });
});

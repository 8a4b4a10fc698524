import type { RandomStream } from '../../core/physics/chance/random';
import { RECIPE_IDS } from '../../core/physics/recipes/recipe';
import { RECIPES } from '../../core/physics/recipes/recipes';
import { newPlan } from '../../core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '../../core/records/plan/planDocument';
import type { Plan } from '../../core/records/plan/planSchema';
import { LED_COLOURS } from '../../core/physics/circuit/load/ledPresets';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** Values that people do not mean and files may hold: the ends of ranges, and things far beyond them. */
const ODD_NUMBERS = [
  0, 1e-12, 1e-9, 1e-6, 1e-3, 0.1, 0.5, 1, 2, 3, 7, 12, 50, 200, 1e3, 1e5, 1e9, -1,
];

/** A plan that passes the schema and that nobody would make: other recipes, odd numbers, faults, groups. */
export function mutatedPlan(random: RandomStream): Plan {
  for (;;) {
    const plan = drawn(random);
    const parsed = PLAN_DOCUMENT.parse(plan);
    if (parsed.ok) return parsed.value;
  }
}

function drawn(random: RandomStream): Json {
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random.uniform() * all.length)]!;
  const recipe = pick(RECIPE_IDS);
  const body = pick(RECIPES[recipe].bodies).id;
  const base = newPlan('Mutant');
  const plan = JSON.parse(
    JSON.stringify({
      ...base,
      cell: {
        ...base.cell,
        recipe,
        body,
        size: random.uniform() < 0.6 ? RECIPES[recipe].usualSize : null,
        own:
          random.uniform() < 0.3
            ? {
                openCircuitVolts: 0.9,
                shortCircuit: { amps: 1e-3, meterRange: '2 mA', secondsAfter: null },
                loaded: [{ ohms: 1000, volts: 0.5, secondsAfter: null }],
                kept: true,
              }
            : null,
      },
      target: pick<unknown>([
        { kind: 'led', colour: pick(LED_COLOURS), brightness: 'dim' },
        { kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 },
        { kind: 'device', device: 'lcd-clock', leastVolts: 1.5, amps: 1e-4 },
      ]),
      arrangement: pick<unknown>([
        base.arrangement,
        { kind: 'own', cellsInSeries: 4, strings: 2 },
        desk(random, pick),
      ]),
      seriesResistor: pick<unknown>([
        { kind: 'none' },
        { kind: 'as-needed' },
        { kind: 'own', ohms: 100 },
      ]),
    }),
  ) as Json;
  const changes = Math.floor(4 * random.uniform());
  for (let change = 0; change < changes; change += 1) {
    const tried = structuredClone(plan);
    const leaves = numbersIn(tried);
    const leaf = pick(leaves);
    if (leaf !== undefined) leaf(pick(ODD_NUMBERS));
    if (PLAN_DOCUMENT.parse(tried).ok) Object.assign(plan as object, tried);
  }
  return plan;
}

function desk(random: RandomStream, pick: <T>(all: readonly T[]) => T): object {
  const fault = (): object =>
    pick<object>([
      { kind: 'reversed' },
      { kind: 'open' },
      { kind: 'dry', factor: pick([2, 20, 1e6]) },
      { kind: 'same-metal' },
      { kind: 'shorted', ohms: pick([1e-9, 1e-3, 0.1, 100]) },
      { kind: 'poor-contact', ohms: pick([1e-9, 1e-3, 500, 1e9]) },
      { kind: 'rim-leak', ohms: pick([1e-9, 1e-3, 2000]) },
    ]);
  const cell = (): object => ({
    kind: 'cell',
    mix: null,
    faults: random.uniform() < 0.3 ? [fault()] : [],
    sharedBody: null,
  });
  return {
    kind: 'desk',
    strings: Array.from({ length: 1 + Math.floor(3 * random.uniform()) }, () =>
      Array.from({ length: 1 + Math.floor(5 * random.uniform()) }, cell),
    ),
    loadReversed: random.uniform() < 0.2,
  };
}

/** Setters of all numbers in a document, but its version. */
function numbersIn(
  value: Json,
  found: ((next: number) => void)[] = [],
): ((next: number) => void)[] {
  if (value === null || typeof value !== 'object') return found;
  const holder = value as Record<string, Json>;
  for (const key of Object.keys(holder)) {
    const inner = holder[key];
    if (typeof inner === 'number' && key !== 'version') found.push((next) => (holder[key] = next));
    else if (inner !== undefined) numbersIn(inner, found);
  }
  return found;
}

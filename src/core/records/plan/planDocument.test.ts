import fc from 'fast-check';
import { describePath } from '../../result';
import { ownRecipeFrom } from '../../physics/recipes/ownRecipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { PIECES } from '../../physics/recipes/pieces';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { ELECTRODE_SHAPES } from '../../physics/cell/scaleCell';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { DEVICE_KINDS } from '../../physics/circuit/devicePresets';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { CURRENT_RANGES } from '../../physics/instruments/meter';
import { migrateDocument } from '../../formats/migrateDocument';
import { USUAL_LESSON } from './lessonSchema';
import { WRAPS } from '../../physics/time/ageingCell';
import { newPlan } from './newPlan';
import { PLAN_DOCUMENT } from './planDocument';
import { MAX_CELLS } from '../../physics/desk/limits';
import { type Plan } from './planSchema';

const amount = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const targets: fc.Arbitrary<Plan['target']> = fc.oneof(
  fc.record({
    kind: fc.constant('led' as const),
    colour: fc.constantFrom(...LED_COLOURS),
    brightness: fc.constantFrom(...WANTED_BRIGHTNESSES),
  }),
  fc.record({
    kind: fc.constant('resistor' as const),
    ohms: amount(0.1, 1e7),
    wantedAmps: amount(1e-9, 10),
  }),
  fc.record({
    kind: fc.constant('device' as const),
    device: fc.constantFrom(...DEVICE_KINDS),
    leastVolts: amount(0.1, 30),
    amps: amount(1e-6, 1),
  }),
);

const plans: fc.Arbitrary<Plan> = fc.record({
  format: fc.constant('grozer-plan' as const),
  version: fc.constant(13 as const),
  title: fc.string({ minLength: 1, maxLength: 80 }).map((text) => text.trim() || 'Plan'),
  lessonDate: fc.option(fc.constantFrom('2027-01-29', '2028-02-29')),
  target: targets,
  minutes: amount(1, 43200),
  switchedOnAt: fc.constantFrom(null, '20:00'),
  cell: fc.constantFrom(...RECIPE_IDS).chain((recipe) =>
    fc.record({
      recipe: fc.constant(recipe),
      body: fc.constantFrom(...RECIPES[recipe].bodies.map(({ id }) => id)),
      piece: fc.constantFrom(null, ...PIECES),
      overhangMillimetres: amount(-3, 4),
      ownRecipe: fc.constantFrom(null, { id: 'own', recipe: ownRecipeFrom(recipe) }),
      size: fc.option(
        fc.record({
          shape: fc.constantFrom(...ELECTRODE_SHAPES),
          widthMillimetres: amount(0.5, 500),
          depthMillimetres: amount(0.5, 500),
          gapMillimetres: amount(0.1, 500),
          metalMillimetres: amount(0.001, 500),
          pairs: fc.integer({ min: 1, max: 10 }),
          extraPlus: fc.integer({ min: 0, max: 10 }),
          extraMinus: fc.integer({ min: 0, max: 10 }),
        }),
      ),
      own: fc.option(
        fc.record({
          openCircuitVolts: fc.option(amount(0.01, 100)),
          shortCircuit: fc.option(
            fc.record({
              amps: amount(1e-6, 20),
              meterRange: fc.constantFrom(...CURRENT_RANGES),
              secondsAfter: fc.option(amount(0, 3600)),
            }),
          ),
          loaded: fc.array(
            fc.record({
              ohms: amount(0.1, 1e7),
              volts: amount(0, 100),
              secondsAfter: fc.option(amount(0, 3600)),
            }),
            { maxLength: 6 },
          ),
          kept: fc.boolean(),
        }),
      ),
      trialCells: fc.array(
        fc.record({
          volts: fc.option(amount(0.01, 100)),
          milliamps: fc.option(amount(1e-3, 20_000)),
          seconds: fc.option(amount(0, 3600)),
          counted: fc.boolean(),
        }),
        { maxLength: 4 },
      ),
      school: fc.constantFrom(null, {
        cells: 9,
        lessons: 2,
        openCircuitVolts: { mean: 0.9, deviation: 0.04 },
        shortCircuitAmps: { mean: 1e-3, logDeviation: 0.3 },
      }),
    }),
  ),
  arrangement: fc.oneof(
    fc.constant({ kind: 'suggested' as const }),
    fc.record({
      kind: fc.constant('own' as const),
      cellsInSeries: fc.integer({ min: 1, max: 14 }),
      strings: fc.integer({ min: 1, max: 14 }),
    }),
  ),
  meter: fc.record({
    voltsOhms: amount(10_000, 1e9),
    shuntOhms: fc.record({
      '200 µA': amount(0.01, 5000),
      '2 mA': amount(0.01, 500),
      '20 mA': amount(0.01, 50),
      '200 mA': amount(0.01, 5),
      '10 A': amount(0.001, 1),
    }),
  }),
  seriesResistor: fc.oneof(
    fc.constantFrom({ kind: 'as-needed' as const }, { kind: 'none' as const }),
    fc.record({ kind: fc.constant('own' as const), ohms: amount(0.1, 1e6) }),
  ),
  have: fc.option(fc.constantFrom({}, { potato: 9, 'clip-lead': 8 } as const)),
  lesson: fc
    .record({ pupils: fc.integer({ min: 60, max: 400 }), groups: fc.integer({ min: 1, max: 60 }) })
    .map((counts) => ({ ...USUAL_LESSON, ...counts })),
  running: fc.record({
    wrap: fc.constantFrom(null, ...WRAPS),
    humidity: amount(0.05, 0.99),
    celsius: amount(0, 45),
    fromDry: fc.boolean(),
    turns: fc.record({ onSeconds: amount(1, 86_400), restSeconds: amount(1, 86_400) }),
    shortSeconds: amount(1, 600),
    bank: fc.record({
      farads: amount(1e-6, 500),
      ratedVolts: amount(1, 60),
      inSeries: fc.integer({ min: 1, max: 20 }),
      inParallel: fc.integer({ min: 1, max: 20 }),
      dischargeOhms: amount(0.05, 1e6),
    }),
  }),
  wishes: fc.array(
    fc.oneof(
      fc.record({
        kind: fc.constant('run' as const),
        name: fc.constantFrom('Foghorn', 'Ferry'),
        volts: amount(0.1, 1e6),
        amps: amount(1e-6, 1e6),
        seconds: amount(0.1, 1e9),
      }),
      fc.record({
        kind: fc.constant('pulse' as const),
        name: fc.constantFrom('Spark', 'Weld'),
        volts: amount(0.1, 1000),
        farads: amount(1e-6, 1000),
      }),
    ),
    { maxLength: 4 },
  ),
});

test('an exported plan comes back the same', () => {
  fc.assert(
    fc.property(plans, (plan) => {
      const parsed = PLAN_DOCUMENT.parseText(PLAN_DOCUMENT.text(plan));
      expect(parsed).toEqual({ ok: true, value: JSON.parse(JSON.stringify(plan)) });
    }),
  );
});

test('a new plan is a valid plan', () => {
  expect(PLAN_DOCUMENT.parse(newPlan('Lamp')).ok).toBe(true);
});

const faultPaths = (document: unknown): string[] => {
  const parsed = PLAN_DOCUMENT.parse(document);
  return parsed.ok ? [] : parsed.issues.map(({ path }) => describePath(path));
};

test('every fault of a broken plan is named by its path', () => {
  const plan = newPlan('Lamp');
  expect(
    faultPaths({
      ...plan,
      title: ' ',
      minutes: 'long',
      target: { kind: 'led', colour: 'ultraviolet', brightness: 'dim' },
      cell: {
        ...plan.cell,
        own: {
          openCircuitVolts: -1,
          shortCircuit: { amps: 0, meterRange: '20 mA', secondsAfter: null },
          loaded: [],
          kept: false,
        },
      },
      colour: 'blue',
    }).sort(),
  ).toEqual(
    [
      'cell.own.openCircuitVolts',
      'cell.own.shortCircuit.amps',
      'colour',
      'minutes',
      'target.colour',
      'title',
    ].sort(),
  );
});

test('a battery larger than a plan can hold is refused', () => {
  const arrangement = { kind: 'own', cellsInSeries: 20, strings: 11 };
  expect(20 * 11).toBeGreaterThan(MAX_CELLS);
  expect(faultPaths({ ...newPlan('Lamp'), arrangement })).toEqual(['arrangement.strings']);
});

test('text that is no JSON, no object or has no version says so', () => {
  const code = (text: string): string | undefined => {
    const parsed = PLAN_DOCUMENT.parseText(text);
    return parsed.ok ? 'ok' : parsed.issues[0]?.code;
  };
  expect(code('{"title": ')).toBe('not-json');
  expect(code('[]')).toBe('not-an-object');
  expect(code('{}')).toBe('no-version');
  expect(code('{"version": 99}')).toBe('too-new');
});

test('a plan of version 8 keeps its size and its own recipe, and gets a resistor where one is needed', () => {
  const plan = newPlan('Lamp');
  const { meter } = plan;
  const { shape, widthMillimetres, depthMillimetres, gapMillimetres } =
    RECIPES['copper-zinc-fruit'].usualSize;
  const size = { shape, widthMillimetres, depthMillimetres, gapMillimetres, pairs: 1 };
  const own = ownRecipeFrom('copper-zinc-fruit');
  const oldRecipe = {
    ...own,
    version: 1,
    usualSize: size,
    bodies: own.bodies.map(({ id, name, plural, openVolts, resistivityShare }) => ({
      id,
      name,
      plural,
      openVolts,
      resistivityShare,
      limitShare: 2,
    })),
  };
  const old: Record<string, unknown> = { ...plan, version: 8 };
  delete old['seriesResistor'];
  delete old['meter'];
  const parsed = PLAN_DOCUMENT.parse({
    ...old,
    cell: {
      ...plan.cell,
      size: { ...size, pairs: 3 },
      ownRecipe: { id: 'mine', recipe: oldRecipe },
    },
  });
  expect(parsed.ok && parsed.value).toMatchObject({
    version: 13,
    minutes: plan.minutes,
    seriesResistor: { kind: 'as-needed' },
    meter,
    lesson: plan.lesson,
    cell: {
      size: { ...size, pairs: 3, extraPlus: 0, extraMinus: 0 },
      ownRecipe: { id: 'mine', recipe: { version: 3, usualSize: { extraPlus: 0 } } },
    },
  });
  // Twice the limit of the reactions is half of their resistance.
  expect(parsed.ok && parsed.value.cell.ownRecipe?.recipe.bodies[0]?.reactionShare).toBe(0.5);
});

test('older documents go through every migration in turn, and are not changed themselves', () => {
  const document = { version: 1, volts: 2 };
  const migrated = migrateDocument(document, 'plan', 3, {
    1: ({ volts, ...rest }) => ({ ...rest, emf: volts }),
    2: (before) => ({ ...before, checked: true }),
  });
  expect(migrated).toEqual({ ok: true, value: { version: 3, emf: 2, checked: true } });
  expect(document).toEqual({ version: 1, volts: 2 });
});

test('a plan that is too old is refused by its version', () => {
  const parsed = PLAN_DOCUMENT.parse({ ...newPlan('Lamp'), version: 7 });
  expect(!parsed.ok && parsed.issues).toMatchObject([{ code: 'too-old', path: ['version'] }]);
  // What is no cell at all is left to the schema to name.
  expect(faultPaths({ ...newPlan('Lamp'), version: 10, cell: 5 })).toEqual(['cell']);
});

test('a class that cannot be is refused by its field', () => {
  const { lesson } = newPlan('Lamp');
  const withLesson = (change: object) =>
    faultPaths({ ...newPlan('Lamp'), lesson: { ...lesson, ...change } });
  expect(withLesson({ pupils: 0 })).toContain('lesson.pupils');
  expect(withLesson({ pupils: 4, groups: 5 })).toEqual(['lesson.groups']);
  expect(withLesson({ startsAt: '25:00' })).toEqual(['lesson.startsAt']);
  expect(withLesson({ workingHours: { from: '17:00', to: '08:00' } })).toEqual([
    'lesson.workingHours',
  ]);
});

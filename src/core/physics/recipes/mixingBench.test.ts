import fc from 'fast-check';
import { ELECTROLYTES, mixLiquid } from './mixingBench';
import { millilitresOf, mixingRequestSchema, type MixingRequest } from './mixingRequest';

const answer = (change: Partial<MixingRequest> = {}) => {
  const request: MixingRequest = {
    electrolyte: 'brine',
    by: 'cells',
    cells: 10,
    millilitres: 10,
    groups: 6,
    groupMillilitres: 100,
    litres: 2,
    strength: 1,
    ...change,
  };
  return mixLiquid(request.electrolyte, request.strength, millilitresOf(request));
};

test('brine by hand: 10 cells of 10 mL with a fifth to spare take 120 mL and 21.6 g, 1.2 level tablespoons', () => {
  const mixed = answer();
  if (!mixed.ok) throw new Error('refused');
  expect(mixed.value.liquidMillilitres).toBeCloseTo(120, 9);
  expect(mixed.value.portions[0]).toMatchObject({
    solute: 'table salt',
    grams: expect.closeTo(21.6, 9),
    tablespoons: expect.closeTo(1.2, 9),
  });
});

test('litres in all are mixed as they are; millilitres a group have a fifth to spare', () => {
  const all = answer({ by: 'litres' });
  // Two litres with 18 g in 100 mL.
  expect(all.ok && all.value).toMatchObject({
    liquidMillilitres: 2000,
    portions: [{ grams: expect.closeTo(360, 9) }],
  });
  const groups = answer({ by: 'groups' });
  // 6 × 100 mL × 1.2.
  expect(groups.ok && groups.value.liquidMillilitres).toBeCloseTo(720, 9);
});

test('grams grow with cells and strength, the saturation with strength alone', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...ELECTROLYTES),
      fc.integer({ min: 1, max: 500 }),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      (electrolyte, cells, strength) => {
        const one = answer({ electrolyte, cells, strength });
        const two = answer({ electrolyte, cells: 2 * cells, strength });
        if (!one.ok || !two.ok) throw new Error('refused');
        one.value.portions.forEach((portion, index) => {
          expect(two.value.portions[index]!.grams / portion.grams).toBeCloseTo(2, 9);
          expect(two.value.portions[index]!.saturation).toBeCloseTo(portion.saturation, 9);
        });
      },
    ),
  );
});

test('what does not dissolve is refused, what nearly does not is warned of', () => {
  expect(answer({ strength: 3 }).ok).toBe(false);
  const strong = answer({ strength: 1.9 });
  expect(strong.ok && strong.value.warnings).toHaveLength(1);
});

test('salt in vinegar conducts like brine, not like vinegar', () => {
  const salted = answer({ electrolyte: 'vinegar-and-salt' });
  // Vinegar alone: 0.12 S/m (CRC Handbook, from memory).
  expect(salted.ok && salted.value.siemensPerMetre).toBeGreaterThan(5);
});

test('what cannot be mixed is refused, each by its path', () => {
  const parsed = mixingRequestSchema.safeParse({
    electrolyte: 'tea',
    cells: 2.5,
    millilitres: -3,
    strength: 9,
  });
  expect(parsed.error?.issues.map(({ path }) => path.join('.')).sort()).toEqual([
    'by',
    'cells',
    'electrolyte',
    'groupMillilitres',
    'groups',
    'litres',
    'millilitres',
    'strength',
  ]);
});

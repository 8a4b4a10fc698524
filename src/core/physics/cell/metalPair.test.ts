import fc from 'fast-check';
import { MEDIA, solveMetalPair, type MetalPairAnswer, type Medium } from './metalPair';
import { METALS, METAL_FACT, type Metal } from './metals';
import { explainMetals } from '../../work/words/explainMetals';
import { RECIPES } from '../recipes/recipes';

const cell = (first: Metal, second: Metal, medium: Medium) => {
  const answer = solveMetalPair({ first, second, medium });
  if (answer.status !== 'cell') throw new Error('identical');
  return answer;
};

test('identical metals: nothing happens, and why', () => {
  for (const metal of METALS) {
    const answer = solveMetalPair({ first: metal, second: metal, medium: 'fruit' });
    expect(answer).toMatchObject({ status: 'identical', why: expect.stringMatching(/^Nothing/) });
  }
});

test('zinc is the anode (−) and copper the cathode (+) in every liquid, whichever is named first', () => {
  for (const medium of MEDIA) {
    for (const [first, second] of [
      ['copper', 'zinc'],
      ['zinc', 'copper'],
    ] as const) {
      const { plus, minus } = cell(first, second, medium);
      expect([plus.metal, minus.metal]).toEqual(['copper', 'zinc']);
    }
  }
});

test('each in its own salt: 1.1037 V for copper and zinc (textbook 1.10 V), read 1.08 to 1.10 V', () => {
  const { allowed, practical, plus, minus } = cell('copper', 'zinc', 'own-salts');
  expect(allowed.map(({ volts }) => volts)).toEqual([expect.closeTo(1.1037, 4)]);
  expect([practical.low, practical.high]).toEqual([1.08, 1.1]);
  expect(plus.university[0]).toContain('Cu²⁺(aq) + 2 e⁻ → Cu(s)');
  expect(minus.university[0]).toContain('Zn(s) → Zn²⁺(aq) + 2 e⁻');
});

test('in fruit of pH 2.5 the tables allow 0.62 V with hydrogen and 1.85 V with oxygen; read between (Nernst)', () => {
  const { allowed, practical, plus } = cell('copper', 'zinc', 'fruit');
  // 0 − 0.05817·2.5 + 0.7618 and 1.229 − 0.05817·2.5 + 0.7618, with RT·ln10/F = 58.17 mV at 20 °C.
  expect(allowed[0]?.volts).toBeCloseTo(0.6164, 3);
  expect(allowed.at(-1)?.volts).toBeCloseTo(1.8454, 3);
  expect(practical.high).toBeLessThan(allowed.at(-1)!.volts);
  expect(plus.university.join(' ')).toContain('2 H⁺(aq) + 2 e⁻ → H₂(g)');
});

test('in acid fruit the metals stand otherwise than in sea water: tin is active, copper and zinc are as classes read them', () => {
  const [copperLow, copperHigh] = METAL_FACT.copper.fruitVolts;
  const [zincLow, zincHigh] = METAL_FACT.zinc.fruitVolts;
  // 0.85 to 1.0 V (common practice, no source).
  expect(copperLow - zincHigh).toBeCloseTo(0.84, 1);
  expect(copperHigh - zincLow).toBeCloseTo(1.0, 1);
  expect(cell('tin', 'lead', 'fruit').minus.metal).toBe('tin');
  expect(cell('copper', 'iron', 'fruit').practical.source).toContain('acid fruit');
  expect(cell('copper', 'iron', 'salt-water').practical.source).toContain('sea water');
});

test('aluminium against zinc: the table and the oxide skin disagree about the sign, and it is said', () => {
  // The skin keeps aluminium’s lost volt in its own salt too.
  expect(cell('aluminium', 'zinc', 'own-salts').minus.metal).toBe('zinc');
  const inSalt = cell('aluminium', 'zinc', 'salt-water');
  expect(inSalt.minus.metal).toBe('zinc');
  expect(inSalt.reasons.join(' ')).toContain('oxide skin');
});

test('graphite has no ions of its own: it is always + and never dissolves', () => {
  for (const metal of METALS.filter((one) => one !== 'graphite')) {
    const { plus, minus } = cell('graphite', metal, 'salt-water');
    expect(plus.metal).toBe('graphite');
    expect(minus.school[0]).toContain(METAL_FACT[metal].name);
  }
  expect(cell('graphite', 'zinc', 'salt-water').practical).toMatchObject({ low: 0.9, high: 1.1 });
});

/**
 * @check what a class reads of any two metals
 * @origin closed form: no cell gives more than the most that its tables allow, and none less than nothing
 * @tolerance none
 */
test('all 45 pairs in three liquids: what is read lies within what the card itself allows, and no figure is negative', () => {
  for (const [index, first] of METALS.entries()) {
    for (const second of METALS.slice(index + 1)) {
      for (const medium of MEDIA) {
        const { practical, allowed } = cell(first, second, medium);
        expect(allowed.every(({ volts }) => volts > 0)).toBe(true);
        expect(allowed.length).toBeGreaterThan(0);
        expect(practical.low).toBeGreaterThanOrEqual(0);
        expect(practical.high).toBeLessThanOrEqual(Math.max(...allowed.map(({ volts }) => volts)));
      }
    }
  }
});

test('in a still cup copper is + against tin and lead (common practice, no source)', () => {
  for (const metal of ['tin', 'lead'] as const) {
    for (const medium of ['fruit', 'salt-water'] as const) {
      expect(cell('copper', metal, medium).plus.metal).toBe('copper');
    }
  }
});

test('bubbles are promised where hydrogen can form: at the zinc itself in acid, never where copper dissolves', () => {
  const zinc = cell('copper', 'zinc', 'fruit');
  expect(zinc.minus.school.join(' ')).toContain('bubbles of hydrogen rise at the zinc itself');
  expect(zinc.plus.school.join(' ')).toContain('bubbles of hydrogen may show');
  const copper = cell('silver', 'copper', 'fruit');
  expect(copper.plus.school.join(' ')).not.toContain('hydrogen');
  expect(copper.reasons.join(' ')).toContain('No hydrogen forms here');
  expect(copper.plus.university.join(' ')).not.toContain('H₂(g)');
  expect(cell('copper', 'zinc', 'salt-water').minus.school.join(' ')).not.toContain('bubbles');
});

/**
 * @check the whole reaction
 * @origin closed form: atoms and charges balance
 * @tolerance none
 */
test.each([
  ['copper', 'zinc', 'fruit', ['Zn + 2 H⁺ → Zn²⁺ + H₂', '2 Zn + O₂ + 4 H⁺ → 2 Zn²⁺ + 2 H₂O']],
  ['graphite', 'aluminium', 'salt-water', ['4 Al + 3 O₂ + 6 H₂O → 4 Al(OH)₃']],
  [
    'graphite',
    'magnesium',
    'salt-water',
    ['Mg + 2 H₂O → Mg(OH)₂ + H₂', '2 Mg + O₂ + 2 H₂O → 2 Mg(OH)₂'],
  ],
  ['silver', 'copper', 'own-salts', ['Cu + 2 Ag⁺ → Cu²⁺ + 2 Ag']],
  ['copper', 'aluminium', 'own-salts', ['2 Al + 3 Cu²⁺ → 2 Al³⁺ + 3 Cu']],
] as const)('%s and %s in %s: the whole reaction', (plus, minus, medium, overall) => {
  expect(cell(plus, minus, medium).overall).toEqual(overall);
});

test('university wording takes the acidity into account (E = E° − 0.059·pH)', () => {
  const { plus } = cell('copper', 'zinc', 'fruit');
  expect(plus.university.join(' ')).toMatch(/0.059 V · 2.5 ≈ −0.15/);
  expect(plus.university.join(' ')).toMatch(/≈ 1.08/);
});

test('the order of naming never matters, and the practical volts are never negative', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...METALS),
      fc.constantFrom(...METALS),
      fc.constantFrom(...MEDIA),
      (first, second, medium) => {
        const one: MetalPairAnswer = solveMetalPair({ first, second, medium });
        const other = solveMetalPair({ first: second, second: first, medium });
        if (one.status === 'identical' || other.status === 'identical') return first === second;
        expect(other.practical).toEqual(one.practical);
        return one.practical.low >= 0 && one.practical.high >= one.practical.low;
      },
    ),
  );
});

test('coins in vinegar stand in acid, the same pile in brine does not', () => {
  const pile = RECIPES['coin-pile-brine'];
  const told = (liquid: 'vinegar' | 'brine'): string =>
    explainMetals(pile, { liquid }).lines.join(' ');
  expect(told('vinegar')).toContain('hydrogen ions of the acid');
  expect(told('brine')).toContain('oxygen dissolved in the water');
  expect(explainMetals(RECIPES['one-coin-pile']).lines.join(' ')).toContain(
    'hydrogen ions of the acid',
  );
});

test('every recipe explains its volts, the concentration cell by its solutions', () => {
  for (const recipe of Object.values(RECIPES)) {
    const { lines } = explainMetals(recipe);
    if (recipe.id === 'concentration') expect(lines.join(' ')).toContain('Nernst');
    else expect(lines.join(' ')).toMatch(/\+ .*the cathode.*− .*the anode/s);
  }
});

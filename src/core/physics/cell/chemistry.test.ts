import { conductivity } from './conductivity';
import { dilute, mix, SOLUTE_FACTS, spoonsOf } from '../recipes/mixing';
import { meanActivity, nernstSlopeVolts, nernstVolts, twoVesselVolts } from './twoSolutions';
import { coulombsPerGram, thermodynamicVolts, type AnodeMetal } from './potentials';

const MILLIAMP_HOUR = 3.6;

test.each<[AnodeMetal, number]>([
  ['Zn', 819.9],
  ['Mg', 2205],
  ['Al', 2980],
  ['Fe', 959.9],
  ['Ni', 913.3],
  ['Cu', 843.5],
  ['Pb', 258.8],
])(
  'Faraday capacity of %s is %p mAh/g (zF/M, CODATA 2018, IUPAC atomic weights)',
  (metal, milliampHours) => {
    const found = coulombsPerGram(metal) / MILLIAMP_HOUR;
    expect(Math.abs(found / milliampHours - 1)).toBeLessThan(5e-4);
  },
);

test('a 2.5 g coin with a 97.5 % zinc core holds about 2000 mAh (Faraday)', () => {
  expect(Math.round((2.5 * 0.975 * coulombsPerGram('Zn')) / MILLIAMP_HOUR / 10) * 10).toBe(2000);
});

test('copper against zinc at unit activity: 1.1037 V (CRC Handbook, Electrochemical Series, from memory)', () => {
  expect(thermodynamicVolts('Cu2+/Cu', 'Zn2+/Zn')).toBeCloseTo(1.1037, 4);
});

test('Nernst slope: 59.16/n mV a decade, 29.58 mV for n = 2 at 25 °C (CODATA 2018)', () => {
  expect(1000 * nernstSlopeVolts(1, 25) * Math.LN10).toBeCloseTo(59.16, 2);
  expect(1000 * nernstSlopeVolts(2, 25) * Math.LN10).toBeCloseTo(29.58, 2);
  expect(nernstVolts(1.1, 2, 1, 25)).toBe(1.1);
});

const COPPERS = { cathode: 'copper', anode: 'copper' } as const;
const coppers = (right: number, left: number, model: 'ideal' | 'tabled'): number =>
  1000 * (twoVesselVolts(0, right, left, 25, model, COPPERS) ?? NaN);

test('Cu²⁺ 0.5 against 0.05 mol/L, ideal, 25 °C: 29.6 mV; the sign turns with the ratio (Nernst)', () => {
  expect(coppers(0.5, 0.05, 'ideal')).toBeCloseTo(29.6, 1);
  expect(coppers(0.05, 0.5, 'ideal')).toBeCloseTo(-29.6, 1);
  expect(coppers(0.2, 0.2, 'tabled')).toBeCloseTo(0, 12);
});

/**
 * @check activities of copper and zinc sulfate
 * @origin published: R. A. Robinson and R. H. Stokes, Electrolyte Solutions; CRC Handbook (values from memory)
 * @tolerance 0.3 mV
 */
test('with tabled activities 0.5 against 0.05 mol/L gives about 14 mV, never more than without; outside the table nothing', () => {
  // (RT/2F)·ln(0.5·0.062 / 0.05·0.21) by hand.
  expect(Math.abs(coppers(0.5, 0.05, 'tabled') - 13.9)).toBeLessThan(0.3);
  for (const ratio of [1.5, 2, 5, 10, 50]) {
    const [ideal, tabled] = [
      coppers(0.5, 0.5 / ratio, 'ideal'),
      coppers(0.5, 0.5 / ratio, 'tabled'),
    ];
    expect(tabled).toBeGreaterThan(0);
    expect(tabled).toBeLessThan(ideal);
  }
  expect(meanActivity('copper', 0.1)).toBe(0.15);
  expect(meanActivity('copper', Math.sqrt(0.1 * 0.2))).toBeCloseTo((0.15 + 0.104) / 2, 9);
  expect([meanActivity('copper', 1.01), meanActivity('zinc', 0.0009)]).toEqual([null, null]);
  expect(meanActivity('zinc', 2)).toBe(0.035);
});

test('spoons: 18 g of fine salt are one tablespoon (bulk density from memory)', () => {
  expect(spoonsOf(18, 'table salt', 'tablespoon')).toBeCloseTo(1, 9);
  expect(spoonsOf(24, 'table salt', 'Australian tablespoon')).toBeCloseTo(1, 9);
});

test('brine of the pile, 1 tablespoon in 100 mL: 15 % by mass, half saturated', () => {
  const mixed = mix('table salt', 18, 100);
  if (!mixed.ok) throw new Error('not mixed');
  expect(mixed.value.massShare).toBeCloseTo(18 / 117.8, 6);
  expect(mixed.value.saturation).toBeCloseTo(0.502, 3);
  expect(mixed.value.warning).toBeNull();
});

test.each([
  ['table salt', 35.9],
  ['potassium chloride', 34.2],
  ['citric acid', 146],
] as const)(
  '%s: %p g dissolve in 100 g of water at 20 °C, more is refused (CRC Handbook, from memory)',
  (solute, grams) => {
    const water = 100 / 0.998;
    const full = mix(solute, grams * 0.9999, water);
    expect(full.ok && full.value.warning).toMatch(/saturation/);
    const refused = mix(solute, grams * 1.01, water);
    expect(refused.ok ? '' : refused.issues[0]?.message).toContain('dissolve');
  },
);

test('Epsom salt crystals bring water: 33.7 g anhydrous in 100 g are about 105 g of crystals (molar masses)', () => {
  expect(SOLUTE_FACTS['Epsom salt'].gramsPer100Water).toBeCloseTo(106.5, 0);
});

test('nothing, or no water, is refused at its field', () => {
  const none = mix('table salt', 0, 100);
  const dry = mix('table salt', 5, 0);
  expect(none.ok ? [] : none.issues[0]?.path).toEqual(['grams']);
  expect(dry.ok ? [] : dry.issues[0]?.path).toEqual(['waterMillilitres']);
});

test('dilution keeps the amount', () => {
  const stock = dilute(1, 0.25, 400);
  expect(stock.ok && stock.value).toBe(100);
  expect(dilute(0.5, 1, 100).ok).toBe(false);
});

test.each([
  ['NaCl', 1, 16],
  ['NaCl', 5, 70],
  ['NaCl', 10, 126],
  ['NaCl', 20, 204],
  ['KCl', 5, 72],
  ['KCl', 10, 143],
  ['acetic acid', 5, 1.2],
  ['citric acid', 5, 4.7],
] as const)(
  '%s of %p %% conducts %p mS/cm (CRC Handbook, from memory)',
  (conductor, percent, mSPerCm) => {
    const found = conductivity(conductor, percent);
    expect(10 * found.siemensPerMetre).toBeCloseTo(mSPerCm, 9);
    expect(found.tabulated).toBe(true);
  },
);

test('between and beyond the table', () => {
  expect(10 * conductivity('NaCl', 7.5).siemensPerMetre).toBeCloseTo(98, 9);
  expect(conductivity('NaCl', 0).siemensPerMetre).toBe(0);
  expect(conductivity('NaCl', 30)).toEqual({ siemensPerMetre: 22.2, tabulated: false });
  // A weak acid a quarter as strong conducts half as well (Ostwald).
  expect(conductivity('acetic acid', 1.25).siemensPerMetre).toBeCloseTo(0.06, 9);
  // Vinegar conducts about a hundred times worse than brine: why a spoon of salt helps.
  expect(
    conductivity('NaCl', 10).siemensPerMetre / conductivity('acetic acid', 5).siemensPerMetre,
  ).toBeGreaterThan(100);
});

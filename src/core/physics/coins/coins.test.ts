import { COIN_AREAS, useOfCoin, yearsOfCoin, type CoinMetal } from './coin';
import { COINS } from './coins';
import { identifyCoin, unknownCoin, type CoinTest } from './identifyCoin';

/** Densities, g/cm³: CRC Handbook of Chemistry and Physics and alloy tables, from memory. */
const DENSITY: Readonly<Record<CoinMetal, number>> = {
  bronze: 8.85,
  zinc: 7.17,
  steel: 7.86,
  cupronickel: 8.95,
  nickel: 8.9,
  'clad copper': 8.92,
  'aluminium bronze': 7.8,
  'nordic gold': 8.2,
  'two metals': 8.6,
};

/**
 * @check mass, size and metal of every coin
 * @origin memory: densities of the CRC Handbook of Chemistry and Physics and alloy tables, from memory
 * @tolerance relief leaves 70 to 100 % of the disc
 */
test.each(COINS.map((coin) => [`${coin.area} ${coin.name} ${yearsOfCoin(coin)}`, coin] as const))(
  '%s: mass, size and metal belong together (its relief leaves 70 to 100 % of the disc over the rim)',
  (_, { diameterMillimetres, thicknessMillimetres, grams, core }) => {
    const cubicCentimetres =
      ((Math.PI / 4) * diameterMillimetres ** 2 * thicknessMillimetres) / 1000;
    const filled = grams / (cubicCentimetres * DENSITY[core]);
    expect(filled).toBeGreaterThan(0.7);
    expect(filled).toBeLessThan(1.02);
  },
);

test('every area but “anywhere else” has coins, and none ends before it begins', () => {
  for (const area of COIN_AREAS) {
    expect(COINS.some((coin) => coin.area === area)).toBe(area !== 'other');
  }
  for (const { from, until } of COINS) expect(from ?? 0).toBeLessThanOrEqual(until ?? 9999);
});

test.each([
  ['steel', true],
  ['nickel', true],
  ['bronze', false],
  ['cupronickel', false],
  ['zinc', false],
])('coins of %s: magnetic is %s (common practice, no source)', (wanted, magnetic) => {
  const coins = COINS.filter(({ core }) => core === wanted);
  expect(coins.length).toBeGreaterThan(0);
  expect(coins.map((coin) => coin.magnetic)).toEqual(coins.map(() => magnetic));
});

const tested = (change: Partial<CoinTest>): CoinTest => ({
  area: 'us',
  year: null,
  grams: null,
  diameterMillimetres: null,
  magnetic: null,
  ...change,
});

test('a cent of 2.5 g has zinc inside, one of 3.1 g does not (facts of the trade, no source)', () => {
  const light = identifyCoin(tested({ grams: 2.5, diameterMillimetres: 19 }));
  expect(light.map((coin) => useOfCoin(coin).zincInside)).toEqual([true]);
  const heavy = identifyCoin(tested({ grams: 3.1, diameterMillimetres: 19 }));
  expect(heavy.map((coin) => useOfCoin(coin).zincInside)).toEqual([false]);
});

test('in 1982 both kinds were made: the year alone does not tell, the scale does', () => {
  const cents = (test: CoinTest) =>
    identifyCoin(test).filter(({ name }) => name.startsWith('1 cent'));
  expect(cents(tested({ year: 1982 }))).toHaveLength(2);
  expect(cents(tested({ year: 1982, grams: 2.5 }))).toHaveLength(1);
  expect(cents(tested({ year: 1943 })).map(({ core }) => core)).toEqual(['bronze', 'steel']);
});

test('a magnet parts copper-plated steel from bronze', () => {
  const pence = (magnetic: boolean) =>
    identifyCoin(tested({ area: 'uk', year: 1992, grams: 3.56, magnetic })).map(({ core }) => core);
  expect(pence(true)).toEqual(['steel']);
  expect(pence(false)).toEqual(['bronze']);
});

test('a coin that fits nothing is told about by its tests', () => {
  expect(identifyCoin(tested({ area: 'other', grams: 3 }))).toEqual([]);
  const lines = unknownCoin(
    tested({ area: 'other', magnetic: true, grams: 3, diameterMillimetres: 20 }),
  );
  expect(lines[0]).toContain('not find zinc');
  // 3 g over 3.142 cm² of 7.13 g/cm³ are 1.34 mm, worked by hand.
  expect(lines[1]).toContain('1.34 mm');
  expect(unknownCoin(tested({ magnetic: false }))[0]).toContain('Sand a small spot');
});

test.each([
  ['us', '1 cent', 1982, 'copper', 'grey zinc'],
  ['us', '10 cents', 1965, 'cupronickel', 'copper under'],
  ['uk', '1 penny', 1992, 'copper', 'steel under'],
  ['australia', '1 dollar', 1984, 'copper (an alloy of it)', 'no zinc'],
  ['us', '1 cent, wartime', 1943, null, 'no zinc'],
] as const)('%s %s from %s: + face %s, sanding exposes %s', (area, name, from, plus, sanding) => {
  const coin = COINS.find((one) => one.area === area && one.name === name && one.from === from);
  const use = useOfCoin(coin!);
  expect(use.plus).toBe(plus);
  expect(use.sanding).toContain(sanding);
});

test('Canadian cents of 1980 and 1981 weigh 2.8 g, those from 1982 on 2.5 g (published by the mint, from memory)', () => {
  const gramsIn = (year: number) =>
    COINS.filter(
      ({ area, name, from, until }) =>
        area === 'canada' &&
        name === '1 cent' &&
        (from ?? -Infinity) <= year &&
        year <= (until ?? Infinity),
    ).map(({ grams }) => grams);
  expect([1979, 1980, 1981, 1982].map(gramsIn)).toEqual([[3.24], [2.8], [2.8], [2.5]]);
});

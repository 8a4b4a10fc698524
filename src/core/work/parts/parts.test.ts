import { billOfCells, cellBuild, multiplyBill } from '../../physics/recipes/cellBuild';
import { billOfLoad } from './partOfTarget';
import fc from 'fast-check';
import { bodyOf, RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { missingWords } from './missingWords';
import { costWords, moneyWords } from './moneyWords';
import { mergeBillLines, missingParts, timesFrom } from './partStock';
import { priceOfBill } from './priceOfBill';
import { separatorPlan } from '../../physics/recipes/separatorPlan';

const build = (
  id: (typeof RECIPE_IDS)[number],
  bodyId: string,
  piece: 'whole' | 'quarter' = 'whole',
) => cellBuild(RECIPES[id], bodyOf(RECIPES[id], bodyId), { piece });

test('a string of potatoes by hand: so many of each, one lead more than cells', () => {
  expect(billOfCells(build('root-vegetable', 'potato'), 6)).toEqual(
    expect.arrayContaining([
      { part: 'potato', amount: 6 },
      { part: 'copper-strip', amount: 6 },
      { part: 'galvanised-nail', amount: 6 },
      { part: 'clip-lead', amount: 7 },
    ]),
  );
});

test('84 quarters are 21 fruit', () => {
  const bill = mergeBillLines(billOfCells(build('copper-zinc-fruit', 'kiwi', 'quarter'), 84));
  expect(bill.find(({ part }) => part === 'kiwi')?.amount).toBe(21);
});

test('separators and liquid count too: a pile takes felt, salt and two leads', () => {
  const bill = mergeBillLines(billOfCells(build('coin-pile-brine', 'felt'), 4));
  const amount = (part: string): number => bill.find((one) => one.part === part)?.amount ?? 0;
  // 80 discs of 19 mm from a sheet; 2 mL a disc with 18 g in 100 mL.
  expect(amount('felt-sheet')).toBeCloseTo(4 / 80, 9);
  expect(amount('table-salt')).toBeCloseTo(4 * 2 * 0.18, 9);
  expect(amount('clip-lead')).toBe(2);
});

test('what is missing is named with how many, most lacking first; wire does for leads', () => {
  const bill = multiplyBill(billOfCells(build('root-vegetable', 'potato'), 8), 1);
  const missing = missingParts(bill, {
    potato: 9,
    'galvanised-nail': 6,
    'copper-strip': 7,
    'clip-lead': 4,
    'bell-wire': 5,
  });
  expect(missing).toEqual([
    { part: 'galvanised-nail', needed: 8, there: 6 },
    { part: 'copper-strip', needed: 8, there: 7 },
  ]);
  expect(missingWords(missing)).toBe('2 galvanised nails and 1 copper strip are');
  expect(missingWords(missing.slice(1))).toBe('1 copper strip is');
});

test('so many strings as can be made, never one more', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...RECIPE_IDS.filter((id) => !RECIPES[id].restricted)),
      fc.integer({ min: 1, max: 8 }),
      fc.integer({ min: 0, max: 60 }),
      (id, cells, stock) => {
        const bill = billOfCells(build(id, RECIPES[id].bodies[0].id), cells);
        const have = Object.fromEntries(bill.map(({ part }) => [part, stock]));
        const load = { ...have, 'led-red': 1 };
        const strings = timesFrom(load, bill, billOfLoad([{ part: 'led-red', amount: 1 }], false));
        expect(missingParts(multiplyBill(bill, strings), have)).toEqual([]);
        expect(missingParts(multiplyBill(bill, strings + 1), have).length).toBeGreaterThan(0);
        expect(timesFrom(have, bill, billOfLoad([{ part: 'led-red', amount: 1 }], false))).toBe(0);
      },
    ),
  );
});

test('a price is known only where every part has one', () => {
  const bill = [
    { part: 'lemon' as const, amount: 4 },
    { part: 'clip-lead' as const, amount: 5 },
  ];
  const lemons = { lemon: { stock: 0, pack: 4, packPrice: 2 } };
  expect(priceOfBill(bill, { entries: lemons })).toBeNull();
  const entries = { ...lemons, 'clip-lead': { stock: 0, pack: 10, packPrice: 5 } };
  // 4 × 0.50 that is used up, and 5 × 0.50 that comes back.
  expect(priceOfBill(bill, { entries })).toEqual({ all: 4.5, usedUp: 2 });
  expect(moneyWords(4.5, 'EUR')).toBe('4.5 EUR');
  expect(moneyWords(null, 'EUR')).toBe('price unknown');
  expect(costWords(4.5, '')).toBe('cost 4.5');
  expect(costWords(null, '')).toBe('price unknown');
});

test('separators by hand: 24 discs of 19 mm, eight layers, from one sheet of A4', () => {
  // 21 mm a place: 10 across, 8 layers in 297 mm once: 80 a sheet; 3 cuts of eight.
  expect(separatorPlan(24, 19, 0, 'A4')).toEqual({
    diameterMillimetres: 19,
    perSheet: 80,
    sheets: 1,
    cuts: 3,
  });
  expect(separatorPlan(24, 19, -1, 'A4').diameterMillimetres).toBe(18);
  expect(separatorPlan(81, 19, 0, 'A4').sheets).toBe(2);
});

test('separators: always enough from the sheets, whatever the size', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 500 }),
      fc.integer({ min: 5, max: 150 }),
      fc.double({ min: -3, max: 4, noNaN: true }),
      fc.constantFrom('A4' as const, 'Letter' as const),
      (count, coin, overhang, paper) => {
        const { perSheet, sheets, cuts } = separatorPlan(count, coin, overhang, paper);
        expect(perSheet * sheets).toBeGreaterThanOrEqual(count);
        expect(perSheet * (sheets - 1)).toBeLessThan(count);
        expect(8 * cuts).toBeGreaterThanOrEqual(count);
      },
    ),
  );
});

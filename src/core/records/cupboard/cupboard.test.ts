import { CUPBOARD_DOCUMENT } from '../../documents/tools/cupboardDocument';
import { cupboardCsv, withCsvCupboard } from './cupboardCsv';
import {
  cupboardSchema,
  EMPTY_CUPBOARD,
  entryOf,
  stockOf,
  withEntry,
  withGuidePrices,
} from './cupboardSchema';
import { AISLES, PART_IDS, PARTS } from '../../physics/recipes/parts';

test('the cupboard goes out as CSV and comes back the same', () => {
  const cupboard = withEntry(EMPTY_CUPBOARD, 'led-amber', { stock: 7, pack: 10, packPrice: 2.5 });
  const back = withCsvCupboard(EMPTY_CUPBOARD, cupboardCsv(cupboard));
  if (!back.ok) throw new Error(JSON.stringify(back.issues));
  for (const part of PART_IDS) expect(entryOf(back.value, part)).toEqual(entryOf(cupboard, part));
});

test('a broken cupboard file is refused whole, each fault with its row and column', () => {
  const text = 'part,stock,price of a pack\r\nkiwi,many,1\r\nplutonium,1,1\r\nlemon,3,-2\r\n';
  const read = withCsvCupboard(EMPTY_CUPBOARD, text);
  expect(read.ok ? [] : read.issues.map(({ path, message }) => [...path, message])).toEqual([
    ['row', 2, 'stock', '“many” is not a number.'],
    ['row', 3, 'part', '“plutonium” is no part that Grozer knows.'],
    ['row', 4, 'price of a pack', 'A price cannot be negative.'],
  ]);
  const nameless = withCsvCupboard(EMPTY_CUPBOARD, 'thing,stock\r\nkiwi,1\r\n');
  expect(nameless.ok ? '' : nameless.issues[0]?.code).toBe('missing-column');
});

test('every part has a guide price, a pack and a name of its own', () => {
  const names = PART_IDS.map((part) => PARTS[part].name);
  expect(new Set(names).size).toBe(names.length);
  for (const part of PART_IDS) {
    expect(PARTS[part].pack).toBeGreaterThan(0);
    expect(PARTS[part].guidePrice).toBeGreaterThan(0);
  }
});

test('a price that nobody set is unknown, until the round figures are asked for', () => {
  expect(entryOf(EMPTY_CUPBOARD, 'lemon')).toEqual({ stock: 0, pack: 4, packPrice: null });
  const mine = withEntry(EMPTY_CUPBOARD, 'lemon', { packPrice: 1.2 });
  const guided = withGuidePrices(mine);
  expect(entryOf(guided, 'lemon').packPrice).toBe(1.2);
  expect(entryOf(guided, 'kiwi').packPrice).toBe(PARTS.kiwi.guidePrice);
  expect(stockOf(withEntry(guided, 'kiwi', { stock: 3 }), () => true)).toEqual({ kiwi: 3 });
});

test('every part is sold somewhere', () => {
  for (const part of PART_IDS) expect(AISLES).toContain(PARTS[part].aisle);
  expect(PARTS['kiwi'].aisle).toBe('greengrocer');
  expect(PARTS['led-red'].aisle).toBe('electronics');
});

test('a cupboard of version 1 keeps its stock: LEDs become red ones, devices clocks, no day is free', () => {
  const old = {
    format: 'grozer-cupboard',
    version: 1,
    title: 'Cupboard',
    state: {
      currency: 'EUR',
      entries: {
        led: { stock: 12, pack: 20, packPrice: 4 },
        device: { stock: 1, pack: 1, packPrice: 5 },
        kiwi: { stock: 3, pack: 6, packPrice: 3 },
      },
      taken: [
        { planId: 'p', title: 'Lamp', takenAt: '2027-01-29T13:00:00Z', parts: { led: 2, kiwi: 1 } },
      ],
    },
  };
  const read = CUPBOARD_DOCUMENT.parse(old);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const { state } = read.value;
  expect(stockOf(state, () => true)).toEqual({ kiwi: 3, 'led-red': 12, 'lcd-clock': 1 });
  expect(state.taken[0]?.parts).toEqual({ 'led-red': 2, kiwi: 1 });
  expect(state.freeDays).toEqual([]);
});

test('free days that end before they begin are refused at their field', () => {
  const read = cupboardSchema.safeParse({
    ...EMPTY_CUPBOARD,
    freeDays: [{ from: '2027-02-12', to: '2027-02-08' }],
  });
  expect(read.error?.issues.map(({ path }) => path.join('.'))).toEqual(['freeDays.0.to']);
});

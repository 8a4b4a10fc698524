import { PART_IDS, PARTS } from '../../physics/recipes/parts';
import { partsInSentence } from './partsInSentence';

test('typed in haste, without commas: every number begins another part', () => {
  expect(partsInSentence('9 potatoes 6 nails 8 leads')).toEqual({
    counts: { potato: 9, 'galvanised-nail': 6, 'clip-lead': 8 },
    unknown: [],
  });
  expect(partsInSentence('four 3 mm nails').counts).toEqual({ 'galvanised-nail': 4 });
});

test('a sentence as people type it', () => {
  expect(partsInSentence('9 potatoes, 6 nails, 10 copper strips, 8 leads')).toEqual({
    counts: { potato: 9, 'galvanised-nail': 6, 'copper-strip': 10, 'clip-lead': 8 },
    unknown: [],
  });
  expect(
    partsInSentence('I have six lemmons, a dozen galvanized nails; 500 g salt and 1 red LED.'),
  ).toEqual({
    counts: { lemon: 6, 'galvanised-nail': 12, 'table-salt': 500, 'led-red': 1 },
    unknown: [],
  });
  expect(partsInSentence('3 potatos\n4 long galvanised nails + two croc clips')).toEqual({
    counts: { potato: 3, 'galvanised-nail': 4, 'clip-lead': 2 },
    unknown: [],
  });
});

test('what nothing is called is told, and the rest counts; the same part twice adds up', () => {
  expect(partsInSentence('2 kiwis, 3 submarines, 1 kiwi')).toEqual({
    counts: { kiwi: 3 },
    unknown: ['3 submarines'],
  });
  expect(partsInSentence('')).toEqual({ counts: {}, unknown: [] });
});

test('every part is known by its own name and its plural', () => {
  for (const part of PART_IDS) {
    const { name, plural } = PARTS[part];
    for (const said of [name, plural]) {
      const plain = said.split(',')[0] ?? said;
      expect([said, partsInSentence(`5 ${plain.replaceAll(' and ', ' ')}`).unknown]).toEqual([
        said,
        [],
      ]);
    }
  }
});

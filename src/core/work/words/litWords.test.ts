import type { LitThing } from '../search/whatCanBeLit';
import { litWiring } from './litWords';

describe('words of a lit thing’s wiring', () => {
  const option = { recipe: 'copper-zinc-fruit', body: 'kiwi', piece: 'whole' } as const;
  const words = (
    cellsInSeries: number,
    strings: number,
    pairsPerBody: number,
    piece: 'whole' | 'half' = 'whole',
  ): string =>
    litWiring({
      option: { ...option, piece } as LitThing['option'],
      candidate: {
        cells: cellsInSeries * strings,
        cellsInSeries,
        strings,
        pairsPerBody,
      } as LitThing['candidate'],
    });

  test('one, a string, side by side, both, and more metal in each', () => {
    expect(words(1, 1, 1)).toBe('1 kiwi');
    expect(words(3, 1, 1)).toBe('3 kiwis in series');
    expect(words(1, 3, 1)).toBe('3 kiwis side by side');
    expect(words(3, 2, 1)).toBe('6 kiwis, 3 in series × 2');
    expect(words(3, 1, 2)).toBe('3 kiwis in series, 2 pairs of metal in each');
    expect(words(2, 1, 1, 'half')).toMatch(/^2 .*kiwi.* in series$/);
  });
});

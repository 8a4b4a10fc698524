import type { Wish } from '@/core/records/plan/wishSchema';
import { addressOf, askedAt } from './questionInAddress';

const pier: Wish = { kind: 'run', name: 'light the pier', volts: 3, amps: 1e-3, seconds: 60 };

test('a question keeps its address', () => {
  for (const asked of [
    { kind: 'example', id: 'ferry' },
    { kind: 'claim', id: 'power' },
  ] as const) {
    expect(askedAt(addressOf(asked), [])).toEqual(asked);
  }
  expect(askedAt(addressOf({ kind: 'own', index: 0 }), [pier])).toEqual({
    kind: 'own',
    wish: pier,
  });
});

test.each([null, '', 'own.3', 'own.x', 'example.submarine', 'claim.', 'nothing.at.all'])(
  'the address %p names no question: the first example is shown',
  (address) => {
    expect(askedAt(address, [pier])).toEqual({ kind: 'example', id: 'lighthouse' });
  },
);

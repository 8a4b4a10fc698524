import fc from 'fast-check';
import { EXAMPLE_WISHES } from '@/core/work/reality/exampleWishes';
import type { Wish } from '@/core/records/plan/wishSchema';
import { typedWish, wishFields, wishOf } from './WishDialog';

test('the example wishes can be typed out and come back the same', () => {
  for (const { wish } of EXAMPLE_WISHES) {
    expect(wishOf(wish.kind, typedWish(wish))).toEqual({ ok: true, wish });
  }
});

test('any wish that is opened and closed unchanged is the same wish, to twelve digits', () => {
  const size = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });
  const run = fc.record({
    kind: fc.constant('run' as const),
    name: fc.constant('light the pier'),
    volts: size(0.01, 1e5),
    amps: size(1e-6, 1e5),
    seconds: size(1, 1e8),
  });
  const pulse = fc.record({
    kind: fc.constant('pulse' as const),
    name: fc.constant('weld a wire'),
    volts: size(0.01, 1000),
    farads: size(1e-6, 1000),
  });
  fc.assert(
    fc.property(fc.oneof(run, pulse), (wish: Wish) => {
      const back = wishOf(wish.kind, typedWish(wish));
      if (!back.ok) throw new Error(JSON.stringify(back.problems));
      for (const field of wishFields(wish.kind)) {
        const [before, after] = [wish, back.wish].map((one) =>
          Number(new Map(Object.entries(one)).get(field)),
        );
        expect(Math.abs(after! / before! - 1)).toBeLessThan(1e-11);
      }
    }),
  );
});

test('every empty field is told about at once, each in its own place', () => {
  const empty = wishOf('run', {});
  expect(empty.ok ? [] : Object.keys(empty.problems).sort()).toEqual([
    'amps',
    'name',
    'seconds',
    'volts',
  ]);
  const pulse = wishOf('pulse', { name: 'weld', volts: '5000 V', farads: '1 F' });
  expect(pulse.ok ? {} : pulse.problems).toEqual({ volts: 'Give at most 1000 V.' });
});

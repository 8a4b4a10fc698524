import fc from 'fast-check';
import type { NetworkComponent } from '../network/networkSchema';
import { solveNetwork } from '../network/solveNetwork';
import { theveninInParallel, theveninInSeries, type TheveninSource } from './sourceCurve';

test('Millman: 3 V, 1.5 V, 2 V with 10 Ω each in parallel give 2.1667 V (J. Millman, Proc. IRE 28 (1940) 413)', () => {
  const source = theveninInParallel(
    [3, 1.5, 2].map((emfVolts) => ({ emfVolts, resistanceOhms: 10 })),
  );
  expect(source.emfVolts).toBeCloseTo(2.16667, 5);
  const branchAmps = [3, 1.5, 2].map((emf) => (1000 * (emf - source.emfVolts)) / 10);
  expect(branchAmps.map((amps) => Math.round(10 * amps) / 10)).toEqual([83.3, -66.7, -16.7]);
});

test('three cells of 0.78 V and 590 Ω through a meter of 10 Ω give 1.31 mA (Kirchhoff)', () => {
  const cell = { emfVolts: 0.78, resistanceOhms: 590 };
  const { emfVolts, resistanceOhms } = theveninInSeries([cell, cell, cell]);
  expect((1000 * emfVolts) / (resistanceOhms + 10)).toBeCloseTo(1.31, 2);
});

type Tree = TheveninSource | { readonly kind: 'series' | 'parallel'; readonly parts: Tree[] };

const trees = fc.letrec<{ tree: Tree }>((tie) => ({
  tree: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.record({
      emfVolts: fc.double({ min: -1.5, max: 1.5, noNaN: true }),
      resistanceOhms: fc.double({ min: 0.5, max: 3000, noNaN: true }),
    }),
    fc.record({
      kind: fc.constantFrom('series' as const, 'parallel' as const),
      parts: fc.array(tie('tree'), { minLength: 1, maxLength: 4 }),
    }),
  ),
})).tree;

function reduced(tree: Tree): TheveninSource {
  if (!('kind' in tree)) return tree;
  const parts = tree.parts.map(reduced);
  return tree.kind === 'series' ? theveninInSeries(parts) : theveninInParallel(parts);
}

/** The tree as components between two nodes. */
function componentsOf(tree: Tree, minus: string, plus: string): NetworkComponent[] {
  const name = `${minus}>${plus}`;
  if (!('kind' in tree)) return [{ type: 'cell', name, minus, plus, ...tree }];
  return tree.kind === 'parallel'
    ? tree.parts.flatMap((part, index) => {
        const end = `${name}|${index}`;
        return [
          ...componentsOf(part, minus, end),
          { type: 'ammeter' as const, name: `${end}>${plus}`, a: end, b: plus },
        ];
      })
    : tree.parts.flatMap((part, index) =>
        componentsOf(
          part,
          index === 0 ? minus : `${name}-${index}`,
          index === tree.parts.length - 1 ? plus : `${name}-${index + 1}`,
        ),
      );
}

test('sums and Millman agree with the nodal solver to 1e-9 on random clean trees', () => {
  fc.assert(
    fc.property(trees, fc.double({ min: 0.1, max: 1e5, noNaN: true }), (tree, ohms) => {
      const { emfVolts, resistanceOhms } = reduced(tree);
      const outcome = solveNetwork({
        temperatureCelsius: 25,
        components: [
          ...componentsOf(tree, '0', 'top'),
          { type: 'resistor', name: 'load', a: 'top', b: '0', resistanceOhms: ohms },
        ],
      });
      if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
      const amps = emfVolts / (resistanceOhms + ohms);
      const scale = Math.max(Math.abs(amps), 1e-6);
      expect(Math.abs(outcome.componentAmps['load']! - amps)).toBeLessThanOrEqual(1e-9 * scale);
    }),
    { numRuns: 300 },
  );
});

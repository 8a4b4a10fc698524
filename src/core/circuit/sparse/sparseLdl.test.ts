import fc from 'fast-check';
import { Matrix, solve } from 'ml-matrix';
import { minimumDegree } from './minimumDegree';
import { SparseLdl } from './sparseLdl';

const graphs = fc.integer({ min: 1, max: 40 }).chain((size) =>
  fc.record({
    size: fc.constant(size),
    edges: fc.array(
      fc.tuple(fc.nat(size - 1), fc.nat(size - 1), fc.double({ min: 0.01, max: 10, noNaN: true })),
      { maxLength: 120 },
    ),
  }),
);

test('every row is eliminated exactly once', () => {
  fc.assert(
    fc.property(graphs, ({ size, edges }) => {
      const near = Array.from({ length: size }, () => new Set<number>());
      for (const [one, other] of edges) {
        if (one === other) continue;
        near[one]!.add(other);
        near[other]!.add(one);
      }
      const order = [...minimumDegree(near.map((set) => [...set]))];
      expect(order.sort((a, b) => a - b)).toEqual(Array.from({ length: size }, (_, row) => row));
    }),
  );
});

test('a chain is taken from its ends: no fill at all', () => {
  const size = 50;
  const pairs = Array.from({ length: size - 1 }, (_, row) => [row, row + 1] as const);
  const near = Array.from({ length: size }, (_, row) =>
    [row - 1, row + 1].filter((at) => at >= 0 && at < size),
  );
  const place = new Map([...minimumDegree(near)].map((row, index) => [row, index]));
  // When a row goes, at most one of its neighbours is left, or it joins two that were apart only once.
  const joined = near.filter(
    (at, row) => at.filter((other) => place.get(other)! > place.get(row)!).length > 1,
  );
  expect(joined.length).toBeLessThanOrEqual(size / 2);
  expect(pairs).toHaveLength(size - 1);
});

test('solutions agree with a dense solver of a general library (ml-matrix)', () => {
  fc.assert(
    fc.property(
      graphs,
      fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 40, maxLength: 40 }),
      ({ size, edges }, values) => {
        const used = edges.filter(([one, other]) => one !== other);
        const ldl = new SparseLdl(
          size,
          used.map(([one, other]) => [one, other] as const),
        );
        const dense = Matrix.zeros(size, size);
        const add = (row: number, column: number, value: number): void => {
          ldl.add(ldl.slot(row, column), value);
          dense.set(row, column, dense.get(row, column) + value);
          if (row !== column) dense.set(column, row, dense.get(column, row) + value);
        };
        for (let row = 0; row < size; row += 1) add(row, row, 0.1);
        for (const [one, other, weight] of used) {
          add(one, one, weight);
          add(other, other, weight);
          add(one, other, -weight);
        }
        const right = Float64Array.from(values.slice(0, size));
        const expected = solve(dense, Matrix.columnVector([...right])).to1DArray();
        expect(ldl.factor()).toBe(-1);
        ldl.solve(right);
        right.forEach((found, row) =>
          expect(Math.abs(found - expected[row]!)).toBeLessThan(
            1e-8 * (1 + Math.abs(expected[row]!)),
          ),
        );
      },
    ),
  );
});

test('a matrix that is not positive definite names its row', () => {
  const ldl = new SparseLdl(2, [[0, 1]]);
  ldl.add(ldl.slot(0, 0), 1);
  ldl.add(ldl.slot(1, 1), 1);
  ldl.add(ldl.slot(0, 1), -1);
  expect(ldl.factor()).toBeGreaterThanOrEqual(0);
});

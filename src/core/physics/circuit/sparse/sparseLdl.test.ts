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

test('a chain stays sparse: no row ever has more than two neighbours when it goes', () => {
  const size = 50;
  const near = Array.from({ length: size }, (_, row) =>
    [row - 1, row + 1].filter((at) => at >= 0 && at < size),
  );
  // Eliminating by the order must never leave a row with more than two neighbours.
  const left = near.map((at) => new Set(at));
  for (const row of minimumDegree(near)) {
    const around = [...left[row]!];
    expect(around.length).toBeLessThanOrEqual(2);
    for (const one of around) {
      left[one]!.delete(row);
      for (const other of around) if (other !== one) left[one]!.add(other);
    }
  }
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

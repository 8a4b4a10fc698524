import fc from 'fast-check';
import { gridBattery, reversedCell, type Battery } from './battery';
import { reduceBattery, reduceGrid } from './reduceBattery';
import type { NetworkComponent } from '../network/networkSchema';
import { solveNetwork } from '../network/solveNetwork';

const cellOf = (emfVolts: number, resistanceOhms: number): Battery => ({
  kind: 'cell',
  cell: { emfVolts, resistanceOhms },
});

const sourceOf = (battery: Battery) => {
  const outcome = reduceBattery(battery);
  if (outcome.status !== 'reduced') throw new Error(outcome.status);
  return outcome.source;
};

test('Millman: 3 V, 1.5 V, 2 V with 10 Ω each in parallel give 2.1667 V (J. Millman, Proc. IRE 28 (1940) 413)', () => {
  const source = sourceOf({
    kind: 'parallel',
    parts: [cellOf(3, 10), cellOf(1.5, 10), cellOf(2, 10)],
  });
  expect(source.emfVolts).toBeCloseTo(2.16667, 5);
  const branchAmps = [3, 1.5, 2].map((emf) => (1000 * (emf - source.emfVolts)) / 10);
  expect(branchAmps.map((amps) => Math.round(10 * amps) / 10)).toEqual([83.3, -66.7, -16.7]);
});

test('equal cells: m·E and m·r/n, tree and formula alike', () => {
  const cell = { emfVolts: 0.78, resistanceOhms: 590 };
  const tree = sourceOf(gridBattery(cell, 3, 4));
  const formula = reduceGrid(cell, 3, 4);
  expect(tree.emfVolts).toBeCloseTo(formula.emfVolts, 12);
  expect(tree.resistanceOhms).toBeCloseTo(formula.resistanceOhms, 9);
});

test('a reversed cell subtracts', () => {
  const cell = { emfVolts: 0.95, resistanceOhms: 700 };
  const battery: Battery = {
    kind: 'series',
    parts: [
      { kind: 'cell', cell },
      { kind: 'cell', cell: reversedCell(cell) },
      { kind: 'cell', cell },
    ],
  };
  expect(sourceOf(battery)).toEqual({ emfVolts: expect.closeTo(0.95, 12), resistanceOhms: 2100 });
});

test('what no straight line replaces is said so', () => {
  const curved: Battery = {
    kind: 'cell',
    cell: { emfVolts: 1, resistanceOhms: 1, activation: { slopeVolts: 0.05, exchangeAmps: 1e-6 } },
  };
  expect(reduceBattery({ kind: 'series', parts: [cellOf(1, 1), curved] }).status).toBe(
    'not-linear',
  );
  expect(reduceBattery({ kind: 'parallel', parts: [cellOf(1, 1), curved] }).status).toBe(
    'not-linear',
  );
  expect(reduceBattery({ kind: 'parallel', parts: [cellOf(1, 0), cellOf(2, 0)] }).status).toBe(
    'source-loop',
  );
});

const batteries = fc.letrec<{ battery: Battery }>((tie) => ({
  battery: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc
      .tuple(
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        fc.double({ min: 0.5, max: 3000, noNaN: true }),
      )
      .map(([emfVolts, ohms]) => cellOf(emfVolts, ohms)),
    fc
      .tuple(
        fc.constantFrom('series' as const, 'parallel' as const),
        fc.array(tie('battery'), { minLength: 1, maxLength: 4 }),
      )
      .map(([kind, parts]): Battery => ({ kind, parts })),
  ),
})).battery;

/** The tree as components between two nodes. */
function componentsOf(battery: Battery, minus: string, plus: string): NetworkComponent[] {
  const name = `${minus}>${plus}`;
  switch (battery.kind) {
    case 'cell':
      return [{ type: 'cell', name, minus, plus, ...battery.cell }];
    case 'parallel':
      return battery.parts.flatMap((part, index) => {
        const end = `${name}|${index}`;
        return [
          ...componentsOf(part, minus, end),
          { type: 'ammeter' as const, name: `${end}>${plus}`, a: end, b: plus },
        ];
      });
    case 'series':
      return battery.parts.flatMap((part, index) =>
        componentsOf(
          part,
          index === 0 ? minus : `${name}-${index}`,
          index === battery.parts.length - 1 ? plus : `${name}-${index + 1}`,
        ),
      );
  }
}

test('tree reduction and nodal solver agree to 1e-9 on random clean trees', () => {
  fc.assert(
    fc.property(batteries, fc.double({ min: 0.1, max: 1e5, noNaN: true }), (battery, ohms) => {
      const source = sourceOf(battery);
      const outcome = solveNetwork({
        temperatureCelsius: 25,
        components: [
          ...componentsOf(battery, '0', 'top'),
          { type: 'resistor', name: 'load', a: 'top', b: '0', resistanceOhms: ohms },
        ],
      });
      if (outcome.status !== 'solved') throw new Error(JSON.stringify(outcome));
      const amps = source.emfVolts / (source.resistanceOhms + ohms);
      const scale = Math.max(Math.abs(amps), 1e-6);
      expect(Math.abs(outcome.componentAmps['load']! - amps)).toBeLessThanOrEqual(1e-9 * scale);
    }),
    { numRuns: 300 },
  );
});

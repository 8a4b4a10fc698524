import { PIECES } from '../../physics/recipes/pieces';
import { cellAmpsAt, leakyCell, rimLeakOhms } from '../../physics/cell/cellModel';
import { gridDesk, cellsOf } from '../../physics/desk/desk';
import { solveDesk } from '../../physics/desk/solveDesk';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { kitOfPlan } from '../preparation/kitOfPlan';
import { cautionsOfPlan } from '../preparation/cautionsOfPlan';
import { compareLiquids } from '../judging/compareLiquids';
import { evaluatePlan } from '../judging/evaluatePlan';
import { overhangWords } from '../judging/overhang';
import { lifeUnder } from './lifeWords';

const fruit = (piece: Plan['cell']['piece']): Plan => ({
  ...newPlan('Fruit'),
  cell: { ...freshCell('copper-zinc-fruit', 'kiwi'), piece },
  arrangement: { kind: 'own', cellsInSeries: 4, strings: 3 },
});

test('cut smaller, a cell gives no more, dries sooner, and takes its share of the fruit', () => {
  const fresh = PIECES.filter((piece) => piece !== 'stick').map((piece) => {
    const plan = fruit(piece);
    const evaluation = evaluatePlan(plan);
    const kiwis = kitOfPlan(plan, evaluation).lines.find(({ part }) => part === 'kiwi');
    return {
      amps: cellAmpsAt(evaluation.cell.model, 0),
      life: lifeUnder(evaluation.cell, plan.running, 'skin').seconds,
      kiwis: kiwis?.total ?? 0,
    };
  });
  fresh.slice(1).forEach((one, index) => {
    const larger = fresh[index];
    expect(one.amps).toBeLessThanOrEqual(larger?.amps ?? 0);
    expect(one.life).toBeLessThanOrEqual(larger?.life ?? 0);
    expect(one.kiwis).toBeLessThan(larger?.kiwis ?? 0);
  });
  // 6 groups × 12 cells and 12 spare ones: 84 kiwis, or 21 in quarters.
  expect(fresh.map(({ kiwis }) => kiwis).slice(0, 3)).toEqual([84, 42, 21]);
});

test('an adult cuts, and the desk speaks of the pieces', () => {
  const plan = fruit('quarter');
  const evaluation = evaluatePlan(plan);
  expect(evaluation.cell.body.plural).toBe('kiwi quarters');
  const cut = kitOfPlan(plan, evaluation).cutting.find(({ id }) => id === 'fruit');
  expect(cut?.title).toBe('21 kiwis cut into quarters');
  expect(cut?.lines.join(' ')).toContain('An adult cuts');
  // A gooseberry is not cut, whatever the plan says.
  const berry = { ...plan, cell: { ...plan.cell, body: 'gooseberry' } };
  expect(evaluatePlan(berry).cell.piece).toBe('whole');
});

const pile = (body: string, change: Partial<Plan['cell']> = {}): Plan => ({
  ...newPlan('Pile'),
  cell: { ...freshCell('coin-pile-brine', body), ...change },
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
});

test('vinegar in a pile changes what is mixed, what is warned of, how it dries, and the volts', () => {
  const of = (body: string) => {
    const plan = pile(body);
    const evaluation = evaluatePlan(plan);
    const kit = kitOfPlan(plan, evaluation);
    return {
      volts: evaluation.source.emfVolts,
      mixing: kit.mixing.map(({ title }) => title),
      cautions: cautionsOfPlan(evaluation, kit).map(({ id }) => id),
      dry: lifeUnder(evaluation.cell, plan.running, 'open').seconds,
    };
  };
  const brine = of('felt');
  const vinegar = of('felt-vinegar');
  expect(vinegar.volts).toBeGreaterThan(brine.volts);
  expect(brine.mixing).toEqual(['Brine']);
  expect(vinegar.mixing).toEqual(['Vinegar of 5 %, as it is']);
  expect(brine.cautions).toContain('hot-water');
  expect(brine.cautions).not.toContain('weak-acid');
  expect(vinegar.cautions).toContain('weak-acid');
  expect(vinegar.cautions).not.toContain('hot-water');
  // Salt holds its water: 15 % brine, water activity 0.89 (CRC Handbook, from memory), against 50 % humidity.
  expect(brine.dry / vinegar.dry).toBeCloseTo((0.98 - 0.5) / (0.89 - 0.5), 6);
});

test('the liquids side by side are what the plan would say with each', () => {
  const plan = pile('felt');
  const rows = compareLiquids(plan, withGuidePrices(EMPTY_CUPBOARD));
  expect(rows.map(({ bodyId }) => bodyId)).toContain('felt-salt-vinegar');
  for (const row of rows) {
    const one = evaluatePlan(pile(row.bodyId));
    expect(row.amps).toBeCloseTo(one.amps, 12);
    expect(row.ampsAtEnd).toBeCloseTo(one.atEnd.amps, 12);
    expect(row.cellVolts).toBeCloseTo(one.cell.model.emfVolts, 12);
    expect(row.price).toBeGreaterThan(0);
  }
  expect(compareLiquids(plan, EMPTY_CUPBOARD)[0]?.price).toBeNull();
});

test('a leak round the rim is a resistor across the cell (Thévenin)', () => {
  const cell = { emfVolts: 0.75, resistanceOhms: 600 };
  const leak = rimLeakOhms(2) ?? 0;
  const leaky = leakyCell(cell, 2);
  expect(leaky.emfVolts).toBeCloseTo((0.75 * leak) / (leak + 600), 12);
  // What flows in a short circuit does not pass the leak.
  expect(cellAmpsAt(leaky, 0)).toBeCloseTo(0.75 / 600, 12);
  expect(leakyCell(cell, 0)).toBe(cell);
  expect(leakyCell(cell, -1)).toBe(cell);
});

test('the leak of a tall pile is near what the network with a leak at every rim gives', () => {
  const plan = pile('felt');
  const { cell, need } = evaluatePlan(plan);
  const flush = gridDesk(cell, 12, 1);
  const leaks = {
    ...flush,
    grid: null,
    strings: flush.strings.map((items) =>
      items.map((item, index) =>
        item.kind === 'cell' && index < items.length - 1
          ? { ...item, faults: [{ kind: 'rim-leak' as const, ohms: rimLeakOhms(2) ?? 0 }] }
          : item,
      ),
    ),
  };
  expect(cellsOf(leaks)).toHaveLength(12);
  const network = solveDesk(leaks, need.load).source.emfVolts;
  const wide = evaluatePlan({
    ...pile('felt', { overhangMillimetres: 2 }),
    arrangement: { kind: 'own', cellsInSeries: 12, strings: 1 },
  }).source.emfVolts;
  expect(wide / network).toBeGreaterThan(0.8);
  expect(wide / network).toBeLessThan(1.2);
});

test('the words about the overhang name the leak, and both batteries', () => {
  const plan = pile('felt', { overhangMillimetres: 2 });
  const words = overhangWords(plan, evaluatePlan(plan))?.replaceAll('\u00a0', ' ');
  expect(words).toMatch(
    /leak about 2 kΩ .* with nothing connected and .* instead of .* with nothing connected and /,
  );
  expect(overhangWords(pile('felt'), evaluatePlan(pile('felt')))).toBeNull();
});

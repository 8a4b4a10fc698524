/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import { sceneOfMeasurement, type StringScene } from '@/core/work/guide/benchScene';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { BenchPicture } from './BenchPicture';

const PLAN = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 4, strings: 1 } as const,
};
const FACTS = groupFacts(PLAN, evaluatePlan(PLAN));
const VOLTS = { kind: 'volts', string: 1, from: 1, to: 3, built: 3 } as const;

function drawn(change: Partial<StringScene> = {}) {
  const scene = { ...sceneOfMeasurement(VOLTS), ...change } as StringScene;
  const { container } = render(<BenchPicture scene={scene} meter={null} facts={FACTS} />);
  const cells = [...container.querySelectorAll('g[transform^="translate"]')]
    .filter((one) => one.hasAttribute('opacity'))
    .map((one) => ({
      x: Number(/translate\(([\d.]+)/.exec(one.getAttribute('transform') ?? '')?.[1]),
      opacity: one.getAttribute('opacity'),
    }));
  const labels = [...container.querySelectorAll('text')].map((text) => text.textContent);
  return { container, cells, labels };
}

test('the cells stand in order, evenly, each with its number', () => {
  const { cells, labels } = drawn();
  expect(cells).toHaveLength(3);
  const [first = 0, second = 0, third = 0] = cells.map(({ x }) => x);
  expect(second - first).toBeCloseTo(third - second, 9);
  expect(second - first).toBeGreaterThan(60);
  // Half a place from the edge at least: the first cell and its lead are seen whole.
  expect(first).toBeGreaterThan(40);
  expect(labels.filter((text) => /^\d$/.test(text ?? ''))).toEqual(['1', '2', '3']);
});

test('a lead joins each cell with the one before it, and none comes to the first', () => {
  /** Leads leave and come at one height and bend up between. */
  const leads = (change: Partial<StringScene>): number[] =>
    [...drawn({ probes: null, ...change }).container.querySelectorAll('path')].flatMap((path) => {
      const found = /^M([\d.]+) ([\d.]+) C[\d.]+ ([\d.]+) [\d.]+ \3 ([\d.]+) \2$/.exec(
        path.getAttribute('d') ?? '',
      );
      return found === null ? [] : [(Number(found[1]) + Number(found[4])) / 2];
    });
  const [first = 0, second = 0, third = 0] = drawn().cells.map(({ x }) => x);
  expect(leads({})).toEqual([(first + second) / 2, (second + third) / 2]);
  expect(leads({ places: [1, 2] })).toEqual([(first + second) / 2]);
  // A cell whose clips are off has none on either side.
  expect(leads({ alone: 2 })).toEqual([]);
});

test('a lifted cell is pale; what is wrong is ringed and named where it is', () => {
  expect(drawn({ lifted: 2 }).cells.map(({ opacity }) => opacity)).toEqual(['1', '0.28', '1']);
  const { cells } = drawn();
  const cell = drawn({ marked: { cell: 2, lead: false } });
  expect(cell.labels).toContain('this cell');
  expect(Number(cell.container.querySelector('circle[r="40"]')?.getAttribute('cx'))).toBe(
    cells[1]?.x,
  );
  const lead = drawn({ marked: { cell: 2, lead: true } });
  expect(lead.labels).toContain('this lead');
  expect(lead.container.querySelector('circle[r="40"]')).toBeNull();
});

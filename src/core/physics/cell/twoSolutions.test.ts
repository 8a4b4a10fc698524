import { TWO_SOLUTIONS_DOCUMENT } from '../../documents/tools/twoSolutionsDocument';
import {
  afterDoubling,
  nernstLine,
  solveTwoSolutions,
  twoSolutionsSchema,
  type TwoSolutions,
} from './twoSolutions';

const request = (change: Partial<TwoSolutions> = {}): TwoSolutions => ({
  ...TWO_SOLUTIONS_DOCUMENT.fresh('x').state,
  ...change,
});
const millivolts = (change: Partial<TwoSolutions>): number =>
  1000 * (solveTwoSolutions(request(change)).volts ?? NaN);

test('0.5 against 0.05 mol/L copper: 29.6 mV at 25 °C; turned round it changes sign (Nernst)', () => {
  expect(millivolts({})).toBeCloseTo(29.6, 1);
  expect(millivolts({ right: 0.05, left: 0.5 })).toBeCloseTo(-29.6, 1);
});

test('copper against zinc at equal strength: 1.1037 V; without a bridge there is no cell', () => {
  expect(millivolts({ cell: 'copper-zinc', right: 1, left: 1 })).toBeCloseTo(1103.7, 1);
  expect(solveTwoSolutions(request({ bridge: 'none' })).volts).toBeNull();
});

test('adding as much water halves the strength and takes 8.9 mV off: ln 2 · RT/2F at 25 °C', () => {
  expect(afterDoubling(0.5)).toBe(0.25);
  expect(millivolts({ right: 0.5 }) - millivolts({ right: 0.25 })).toBeCloseTo(8.905, 2);
});

test('the Nernst line passes through the working point and through zero at ratio 1', () => {
  const line = nernstLine(request());
  const rising = line.map(({ volts }) => volts);
  expect([...rising].sort((a, b) => a - b)).toEqual(rising);
  const below = line.filter(({ ratio }) => ratio < 1).at(-1);
  const above = line.find(({ ratio }) => ratio > 1);
  expect(below!.volts).toBeLessThan(0);
  expect(above!.volts).toBeGreaterThan(0);
});

test('what is no strength, no metal or too hot is refused, each by its path', () => {
  const parsed = twoSolutionsSchema.safeParse({
    ...request(),
    right: 0,
    cell: 'gold',
    celsius: 90,
  });
  expect(parsed.error?.issues.map(({ path }) => path.join('.')).sort()).toEqual([
    'cell',
    'celsius',
    'right',
  ]);
});

test('what was stored with another correction is corrected by the table; beyond it no figure is given', () => {
  expect(twoSolutionsSchema.parse({ ...request(), activity: 'davies' }).activity).toBe('tabled');
  expect(millivolts({ activity: 'tabled' })).toBeCloseTo(13.9, 1);
  const strong = solveTwoSolutions(request({ activity: 'tabled', right: 1.5 }));
  expect(strong.volts).toBeNull();
  expect(strong.beyond).toMatch(/to 1 mol\/L for copper sulfate/);
  expect(solveTwoSolutions(request({ right: 1.5 })).beyond).toBeNull();
});

import { cellBuild, withPairs } from '../../physics/recipes/cellBuild';
import { RECIPES } from '../../physics/recipes/recipes';
import { bodyOf, RECIPE_IDS } from '../../physics/recipes/recipe';
import { explainSize } from './explainSize';

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');
const figures = (line: string): number[] =>
  [...plain(line).matchAll(/[\d.]+/g)].map(([text]) => Number(text));

test('the usual size is once the usual size, for every recipe', () => {
  for (const id of RECIPE_IDS) {
    const recipe = RECIPES[id];
    const { lines, origin } = explainSize(cellBuild(recipe, recipe.bodies[0]));
    const words = plain(lines.join(' '));
    const times = words.includes(', as the usual size does.')
      ? 1
      : Number(/, ([\d.]+) times/.exec(words)?.[1]);
    // A recipe's usual size is a round one; its physics was fitted to the size as it is.
    expect([id, times]).toEqual([id, expect.closeTo(1, 0)]);
    expect(origin).toContain(recipe.typical.source);
  }
});

test('the electrolyte of two strips can be done by hand: Ω·cm × cm ÷ cm²', () => {
  const recipe = RECIPES['juice-cup'];
  const { lines } = explainSize(cellBuild(recipe, bodyOf(recipe, 'lemon-juice')));
  const [area] = figures(lines[0]!);
  const [resistivity, gap, ohms] = figures(lines.find((one) => one.startsWith('Electrolyte'))!);
  expect((resistivity! * gap!) / area! / ohms!).toBeCloseTo(1, 1);
  expect(plain(lines.join(' '))).toContain('more + metal helps most');
});

test('twice the pairs, twice the area; the volts stay', () => {
  const recipe = RECIPES['juice-cup'];
  const build = cellBuild(recipe, recipe.bodies[0]);
  const area = (pairs: number): number =>
    figures(explainSize(withPairs(build, pairs)).lines[0]!)[0]!;
  expect(area(2) / area(1)).toBeCloseTo(2, 1);
  expect(explainSize(build).lines.at(-1)).toBe(
    'The open-circuit voltage does not depend on the size.',
  );
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { RECIPES } from '@/core/chemistry/recipes';
import { CellDrawing } from './CellDrawing';
import { materialFill } from './DeskPatterns';
import { deskGeometry } from './deskGeometry';
import { DeskPicture } from './DeskPicture';

const LOOKS = ['fruit', 'pile', 'cup', 'sponge', 'towel', 'pouch', 'rod', 'vessels'] as const;

test('every recipe can be drawn, and its metals look different', () => {
  for (const recipe of Object.values(RECIPES)) {
    const { container, unmount } = render(
      <svg>
        <CellDrawing
          look={recipe.look}
          plus={recipe.plus.material}
          minus={recipe.minus.material}
          bodyId={recipe.bodies[0]!.id}
          spacing={60}
          patternPrefix="p"
          signs
        />
      </svg>,
    );
    const fills = [...container.querySelectorAll('rect')].map((rect) => rect.getAttribute('fill'));
    expect(fills).toContain(materialFill(recipe.plus.material, 'p'));
    expect(fills).toContain(materialFill(recipe.minus.material, 'p'));
    expect(container.querySelectorAll('rect, path, ellipse, circle').length).toBeGreaterThan(2);
    unmount();
  }
  const looks = (['copper', 'zinc', 'carbon', 'aluminium'] as const).map((one) =>
    materialFill(one, 'p'),
  );
  expect(new Set(looks).size).toBe(4);
});

test('cells stand in order between the two ends, whatever their number', () => {
  for (const look of LOOKS) {
    for (const cells of [1, 2, 4, 13, 60]) {
      const { cellX, leftBusX, rightBusX, width, loadX } = deskGeometry(look, cells, 2);
      expect(cellX).toHaveLength(cells);
      expect([...cellX].sort((a, b) => a - b)).toEqual(cellX);
      expect(cellX[0]!).toBeGreaterThan(leftBusX);
      expect(cellX.at(-1)!).toBeLessThan(rightBusX);
      expect(loadX).toBeLessThan(width);
    }
  }
});

test('many strings are drawn as the first, the last and a note on the rest', () => {
  const { rows } = deskGeometry('fruit', 4, 20);
  expect(rows.map(({ label }) => label)).toEqual(['1', '2', '3', '16 more alike', '20']);
});

test('the picture says in words what it shows', () => {
  const { container } = render(
    <DeskPicture
      look="fruit"
      plus="copper"
      minus="zinc"
      bodyId="kiwi"
      bodyName="kiwi"
      cellsInSeries={4}
      strings={3}
      target={{ kind: 'led', colour: 'amber', brightness: 'clear' }}
      loadName="amber LED"
      brightness="clear"
      running
      amps={2.2e-3}
      openVolts={3.72}
      loadedVolts={1.8}
    />,
  );
  expect(screen.getByRole('img')).toHaveAccessibleName(
    /3 strings side by side, each 4 × kiwi.*amber LED with 2\.2\smA/,
  );
  // One drawing with both signs, placed at every cell.
  expect(screen.getByText('+').closest('defs')).not.toBeNull();
  expect(screen.getByText('−').closest('defs')).not.toBeNull();
  expect(container.querySelectorAll('use')).toHaveLength(12);
  expect(screen.getByText('3.72')).toBeInTheDocument();
});

/** @jest-environment jsdom */
import { looksOfCell } from '@/core/physics/desk/drawing/cellShapes';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { freshCell } from '@/core/records/plan/newPlan';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { RECIPE_IDS } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { deskOf, gridDesk, type Desk } from '@/core/physics/desk/desk';
import {
  laidOutGrid,
  withCellBeside,
  withFaultToggled,
  withSharedBody,
} from '@/core/physics/desk/deskEdits';
import { solveDesk } from '@/core/physics/desk/solveDesk';
import { type PlannedCell } from '@/core/physics/readings/plannedCell';
import { cellOfPlan } from '@/core/records/plan/cellOfPlan';
import { requirementOf } from '@/core/records/plan/loadRequirement';
import { CellDrawing } from './CellDrawing';
import { materialFill } from './DeskPatterns';
import { deskGeometry } from '@/core/physics/desk/deskGeometry';
import { DeskPicture } from './DeskPicture';

const cellOf = (recipe: (typeof RECIPE_IDS)[number]): PlannedCell =>
  cellOfPlan({
    running: USUAL_RUNNING,
    meter: USUAL_CLASS_METER,
    cell: freshCell(recipe, RECIPES[recipe].bodies[0]!.id),
  });
const target = { kind: 'led', colour: 'amber', brightness: 'clear' } as const;
const picture = (desk: Desk) => {
  const need = requirementOf(target);
  const { strings, amps } = solveDesk(desk, need.load);
  return (
    <DeskPicture
      desk={desk}
      geometry={deskGeometry(desk)}
      strings={strings}
      target={target}
      loadName={need.name}
      running
      amps={amps}
    />
  );
};

test('every recipe can be drawn, and its metals look different', () => {
  for (const recipe of Object.values(RECIPES)) {
    const { container, unmount } = render(
      <svg>
        <CellDrawing
          looks={looksOfCell(cellBuild(recipe, recipe.bodies[0]))}
          spacing={60}
          patternPrefix="p"
          signs
        />
      </svg>,
    );
    const fills = [...container.querySelectorAll('rect, path')].map((shape) =>
      shape.getAttribute('fill'),
    );
    expect(fills).toContain(materialFill(recipe.plus.material, 'p'));
    expect(fills).toContain(materialFill(recipe.minus.material, 'p'));
    expect(container.querySelectorAll('rect, path, ellipse, circle').length).toBeGreaterThan(2);
    unmount();
  }
  const looks = (['copper', 'zinc', 'carbon', 'aluminium', 'steel'] as const).map((one) =>
    materialFill(one, 'p'),
  );
  expect(new Set(looks).size).toBe(5);
});

test('cells stand in order between the two ends, whatever their number', () => {
  for (const recipe of RECIPE_IDS) {
    for (const count of [1, 2, 4, 13, 60]) {
      const geometry = deskGeometry(gridDesk(cellOf(recipe), count, 2));
      const row = geometry.cells.filter(({ place }) => place.string === 0).map(({ x }) => x);
      expect(row).toHaveLength(count);
      expect([...row].sort((a, b) => a - b)).toEqual(row);
      expect(row[0]!).toBeGreaterThan(geometry.leftBusX);
      expect(row.at(-1)!).toBeLessThan(geometry.rightBusX);
      expect(geometry.loadX).toBeLessThan(geometry.width);
      expect(geometry.stepsX[0]).toEqual(row);
    }
  }
});

test('on a phone the load stands under the battery, and up to nine cells in a row are not cut off', () => {
  for (const recipe of ['copper-zinc-fruit', 'coin-pile-brine'] as const) {
    for (const count of [1, 4, 9]) {
      const geometry = deskGeometry(gridDesk(cellOf(recipe), count, 3), 'narrow');
      expect(geometry.width).toBe(304);
      const lowest = Math.max(...geometry.cells.map(({ y }) => y));
      // Its figures begin 44 above its middle and have two lines.
      expect(geometry.loadY - 56 - 13).toBeGreaterThan(lowest + 26 * geometry.scale);
      expect(geometry.loadX + 40).toBeLessThan(geometry.width);
      expect(geometry.loadX - 46).toBeGreaterThan(geometry.leftBusX);
    }
  }
});

test('many equal strings are drawn as the first, the last and a note on the rest', () => {
  const desk = gridDesk(cellOf('copper-zinc-fruit'), 4, 20);
  expect(deskGeometry(desk).rows.map(({ label }) => label)).toEqual([
    '1',
    '2',
    '3',
    '16 more alike',
    '20',
  ]);
  const faulty = withFaultToggled(
    laidOutGrid(4, 20),
    { string: 9, item: 0, within: null },
    'reversed',
  );
  expect(deskGeometry(deskOf(faulty, cellOf('copper-zinc-fruit'))).rows).toHaveLength(20);
});

test('a group takes its own columns and lines, and no two cells stand in one place', () => {
  const at = { string: 0, item: 1, within: null };
  let desk = withCellBeside(laidOutGrid(3, 2), at);
  desk = withCellBeside(desk, at);
  const geometry = deskGeometry(deskOf(desk, cellOf('copper-zinc-fruit')));
  expect(geometry.cells).toHaveLength(8);
  expect(new Set(geometry.cells.map(({ x, y }) => `${x} ${y}`)).size).toBe(8);
  expect(geometry.groupBuses).toHaveLength(2);
  // The second string stands below the three lines of the group.
  expect(geometry.rows[1]!.y - geometry.rows[0]!.y).toBeCloseTo(3 * 68 * geometry.scale, 6);
});

test('the picture says in words what it shows', () => {
  const { container } = render(picture(gridDesk(cellOf('copper-zinc-fruit'), 4, 3)));
  expect(screen.getByRole('img')).toHaveAccessibleName(
    /3 strings side by side, each 4 × kiwi in series.*amber LED with/,
  );
  // One drawing with both signs, placed at every cell.
  expect(screen.getByText('+').closest('defs')).not.toBeNull();
  expect(screen.getByText('−').closest('defs')).not.toBeNull();
  expect(container.querySelectorAll('use')).toHaveLength(12);
});

test('faults are marked on their cell and named in the words', () => {
  let desk = withFaultToggled(laidOutGrid(3, 2), { string: 1, item: 0, within: null }, 'reversed');
  desk = withSharedBody(desk, 0);
  const { container } = render(
    picture(deskOf({ ...desk, loadReversed: true }, cellOf('copper-zinc-fruit'))),
  );
  expect(screen.getByRole('img')).toHaveAccessibleName(/3 things are wrong on purpose/);
  expect(container.querySelectorAll('ellipse[stroke-dasharray="5 4"]')).toHaveLength(3);
  expect(screen.getByText('long leg to −: turned round')).toBeInTheDocument();
});

test('strings that do not share the current equally say what each gives', () => {
  const turned = [0, 1].reduce(
    (desk, item) => withFaultToggled(desk, { string: 1, item, within: null }, 'reversed'),
    laidOutGrid(4, 2),
  );
  render(picture(deskOf(turned, cellOf('copper-zinc-fruit'))));
  // The load's current and one for each string, the driven one with its sign.
  expect(screen.getAllByText(/mA|µA/)).toHaveLength(3);
  expect(screen.getByText(/^[−-].*A$/)).toBeInTheDocument();
});

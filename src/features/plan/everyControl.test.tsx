/** @jest-environment jsdom */
import '@/testing/ui/reactForDevelopers';
import '@/testing/ui/mocks';
import { demoPlan } from '@/cli/demoPlans';
import { DEMO_SCHOOL } from '@/cli/demoSchool';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { laidOutGrid } from '@/core/physics/desk/deskEdits';
import { freshCell } from '@/core/records/plan/newPlan';
import type { Plan, PlanTarget } from '@/core/records/plan/planSchema';
import { figuresOfSchool } from '@/core/records/school/figuresOfSchool';
import type { SchoolState } from '@/core/records/school/schoolSchema';
import type { FoundTool } from '@/ui/document/useTool';
import { everyControl, stopClock } from '@/testing/ui/controls';
import { navigation } from '@/testing/ui/navigation';
import { PARTS_OF_PLAN, showPlan } from '@/testing/ui/planPage';

jest.mock('@/ui/saveFile', () => ({
  saveFile: (name: string) => navigation.pushed.push(`file ${name}`),
}));

stopClock();

const PLAN = demoPlan('demo-lamp');
const FOUND = {
  '/api/plans/tested': PLAN,
  '/api/cupboard/bench': CUPBOARD_DOCUMENT.fresh('Tool'),
};

/** What each control of a part of the plan does, one line each. */
async function table(
  plan: Plan,
  station: string,
  part: string,
  only = /./,
  school?: FoundTool<SchoolState>,
): Promise<string> {
  const show = () => {
    const { kept, goTo } = showPlan(plan, station, undefined, undefined, school);
    if (part !== '') goTo(station, part);
    return kept;
  };
  const rows = await everyControl({ show, found: { ...FOUND, '/api/plans/tested': plan }, only });
  return rows.join('\n').replace(/lesson\.joinCode null → "\w+"/, 'lesson.joinCode null → a code');
}

// What is arranged has a plan of its own below.
test.each(PARTS_OF_PLAN.filter(([station]) => station !== 'arrange'))(
  '%s %s',
  async (station, part) => {
    // Calendar, clock and what is explained have tests of their own.
    expect(
      await table(PLAN, station, part, /^(?!Choose a (day|time)|why these)/),
    ).toMatchSnapshot();
  },
);

test('arrange', async () => {
  const target = { kind: 'led', colour: 'red', brightness: 'dim' } as const;
  // What one has is a page of its own, and the menu of a cell is walked through by the station's tests.
  const itsOwn = /^(?!Only with|String 1)/;
  expect(await table({ ...PLAN, target }, 'arrange', '', itsOwn)).toMatchSnapshot();
});

const TARGETS: readonly PlanTarget[] = [
  { kind: 'leds', colours: ['red', 'blue'], joined: 'side-by-side', brightness: 'dim' },
  { kind: 'device', device: 'lcd-clock', leastVolts: 1.3, amps: 1e-5 },
  { kind: 'motor', startVolts: 0.3, ratedVolts: 1.5, stallAmps: 0.8, freeAmps: 0.06 },
  { kind: 'bulb', ratedVolts: 2.5, ratedAmps: 0.2, look: 'glows' },
  { kind: 'capacitor', farads: 0.0047, volts: 3, withinMinutes: 5 },
  { kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 },
];
test.each(TARGETS)('power, $kind', async (target) => {
  const itsOwn = /^(?!It must|From …|Lesson|Choose a day|An LED)/;
  expect(await table({ ...PLAN, target }, 'power', '', itsOwn)).toMatchSnapshot();
});

const FIGURES = figuresOfSchool(DEMO_SCHOOL.state, PLAN.cell)!;
test.each([
  ['offered', null],
  ['taken', FIGURES],
  ['taken when they were others', { ...FIGURES, cells: 12 }],
])('cell, the school’s figures %s', async (_, school) => {
  const plan = { ...PLAN, cell: { ...PLAN.cell, school } };
  const found = { initial: DEMO_SCHOOL, initialRevision: 1, unread: false };
  expect(await table(plan, 'cell', '', /^Plan with|^Use/, found)).toMatchSnapshot();
});

test('cell, a pile', async () => {
  const plan = { ...PLAN, cell: freshCell('coin-pile-brine', 'felt') };
  expect(await table(plan, 'cell', '', /^Separator|^Open|^Short/)).toMatchSnapshot();
});

test('arrange, laid out by hand', async () => {
  const arrangement = { ...laidOutGrid(2, 2), loadReversed: true };
  const itsOwn = /cells in|strings side|Remove|LED round|Follow/;
  expect(await table({ ...PLAN, arrangement }, 'arrange', '', itsOwn)).toMatchSnapshot();
});

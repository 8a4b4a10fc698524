/** @jest-environment jsdom */
import '@/testing/ui/reactForDevelopers';
import '@/testing/ui/mocks';
import { act } from '@testing-library/react';
import type { ReactNode } from 'react';
import { DEMO_CUPBOARD } from '@/cli/demoCupboard';
import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { demoPlan } from '@/cli/demoPlans';
import { DEMO_SCHOOL } from '@/cli/demoSchool';
import { COINS_DOCUMENT } from '@/core/documents/tools/coinsDocument';
import { METALS_DOCUMENT } from '@/core/documents/tools/metalsDocument';
import { MIXING_DOCUMENT } from '@/core/documents/tools/mixingDocument';
import { REALITY_DOCUMENT } from '@/core/documents/tools/realityDocument';
import { TWO_SOLUTIONS_DOCUMENT } from '@/core/documents/tools/twoSolutionsDocument';
import { entryOf } from '@/core/records/cupboard/cupboardSchema';
import { ownRecipeFrom } from '@/core/physics/recipes/ownRecipe';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { charted } from '@/testing/ui/charted';
import { drawnCharts } from '@/testing/ui/charts';
import { everyControl, stopClock } from '@/testing/ui/controls';
import { navigation } from '@/testing/ui/navigation';
import { openStreams } from '@/testing/ui/streams';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { CoinsPage } from './coins/CoinsPage';
import { CupboardPage } from './cupboard/CupboardPage';
import { DrillPage } from './drill/DrillPage';
import { FairTestPage } from './fairTests/FairTestPage';
import { GroupPage } from './group/GroupPage';
import { HavePage } from './have/HavePage';
import { MetalsPage } from './metals/MetalsPage';
import { MixingBench } from './mixing/MixingBench';
import { RealityPage } from './reality/RealityPage';
import { RecipeEditor } from './recipes/RecipeEditor';
import { SafekeepingPage } from './safekeeping/SafekeepingPage';
import { SchoolPage } from './school/SchoolPage';
import { SeriesParallelPage } from './seriesParallel/SeriesParallelPage';
import { TwoSolutionsPage } from './twoSolutions/TwoSolutionsPage';

jest.mock('@/ui/saveFile', () => ({
  saveFile: (name: string) => navigation.pushed.push(`file ${name}`),
}));

stopClock();
beforeEach(() => {
  openStreams();
  jest.spyOn(Math, 'random').mockReturnValue(0.4);
  navigation.search = '';
});

const PLAN = demoPlan('demo-lamp');
const RECIPE = ownRecipeFrom('magnesium-graphite');
/** One part is enough to see what is done with it. */
const CUPBOARD = {
  ...DEMO_CUPBOARD,
  state: { ...DEMO_CUPBOARD.state, entries: { lemon: entryOf(DEMO_CUPBOARD.state, 'lemon') } },
};
/** So are two fruits, read twice. */
const FAIR_TEST = {
  ...DEMO_FAIR_TEST.test,
  repeats: 2,
  variants: DEMO_FAIR_TEST.test.variants.slice(0, 2),
  readings: DEMO_FAIR_TEST.test.readings.filter(
    ({ variant, repeat }) => ['kiwi', 'gooseberry'].includes(variant) && repeat <= 2,
  ),
};

interface Shown {
  readonly page: ReactNode;
  /** The document that it edits, and where that is kept. */
  readonly at?: string;
  readonly found?: unknown;
  /** Where a page has many of a kind, one of them. */
  readonly only?: RegExp;
}

const PAGES: Readonly<Record<string, Shown>> = {
  coins: {
    page: <CoinsPage found={foundTool(COINS_DOCUMENT)} />,
    at: '/api/coins/bench',
    found: COINS_DOCUMENT.fresh('Tool'),
  },
  cupboard: {
    page: <CupboardPage found={{ initial: CUPBOARD, initialRevision: 1, unread: false }} />,
    at: '/api/cupboard/bench',
    found: CUPBOARD,
    // Eighty parts more.
    only: /^(?!Show|Find)/,
  },
  drill: { page: <DrillPage classAddress={null} /> },
  'fair test': {
    page: <FairTestPage id="tested" initial={FAIR_TEST} initialRevision={1} />,
    at: '/api/fair-tests/tested',
    found: FAIR_TEST,
    only: /^(?!.*gooseberry)/,
  },
  'I have': {
    page: (
      <HavePage
        stock={{
          potato: 9,
          'galvanised-nail': 9,
          'copper-strip': 9,
          'clip-lead': 9,
          'led-red': 1,
        }}
      />
    ),
    // The list has tests of its own.
    only: /^(Add|Plan)/,
  },
  metals: {
    page: <MetalsPage found={foundTool(METALS_DOCUMENT)} />,
    at: '/api/metals/bench',
    found: METALS_DOCUMENT.fresh('Tool'),
  },
  mixing: {
    page: <MixingBench found={foundTool(MIXING_DOCUMENT)} />,
    at: '/api/mixing/bench',
    found: MIXING_DOCUMENT.fresh('Tool'),
  },
  'reality check': {
    page: <RealityPage found={foundTool(REALITY_DOCUMENT)} cupboard={DEMO_CUPBOARD.state} />,
    at: '/api/reality/bench',
    found: REALITY_DOCUMENT.fresh('Tool'),
    // Another answer has another field, and other sources.
    only: /^(?!Would).*\((?!link)/,
  },
  recipe: {
    page: <RecipeEditor id="tested" initial={RECIPE} initialRevision={1} />,
    at: '/api/recipes/tested',
    found: RECIPE,
    // Sizes are a plan's too.
    only: /^(?!Shape|Width|Depth|Gap|Thickness|Fewer|More|Altering|Sand|Juice|Ask|Carbon|These cells|Copper and|Dilute|Never|Floral|Rhubarb|Capacitors|Sparks|Warm)/,
  },
  safekeeping: {
    page: (
      <SafekeepingPage
        last={null}
        lessons={2}
        databaseFile="data/grozer.db"
        stored={[{ planId: 'p', title: 'Lamp', lines: 40 }]}
        binned={[
          {
            kind: 'plans',
            noun: 'plan',
            id: 'b',
            title: 'Old lamp',
            at: Date.UTC(2026, 10, 28, 12),
          },
        ]}
      />
    ),
    // A form that jsdom cannot send.
    only: /^(?!Back up)/,
  },
  school: {
    page: (
      <SchoolPage
        found={{ initial: DEMO_SCHOOL, initialRevision: 1, unread: false }}
        ownRecipes={[]}
      />
    ),
    at: '/api/school/bench',
    found: DEMO_SCHOOL,
  },
  'series or parallel': { page: <SeriesParallelPage /> },
  'two solutions': {
    page: <TwoSolutionsPage found={foundTool(TWO_SOLUTIONS_DOCUMENT)} />,
    at: '/api/two-solutions/bench',
    found: TWO_SOLUTIONS_DOCUMENT.fresh('Tool'),
  },
  'a group’s phone': {
    page: (
      <GroupPage
        seat={{ planId: 'p', startedAt: 1, group: 'Tern' }}
        title={PLAN.title}
        facts={groupFacts(PLAN, evaluatePlan(PLAN))}
        initialLog={[]}
      />
    ),
  },
};

test.each(Object.entries(PAGES))('%s', async (_, { page, at = '', found, only = /./ }) => {
  const show = () => {
    window.localStorage.clear();
    window.sessionStorage.clear();
    return showPage(page).kept;
  };
  const rows = await everyControl({ show, found: { [at]: found }, only });
  expect(rows.join('\n')).toMatchSnapshot();
});

test.each([
  ['fair test', ''],
  ['series or parallel', 'step=4'],
  ['two solutions', ''],
])('what the charts of %s draw', async (name, search) => {
  charted.clear();
  navigation.search = search;
  showPage(PAGES[name]?.page);
  for (let step = 0; step < 3; step += 1) await act(() => jest.advanceTimersByTimeAsync(1000));
  expect(drawnCharts()).toMatchSnapshot();
});

/** @jest-environment jsdom */
import '@/testing/ui/mocks';
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
import { ownRecipeFrom } from '@/core/physics/recipes/ownRecipe';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { everyControl } from '@/testing/ui/controls';
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

beforeAll(() =>
  jest.useFakeTimers({
    now: new Date('2026-12-01T09:00'),
    doNotFake: ['setImmediate', 'queueMicrotask'],
  }),
);
beforeEach(() => {
  openStreams();
  jest.spyOn(Math, 'random').mockReturnValue(0.4);
});
afterAll(() => jest.useRealTimers());

const PLAN = demoPlan('demo-lamp');
const RECIPE = ownRecipeFrom('magnesium-graphite');
const FAIR_TEST = DEMO_FAIR_TEST.test;

const PAGES: Readonly<Record<string, readonly [ReactNode, url?: string, document?: unknown]>> = {
  coins: [
    <CoinsPage found={foundTool(COINS_DOCUMENT)} />,
    '/api/coins/bench',
    COINS_DOCUMENT.fresh('Tool'),
  ],
  cupboard: [
    <CupboardPage found={{ initial: DEMO_CUPBOARD, initialRevision: 1, unread: false }} />,
    '/api/cupboard/bench',
    DEMO_CUPBOARD,
  ],
  drill: [<DrillPage classAddress={null} />],
  'fair test': [
    <FairTestPage id="tested" initial={FAIR_TEST} initialRevision={1} />,
    '/api/fair-tests/tested',
    FAIR_TEST,
  ],
  'I have': [
    <HavePage
      stock={{ potato: 9, 'galvanised-nail': 9, 'copper-strip': 9, 'clip-lead': 9, 'led-red': 1 }}
    />,
  ],
  metals: [
    <MetalsPage found={foundTool(METALS_DOCUMENT)} />,
    '/api/metals/bench',
    METALS_DOCUMENT.fresh('Tool'),
  ],
  mixing: [
    <MixingBench found={foundTool(MIXING_DOCUMENT)} />,
    '/api/mixing/bench',
    MIXING_DOCUMENT.fresh('Tool'),
  ],
  'reality check': [
    <RealityPage found={foundTool(REALITY_DOCUMENT)} cupboard={DEMO_CUPBOARD.state} />,
    '/api/reality/bench',
    REALITY_DOCUMENT.fresh('Tool'),
  ],
  recipe: [
    <RecipeEditor id="tested" initial={RECIPE} initialRevision={1} />,
    '/api/recipes/tested',
    RECIPE,
  ],
  safekeeping: [
    <SafekeepingPage
      last={null}
      lessons={2}
      databaseFile="data/grozer.db"
      stored={[{ planId: 'p', title: 'Lamp', lines: 40 }]}
      binned={[
        { kind: 'plans', noun: 'plan', id: 'b', title: 'Old lamp', at: Date.UTC(2026, 10, 28, 12) },
      ]}
    />,
  ],
  school: [
    <SchoolPage
      found={{ initial: DEMO_SCHOOL, initialRevision: 1, unread: false }}
      ownRecipes={[]}
    />,
    '/api/school/bench',
    DEMO_SCHOOL,
  ],
  'series or parallel': [<SeriesParallelPage />],
  'two solutions': [
    <TwoSolutionsPage found={foundTool(TWO_SOLUTIONS_DOCUMENT)} />,
    '/api/two-solutions/bench',
    TWO_SOLUTIONS_DOCUMENT.fresh('Tool'),
  ],
  'a group’s phone': [
    <GroupPage
      seat={{ planId: 'p', startedAt: 1, group: 'Tern' }}
      title={PLAN.title}
      facts={groupFacts(PLAN, evaluatePlan(PLAN))}
      initialLog={[]}
    />,
  ],
};

/** Where a page has many of a kind, one of them. */
const ONLY: Readonly<Record<string, RegExp>> = {
  cupboard: /^(?!(Stock|Pack|Price) of (?!lemon))/,
  'fair test': /^(?!(Remove|Volts of|Milliamps of|Different thing of) (?!kiwi))/,
  'I have': /^(?!Fewer|More|Without|copper|galvanised|clip|red)/,
  // Another answer has another field.
  'reality check': /^(?!Would).*\((?!link)/,
  recipe:
    /^(?!Altering|Sand|Juice|Ask|Carbon|This cell|Copper and|Dilute|Never|Floral|Rhubarb|Capacitors|Sparks|Warm)/,
  // A form that jsdom cannot send.
  safekeeping: /^(?!Back up)/,
};

test.each(Object.entries(PAGES))('%s', async (name, [page, url, document]) => {
  const show = () => {
    window.localStorage.clear();
    window.sessionStorage.clear();
    return showPage(page).kept;
  };
  const rows = await everyControl({
    show,
    found: url === undefined ? {} : { [url]: document },
    only: ONLY[name] ?? /./,
  });
  expect(rows.join('\n')).toMatchSnapshot();
});

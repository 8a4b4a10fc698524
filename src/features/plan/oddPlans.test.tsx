import type { ComponentType } from 'react';
import { renderToString } from 'react-dom/server';
import { METER_DOCUMENT } from '@/core/documents/tools/meterDocument';
import { EMPTY_CUPBOARD } from '@/core/records/cupboard/cupboardSchema';
import { randomStream } from '@/core/physics/chance/random';
import { summaryOfPlan } from '@/core/work/judging/planSummary';
import { mutatedPlan } from '@/testing/core/mutatedPlans';
import { OpenPlan } from '@/testing/ui/OpenPlan';
import { foundTool } from '@/testing/ui/toolPage';
import { RealityStation } from './RealityStation';
import { ArrangeStation } from './stations/arrange/ArrangeStation';
import { BuildStation } from './stations/build/BuildStation';
import { CellStation } from './stations/cell/CellStation';
import { PowerStation } from './stations/power/PowerStation';
import { ReadyStation } from './stations/ready/ReadyStation';
import { RunStation } from './stations/run/RunStation';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn(), prefetch: jest.fn() }),
  useSearchParams: () => new URLSearchParams(),
  useSelectedLayoutSegment: () => 'power',
  usePathname: () => '/plans/tested/power',
}));
jest.mock('@/workers/plannerClient', () => ({ askWorker: () => new Promise(() => undefined) }));
jest.mock('comlink', () => ({ proxy: (report: unknown) => report }));

const PLANS = 6;
const STATIONS: readonly ComponentType[] = [
  PowerStation,
  CellStation,
  ArrangeStation,
  ReadyStation,
  () => <BuildStation meterFound={foundTool(METER_DOCUMENT)} />,
  RunStation,
  () => <RealityStation cupboard={EMPTY_CUPBOARD} />,
];

const random = randomStream(18);
const plans = Array.from({ length: PLANS }, (_, index) => ({
  ...mutatedPlan(random),
  title: `Odd ${index}`,
}));

test.each(plans)('$title, which passes the schema, is drawn at every station', (plan) => {
  // One after the other below one judgement of the plan: each is told by its name where it breaks.
  const page = renderToString(
    <OpenPlan plan={plan}>
      {STATIONS.map((Station, index) => (
        <Station key={index} />
      ))}
    </OpenPlan>,
  );
  expect(page).toContain(plan.title);
  // What the server leaves where a part could not be drawn.
  expect(page).not.toMatch(/data-dgst|data-msg/);
});

test('each has its card on the shelf', () => {
  for (const plan of plans) expect(summaryOfPlan(plan).title).toBe(plan.title);
});

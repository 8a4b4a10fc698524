import type { Plan } from '@/core/records/plan/planSchema';
import { UNREAD } from '@/core/records/plan/newPlan';
import { suggestionFor } from '@/core/work/search/suggestion';
import type { Desk } from '@/core/physics/desk/desk';
import type { LoadRequirement } from '@/core/records/plan/loadRequirement';
import { compareLiquids } from '@/core/work/judging/compareLiquids';
import {
  whatCanBeLitInSteps,
  type HaveQuestion,
  type WhatCanBeLit,
} from '@/core/work/search/whatCanBeLit';
import { drillHint, drillLoss, drillPar } from '@/core/work/drill/drillHints';
import { otherLoads } from '@/core/work/judging/otherLoads';
import { compareRuns } from '@/core/work/running/compareRuns';
import { shortCircuitRecovery } from '@/core/work/running/shortCircuitRecovery';
import { capacitorBankRun } from '@/core/work/running/capacitorBankRun';
import { leaveRunning } from '@/core/work/running/leaveRunning';
import type { RunFactors } from '@/core/work/running/runBattery';
import type { Running } from '@/core/records/plan/runningSchema';
import { intermittentRun, type IntermittentRun } from '@/core/work/running/intermittentRun';
import { readResultsFile } from '@/core/records/logbook/resultsCsv';
import {
  evaluatePlan,
  type PlanEvaluation,
  type WiringChoice,
} from '@/core/work/judging/evaluatePlan';
import { firstCellTable, type FirstCellRow } from '@/core/work/search/firstCell';
import { cellTypes, inOrder, type CellTypeRow } from '@/core/work/judging/cellTypes';
import type { Prices } from '@/core/work/parts/priceOfBill';
import { whatHelps } from '@/core/work/judging/whatHelps';
import { wiringOptionsOf } from '@/core/work/search/wiringOptions';

/** Time between two reports of progress: each has the page drawn anew. */
const REPORT_MS = 200;

let newestRun = 0;
let newestLit = 0;

/** What the planner's worker can be asked. */
export const plannerJobs = {
  wiringOptions: wiringOptionsOf,

  /** One row a type of cell, as they are shown first. */
  cellTypes: (plan: Plan, prices: Prices): CellTypeRow[] => inOrder(cellTypes(plan, prices)),

  otherLoads,
  whatHelps,

  /** What is suggested for a plan, whatever is laid out. */
  wiringOf: (plan: Plan): WiringChoice =>
    evaluatePlan({ ...plan, arrangement: { kind: 'suggested' } }).wiring,

  /** What would be suggested for the plan had nobody read a cell. */
  wiringUnread: (plan: Plan): WiringChoice =>
    evaluatePlan({ ...plan, cell: { ...plan.cell, ...UNREAD } }).wiring,

  /** The first-cell table of a plan as it stands. */
  firstCellTable(basis: PlanEvaluation['basis'], cellsRead = 1): FirstCellRow[] {
    const { asked } = suggestionFor(basis);
    return firstCellTable(asked, basis.meter.shuntOhms, cellsRead);
  },

  /** What can be lit, and what is found so far meanwhile. A newer call ends an older one, which then answers `null`. */
  async whatCanBeLit(
    question: HaveQuestion,
    onFound: (found: WhatCanBeLit) => void,
  ): Promise<WhatCanBeLit | null> {
    newestLit += 1;
    const job = newestLit;
    const steps = whatCanBeLitInSteps(question);
    for (;;) {
      const step = steps.next();
      if (step.done === true) return step.value;
      onFound(step.value);
      await new Promise((resolve) => setTimeout(resolve));
      if (job !== newestLit) return null;
    }
  },

  compareLiquids,
  leaveRunning,
  shortCircuitRecovery: shortCircuitRecovery,
  capacitorBankRun: capacitorBankRun,
  compareRuns,
  readResultsFile,
  drillHint,
  drillPar,
  drillLoss,

  /** Works out use in turns and reports the share that is done. A newer call, or `stopIntermittentRun`, ends an older one. */
  async intermittentRun(
    desk: Desk,
    need: LoadRequirement,
    running: Running,
    factors: RunFactors,
    onProgress: (share: number) => void,
  ): Promise<IntermittentRun | null> {
    newestRun += 1;
    const job = newestRun;
    const steps = intermittentRun(desk, need, running, factors);
    let rested = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done === true) return step.value;
      if (performance.now() - rested <= REPORT_MS) continue;
      rested = performance.now();
      onProgress(step.value);
      await new Promise((resolve) => setTimeout(resolve));
      if (job !== newestRun) return null;
    }
  },

  stopIntermittentRun(): void {
    newestRun += 1;
  },
};

export type PlannerJobs = typeof plannerJobs;

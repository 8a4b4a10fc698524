import type { ClassesOutcome } from '@/core/chance/simulateClasses';
import type { Desk } from '@/core/desk/desk';
import type { TargetNeed } from '@/core/plan/needOfTarget';
import { chanceOfDesk } from '@/core/planning/chanceOfDesk';
import { bestFromCupboard } from '@/core/planning/bestFromCupboard';
import { findFaults } from '@/core/diagnosis/findFaults';
import { otherLoads } from '@/core/planning/otherLoads';
import { compareRuns } from '@/core/running/compareRuns';
import { runBattery } from '@/core/running/runBattery';
import { waysOfPlan } from '@/core/planning/waysOfPlan';

/** Classes between two looks at the messages. */
const CHUNK = 500;
/** Time between two reports of progress: each has the page drawn anew. */
const REPORT_MS = 200;

let newestDoubts = 0;

/** What the planner's worker can be asked. */
export const plannerJobs = {
  ways: waysOfPlan,
  otherLoads,
  bestFromCupboard,
  runBattery,
  compareRuns,
  findFaults,

  /**
   * Simulates many classes in parts and reports the share that is done. A newer call, or `stopDoubts`, ends an older
   * one, which then answers `null`.
   */
  async doubts(
    desk: Desk,
    need: TargetNeed,
    classes: number,
    onProgress: (share: number) => void,
  ): Promise<ClassesOutcome | null> {
    newestDoubts += 1;
    const job = newestDoubts;
    const parts: ClassesOutcome[] = [];
    let reported = performance.now();
    for (let done = 0; done < classes; done += CHUNK) {
      parts.push(chanceOfDesk(desk, need, { classes: CHUNK, seed: done + 1 }));
      if (performance.now() - reported > REPORT_MS) {
        reported = performance.now();
        onProgress((done + CHUNK) / classes);
      }
      // Messages, a newer job or a stop among them, are read between two parts.
      await new Promise((resolve) => setTimeout(resolve));
      if (job !== newestDoubts) return null;
    }
    return joined(parts);
  },

  stopDoubts(): void {
    newestDoubts += 1;
  },
};

export type PlannerJobs = typeof plannerJobs;

function joined(parts: readonly ClassesOutcome[]): ClassesOutcome {
  const all = (pick: (part: ClassesOutcome) => Float64Array): Float64Array =>
    Float64Array.from(parts.flatMap((part) => [...pick(part)])).sort();
  return {
    classes: parts.reduce((sum, { classes }) => sum + classes, 0),
    working: parts.reduce((sum, { working }) => sum + working, 0),
    sortedAmps: all(({ sortedAmps }) => sortedAmps),
    sortedVolts: all(({ sortedVolts }) => sortedVolts),
  };
}

import type { ClassesOutcome } from '@/core/physics/chance/simulateClasses';
import type { Desk } from '@/core/physics/desk/desk';
import type { LoadRequirement } from '@/core/records/plan/needOfTarget';
import { chanceOfDesk } from '@/core/work/planning/chanceOfDesk';
import { bestFromCupboard } from '@/core/work/planning/bestFromCupboard';
import { drillHint, drillPar } from '@/core/work/drill/drillHints';
import { findFaults } from '@/core/work/diagnosis/findFaults';
import { otherLoads } from '@/core/work/planning/otherLoads';
import { compareRuns } from '@/core/work/running/compareRuns';
import { shortCircuitRecovery } from '@/core/work/running/afterShort';
import { capacitorBankRun } from '@/core/work/running/bankOfDesk';
import { leaveRunning } from '@/core/work/running/leaveRunning';
import type { RunFactors } from '@/core/work/running/runBattery';
import type { Running } from '@/core/records/plan/runningSchema';
import { intermittentRun, type IntermittentRun } from '@/core/work/running/turnsRun';
import { wiringOptionsOf } from '@/core/work/planning/waysOfPlan';

/** Classes between two looks at the messages. */
const CHUNK = 500;
/** Time between two reports of progress: each has the page drawn anew. */
const REPORT_MS = 200;

let newestDoubts = 0;
let newestTurns = 0;

/** What the planner's worker can be asked. */
export const plannerJobs = {
  ways: wiringOptionsOf,
  otherLoads,
  bestFromCupboard,
  leaveRunning,
  afterShort: shortCircuitRecovery,
  bankOfDesk: capacitorBankRun,
  compareRuns,
  findFaults,
  drillHint,
  drillPar,

  /**
   * Simulates many classes in parts and reports the share that is done. A newer call, or `stopDoubts`, ends an older
   * one, which then answers `null`.
   */
  async simulateMany(
    desk: Desk,
    need: LoadRequirement,
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

  /** Works out use in turns and reports the share that is done. A newer call, or `stopTurns`, ends an older one. */
  async turns(
    desk: Desk,
    need: LoadRequirement,
    running: Running,
    factors: RunFactors,
    onProgress: (share: number) => void,
  ): Promise<IntermittentRun | null> {
    newestTurns += 1;
    const job = newestTurns;
    const steps = intermittentRun(desk, need, running, factors);
    let rested = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done === true) return step.value;
      if (performance.now() - rested <= REPORT_MS) continue;
      rested = performance.now();
      onProgress(step.value);
      await new Promise((resolve) => setTimeout(resolve));
      if (job !== newestTurns) return null;
    }
  },

  stopTurns(): void {
    newestTurns += 1;
  },
};

export type PlannerJobs = typeof plannerJobs;

function joined(parts: readonly ClassesOutcome[]): ClassesOutcome {
  const all = (pick: (part: ClassesOutcome) => Float64Array): Float64Array =>
    Float64Array.from(parts.flatMap((part) => [...pick(part)])).sort();
  const classes = parts.reduce((sum, part) => sum + part.classes, 0);
  return {
    classes,
    chance: parts.reduce((sum, part) => sum + part.chance * part.classes, 0) / classes,
    sortedAmps: all(({ sortedAmps }) => sortedAmps),
    sortedVolts: all(({ sortedVolts }) => sortedVolts),
  };
}

import type { Plan } from '@/core/plan/planSchema';
import { openPlanRemote, savePlanRemote } from './planApi';
import type { PlanStore } from './planStore';

export type SaveState =
  | { readonly status: 'saved' }
  | { readonly status: 'saving' }
  /** Changed in another window; nothing is saved until the educator chooses. */
  | { readonly status: 'conflict'; readonly unreachable: boolean }
  | { readonly status: 'failed'; readonly message: string };

const CONFLICT = { status: 'conflict', unreachable: false } as const;

/** Rest after the last edit before it is saved, milliseconds. */
const QUIET_MS = 400;
/** Wait before a failed save is tried again, milliseconds. */
const RETRY_MS = 3000;

export type Autosave = ReturnType<typeof createAutosave>;

/** Saves a plan shortly after each edit, one request at a time. */
export function createAutosave(
  id: string,
  planStore: PlanStore,
  initialRevision: number,
  report: (state: SaveState) => void,
) {
  let revision = initialRevision;
  let savedPlan: Plan = planStore.store.getState().plan;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running = false;
  let stopped = false;
  let inConflict = false;

  const plan = (): Plan => planStore.store.getState().plan;
  const dirty = (): boolean => plan() !== savedPlan;

  const schedule = (afterMs: number): void => {
    if (timer !== null) clearTimeout(timer);
    timer = stopped ? null : setTimeout(() => void save(), afterMs);
  };

  const save = async (): Promise<void> => {
    if (running || inConflict || !dirty()) return;
    running = true;
    const sent = plan();
    report({ status: 'saving' });
    const result = await savePlanRemote(id, sent, revision);
    running = false;
    if (result.status === 'saved') {
      revision = result.revision;
      savedPlan = sent;
      if (dirty()) schedule(0);
      else report({ status: 'saved' });
    } else if (result.status === 'conflict') {
      inConflict = true;
      report(CONFLICT);
    } else {
      report({ status: 'failed', message: result.message });
      schedule(RETRY_MS);
    }
  };

  const takeOver = (opened: { plan: Plan; revision: number }): void => {
    revision = opened.revision;
    planStore.replace(opened.plan);
    savedPlan = plan();
    inConflict = false;
    report({ status: 'saved' });
  };

  const unsubscribe = planStore.store.subscribe(() => {
    if (!dirty()) return;
    report(inConflict ? CONFLICT : { status: 'saving' });
    if (!inConflict) schedule(QUIET_MS);
  });

  return {
    /** Saves at once what is not saved yet, e.g. while the page closes. */
    flush: save,

    /** Takes a newer version from the server, where the page was shown from the browser's memory. */
    async catchUp(): Promise<void> {
      const opened = await openPlanRemote(id);
      if (opened !== null && !stopped && !dirty() && opened.revision > revision) takeOver(opened);
    },

    /** Ends a conflict with the other window's version. */
    async useTheirs(): Promise<void> {
      const opened = await openPlanRemote(id);
      if (opened === null) report({ ...CONFLICT, unreachable: true });
      else takeOver(opened);
    },

    /** Ends a conflict with this window's version. */
    async keepMine(): Promise<void> {
      const opened = await openPlanRemote(id);
      if (opened === null) {
        report({ ...CONFLICT, unreachable: true });
        return;
      }
      revision = opened.revision;
      inConflict = false;
      await save();
    },

    stop(): void {
      unsubscribe();
      void save();
      stopped = true;
      if (timer !== null) clearTimeout(timer);
    },
  };
}

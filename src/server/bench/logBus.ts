import { EventEmitter } from 'node:events';
import type { GroupPresence } from '@/core/work/guide/board';

/**
 * What happens to a plan at the bench: its log grew or its class ended, somebody came or went, a device asks to be let
 * in, the plan itself was saved, or readings were judged.
 */
export type BenchNews = 'grew' | 'here' | 'asking' | 'plan' | 'judged';

/** Tells who listens what happens to a plan. */
export interface LogBus {
  grew(planId: string): void;
  planSaved(planId: string): void;
  asking(planId: string): void;
  judged(planId: string): void;
  /** A device of a group follows the plan until the returned function is called. */
  join(planId: string, group: string, now: () => number): () => void;
  /** Groups that have had a device since the app started. */
  present(planId: string): ReadonlyMap<string, GroupPresence>;
  /** Calls back on all news of a plan until the returned function is called. */
  listen(planId: string, callback: (news: BenchNews) => void): () => void;
}

export function createLogBus(): LogBus {
  const emitter = new EventEmitter();
  // One listener for every open page.
  emitter.setMaxListeners(0);
  const tell = (planId: string, news: BenchNews): void => void emitter.emit(planId, news);
  const here = new Map<string, Map<string, GroupPresence>>();
  const move = (planId: string, group: string, by: 1 | -1, since: number): void => {
    const ofPlan = here.get(planId) ?? new Map<string, GroupPresence>();
    here.set(planId, ofPlan);
    ofPlan.set(group, { devices: (ofPlan.get(group)?.devices ?? 0) + by, since });
    tell(planId, 'here');
  };
  return {
    join: (planId, group, now) => {
      move(planId, group, 1, now());
      let left = false;
      return () => {
        if (!left) move(planId, group, -1, now());
        left = true;
      };
    },
    present: (planId) => here.get(planId) ?? new Map<string, GroupPresence>(),
    grew: (planId) => tell(planId, 'grew'),
    planSaved: (planId) => tell(planId, 'plan'),
    asking: (planId) => tell(planId, 'asking'),
    judged: (planId) => tell(planId, 'judged'),
    listen: (planId, callback) => {
      emitter.on(planId, callback);
      return () => void emitter.off(planId, callback);
    },
  };
}

const holder = globalThis as typeof globalThis & { grozerLogBus?: LogBus };

/** The one bus of this process: routes and pages are bundled apart, so it hangs on the global object. */
export function logBus(): LogBus {
  holder.grozerLogBus ??= createLogBus();
  return holder.grozerLogBus;
}

import { EventEmitter } from 'node:events';

/** What happens to a plan at the bench: its log grew or its class ended, or the plan itself was saved. */
export type BenchNews = 'grew' | 'plan';

/** Tells who listens what happens to a plan. */
export interface LogBus {
  grew(planId: string): void;
  planSaved(planId: string): void;
  /** Calls back on all news of a plan until the returned function is called. */
  listen(planId: string, callback: (news: BenchNews) => void): () => void;
}

export function createLogBus(): LogBus {
  const emitter = new EventEmitter();
  // One listener for every open page.
  emitter.setMaxListeners(0);
  const tell = (planId: string, news: BenchNews): void => void emitter.emit(planId, news);
  return {
    grew: (planId) => tell(planId, 'grew'),
    planSaved: (planId) => tell(planId, 'plan'),
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

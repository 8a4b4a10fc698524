import { EventEmitter } from 'node:events';

/** Tells who listens that the log of a plan grew. */
export interface LogBus {
  grew(planId: string): void;
  /** Calls back on every growth until the returned function is called. */
  listen(planId: string, callback: () => void): () => void;
}

export function createLogBus(): LogBus {
  const emitter = new EventEmitter();
  // One listener for every open page.
  emitter.setMaxListeners(0);
  return {
    grew: (planId) => void emitter.emit(planId),
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

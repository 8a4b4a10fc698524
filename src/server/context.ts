import 'server-only';
import { randomUUID } from 'node:crypto';
import { database } from '@/data/database';
import { createPlanRepository, type PlanRepository } from '@/data/planRepository';

/** What use cases need from outside; tests pass their own. */
export interface ServerContext {
  readonly plans: PlanRepository;
  readonly now: () => number;
  readonly newId: () => string;
}

export function serverContext(): ServerContext {
  return {
    plans: createPlanRepository(database()),
    now: () => Date.now(),
    newId: () => randomUUID(),
  };
}

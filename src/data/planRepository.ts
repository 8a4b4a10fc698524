import { and, desc, eq, isNotNull, isNull } from 'drizzle-orm';
import { parsePlanText, planText } from '@/core/plan/parsePlan';
import type { Plan } from '@/core/plan/planSchema';
import type { Result } from '@/core/result';
import type { GrozerDatabase } from './openDatabase';
import { plans } from './schema';

/** A plan as it lies on the shelf. A document that cannot be read comes with its faults, not as an exception. */
export interface StoredPlan {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: number;
  readonly plan: Result<Plan>;
}

export type SaveOutcome =
  | { readonly status: 'saved'; readonly revision: number }
  /** Somebody else saved in between; nothing was written. */
  | { readonly status: 'conflict'; readonly revision: number }
  | { readonly status: 'missing' };

export type PlanRepository = ReturnType<typeof createPlanRepository>;

/** Plans in a database; deleted ones are kept so that deleting can be undone. */
export function createPlanRepository(db: GrozerDatabase) {
  const onShelf = (id: string) => and(eq(plans.id, id), isNull(plans.deletedAt));
  return {
    list(): StoredPlan[] {
      return db
        .select()
        .from(plans)
        .where(isNull(plans.deletedAt))
        .orderBy(desc(plans.updatedAt), plans.id)
        .all()
        .map(stored);
    },

    find(id: string): StoredPlan | null {
      const row = db.select().from(plans).where(onShelf(id)).get();
      return row === undefined ? null : stored(row);
    },

    insert(id: string, plan: Plan, now: number): void {
      const document = planText(plan);
      db.insert(plans).values({ id, document, revision: 1, createdAt: now, updatedAt: now }).run();
    },

    save(id: string, plan: Plan, revision: number, now: number): SaveOutcome {
      const changed = db
        .update(plans)
        .set({ document: planText(plan), revision: revision + 1, updatedAt: now })
        .where(and(onShelf(id), eq(plans.revision, revision)))
        .run();
      if (changed.changes === 1) return { status: 'saved', revision: revision + 1 };
      const row = db.select().from(plans).where(onShelf(id)).get();
      return row === undefined
        ? { status: 'missing' }
        : { status: 'conflict', revision: row.revision };
    },

    /** Takes a plan off the shelf. False where there is none. */
    remove(id: string, now: number): boolean {
      return db.update(plans).set({ deletedAt: now }).where(onShelf(id)).run().changes === 1;
    },

    /** Puts a removed plan back. False where none was removed. */
    restore(id: string): boolean {
      const removed = and(eq(plans.id, id), isNotNull(plans.deletedAt));
      return db.update(plans).set({ deletedAt: null }).where(removed).run().changes === 1;
    },
  };
}

function stored(row: typeof plans.$inferSelect): StoredPlan {
  const { id, revision, updatedAt } = row;
  return { id, revision, updatedAt, plan: parsePlanText(row.document) };
}

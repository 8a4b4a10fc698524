import { and, desc, eq, gt, isNull, sql } from 'drizzle-orm';
import type { GrozerDatabase } from './openDatabase';
import { preparedOnce } from './preparedOnce';
import { withReserve } from './reserve';
import { classes, secrets } from './schema';

/** A class that runs. */
export interface OpenClass {
  readonly planId: string;
  readonly code: string;
  /** Milliseconds since 1970, as the end. */
  readonly startedAt: number;
  readonly endsAt: number;
}

/** Classes that groups can join. */
export interface ClassRepository {
  open(planId: string, code: string, now: number, endsAt: number): void;
  close(planId: string, now: number): void;
  find(planId: string, now: number): OpenClass | null;
  findByCode(code: string, now: number): OpenClass | null;
  running(now: number): OpenClass[];
  /** A secret of this installation; made by `make` at first use. */
  secret(name: string, make: () => string): string;
  replaceSecret(name: string, value: string): void;
}

/** Asked with every reading of a class: worked out once for a database. */
const runningOf = preparedOnce((db) =>
  db
    .select()
    .from(classes)
    .where(
      and(
        eq(classes.planId, sql.placeholder('planId')),
        isNull(classes.closedAt),
        gt(classes.endsAt, sql.placeholder('now')),
      ),
    )
    .prepare(),
);
const secretOf = preparedOnce((db) =>
  db
    .select()
    .from(secrets)
    .where(eq(secrets.name, sql.placeholder('name')))
    .prepare(),
);

export function createClassRepository(db: GrozerDatabase): ClassRepository {
  const runs = (now: number) => and(isNull(classes.closedAt), gt(classes.endsAt, now));
  const opened = ({ planId, code, openedAt, endsAt }: typeof classes.$inferSelect): OpenClass => ({
    planId,
    code,
    startedAt: openedAt,
    endsAt,
  });
  const list = (now: number): OpenClass[] =>
    db.select().from(classes).where(runs(now)).orderBy(desc(classes.openedAt)).all().map(opened);
  return {
    open: (planId, code, now, endsAt) => {
      const values = { planId, code, openedAt: now, endsAt, closedAt: null };
      db.insert(classes)
        .values(values)
        .onConflictDoUpdate({ target: classes.planId, set: values })
        .run();
    },
    close: (planId, now) => {
      withReserve(db.$client.name, () =>
        db.update(classes).set({ closedAt: now }).where(eq(classes.planId, planId)).run(),
      );
    },
    find: (planId, now) => {
      const row = runningOf(db).get({ planId, now });
      return row === undefined ? null : opened(row);
    },
    findByCode: (code, now) => list(now).find((one) => one.code === code) ?? null,
    running: list,
    secret: (name, make) => {
      const found = secretOf(db).get({ name });
      if (found !== undefined) return found.value;
      const value = make();
      db.insert(secrets).values({ name, value }).run();
      return value;
    },
    replaceSecret: (name, value) => {
      db.insert(secrets)
        .values({ name, value })
        .onConflictDoUpdate({ target: secrets.name, set: { value } })
        .run();
    },
  };
}

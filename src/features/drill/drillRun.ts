import * as z from 'zod/mini';
import { createStore } from 'zustand';
import { persist } from 'zustand/middleware';
import { namedSchema, type Named } from '@/core/work/drill/judgeAnswer';
import type { DrillKey } from '@/core/work/drill/makeDrill';
import { probingSchema } from '@/core/work/drill/probing';
import type { TakenReading } from '@/core/work/drill/drillHints';

const runSchema = z.object({
  taken: z.array(
    z.object({
      probing: probingSchema,
      value: z.nullable(z.number()),
    }),
  ),
  hints: z.int().check(z.minimum(0)),
  wrongAnswers: z.int().check(z.minimum(0)),
  named: z.array(namedSchema),
  /** Found, or given up. */
  over: z.enum(['no', 'found', 'shown']),
});
export type DrillRun = z.infer<typeof runSchema>;

export const FRESH_RUN: DrillRun = { taken: [], hints: 0, wrongAnswers: 0, named: [], over: 'no' };

interface DrillState {
  readonly run: DrillRun;
  /** The run that was thrown away by starting over, so that it can be had back; `null`: none was. */
  readonly thrownAway: DrillRun | null;
}

/** How a learner gets on with one drill; kept in the browser, so that a closed tab loses nothing. */
export function createDrillStore({ level, seed }: DrillKey) {
  const store = createStore<DrillState>()(
    persist((): DrillState => ({ run: FRESH_RUN, thrownAway: null }), {
      name: `grozer-drill-${level}-${seed}`,
      skipHydration: true,
      // What was kept by another version and cannot be read any more begins anew.
      merge: (kept, current) => {
        const parsed = z.object({ run: runSchema }).safeParse(kept);
        return parsed.success ? { ...current, run: parsed.data.run } : current;
      },
    }),
  );
  const set = (next: (before: DrillState) => DrillState): void => {
    store.setState(next);
  };
  const change = (part: (run: DrillRun) => Partial<DrillRun>): void =>
    set(({ run }) => ({ run: { ...run, ...part(run) }, thrownAway: null }));
  return {
    store,
    read: (reading: TakenReading): void => change(({ taken }) => ({ taken: [...taken, reading] })),
    hint: (): void => change(({ hints }) => ({ hints: hints + 1 })),
    name: (named: Named[]): void => change(() => ({ named })),
    wrong: (): void => change(({ wrongAnswers }) => ({ wrongAnswers: wrongAnswers + 1 })),
    end: (over: 'found' | 'shown'): void => change(() => ({ over })),
    startOver: (): void => set(({ run }) => ({ run: FRESH_RUN, thrownAway: run })),
    takeBack: (): void =>
      set(({ run, thrownAway }) => ({ run: thrownAway ?? run, thrownAway: null })),
  };
}
export type DrillStore = ReturnType<typeof createDrillStore>;

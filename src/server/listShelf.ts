import type { Plan } from '@/core/records/plan/planSchema';
import { summaryOfPlan, type PlanSummary } from '@/core/work/planning/planSummary';
import type { Result } from '@/core/result';
import type { ServerContext } from './context';
import { workedOut } from './listDocuments';

interface ShelfEntry {
  readonly id: string;
  /** What the plan will do; the faults where its stored document cannot be read. */
  readonly summary: Result<PlanSummary>;
  /** Stored before plans were judged for their whole time: its verdict may have changed. */
  readonly judgedAnew: boolean;
}

/** Version of plans from which on they are judged for all of the wanted time. */
const WHOLE_TIME_SINCE = 9;

/** Plans that a shelf shows at once: working them all out would take seconds. */
export const PLANS_AT_ONCE = 12;

export interface ListedShelf {
  readonly entries: readonly ShelfEntry[];
  /** How many there are that were looked for. */
  readonly found: number;
  /** How many there are. */
  readonly all: number;
}

interface Looking {
  readonly most: number;
  /** Part of the title; empty for all. */
  readonly find: string;
}

/** Plans on the shelf, last changed first, each with its live verdict. */
export function listShelf(
  { documents }: Pick<ServerContext, 'documents'>,
  { most, find }: Looking = { most: PLANS_AT_ONCE, find: '' },
  summarise: (plan: Plan) => PlanSummary = keptSummary,
): ListedShelf {
  const repository = documents('plans');
  const all = repository.titles();
  const wanted = find.trim().toLowerCase();
  // Where it cannot be read it may be the one that is looked for.
  const found = all.filter(({ title }) => title?.toLowerCase().includes(wanted) ?? true);
  const entries = found.slice(0, most).flatMap(({ id }): ShelfEntry[] => {
    const stored = repository.find(id);
    if (stored === null) return [];
    const { document, storedVersion } = stored;
    return [
      {
        id,
        judgedAnew: storedVersion !== null && storedVersion < WHOLE_TIME_SINCE,
        summary: document.ok ? workedOut(document.value, summarise) : document,
      },
    ];
  });
  return { entries, found: found.length, all: all.length };
}

/** Works out at the start of the app, plan by plan, what the shelf will show, so that nobody waits for it. */
export async function warmShelf(context: Pick<ServerContext, 'documents'>): Promise<void> {
  for (let most = 1; most <= PLANS_AT_ONCE; most += 1) {
    await new Promise((resolve) => setImmediate(resolve));
    listShelf(context, { most, find: '' });
  }
}

/** Summaries of plans as they stand, by the plan’s text: working one out takes a tenth of a second, and a shelf has many. */
const kept = new Map<string, PlanSummary>();
const MAX_KEPT = 300;

function keptSummary(plan: Plan): PlanSummary {
  const text = JSON.stringify(plan);
  const known = kept.get(text);
  const summary = known ?? summaryOfPlan(plan);
  // The one used last goes to the end, so that the first is the one unused for longest.
  kept.delete(text);
  kept.set(text, summary);
  const [oldest] = kept.keys();
  if (kept.size > MAX_KEPT && oldest !== undefined) kept.delete(oldest);
  return summary;
}

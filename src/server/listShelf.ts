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

/** All plans on the shelf, last changed first, each with its live verdict. */
export function listShelf(
  { documents }: Pick<ServerContext, 'documents'>,
  summarise: (plan: Plan) => PlanSummary = keptSummary,
): ShelfEntry[] {
  return documents('plans')
    .list()
    .map(({ id, document, storedVersion }) => ({
      id,
      judgedAnew: storedVersion !== null && storedVersion < WHOLE_TIME_SINCE,
      summary: document.ok ? workedOut(document.value, summarise) : document,
    }));
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

import { keepingLast } from '@/core/keepingLast';
import type { Plan } from '@/core/records/plan/planSchema';
import { summaryOfPlan, type PlanSummary } from '@/core/work/judging/planSummary';
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
  /** How many of lessons that are over are folded away. */
  readonly folded: number;
}

/** How a shelf can be sorted: by the last change (after the next lesson), by title, or by the day of the lesson, those to come first. */
export const SHELF_ORDERS = ['changed', 'title', 'lesson'] as const;
type ShelfOrder = (typeof SHELF_ORDERS)[number];

interface Looking {
  readonly most: number;
  readonly sort: ShelfOrder;
  /** Whether plans of lessons that are over stand among the others; a plan that is looked for always does. */
  readonly past: boolean;
  /** Part of the title; empty for all. */
  readonly find: string;
}

const NEWEST: Looking = { most: PLANS_AT_ONCE, find: '', sort: 'changed', past: false };
/** A lesson is looked back at for a week. */
const OVER_MS = 7 * 86_400_000;

/** Plans on the shelf, last changed first, each with its live verdict. */
export function listShelf(
  { documents, now }: Pick<ServerContext, 'documents' | 'now'>,
  { most, find, sort, past }: Looking = NEWEST,
  summarise: (plan: Plan) => PlanSummary = keptSummary,
): ListedShelf {
  const repository = documents('plans');
  const all = repository.titles();
  const wanted = find.trim().toLowerCase();
  // Where it cannot be read it may be the one that is looked for.
  const matching = all.filter(({ title }) => title?.toLowerCase().includes(wanted) ?? true);
  const over = new Date(now() - OVER_MS).toISOString().slice(0, 10);
  const found = matching
    .filter(({ lessonDate }) => past || wanted !== '' || lessonDate === null || lessonDate >= over)
    .sort(COMPARED[sort]);
  if (sort === 'changed') nextLessonFirst(found, new Date(now()).toISOString().slice(0, 10));
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
  return {
    entries,
    found: found.length,
    all: all.length,
    folded: matching.length - found.length,
  };
}

/** What is needed next stands before what was changed last. */
function nextLessonFirst(plans: Titled[], today: string): void {
  const days = plans.flatMap(({ lessonDate }) => lessonDate ?? []).filter((day) => day >= today);
  const next = days.sort()[0];
  const rank = ({ lessonDate }: Titled): number => (lessonDate === next ? 0 : 1);
  if (next !== undefined) plans.sort((one, other) => rank(one) - rank(other));
}

type Titled = ReturnType<ReturnType<ServerContext['documents']>['titles']>[number];

/** Plans without a day stand behind those that have one. */
const NO_DAY = '9999';
const COMPARED: Readonly<Record<ShelfOrder, (one: Titled, other: Titled) => number>> = {
  // As they come.
  changed: () => 0,
  title: (one, other) => (one.title ?? '').localeCompare(other.title ?? ''),
  lesson: (one, other) => (one.lessonDate ?? NO_DAY).localeCompare(other.lessonDate ?? NO_DAY),
};

/** Works out at the start of the app, plan by plan, what the shelf will show, so that nobody waits for it. */
export async function warmShelf(context: Pick<ServerContext, 'documents' | 'now'>): Promise<void> {
  for (let most = 1; most <= PLANS_AT_ONCE; most += 1) {
    await new Promise((resolve) => setImmediate(resolve));
    listShelf(context, { ...NEWEST, most });
  }
}

const MAX_KEPT = 300;

/** Summaries of plans as they stand, by the plan’s text: working one out takes a tenth of a second, and a shelf has many. */
const keptSummary = keepingLast(MAX_KEPT, (plan: Plan) => JSON.stringify(plan), summaryOfPlan);

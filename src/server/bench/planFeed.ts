import type { OpenClass } from '@/data/classRepository';
import type { LogLine } from '@/core/records/logbook/logEntry';
import type { BenchContext } from './benchContext';
import { runningClass } from './classes';
import type { LogBus } from './logBus';

/** News are gathered for this long, so that sixty groups make a few messages a second, not sixty. */
const GATHER_MS = 150;
/** Keeps proxies and phones from dropping a quiet connection; what ends by its time is noticed then. */
const HEARTBEAT_MS = 15_000;

export type FeedContext = Pick<
  BenchContext,
  'log' | 'bus' | 'classes' | 'admissions' | 'judgements' | 'now'
>;

/** What all who follow a plan are told at one tick. */
export interface FeedNews {
  /** The class that runs now. */
  readonly running: OpenClass | null;
  /** Lines after the last tick, of one group or of all. */
  readonly lines: (group: string | undefined) => readonly LogLine[];
  /** Events of these lines as text, written once for all who get the same. */
  readonly message: (group: string | undefined) => string;
  readonly planSaved: boolean;
  /** A while has passed: whoever hears nothing else hears that somebody is still here. */
  readonly beat: boolean;
}

export interface Follower {
  readonly tell: (news: FeedNews) => void;
  /** Everything that is stored was exchanged: what the follower knows is of another past. */
  readonly onReset: () => void;
}

interface PlanFeed {
  readonly followers: Set<Follower>;
  /** Sequence number up to which everything was told. */
  told: number;
}

const feeds = new WeakMap<LogBus, Map<string, PlanFeed>>();

/**
 * Follows a plan until the returned function is called. However many follow it, the log and the class are asked once a
 * tick.
 * @param from sequence number up to which the follower knows the log.
 */
export function followPlan(
  context: FeedContext,
  planId: string,
  from: number,
  follower: Follower,
): () => void {
  const { bus } = context;
  const ofBus = feeds.get(bus) ?? new Map<string, PlanFeed>();
  feeds.set(bus, ofBus);
  const known = ofBus.get(planId);
  const feed = known ?? { followers: new Set<Follower>(), told: from };
  feed.followers.add(follower);
  if (known === undefined) {
    ofBus.set(planId, feed);
    const end = drive(context, planId, feed);
    ends.set(feed, () => {
      end();
      ofBus.delete(planId);
    });
  }
  return () => {
    feed.followers.delete(follower);
    if (feed.followers.size === 0) ends.get(feed)?.();
  };
}

/** Ends all feeds, after everything that is stored was exchanged. */
export function startAnew(bus: LogBus): void {
  for (const feed of Array.from(feeds.get(bus)?.values() ?? [])) {
    for (const { onReset } of Array.from(feed.followers)) onReset();
  }
}

const ends = new WeakMap<PlanFeed, () => void>();

function drive(context: FeedContext, planId: string, feed: PlanFeed): () => void {
  const { bus, judgements } = context;
  let gathering: NodeJS.Timeout | null = null;
  let planSaved = false;
  const tick = (beat: boolean): void => {
    if (gathering !== null) clearTimeout(gathering);
    gathering = null;
    const news = { ...newsOf(context, planId, feed), planSaved, beat };
    if (planSaved) judgements.refresh(planId);
    else if (news.groups.length > 0) judgements.refresh(planId, news.groups);
    planSaved = false;
    for (const { tell } of Array.from(feed.followers)) tell(news);
  };
  const unlisten = bus.listen(planId, (what) => {
    if (what === 'plan') planSaved = true;
    gathering ??= setTimeout(() => tick(false), GATHER_MS);
  });
  judgements.refresh(planId);
  const heartbeat = setInterval(() => tick(true), HEARTBEAT_MS);
  return () => {
    unlisten();
    clearInterval(heartbeat);
    if (gathering !== null) clearTimeout(gathering);
  };
}

function newsOf(
  context: FeedContext,
  planId: string,
  feed: PlanFeed,
): Omit<FeedNews, 'planSaved' | 'beat'> & { readonly groups: readonly string[] } {
  const all = context.log.linesAfter(planId, feed.told);
  feed.told = all.at(-1)?.seq ?? feed.told;
  const byGroup = new Map<string, LogLine[]>();
  for (const line of all) {
    const own = byGroup.get(line.group);
    if (own === undefined) byGroup.set(line.group, [line]);
    else own.push(line);
  }
  const lines = (group: string | undefined): readonly LogLine[] =>
    group === undefined ? all : (byGroup.get(group) ?? []);
  const messages = new Map<string | undefined, string>();
  return {
    groups: [...byGroup.keys()],
    running: runningClass(context, planId),
    lines,
    message: (group) => {
      const text = messages.get(group) ?? linesMessage(feed.told, lines(group));
      messages.set(group, text);
      return text;
    },
  };
}

/** An event of lines; its id is the sequence number from which a dropped connection goes on. */
export function linesMessage(id: number, lines: readonly LogLine[]): string {
  return `id: ${id}\nevent: lines\ndata: ${JSON.stringify(lines)}\n\n`;
}

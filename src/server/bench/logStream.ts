import type { OpenClass } from '@/data/classRepository';
import { runningClass } from './classes';
import { followPlan, linesMessage, type FeedContext, type FeedNews } from './planFeed';

/** Messages that may wait for a reader; whoever falls further behind is dropped and comes again with its last number. */
const MOST_WAITING = 200;

interface StreamOptions {
  readonly planId: string;
  /** Only lines after this sequence number are sent. */
  readonly after: number;
  /** A group’s device: only its own lines, only while its class runs. `undefined`: the teacher’s. */
  readonly seat?: { readonly group: string; readonly startedAt: number } | undefined;
  /** Called once when nobody reads it any more. */
  readonly onEnd?: () => void;
}

const STILL_HERE = ': still here\n\n';

/**
 * The log of a plan as server-sent events (WHATWG HTML, 9.2): first what is missing, then news as they come, which
 * groups have devices here, which devices ask to be let in, and that the plan itself was saved anew. Every message of
 * lines carries a sequence number as its id, so that a dropped connection goes on where it was.
 */
export function logStream(
  context: FeedContext,
  { planId, after, seat, onEnd = () => undefined }: StreamOptions,
): ReadableStream<Uint8Array> {
  const { log, bus, admissions, now } = context;
  const encoder = new TextEncoder();
  const group = seat?.group;
  let last = after;
  let leave: () => void = onEnd;
  let saidHere = '{}';
  let saidAsking = '[]';
  const hereNow = (running: OpenClass | null): string => {
    // Who is away is of interest only while a class runs.
    if (running === null) return '{}';
    const all = [...bus.present(planId)];
    return JSON.stringify(
      Object.fromEntries(group === undefined ? all : all.filter(([one]) => one === group)),
    );
  };
  return new ReadableStream({
    start(controller) {
      let closed = false;
      const close = (): void => {
        closed = true;
        leave();
        controller.close();
      };
      const say = (text: string): void => {
        if (closed) return;
        if ((controller.desiredSize ?? 0) < -MOST_WAITING) close();
        else controller.enqueue(encoder.encode(text));
      };
      const news = ({ running, planSaved }: Pick<FeedNews, 'running' | 'planSaved'>): string => {
        const here = hereNow(running);
        const asking =
          seat === undefined ? JSON.stringify(admissions.waiting(planId, now())) : saidAsking;
        const text = [
          here === saidHere ? '' : event('here', here),
          asking === saidAsking ? '' : event('asking', asking),
          planSaved ? event('plan', '{}') : '',
        ].join('');
        saidHere = here;
        saidAsking = asking;
        return text;
      };
      const mayFollow = (running: OpenClass | null): boolean =>
        seat === undefined || running?.startedAt === seat.startedAt;
      const end = (): void => {
        say(event('ended', '{}'));
        if (!closed) close();
      };
      const running = runningClass(context, planId);
      if (!mayFollow(running)) {
        end();
        return;
      }
      const first = log.linesAfter(planId, after, group);
      last = first.at(-1)?.seq ?? after;
      const unfollow = followPlan(context, planId, last, (told) => {
        if (!mayFollow(told.running)) end();
        else say(linesText(told) + news(told) || STILL_HERE);
      });
      const absent = group === undefined ? () => undefined : bus.join(planId, group, now);
      leave = () => {
        unfollow();
        absent();
        onEnd();
      };
      say(linesMessage(last, first) + news({ running, planSaved: false }));
    },
    cancel: () => leave(),
  });

  /** What this follower does not know yet; mostly the very text that the others get. */
  function linesText(told: FeedNews): string {
    const lines = told.lines(group);
    const fresh = lines.filter(({ seq }) => seq > last);
    last = lines.at(-1)?.seq ?? last;
    if (fresh.length === 0) return '';
    return fresh.length === lines.length ? told.message(group) : linesMessage(last, fresh);
  }
}

function event(name: string, data: string): string {
  return `event: ${name}\ndata: ${data}\n\n`;
}

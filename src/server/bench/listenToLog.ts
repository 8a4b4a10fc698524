import type { OpenClass } from '@/data/classRepository';
import { runningClass } from './classes';
import { followPlan, linesMessage, type FeedContext, type FeedNews } from './planFeed';

interface LogListener {
  readonly planId: string;
  /** Only lines after this sequence number are told. */
  readonly after: number;
  /** A group’s device: only its own lines, only while its class runs. `undefined`: the teacher’s. */
  readonly seat?: { readonly group: string; readonly startedAt: number } | undefined;
  /** Called once when it is over. */
  readonly onEnd?: () => void;
}

/** Where events go. */
export interface EventSink {
  /** Takes a text; false where its reader has fallen too far behind: it is dropped and comes again with its last number. */
  readonly say: (text: string) => boolean;
  readonly close: () => void;
}

const STILL_HERE = ': still here\n\n';
const nothing = (): void => undefined;

/**
 * The log of a plan as server-sent events (WHATWG HTML, 9.2): first what is missing, then news as they come, which
 * groups have devices here, which devices ask to be let in, what is said of each bench, and that the plan itself was saved anew. Every message of
 * lines carries a sequence number as its id, so that a dropped connection goes on where it was.
 * @returns what ends it, to be called when the reader goes.
 */
export function listenToLog(
  context: FeedContext,
  { planId, after, seat, onEnd = nothing }: LogListener,
  sink: EventSink,
): () => void {
  const { log, bus, admissions, judgements, now } = context;
  const group = seat?.group;
  let unfollow = nothing;
  let absent = nothing;
  let over = false;
  let saidHere = '{}';
  let saidAsking = '[]';
  let saidJudged = '{}';
  const leave = (): void => {
    if (over) return;
    over = true;
    unfollow();
    absent();
    onEnd();
  };
  const end = (): void => {
    leave();
    sink.close();
  };
  const say = (text: string): void => {
    if (!over && !sink.say(text)) end();
  };
  const hereNow = (running: OpenClass | null): string => {
    // Who is away is of interest only while a class runs.
    if (running === null) return '{}';
    const all = bus.present(planId);
    if (group === undefined) return JSON.stringify(Object.fromEntries(all));
    const own = all.get(group);
    return own === undefined ? '{}' : JSON.stringify({ [group]: own });
  };
  const judgedNow = (): string => {
    const all = judgements.known(planId);
    if (group === undefined) return JSON.stringify(Object.fromEntries(all));
    const own = all.get(group);
    return own === undefined ? '{}' : JSON.stringify({ [group]: own });
  };
  const news = ({ running, planSaved }: Pick<FeedNews, 'running' | 'planSaved'>): string => {
    const here = hereNow(running);
    const asking =
      seat === undefined ? JSON.stringify(admissions.waiting(planId, now())) : saidAsking;
    const judged = judgedNow();
    const text = [
      judged === saidJudged ? '' : event('judged', judged),
      here === saidHere ? '' : event('here', here),
      asking === saidAsking ? '' : event('asking', asking),
      planSaved ? event('plan', '{}') : '',
    ].join('');
    saidJudged = judged;
    saidHere = here;
    saidAsking = asking;
    return text;
  };
  const mayListen = (running: OpenClass | null): boolean =>
    seat === undefined || running?.startedAt === seat.startedAt;
  const running = runningClass(context, planId);
  if (!mayListen(running)) {
    sink.say(event('ended', '{}'));
    end();
    return nothing;
  }
  const first = log.linesAfter(planId, after, group);
  let last = first.at(-1)?.seq ?? after;
  /** What this reader does not know yet; mostly the very text that the others get. */
  const linesText = (told: FeedNews): string => {
    const lines = told.lines(group);
    const fresh = lines.filter(({ seq }) => seq > last);
    last = lines.at(-1)?.seq ?? last;
    if (fresh.length === 0) return '';
    return fresh.length === lines.length ? told.message(group) : linesMessage(last, fresh);
  };
  const bid = (farewell: 'ended' | 'anew'): void => {
    say(event(farewell, '{}'));
    if (!over) end();
  };
  unfollow = followPlan(context, planId, last, {
    tell: (told) => {
      if (!mayListen(told.running)) {
        bid('ended');
        return;
      }
      const text = linesText(told) + news(told);
      if (text !== '' || told.beat) say(text === '' ? STILL_HERE : text);
    },
    onReset: () => bid('anew'),
  });
  if (group !== undefined) absent = bus.join(planId, group, now);
  say(linesMessage(last, first) + news({ running, planSaved: false }));
  return leave;
}

function event(name: string, data: string): string {
  return `event: ${name}\ndata: ${data}\n\n`;
}

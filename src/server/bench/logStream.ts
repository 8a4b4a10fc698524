import type { LogLine } from '@/core/records/logbook/logEntry';
import type { BenchContext } from './benchContext';

/** News are gathered for this long, so that sixty groups make a few messages a second, not sixty. */
const GATHER_MS = 150;
/** Keeps proxies and phones from dropping a quiet connection. */
const HEARTBEAT_MS = 15_000;

interface StreamOptions {
  readonly planId: string;
  /** Only lines after this sequence number are sent. */
  readonly after: number;
  /** Only this group's lines; `undefined` for all. */
  readonly group?: string | undefined;
  /** Whether a class runs: who is away from it is of interest only then. */
  readonly running: () => boolean;
  /** Asked before every message; the stream ends where it says no. */
  readonly allowed: () => boolean;
}

/**
 * The log of a plan as server-sent events (WHATWG HTML, 9.2): first what is missing, then news as they come, which
 * groups have devices here, and that the plan itself was saved anew. Every message of lines carries its last sequence number as its id, so that a
 * dropped connection goes on where it was.
 */
export function logStream(
  { log, bus, now }: Pick<BenchContext, 'log' | 'bus' | 'now'>,
  { planId, after, group, running, allowed }: StreamOptions,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let last = after;
  let planSaved = false;
  let gathering: NodeJS.Timeout | null = null;
  let heartbeat: NodeJS.Timeout | null = null;
  let unlisten: () => void = () => undefined;
  let leave: () => void = () => undefined;
  let saidHere = '{}';
  const hereNow = (): string => {
    if (!running()) return '{}';
    const all = [...bus.present(planId)];
    return JSON.stringify(
      Object.fromEntries(group === undefined ? all : all.filter(([one]) => one === group)),
    );
  };
  const stop = (): void => {
    unlisten();
    leave();
    if (gathering !== null) clearTimeout(gathering);
    if (heartbeat !== null) clearInterval(heartbeat);
  };
  return new ReadableStream({
    start(controller) {
      const say = (text: string): void => controller.enqueue(encoder.encode(text));
      const flush = (first: boolean): void => {
        if (gathering !== null) clearTimeout(gathering);
        gathering = null;
        if (!allowed()) {
          say('event: ended\ndata: {}\n\n');
          stop();
          controller.close();
          return;
        }
        const lines = log.linesAfter(planId, last, group);
        last = lines.at(-1)?.seq ?? last;
        if (lines.length > 0 || first) say(message(last, lines));
        const here = hereNow();
        if (here !== saidHere) say(`event: here\ndata: ${here}\n\n`);
        saidHere = here;
        if (planSaved) say('event: plan\ndata: {}\n\n');
        planSaved = false;
      };
      unlisten = bus.listen(planId, (news) => {
        if (news === 'plan') planSaved = true;
        gathering ??= setTimeout(() => flush(false), GATHER_MS);
      });
      heartbeat = setInterval(() => say(': still here\n\n'), HEARTBEAT_MS);
      if (group !== undefined) leave = bus.join(planId, group, now);
      flush(true);
    },
    cancel: stop,
  });
}

function message(id: number, lines: readonly LogLine[]): string {
  return `id: ${id}\nevent: lines\ndata: ${JSON.stringify(lines)}\n\n`;
}

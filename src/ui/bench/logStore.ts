import { jsonOf } from '@/core/formats/json';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { withLines } from '@/core/records/logbook/foldLog';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import type { LogAuthor, LogLine, LogRequest } from '@/core/records/logbook/logEntry';

/** What came of sending lines. */
export type SendResult =
  | { readonly status: 'logged'; readonly lines: readonly LogLine[] }
  /** The server will never take them: what it says. */
  | { readonly status: 'refused'; readonly message: string }
  /** Somebody wrote the same entry first: what stands, where the server says it. */
  | { readonly status: 'overtaken'; readonly message: string; readonly standing: LogLine | null }
  /** Nobody answers, or who does cannot take it just now and says why; sent again later. */
  | { readonly status: 'unreachable'; readonly why: string | null };

export interface LogState {
  /** What the server has, oldest first. */
  readonly lines: readonly LogLine[];
  /** What waits to be taken by the server. */
  readonly waiting: readonly LogRequest[];
  /** Why the server cannot take it just now, where it says so. */
  readonly held: string | null;
  /** What the server will never take as it is: kept here until somebody removes it. */
  readonly undelivered: readonly Undelivered[];
  /** What the server says of each group’s bench. */
  readonly judged: Judged;
}

/** What is said of benches, each with the number of the last line that it is about. */
export type Judged = Readonly<Record<string, BenchJudgement & { readonly seq: number }>>;

/** A line that was refused, and why. */
export interface Undelivered {
  readonly request: LogRequest;
  readonly reason: string;
}

/** What a device keeps over a reload. */
export type KeptLines = Pick<LogState, 'waiting' | 'undelivered'>;

/** Keeps what waits over a reload. */
export interface WaitingStore {
  read(): string | null;
  write(text: string): void;
}

interface LogStoreOptions {
  readonly initial: readonly LogLine[];
  readonly author: LogAuthor;
  readonly send: (requests: readonly LogRequest[]) => Promise<SendResult>;
  readonly keep: WaitingStore;
  /** Time between two tries while nobody answers, milliseconds. */
  readonly retryMs?: number;
}

export interface LogStore {
  readonly store: StoreApi<LogState>;
  /** Logs at once on screen and as soon as it can be on the server, each line once. */
  readonly append: (requests: readonly LogRequest[]) => void;
  /** News from the server. */
  readonly receive: (lines: readonly LogLine[]) => void;
  readonly hearJudged: (judged: Judged) => void;
  /** Sends once more what was refused. */
  readonly tryAgain: () => void;
  /** Forgets what was refused. */
  readonly dismiss: () => void;
  /** Begins to send what an earlier visit kept. */
  readonly start: () => void;
  /** The page is left: what waits stays kept, and whoever opens it next sends it. */
  readonly stop: () => void;
}

const RETRY_MS = 2000;
/** Entries that only mark where a group is: nothing that was typed is in them. */
const MARKS: readonly LogRequest['entry']['kind'][] = ['step', 'help', 'meter'];

export function createLogStore(options: LogStoreOptions): LogStore {
  const { initial, send, keep, retryMs = RETRY_MS } = options;
  const store = createStore<LogState>(() => ({
    lines: initial,
    waiting: [],
    held: null,
    undelivered: [],
    judged: {},
  }));
  // Only now: the first picture of the page is the server's, which knows nothing of what a browser keeps.
  const before = keptLines(keep.read());
  store.setState(before);
  let sending = false;
  let stopped = false;
  let retry: ReturnType<typeof setTimeout> | null = null;
  // What this page ever had in hand. Other lines that are kept belong to another window, which may be gone before they are sent.
  const had = new Set(
    [...before.waiting, ...before.undelivered.map(({ request }) => request)].map(keyOfLine),
  );
  const isOther = (request: LogRequest): boolean => !had.has(keyOfLine(request));
  const change = (kept: Partial<KeptLines>): void => {
    store.setState(kept);
    const { waiting, undelivered } = store.getState();
    for (const request of waiting) had.add(keyOfLine(request));
    const there = keptLines(keep.read());
    const all: KeptLines = {
      waiting: [...waiting, ...there.waiting.filter(isOther)],
      undelivered: [...undelivered, ...there.undelivered.filter(({ request }) => isOther(request))],
    };
    keep.write(JSON.stringify(all));
  };
  const receive = (lines: readonly LogLine[]): void => {
    if (lines.length > 0)
      store.setState(({ lines: known }) => ({ lines: withLines(known, lines) }));
  };
  const sendAll = async (): Promise<void> => {
    if (sending || stopped) return;
    sending = true;
    for (;;) {
      const [next] = store.getState().waiting;
      if (next === undefined) break;
      const result = await send([next]);
      // A page that was left writes nothing more: what it kept is sent again, and logged once.
      if (stopped) break;
      store.setState({ held: result.status === 'unreachable' ? result.why : null });
      if (result.status === 'unreachable') {
        retry = setTimeout(() => void sendAll(), retryMs);
        break;
      }
      const { undelivered, waiting } = store.getState();
      const left = waiting.filter((one) => one !== next);
      if (result.status === 'logged') receive(result.lines);
      else if (result.status === 'overtaken' && result.standing !== null) {
        receive([result.standing]);
      }
      // Two devices of a group press the same step: whoever was first has done it for both.
      const settled =
        result.status === 'logged' ||
        (result.status === 'overtaken' && MARKS.includes(next.entry.kind));
      change({
        waiting: left,
        undelivered: settled
          ? undelivered
          : [...undelivered, { request: next, reason: result.message }],
      });
    }
    sending = false;
  };
  return {
    store,
    receive,
    hearJudged: (judged) => store.setState({ judged }),
    append: (requests) => {
      change({ waiting: [...store.getState().waiting, ...requests] });
      void sendAll();
    },
    tryAgain: () => {
      const { waiting, undelivered } = store.getState();
      change({
        waiting: [...waiting, ...undelivered.map(({ request }) => request)],
        undelivered: [],
      });
      void sendAll();
    },
    dismiss: () => change({ undelivered: [] }),
    start: () => {
      stopped = false;
      void sendAll();
    },
    stop: () => {
      stopped = true;
      if (retry !== null) clearTimeout(retry);
    },
  };
}

/** Lines as they are shown: what waits stands behind what the server has. */
export function shownLines(
  { lines, waiting }: Pick<LogState, 'lines' | 'waiting'>,
  author: LogAuthor,
  now: number,
): readonly LogLine[] {
  if (waiting.length === 0) return lines;
  const last = lines.at(-1)?.seq ?? 0;
  return [
    ...lines,
    ...waiting.map((request, index) => ({ ...request, seq: last + 1 + index, author, at: now })),
  ];
}

const keyOfLine = ({ entryId, revision }: LogRequest): string => `${entryId} ${revision}`;

/** What an earlier visit kept; what is no line at all is left out, the rest is judged by the server. */
export function keptLines(text: string | null): KeptLines {
  const kept: unknown = text === null ? null : jsonOf(text);
  const { waiting, undelivered } = Object(kept) as Record<keyof KeptLines, unknown>;
  return {
    waiting: Array.isArray(waiting) ? waiting.filter(isLine) : [],
    undelivered: Array.isArray(undelivered) ? undelivered.filter(isUndelivered) : [],
  };
}

function isLine(kept: unknown): kept is LogRequest {
  const { entryId, group, entry } = Object(kept);
  return (
    typeof entryId === 'string' &&
    typeof group === 'string' &&
    typeof Object(entry).kind === 'string'
  );
}

function isUndelivered(kept: unknown): kept is Undelivered {
  const { request, reason } = Object(kept);
  return isLine(request) && typeof reason === 'string';
}

/** A fresh id; also where the page is not served over TLS, as on a pupil’s phone in the local network. */
export function newEntryId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

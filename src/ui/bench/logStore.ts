import { createStore, type StoreApi } from 'zustand/vanilla';
import { withLines } from '@/core/records/logbook/foldLog';
import type { LogAuthor, LogLine, LogRequest } from '@/core/records/logbook/logEntry';

/** What came of sending lines. */
export type SendResult =
  | { readonly status: 'logged'; readonly lines: readonly LogLine[] }
  /** The server will never take them: what it says. */
  | { readonly status: 'refused'; readonly message: string }
  /** Somebody wrote the same entry first: what stands, where the server says it. */
  | { readonly status: 'overtaken'; readonly message: string; readonly standing: LogLine | null }
  /** Nobody answers; sent again later. */
  | { readonly status: 'unreachable' };

export interface LogState {
  /** What the server has, oldest first. */
  readonly lines: readonly LogLine[];
  /** What waits to be taken by the server. */
  readonly waiting: readonly LogRequest[];
  /** What was refused, until it is dismissed. */
  readonly problem: string | null;
}

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
  readonly dismiss: () => void;
}

const RETRY_MS = 2000;
/** Entries that only mark where a group is: nothing that was typed is in them. */
const MARKS: readonly LogRequest['entry']['kind'][] = ['step', 'help', 'meter'];

export function createLogStore(options: LogStoreOptions): LogStore {
  const { initial, send, keep, retryMs = RETRY_MS } = options;
  const store = createStore<LogState>(() => ({ lines: initial, waiting: [], problem: null }));
  let sending = false;
  const wait = (waiting: readonly LogRequest[]): void => {
    store.setState({ waiting });
    keep.write(JSON.stringify(waiting));
  };
  const receive = (lines: readonly LogLine[]): void => {
    if (lines.length > 0)
      store.setState(({ lines: known }) => ({ lines: withLines(known, lines) }));
  };
  const sendAll = async (): Promise<void> => {
    if (sending) return;
    sending = true;
    for (;;) {
      const [next] = store.getState().waiting;
      if (next === undefined) break;
      const result = await send([next]);
      if (result.status === 'unreachable') {
        setTimeout(() => void sendAll(), retryMs);
        break;
      }
      if (result.status === 'logged') receive(result.lines);
      else if (result.status === 'overtaken') {
        if (result.standing !== null) receive([result.standing]);
        // Two devices of a group press the same step: whoever was first has done it for both.
        if (!MARKS.includes(next.entry.kind)) store.setState({ problem: result.message });
      } else store.setState({ problem: result.message });
      wait(store.getState().waiting.filter((one) => one !== next));
    }
    sending = false;
  };
  const kept = keptLines(keep.read());
  if (kept.length > 0) {
    store.setState({ waiting: kept });
    void sendAll();
  }
  return {
    store,
    receive,
    append: (requests) => {
      wait([...store.getState().waiting, ...requests]);
      void sendAll();
    },
    dismiss: () => store.setState({ problem: null }),
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

/** What an earlier visit kept; what is no line at all is left out, the rest is judged by the server. */
function keptLines(text: string | null): LogRequest[] {
  if (text === null) return [];
  try {
    const kept: unknown = JSON.parse(text);
    return Array.isArray(kept) ? kept.filter(isLine) : [];
  } catch {
    return [];
  }
}

function isLine(kept: unknown): kept is LogRequest {
  const { entryId, group, entry } = Object(kept);
  return (
    typeof entryId === 'string' &&
    typeof group === 'string' &&
    typeof Object(entry).kind === 'string'
  );
}

/** A fresh id; also where the page is not served over TLS, as on a pupil’s phone in the local network. */
export function newEntryId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

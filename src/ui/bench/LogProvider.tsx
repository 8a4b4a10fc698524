'use client';

import { stepEntryId } from '@/core/records/logbook/ownEntry';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { readingsOfGroup, type GroupReading } from '@/core/records/logbook/foldLog';
import type { LogAuthor, LogEntry, LogLine, LogRequest } from '@/core/records/logbook/logEntry';
import type { GroupPresence } from '@/core/work/guide/board';
import { askJson, ownAnswer } from '../askJson';
import {
  createLogStore,
  newEntryId,
  shownLines,
  type Judged,
  type LogStore,
  type SendResult,
  type Undelivered,
} from './logStore';
import { queueKey, type Seat } from './queueKeys';

interface LogContextValue {
  readonly lines: readonly LogLine[];
  /** Lines that the server has not taken yet. */
  readonly waiting: number;
  /** Lines that it will not take, with the reason. */
  /** Why the server cannot take it just now, where it says so. */
  readonly held: string | null;
  readonly undelivered: readonly Undelivered[];
  readonly tryAgain: () => void;
  readonly dismiss: () => void;
  /** Logs new entries for a group. */
  readonly log: (group: string, entries: readonly LogEntry[]) => void;
  /** A further line of an entry: another value, taken out, put back. */
  readonly revise: (
    current: LogLine,
    change: Partial<Pick<LogRequest, 'entry' | 'struck'>>,
  ) => void;
  /** Marks a step of the guide. */
  readonly markStep: (group: string, step: string, state: 'open' | 'done' | 'skipped') => void;
  /** Sends many lines at once; resolves with what the server says. */
  readonly sendMany: (requests: readonly LogRequest[]) => Promise<SendResult>;
}

const LogContext = createContext<LogContextValue | null>(null);

interface LogProviderProps {
  readonly initial: readonly LogLine[];
  readonly author: LogAuthor;
  /** Where lines are sent to. */
  readonly postUrl: string;
  /** Of a group's device: what it sends belongs to its class. */
  readonly seat?: Seat;
  readonly children: ReactNode;
}

const loggedLines = ownAnswer<{ readonly lines: readonly LogLine[] }>();
/** With 401 the class of this seat has ended, and its like never comes again. */
const REFUSED_FOR_GOOD = [400, 401, 403, 404, 413, 422];

/** The log of a plan on this page: what the server has, what waits, and how to add to it. */
export function LogProvider({ initial, author, postUrl, seat, children }: LogProviderProps) {
  const [logStore] = useState(() => storeFor(initial, author, postUrl, seat ?? null));
  const state = useStore(
    logStore.store,
    useShallow(({ lines, waiting, held, undelivered }) => ({ lines, waiting, held, undelivered })),
  );
  useEffect(() => {
    logStore.start();
    return logStore.stop;
  }, [logStore]);
  const value = useMemo((): LogContextValue => {
    const lines = shownLines(state, author, 0);
    return {
      lines,
      waiting: state.waiting.length,
      held: state.held,
      undelivered: state.undelivered,
      tryAgain: logStore.tryAgain,
      dismiss: logStore.dismiss,
      log: (group, entries) =>
        logStore.append(
          entries.map((entry) => ({
            entryId: newEntryId(),
            revision: 1,
            group,
            entry,
            struck: false,
          })),
        ),
      revise: (current, change) => {
        const { entryId, revision, group, entry, struck } = current;
        logStore.append([{ entryId, revision: revision + 1, group, entry, struck, ...change }]);
      },
      markStep: (group, step, stepState) => {
        const entryId = stepEntryId(group, step);
        const last = lines.filter((line) => line.entryId === entryId).length;
        const entry = { kind: 'step', step, state: stepState, takenAt: now() } as const;
        logStore.append([{ entryId, revision: last + 1, group, entry, struck: false }]);
      },
      sendMany: async (requests) => {
        const result = await sendTo(postUrl, requests);
        if (result.status === 'logged') logStore.receive(result.lines);
        return result;
      },
    };
  }, [state, logStore, author, postUrl]);
  return (
    <StoreContext value={logStore}>
      <LogContext value={value}>{children}</LogContext>
    </StoreContext>
  );
}

const StoreContext = createContext<LogStore | null>(null);

export function useLog(): LogContextValue {
  const value = useContext(LogContext);
  if (value === null) throw new Error('a log component stands outside LogProvider');
  return value;
}

/** The readings of a group, each measurement once. */
export function useReadings(group: string): readonly GroupReading[] {
  const { lines } = useLog();
  return useMemo(() => readingsOfGroup(lines, group), [lines, group]);
}

/** What the server says of every group’s bench. */
export function useJudged(): Judged {
  const logStore = useContext(StoreContext);
  if (logStore === null) throw new Error('a log component stands outside LogProvider');
  return useStore(logStore.store, ({ judged }) => judged);
}

/** What is said of one bench; `null` before its readings were judged, or where they wait to be sent. */
export function useJudgement(group: string): Judged[string] | null {
  const { lines } = useLog();
  const judgement = useJudged()[group] ?? null;
  const last = lines.findLast((line) => line.group === group && line.entry.kind === 'reading');
  // What is said of fewer readings than stand here is not said of these.
  return judgement !== null && last !== undefined && judgement.seq < last.seq ? null : judgement;
}

/** Which groups have devices that follow the class, by the server’s clock. */
export type Present = ReadonlyMap<string, GroupPresence>;

/** A second device of a group that waits for the teacher. */
export interface AskingDevice {
  readonly id: string;
  readonly group: string;
  readonly number: number;
}

interface LiveLog {
  readonly ended: boolean;
  readonly present: Present;
  /** Only the teacher hears of them. */
  readonly asking: readonly AskingDevice[];
}

const NOBODY: Present = new Map();
/** Wait before a stream that broke is asked for anew, milliseconds. */
const ASK_ANEW_MS = 2000;

/**
 * Follows the log live while the component is on screen; answers whether the class has ended, and who follows it too.
 * @param onPlan called when the plan may have changed: it was saved, or the connection was gone for a while.
 */
export function useLiveLog(eventsUrl: string, onPlan?: () => void): LiveLog {
  const logStore = useContext(StoreContext);
  const [ended, setEnded] = useState(false);
  const [present, setPresent] = useState(NOBODY);
  const [asking, setAsking] = useState<readonly AskingDevice[]>([]);
  const [broken, setBroken] = useState(0);
  useEffect(() => {
    if (logStore === null) return;
    const last = logStore.store.getState().lines.at(-1)?.seq ?? 0;
    const source = new EventSource(`${eventsUrl}?after=${last}`);
    let again: ReturnType<typeof setTimeout> | null = null;
    /** What cannot be read was cut on its way: the stream is begun anew, from the last line that is here. */
    const hear = <T,>(name: string, take: (told: T) => void): void => {
      source.addEventListener(name, (event: MessageEvent<string>) => {
        let told: T;
        try {
          told = JSON.parse(event.data) as T;
        } catch {
          source.close();
          again ??= setTimeout(() => setBroken((times) => times + 1), ASK_ANEW_MS);
          return;
        }
        take(told);
      });
    };
    hear<readonly LogLine[]>('lines', logStore.receive);
    hear<Judged>('judged', logStore.hearJudged);
    // A stream that is begun anew may have missed a change of the plan, as one that comes back.
    let opened = broken > 0;
    source.addEventListener('open', () => {
      if (opened) onPlan?.();
      opened = true;
    });
    source.addEventListener('plan', () => onPlan?.());
    hear<Record<string, GroupPresence>>('here', (here) =>
      setPresent(new Map(Object.entries(here))),
    );
    hear<readonly AskingDevice[]>('asking', setAsking);
    // A backup was put back: everything that this page knows is of another past.
    source.addEventListener('anew', () => window.location.reload());
    source.addEventListener('ended', () => {
      setEnded(true);
      source.close();
    });
    return () => {
      source.close();
      if (again !== null) clearTimeout(again);
    };
  }, [logStore, eventsUrl, onPlan, broken]);
  return { ended, present, asking };
}

export function now(): string {
  return new Date().toISOString();
}

function storeFor(
  initial: readonly LogLine[],
  author: LogAuthor,
  postUrl: string,
  seat: Seat | null,
): LogStore {
  const key = queueKey(seat, postUrl);
  return createLogStore({
    initial,
    author,
    send: (requests) =>
      sendTo(
        postUrl,
        seat === null ? requests : { class: seat.startedAt, line: requests[0] ?? {} },
      ),
    keep: {
      read: () => (typeof window === 'undefined' ? null : window.localStorage.getItem(key)),
      write: (text) => {
        try {
          window.localStorage.setItem(key, text);
        } catch {
          // Full, or forbidden by the browser: it waits in the page, which says so until it is sent.
        }
      },
    },
  });
}

/** Answered, with why nothing can be taken just now. */
const CANNOT_NOW = 503;

/** A group sends one line at a time and says of which class; a teacher may send many. */
async function sendTo(url: string, body: object): Promise<SendResult> {
  const answer = await askJson(url, loggedLines, body);
  if (answer.ok) return { status: 'logged', lines: answer.value.lines };
  const { status, message } = answer;
  if (status === 409) {
    const standing = (answer.answer as { readonly line?: LogLine | null } | null)?.line ?? null;
    return { status: 'overtaken', message, standing };
  }
  return status !== null && REFUSED_FOR_GOOD.includes(status)
    ? { status: 'refused', message }
    : { status: 'unreachable', why: status === CANNOT_NOW ? message : null };
}

'use client';

import { useEffect, useRef, useState, type Dispatch, type SetStateAction } from 'react';
import { jsonOf, type Json } from '@/core/formats/json';
import { parseQuantity } from '@/core/formats/parseQuantity';
import { mostVoltsAt, type Stairs } from '@/core/work/guide/stairs';
import { READING_LIMITS } from '@/core/records/logbook/logLimits';
import { measurementKey, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { entryErrorIn, overRangeIn, type EntryError } from '@/core/records/logbook/entryErrors';
import { readingText } from '@/core/records/logbook/readingEntry';

/** What was typed and looks wrong, until it is answered. */
export interface Doubted {
  readonly error: EntryError;
  /** What would be kept; `null` where it is no number. */
  readonly value: number | null;
  readonly typed: string;
}

interface Typed {
  readonly draft: string;
  readonly problem: string | null;
  readonly doubted: Doubted | null;
}

/** What came of an attempt to log what is typed. */
export type Committed = 'read' | 'cleared' | 'nothing typed' | 'asked';

export interface ReadingDraftInput {
  readonly measurement: Measurement;
  /** What it should read, volts or amperes. */
  readonly expected: number;
  readonly stairs: readonly Stairs[];
  /** What stands; `null` where nothing was read. */
  readonly value: number | null;
  readonly onRead: (value: number, typed: string) => void;
  /** Takes the reading out. */
  readonly onClear?: (() => void) | undefined;
}

export interface ReadingDraft {
  readonly shown: string;
  readonly problem: string | null;
  readonly doubted: Doubted | null;
  readonly type: (text: string) => void;
  /** Back to what stands. */
  readonly forget: () => void;
  /** Logs what is typed, or asks where it cannot be so. */
  readonly commit: () => Committed;
  /** Logs a value, whatever speaks against it. */
  readonly take: (value: number, typed: string) => void;
}

type Drafts = Readonly<Record<string, Typed>>;
export type DraftsState = readonly [Drafts, Dispatch<SetStateAction<Drafts>>];

/**
 * What is being typed, by measurement: it outlives the step that it was typed for, and the visit where it has a name to
 * be kept under.
 */
export function useDrafts(keptAs: string | null = null): DraftsState {
  const state = useState<Drafts>({});
  const [drafts, setDrafts] = state;
  const read = useRef(false);
  useEffect(() => {
    if (keptAs === null) return;
    if (read.current) keepDrafts(keptAs, drafts);
    else {
      read.current = true;
      // Only now: the first picture of the page is the server’s, which knows nothing of what a browser keeps.
      setDrafts((typed) => ({ ...keptDrafts(keptAs), ...typed }));
    }
  }, [keptAs, drafts, setDrafts]);
  return state;
}

function keptDrafts(name: string): Drafts {
  const kept = Object(jsonOf(window.sessionStorage.getItem(name) ?? '')) as Json;
  return Object.fromEntries(
    Object.entries(kept).flatMap(([key, draft]) =>
      typeof draft === 'string' ? [[key, { draft, problem: null, doubted: null }]] : [],
    ),
  );
}

function keepDrafts(name: string, drafts: Drafts): void {
  const kept = Object.fromEntries(Object.entries(drafts).map(([key, { draft }]) => [key, draft]));
  try {
    window.sessionStorage.setItem(name, JSON.stringify(kept));
  } catch {
    // Full, or forbidden by the browser: what is typed stays in the page.
  }
}

/**
 * A reading while it is typed: with comma or point, with or without a unit. A value that looks like an entry error asks
 * first, and logs nothing before it is answered. What was typed for another measurement is kept until one comes back to it.
 */
export function useReadingDraft(
  input: ReadingDraftInput,
  [typedOf, setTypedOf]: DraftsState,
): ReadingDraft {
  const { measurement, expected, stairs, value, onRead, onClear } = input;
  const key = measurementKey(measurement);
  const typed = typedOf[key] ?? null;
  const quantity = quantityOf(measurement);
  const set = (next: Typed | null): void =>
    setTypedOf(({ [key]: _before, ...others }) =>
      next === null ? others : { ...others, [key]: next },
    );
  const take = (read: number, text: string): void => {
    set(null);
    onRead(read, text);
  };
  const ask = (draft: string, problem: string | null, doubted: Doubted | null = null): 'asked' => {
    set({ draft, problem, doubted });
    return 'asked';
  };
  const commit = (): Committed => {
    if (typed === null) return 'nothing typed';
    const text = typed.draft.trim();
    if (text === '') {
      set(null);
      if (value === null || onClear === undefined) return 'nothing typed';
      onClear();
      return 'cleared';
    }
    const parsed = parseQuantity(text, quantity === 'volts' ? 'volts' : 'milliamps');
    const overRange = overRangeIn(text);
    if (overRange !== null) {
      return ask(text, null, {
        error: overRange,
        value: parsed.ok ? parsed.value : null,
        typed: text,
      });
    }
    if (!parsed.ok) return ask(text, parsed.issues[0]?.message ?? 'This cannot be read.');
    const error = entryErrorIn(
      measurement,
      parsed.value,
      expected,
      mostVoltsAt(stairs, measurement),
    );
    if (error !== null) return ask(text, null, { error, value: parsed.value, typed: text });
    const most = READING_LIMITS[quantity === 'volts' ? 'volts' : 'amps'];
    if (Math.abs(parsed.value) > most) {
      return ask(text, `At most ${readingText(measurement, most)}: check the unit.`);
    }
    take(parsed.value, text);
    return 'read';
  };
  return {
    shown: typed?.draft ?? (value === null ? '' : readingText(measurement, value)),
    problem: typed?.problem ?? null,
    doubted: typed?.doubted ?? null,
    type: (draft) => set({ draft, problem: null, doubted: null }),
    forget: () => set(null),
    commit,
    take,
  };
}

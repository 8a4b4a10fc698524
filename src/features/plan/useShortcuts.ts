'use client';

import { isLit } from '@/core/records/plan/targetWords';
import { useRouter } from 'next/navigation';
import { useHotkeys } from 'react-hotkeys-hook';
import { KEYS_WHILE_NOT_TYPING, useUndoKeys } from '@/ui/document/useUndoKeys';
import { withCounts, withLoadTurned } from './arrangementEdits';
import { usePlanContext } from './PlanProvider';
import { STATIONS } from './stations';

export interface Shortcut {
  readonly keys: string;
  readonly what: string;
}

/** What the keys do, for the list behind `?`. */
export const SHORTCUTS: readonly Shortcut[] = [
  { keys: '1 – 6', what: 'go to a station' },
  { keys: '[  ]  or  −  +', what: 'fewer, more cells in a string' },
  { keys: '{  }  or  Shift −  +', what: 'fewer, more strings' },
  { keys: 'L', what: 'turn the LED round' },
  { keys: 'R', what: 'type a reading, or take it from the meter in the network' },
  { keys: 'P', what: 'prints' },
  { keys: 'B', what: 'projector view; from the class board: the board for the wall' },
  { keys: 'Ctrl/⌘ Z', what: 'undo' },
  { keys: 'Ctrl/⌘ Shift Z', what: 'redo' },
  { keys: 'Ctrl/⌘ K', what: 'go to any plan, station, tool, recipe or word' },
  { keys: '?', what: 'this list' },
];

// Brackets need three fingers on many keyboards; there the keys with − and + do the same.
const FEWER_CELLS = new Set(['[', '-']);
const MORE_CELLS = new Set([']', '+', '=']);
const FEWER_STRINGS = new Set(['{', '_']);

/** Shift with the key of +, which writes + on some keyboards, * on others. */
function isMoreStrings({ key, shiftKey }: KeyboardEvent): boolean {
  return key === '}' || (shiftKey && (key === '+' || key === '*'));
}

/** Keys that work at every station while no field is being typed in. */
export function useShortcuts(onHelp: () => void, onProject: () => void): void {
  const router = useRouter();
  const { open, evaluation, undoable } = usePlanContext();
  const { id, documentStore } = open;
  const { cellsInSeries, strings } = evaluation.wiring;
  const rewire = (cells: number, side: number): void =>
    documentStore.edit((plan) =>
      withCounts(plan, { cellsInSeries, strings }, { cellsInSeries: cells, strings: side }),
    );

  // Matching the produced character keeps the keys right on every keyboard layout.
  useHotkeys(
    '*',
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const station = STATIONS[Number(event.key) - 1];
      if (station !== undefined) router.push(`/plans/${id}/${station.slug}`);
      else if (FEWER_CELLS.has(event.key)) rewire(cellsInSeries - 1, strings);
      else if (FEWER_STRINGS.has(event.key)) rewire(cellsInSeries, strings - 1);
      else if (isMoreStrings(event)) rewire(cellsInSeries, strings + 1);
      else if (MORE_CELLS.has(event.key)) rewire(cellsInSeries + 1, strings);
      else if (event.key === 'l' || event.key === 'L') {
        documentStore.edit((plan) =>
          isLit(plan.target) ? withLoadTurned(plan, { cellsInSeries, strings }) : plan,
        );
      } else if (event.key === 'p' || event.key === 'P') {
        router.push(`/plans/${id}/ready?part=prints`);
      } else if (event.key === 'b' || event.key === 'B') onProject();
      else if (event.key === '?') onHelp();
    },
    KEYS_WHILE_NOT_TYPING,
    [id, cellsInSeries, strings, onHelp, onProject],
  );
  useUndoKeys(undoable);
}

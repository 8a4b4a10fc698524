'use client';

import { useRouter } from 'next/navigation';
import { useHotkeys } from 'react-hotkeys-hook';
import { withOwnWiring } from './arrangementEdits';
import { usePlanContext } from './PlanProvider';
import { STATIONS } from './stations';

export interface Shortcut {
  readonly keys: string;
  readonly what: string;
}

/** What the keys do, for the list behind `?`. */
export const SHORTCUTS: readonly Shortcut[] = [
  { keys: '1 – 6', what: 'go to a station' },
  { keys: '[  ]', what: 'fewer, more cells in a string' },
  { keys: '{  }', what: 'fewer, more strings' },
  { keys: 'Ctrl/⌘ Z', what: 'undo' },
  { keys: 'Ctrl/⌘ Shift Z', what: 'redo' },
  { keys: '?', what: 'this list' },
];

/** Radio buttons and the like are form fields too, but nobody types in them. */
const NOT_TYPED_IN = new Set(['radio', 'checkbox', 'button', 'range', 'file']);

function isTypedIn(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !NOT_TYPED_IN.has(target.type);
  return (
    target instanceof HTMLElement && (target.isContentEditable || target.tagName === 'TEXTAREA')
  );
}

const options = {
  enableOnFormTags: true,
  ignoreEventWhen: (event: KeyboardEvent) => isTypedIn(event.target),
} as const;

/** Keys that work at every station while no field is being typed in. */
export function useShortcuts(onHelp: () => void): void {
  const router = useRouter();
  const { id, planStore, evaluation } = usePlanContext();
  const { cellsInSeries, strings } = evaluation.wiring;
  const rewire = (cells: number, side: number): void =>
    planStore.edit((plan) => withOwnWiring(plan, { cellsInSeries: cells, strings: side }));

  // Matching the produced character keeps the keys right on every keyboard layout.
  useHotkeys(
    '*',
    (event) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const station = STATIONS[Number(event.key) - 1];
      if (station?.built === true) router.push(`/plans/${id}/${station.slug}`);
      else if (event.key === '[') rewire(cellsInSeries - 1, strings);
      else if (event.key === ']') rewire(cellsInSeries + 1, strings);
      else if (event.key === '{') rewire(cellsInSeries, strings - 1);
      else if (event.key === '}') rewire(cellsInSeries, strings + 1);
      else if (event.key === '?') onHelp();
    },
    options,
    [id, cellsInSeries, strings, onHelp],
  );
  useHotkeys('mod+z', () => planStore.undo(), { ...options, preventDefault: true }, [planStore]);
  useHotkeys('mod+shift+z', () => planStore.redo(), { ...options, preventDefault: true }, [
    planStore,
  ]);
}

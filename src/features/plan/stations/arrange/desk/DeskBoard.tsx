'use client';

import { isLit } from '@/core/records/plan/targetWords';
import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import { type TouchEvent, useCallback, useMemo, useRef, useState } from 'react';
import { type DeskPlace, withItemMoved, withoutCell } from '@/core/physics/desk/deskEdits';
import type { DeskGeometry, PlacedCell } from '@/core/physics/desk/deskGeometry';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { LEAST_SCALE, useDeskGeometry } from '@/ui/desk/useDeskGeometry';
import { useSettled } from '@/ui/useSettled';
import { withDesk, withLoadTurned } from '../../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../../PlanProvider';
import { CellButtons } from './CellButton';
import { BIN, DropZones, NEW_STRING } from './DropZones';
import { StringButtons } from './StringButtons';
import { idOf, placeOf } from './dragIds';
import { lazyPart } from '@/ui/lazyPart';
import ButtonBase from '@mui/material/ButtonBase';
import { MAX_ZOOM } from './ZoomButtons';

const CellMenu = lazyPart(() => import('./CellMenu').then((module) => module.CellMenu));

/** Moves start after the pointer went this far, so that a click stays a click; drawing pixels. */
const DRAG_DISTANCE = 6;
/** Rest after an edit before the places to grasp are laid anew, milliseconds: less than a hand needs. */
const GRASP_MS = 60;
/** A finger that moves at once moves the picture; one that rests takes hold of the cell. */
const TOUCH_HOLD = { delay: 250, tolerance: 8 };
const KEYS = { start: ['Space'], cancel: ['Escape'], end: ['Space'] };
/** No other cell moves aside while one is dragged: the picture stays still. */
const stayPut = () => null;

interface DeskBoardProps {
  readonly zoom: number;
  readonly onZoom: (zoom: number) => void;
}

/** The desk picture to touch: cells are opened, moved by drag or key, and taken away. */
export function DeskBoard({ zoom, onZoom }: DeskBoardProps) {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { desk, wiring, need } = evaluation;
  const geometry = useDeskGeometry(desk);
  // The picture follows an edit at once; what can be grasped follows when the edits rest.
  const graspable = useSettled(geometry, GRASP_MS);
  const items = useMemo(() => topLevel(graspable.cells).map(idOf), [graspable]);
  const [opened, setOpened] = useState<{ anchor: HTMLElement; name: string } | null>(null);
  const [shown, setShown] = useState(0);
  const openCell = useCallback((name: string, anchor: HTMLElement, string: number) => {
    setOpened({ anchor, name });
    setShown(string);
  }, []);
  const pinch = usePinch(zoom, onZoom);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DRAG_DISTANCE } }),
    useSensor(TouchSensor, { activationConstraint: TOUCH_HOLD }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      keyboardCodes: KEYS,
      // A smooth scroll that another one cuts short leaves the cell where it was.
      scrollBehavior: 'auto',
    }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over === null || over.id === active.id) return;
    const from = placeOf(String(active.id));
    if (from === null) return;
    edit((before) =>
      withDesk(before, wiring, (board) => {
        if (over.id === BIN) return withoutCell(board, { ...from, within: null });
        if (over.id === NEW_STRING) {
          return withItemMoved(board, from, { string: board.strings.length, item: 0 });
        }
        const to = placeOf(String(over.id));
        return to === null ? board : withItemMoved(board, from, to);
      }),
    );
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements, screenReaderInstructions: { draggable: SCREEN_READER_HELP } }}
    >
      <Box
        {...pinch}
        sx={{ overflow: 'auto', maxHeight: 560, touchAction: 'pan-x pan-y' }}
        tabIndex={0}
        role="region"
        aria-label="Desk, scrolls where it is larger than its frame"
      >
        <Box
          sx={{
            position: 'relative',
            width: `${100 * zoom}%`,
            minWidth: zoom * LEAST_SCALE * geometry.width,
          }}
        >
          <DeskPicture
            desk={desk}
            geometry={geometry}
            strings={evaluation.strings}
            target={plan.target}
            loadName={need.name}
            shownString={shown}
            running={evaluation.amps >= 0.999 * need.amps}
            amps={evaluation.amps}
            atEnd={evaluation.atEnd}
            resistorOhms={evaluation.seriesResistorOhms}
          />
          <SortableContext items={items} strategy={stayPut}>
            <CellButtons geometry={graspable} opened={opened?.name ?? null} onOpen={openCell} />
          </SortableContext>
          <StringButtons geometry={graspable} shown={shown} onShow={setShown} />
          <LoadButton geometry={geometry} />
        </Box>
      </Box>
      <DropZones />
      {opened === null ? null : (
        <CellMenu anchor={opened.anchor} name={opened.name} onClose={() => setOpened(null)} />
      )}
    </DndContext>
  );
}

/** Places of items that can be moved: cells, and groups as wholes. */
function topLevel(cells: readonly PlacedCell[]): DeskPlace[] {
  const seen = new Set<string>();
  return cells.flatMap(({ place }) => {
    const id = idOf(place);
    if (seen.has(id)) return [];
    seen.add(id);
    return [place];
  });
}

const HALF_WIDTH = 40;
const HALF_HEIGHT = 36;

/** The LED on the desk, to turn it round. Other loads do not mind. */
export function LoadButton({ geometry }: { geometry: DeskGeometry }) {
  const plan = usePlan();
  const edit = useEdit();
  const { wiring, desk } = usePlanContext().evaluation;
  if (!isLit(plan.target)) return null;
  const { loadX, loadY, width, height } = geometry;
  const percent = (part: number, whole: number): string => `${(100 * part) / whole}%`;
  return (
    <ButtonBase
      aria-label="Turn the LED round"
      title="Turn the LED round (L)"
      aria-pressed={desk.loadReversed}
      onClick={() => edit((before) => withLoadTurned(before, wiring))}
      sx={{
        position: 'absolute',
        left: percent(loadX - HALF_WIDTH, width),
        width: percent(2 * HALF_WIDTH, width),
        top: percent(loadY - HALF_HEIGHT, height),
        height: percent(2 * HALF_HEIGHT, height),
        borderRadius: 1,
        '&:hover': { outline: '1.5px dotted', outlineColor: 'text.secondary' },
        '&:focus-visible': { outline: '2.5px solid', outlineColor: 'primary.main' },
      }}
    />
  );
}

export const SCREEN_READER_HELP =
  'Press Enter for what can be changed. Press Space to lift the cell, the arrow keys to move it, Space again to put it down, Escape to leave it where it was.';

function placeWords(id: UniqueIdentifier | undefined): string {
  if (id === BIN) return 'away from the desk';
  if (id === NEW_STRING) return 'a string of its own';
  const place = placeOf(String(id));
  return place === null ? 'nowhere' : `string ${place.string + 1}, place ${place.item + 1}`;
}

/** What a screen reader is told while a cell is moved. */
export const announcements: Announcements = {
  onDragStart: ({ active }) => `Lifted the cell at ${placeWords(active.id)}.`,
  onDragOver: ({ over }) => `Over ${placeWords(over?.id)}.`,
  onDragEnd: ({ over }) =>
    over === null ? 'Put back where it was.' : `Put at ${placeWords(over.id)}.`,
  onDragCancel: () => 'Left where it was.',
};

/** Two fingers that part make the picture larger, two that close make it smaller: handlers for what holds it. */
export function usePinch(zoom: number, onZoom: (zoom: number) => void) {
  const began = useRef<{ readonly apart: number; readonly zoom: number } | null>(null);
  return {
    onTouchStart: ({ touches }: TouchEvent) => {
      began.current = touches.length === 2 ? { apart: distanceOf(touches), zoom } : null;
    },
    onTouchMove: ({ touches }: TouchEvent) => {
      if (began.current === null || touches.length !== 2) return;
      const wanted = (began.current.zoom * distanceOf(touches)) / began.current.apart;
      onZoom(Math.min(MAX_ZOOM, Math.max(1, wanted)));
    },
    onTouchEnd: () => {
      began.current = null;
    },
  };
}

function distanceOf(touches: TouchEvent['touches']): number {
  const [one, other] = [touches[0], touches[1]];
  return one === undefined || other === undefined
    ? 1
    : Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY);
}

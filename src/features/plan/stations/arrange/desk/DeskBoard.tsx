'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import { useCallback, useMemo, useState } from 'react';
import { withItemMoved, withoutCell, type DeskPlace } from '@/core/physics/desk/deskEdits';
import { deskGeometry, type PlacedCell } from '@/core/physics/desk/deskGeometry';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { useSettled } from '@/ui/useSettled';
import { withDesk } from '../../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../../PlanProvider';
import { announcements, SCREEN_READER_HELP } from './announcements';
import { CellButtons } from './CellButton';
import { BIN, DropZones, NEW_STRING } from './DropZones';
import { LoadButton } from './LoadButton';
import { StringButtons } from './StringButtons';
import { usePinch } from './usePinch';
import { idOf, placeOf } from './dragIds';
import { fetched } from '@/ui/fetched';

const CellMenu = fetched(() => import('./CellMenu').then((module) => module.CellMenu));

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
  const geometry = useMemo(() => deskGeometry(desk), [desk]);
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
            minWidth: zoom * geometry.width * 0.8,
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
            <CellButtons geometry={graspable} onOpen={openCell} />
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

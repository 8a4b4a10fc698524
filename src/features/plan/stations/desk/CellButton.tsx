'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import ButtonBase from '@mui/material/ButtonBase';
import { FAULT_WORDS, SHARED_BODY_WORDS } from '@/core/desk/faultWords';
import type { DeskGeometry, PlacedCell } from '@/ui/desk/deskGeometry';
import { idOf } from './dragIds';

interface CellButtonProps {
  readonly placed: PlacedCell;
  readonly geometry: DeskGeometry;
  readonly onOpen: (anchor: HTMLElement) => void;
}

/** Height of a cell's place in drawing units, above and below its middle. */
const ABOVE = 34;
const BELOW = 26;

/** The place of a cell on the desk, laid over its drawing: click or Enter opens it, drag or Space moves it. */
export function CellButton({ placed, geometry, onOpen }: CellButtonProps) {
  const { cell, place, x, y } = placed;
  const { attributes, listeners, setNodeRef, transform, isDragging, isOver } = useSortable({
    id: idOf(place),
  });
  const width = Math.min(geometry.spacing, 84);
  const scale = geometry.scale;
  const percent = (part: number, whole: number): string => `${(100 * part) / whole}%`;
  return (
    <ButtonBase
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-roledescription="cell that can be moved"
      aria-label={labelOf(placed)}
      aria-haspopup="dialog"
      onClick={(event) => onOpen(event.currentTarget)}
      style={{ transform: CSS.Translate.toString(transform) ?? undefined }}
      sx={{
        position: 'absolute',
        left: percent(x - width / 2, geometry.width),
        width: percent(width, geometry.width),
        top: percent(y - ABOVE * scale, geometry.height),
        height: percent((ABOVE + BELOW) * scale, geometry.height),
        borderRadius: 1,
        touchAction: 'none',
        zIndex: isDragging ? 2 : 1,
        boxShadow: isDragging ? 4 : 0,
        outline: isDragging || isOver ? '2px dashed' : 'none',
        outlineColor: 'primary.main',
        '&:hover': { outline: '1.5px dotted', outlineColor: 'text.secondary' },
        '&:focus-visible': { outline: '2.5px solid', outlineColor: 'primary.main' },
      }}
      data-cell={cell.name}
    />
  );
}

function labelOf({ cell }: PlacedCell): string {
  const wrong = cell.faults.map(({ kind }) => FAULT_WORDS[kind].name);
  if (cell.sharedBody !== null) wrong.push(SHARED_BODY_WORDS.name);
  const faults = wrong.length === 0 ? '' : `: ${wrong.join(', ')}`;
  return `${cell.name.slice(0, 1).toUpperCase()}${cell.name.slice(1)}, ${cell.body.name}${faults}`;
}

'use client';

import { capital } from '@/core/words';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { memo } from 'react';
import { FAULT_WORDS, SHARED_BODY_WORDS } from '@/core/physics/desk/faultWords';
import type { DeskGeometry, PlacedCell } from '@/core/physics/desk/deskGeometry';
import styles from './CellButton.module.css';
import { idOf } from './dragIds';

interface CellButtonsProps {
  readonly geometry: DeskGeometry;
  /** Name of the cell whose menu is open. */
  readonly opened: string | null;
  readonly onOpen: (name: string, anchor: HTMLElement, string: number) => void;
}

/** Height of a cell's place in drawing units, above and below its middle. */
const ABOVE = 34;
const BELOW = 26;
const WIDEST = 84;

/** The places of the cells on the desk, laid over the drawing. */
export function CellButtons({ geometry, opened, onOpen }: CellButtonsProps) {
  const { spacing, scale, width, height } = geometry;
  const wide = Math.min(spacing, WIDEST);
  const percent = (part: number, whole: number): string => `${(100 * part) / whole}%`;
  return geometry.cells.map((placed) => (
    <CellButton
      key={placed.cell.name}
      id={idOf(placed.place)}
      name={placed.cell.name}
      opened={placed.cell.name === opened}
      string={placed.place.string}
      label={labelOf(placed)}
      left={percent(placed.x - wide / 2, width)}
      width={percent(wide, width)}
      top={percent(placed.y - ABOVE * scale, height)}
      height={percent((ABOVE + BELOW) * scale, height)}
      onOpen={onOpen}
    />
  ));
}

interface CellButtonProps extends Pick<CellButtonsProps, 'onOpen'> {
  /** Of what is dragged with it: its group, where it stands in one. */
  readonly id: string;
  readonly name: string;
  readonly opened: boolean;
  readonly string: number;
  readonly label: string;
  readonly left: string;
  readonly width: string;
  readonly top: string;
  readonly height: string;
}

/**
 * Click or Enter opens a cell, drag or Space moves it. A plain element with a style sheet: two hundred of them have to
 * follow an edit at once.
 */
const CellButton = memo(function CellButton(props: CellButtonProps) {
  const { id, name, opened, string, label, onOpen, ...place } = props;
  const { attributes, listeners, setNodeRef, transform, isDragging, isOver } = useSortable({ id });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-roledescription="cell that can be moved"
      aria-label={label}
      aria-haspopup="dialog"
      aria-expanded={opened}
      onClick={(event) => onOpen(name, event.currentTarget, string)}
      className={styles['cell']}
      data-dragged={isDragging}
      data-over={isOver}
      data-cell={name}
      style={{ ...place, transform: CSS.Translate.toString(transform) ?? undefined }}
    />
  );
});

function labelOf({ cell }: PlacedCell): string {
  const wrong = cell.faults.map(({ kind }) => FAULT_WORDS[kind].name);
  if (cell.sharedBody !== null) wrong.push(SHARED_BODY_WORDS.name);
  const faults = wrong.length === 0 ? '' : `: ${wrong.join(', ')}`;
  return `${capital(cell.name)}, ${cell.body.name}${faults}`;
}

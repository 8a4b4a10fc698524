'use client';

import type { Task } from '@/core/work/preparation/preparingTasks';
import { useDraggable } from '@dnd-kit/core';
import { CSS } from '@dnd-kit/utilities';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { dayOf, minuteOfDay } from '@/core/work/preparation/localTime';
import { formatNumber } from '@/core/units';
import { dayWords } from '@/core/formats/dates';

/** Minutes since midnight at the left edge of a lane, and how many there are to its right one. */
export interface Span {
  readonly from: number;
  readonly minutes: number;
}

interface TaskBarProps {
  readonly task: Task;
  readonly span: Span;
  readonly top: number;
  readonly wrong: boolean;
  readonly onKey: (key: string) => boolean;
}

/** A task where it stands in its day, its name behind it. The lesson and clearing away cannot be moved here. */
export function TaskBar({ task, span, top, wrong, onKey }: TaskBarProps) {
  const { id, name, start, minutes, moved } = task;
  const fixed = id === 'lesson' || id === 'clear';
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id,
    disabled: fixed,
  });
  const percent = (part: number): string => `${(100 * part) / span.minutes}%`;
  const begins = minuteOfDay(start.slice(11, 16)) - span.from;
  const late = begins > 0.5 * span.minutes;
  const text = `${name}, ${dayWords(dayOf(start))} ${start.slice(11, 16)}, ${formatNumber(minutes)} minutes${moved ? ', moved by hand' : ''}${wrong ? ', in conflict' : ''}`;
  return (
    <Box
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      tabIndex={0}
      aria-label={text}
      aria-roledescription={fixed ? 'fixed task' : 'task, moved by the arrow keys'}
      aria-disabled={fixed}
      data-task={id}
      data-start={start}
      onKeyDown={(event) => {
        if (!fixed && onKey(event.key)) event.preventDefault();
      }}
      style={{
        left: percent(begins),
        width: percent(minutes),
        transform: CSS.Translate.toString(transform) ?? undefined,
      }}
      sx={{
        position: 'absolute',
        minWidth: 6,
        top,
        height: 19,
        borderRadius: 0.5,
        bgcolor: wrong ? 'error.main' : fixed ? 'success.main' : 'primary.main',
        border: moved ? 2 : 0,
        borderColor: 'text.primary',
        cursor: fixed ? 'default' : 'grab',
        touchAction: 'none',
        zIndex: isDragging ? 2 : 1,
        '&:focus-visible': { outline: '2px solid', outlineOffset: 1, outlineColor: 'text.primary' },
      }}
    >
      <Typography
        variant="caption"
        sx={{
          position: 'absolute',
          // Late in the day there is room on the left only.
          ...(late ? { right: '100%', pr: 0.75 } : { left: '100%', pl: 0.75 }),
          whiteSpace: 'nowrap',
          lineHeight: '19px',
          fontWeight: fixed ? 700 : 400,
          color: 'text.primary',
        }}
      >
        {wrong ? '! ' : ''}
        {start.slice(11, 16)} {name}, {formatNumber(minutes)}′{moved ? ' (moved)' : ''}
      </Typography>
    </Box>
  );
}

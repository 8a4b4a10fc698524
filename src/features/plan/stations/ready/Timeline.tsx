'use client';

import type { Task } from '@/core/work/preparation/preparingTasks';
import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import type { Lesson } from '@/core/records/plan/lessonSchema';
import {
  addMinutes,
  dayOf,
  isWorkingDay,
  minuteOfDay,
  minutesBetween,
} from '@/core/work/preparation/localTime';
import type { Timetable } from '@/core/work/preparation/timetable';
import { dayWords } from '@/core/formats/dates';
import { TaskBar, type Span } from './TaskBar';

interface TimelineProps {
  readonly times: Timetable;
  readonly workingHours: Lesson['workingHours'];
  readonly onMove: (task: string, start: string) => void;
}

/** The hours of a day side by side; on a narrower page they are moved under the finger. Pixels. */
const NARROWEST = 600;
const LABEL = 84;
const ROW = 22;
/** Tasks snap to quarters of an hour. */
const SNAP_MINUTES = 15;
const DAY_MINUTES = 1440;
const MAX_LANES = 14;
const LEAST_DAYS = 4;

const BY_KEY: Readonly<Record<string, number>> = {
  ArrowLeft: -SNAP_MINUTES,
  ArrowRight: SNAP_MINUTES,
  ArrowUp: -DAY_MINUTES,
  ArrowDown: DAY_MINUTES,
};

/** The days before the lesson as lanes, each task a bar as long as it takes. */
export function Timeline({ times, workingHours, onMove }: TimelineProps) {
  const frame = useRef<HTMLDivElement>(null);
  /** Task moved by key: it keeps the focus where it goes. */
  const followed = useRef<string | null>(null);
  const span = spanOf(times.tasks, workingHours);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  useEffect(() => {
    if (followed.current === null) return;
    frame.current?.querySelector<HTMLElement>(`[data-task="${followed.current}"]`)?.focus();
    followed.current = null;
  }, [times]);

  const move = (task: Task, minutes: number): void => {
    if (minutes !== 0) onMove(task.id, addMinutes(task.start, minutes));
  };
  const drop = ({ active, over, delta }: DragEndEvent): void => {
    const task = times.tasks.find(({ id }) => id === active.id);
    if (task === undefined) return;
    const minuteWidth = ((frame.current?.clientWidth ?? 700) - LABEL) / span.minutes;
    const minutes = SNAP_MINUTES * Math.round(delta.x / minuteWidth / SNAP_MINUTES);
    const days =
      over === null
        ? 0
        : minutesBetween(`${dayOf(task.start)}T12:00:00`, `${String(over.id)}T12:00:00`);
    move(task, days + minutes);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          ref={frame}
          sx={{ position: 'relative', overflow: 'hidden', minWidth: NARROWEST }}
          data-testid="timeline"
        >
          <Hours span={span} />
          {daysOf(times.tasks).map((day) => (
            <Lane
              key={day}
              day={day}
              tasks={times.tasks.filter(({ start }) => dayOf(start) === day)}
              span={span}
              conflicts={times.conflicts}
              onKey={(task, key) => {
                const minutes = BY_KEY[key];
                if (minutes === undefined) return false;
                followed.current = task.id;
                move(task, minutes);
                return true;
              }}
            />
          ))}
        </Box>
      </Box>
    </DndContext>
  );
}

/** Whole hours from the first to the last minute of work, lesson and clearing among it. */
function spanOf(tasks: readonly Task[], { from, to }: Lesson['workingHours']): Span {
  const begins = tasks.map(({ start }) => minuteOfDay(start.slice(11, 16)));
  const ends = tasks.map(({ minutes }, index) => (begins[index] ?? 0) + minutes);
  const first = Math.floor(Math.min(minuteOfDay(from), ...begins) / 60) * 60;
  const last = Math.ceil(Math.max(minuteOfDay(to), ...ends) / 60) * 60;
  return { from: first, minutes: last - first };
}

/** Every day from one before the first task to the last, a school week at least: something may be moved earlier. */
function daysOf(tasks: readonly Task[]): string[] {
  const sorted = tasks.map(({ start }) => dayOf(start)).sort();
  const last = sorted.at(-1) ?? '';
  const days: string[] = [];
  const earlier = dayOf(addMinutes(`${sorted[0] ?? last}T12:00:00`, -DAY_MINUTES));
  const week = dayOf(addMinutes(`${last}T12:00:00`, -LEAST_DAYS * DAY_MINUTES));
  let day = earlier < week ? earlier : week;
  // A task that was put far away must not draw hundreds of lanes.
  while (day <= last && days.length < MAX_LANES) {
    days.push(day);
    day = dayOf(addMinutes(`${day}T12:00:00`, DAY_MINUTES));
  }
  return days.includes(last) ? days : [...days, last];
}

function Hours({ span }: { span: Span }) {
  const hours = Array.from({ length: span.minutes / 60 }, (_, index) => span.from / 60 + index);
  return (
    <Box sx={{ position: 'relative', height: 18, ml: `${LABEL}px` }} aria-hidden>
      {hours.map((hour, index) => (
        <Typography
          key={hour}
          variant="caption"
          color="textSecondary"
          sx={{ position: 'absolute', left: `${(100 * index) / hours.length}%` }}
        >
          {hour}:00
        </Typography>
      ))}
    </Box>
  );
}

interface LaneProps {
  readonly day: string;
  readonly tasks: readonly Task[];
  readonly span: Span;
  readonly conflicts: Timetable['conflicts'];
  /** Whether the key moved the task. */
  readonly onKey: (task: Task, key: string) => boolean;
}

function Lane({ day, tasks, span, conflicts, onKey }: LaneProps) {
  const { setNodeRef, isOver } = useDroppable({ id: day });
  return (
    <Box
      ref={setNodeRef}
      role="group"
      aria-label={dayWords(day)}
      sx={{
        display: 'flex',
        minHeight: ROW * Math.max(1, tasks.length) + 6,
        borderTop: 1,
        borderColor: 'divider',
        bgcolor: isOver ? 'primary.light' : isWorkingDay(day) ? 'transparent' : 'action.hover',
      }}
    >
      <Typography variant="caption" sx={{ width: LABEL, flexShrink: 0, pt: 0.4 }}>
        {dayWords(day)}
      </Typography>
      <Box sx={{ position: 'relative', flex: 1 }}>
        {tasks.map((task, index) => (
          <TaskBar
            key={task.id}
            task={task}
            span={span}
            top={3 + ROW * index}
            wrong={conflicts.some((conflict) => conflict.task === task.id)}
            onKey={(key) => onKey(task, key)}
          />
        ))}
      </Box>
    </Box>
  );
}

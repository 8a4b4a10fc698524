'use client';

import { useSaveState } from '@/ui/document/useDocument';
import { mainAndSide } from '@/ui/mainAndSide';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Lesson, Shortcut } from '@/core/records/plan/lessonSchema';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { localTimeAt } from '@/core/work/preparation/localTime';
import { lessonTimes } from '@/core/work/preparation/lessonTimes';
import type { Timetable } from '@/core/work/preparation/timetable';
import { Card } from '@/ui/Card';
import { PageLink } from '@/ui/PageLink';
import { useEdit, usePlanContext } from '../../PlanProvider';
import { LessonDate } from '../power/LessonDate';
import { ClockField } from '@/ui/dates/ClockField';
import { withLesson, withTaskMoved } from './lessonEdits';
import { Timeline } from './Timeline';

/** What is done when before the lesson; tasks are dragged, conflicts told, a calendar file saved. */
export function TimetablePart({ facts }: { facts: LessonFacts }) {
  const edit = useEdit();
  const { open } = usePlanContext();
  const saved = useSaveState(open).status === 'saved';
  const { plan } = facts;
  const { lesson } = plan;
  // Asked once: a timetable does not change under the hand because a minute has passed.
  const [now] = useState(localNow);
  const times = lessonTimes(facts, now);
  return (
    <Box sx={mainAndSide(286)}>
      <Card
        title="Before the lesson"
        actions={
          times === null ? null : (
            <Button
              size="small"
              component="a"
              href={`/api/lessons/${open.id}/calendar`}
              disabled={!saved}
              download
            >
              Save as calendar file
            </Button>
          )
        }
      >
        {times === null ? (
          <Alert severity="info">
            Give the lesson a date: the timetable is planned back from it.
          </Alert>
        ) : (
          <>
            <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
              Drag a task to another hour or day, or press the arrow keys on it: left and right by a
              quarter of an hour, up and down by a day.
            </Typography>
            <Timeline
              times={times}
              workingHours={lesson.workingHours}
              onMove={(task, start) => edit((before) => withTaskMoved(before, task, start))}
            />
          </>
        )}
        {times === null ? null : (
          <Conflicts
            times={times}
            onTake={(shortcut) =>
              edit((before) =>
                withLesson(before, { shortcuts: [...before.lesson.shortcuts, shortcut] }),
              )
            }
          />
        )}
      </Card>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Card title="When">
          <LessonDate />
          <WorkingHours
            value={lesson.workingHours}
            onChange={(workingHours) =>
              edit((before) => withLesson(before, { workingHours }), 'workingHours')
            }
          />
          {lesson.shortcuts.length === 0 ? null : (
            <Button
              size="small"
              sx={{ mt: 1 }}
              onClick={() => edit((before) => withLesson(before, { shortcuts: [] }))}
            >
              Prepare in the usual way again
            </Button>
          )}
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
            Weekends and the{' '}
            <Link component={PageLink} href="/cupboard" color="inherit">
              days without school
            </Link>{' '}
            stay free.
          </Typography>
          {Object.keys(lesson.moved).length === 0 ? null : (
            <Button
              size="small"
              sx={{ mt: 1 }}
              onClick={() => edit((before) => withLesson(before, { moved: {} }))}
            >
              Put every task back where it was planned
            </Button>
          )}
        </Card>
      </Box>
    </Box>
  );
}

function localNow(): string {
  const now = new Date();
  return localTimeAt(now.getTime(), now.getTimezoneOffset());
}

interface ConflictsProps {
  readonly times: Timetable;
  readonly onTake: (shortcut: Shortcut) => void;
}

function Conflicts({ times, onTake }: ConflictsProps) {
  if (times.conflicts.length === 0) {
    return (
      <Typography variant="body2" sx={{ mt: 1 }} data-testid="conflicts">
        No clashes.
      </Typography>
    );
  }
  return (
    <Alert severity="warning" sx={{ mt: 1 }} data-testid="conflicts">
      <Box component="ul" sx={{ pl: 2, m: 0 }}>
        {times.conflicts.map(({ task, message, offer }) => (
          <li key={`${task} ${message}`}>
            {message}
            {offer === null ? null : (
              <Button size="small" color="inherit" onClick={() => onTake(offer.shortcut)}>
                {offer.words}
              </Button>
            )}
          </li>
        ))}
      </Box>
    </Alert>
  );
}

interface WorkingHoursProps {
  readonly value: Lesson['workingHours'];
  readonly onChange: (hours: Lesson['workingHours']) => void;
}

function WorkingHours({ value, onChange }: WorkingHoursProps) {
  const [refused, setRefused] = useState(false);
  const change = (part: Partial<Lesson['workingHours']>): void => {
    const hours = { ...value, ...part };
    setRefused(hours.from >= hours.to);
    if (hours.from < hours.to) onChange(hours);
  };
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(136px, 1fr))',
          gap: 2,
          mt: 2,
        }}
      >
        <ClockField label="Working from" value={value.from} onCommit={(from) => change({ from })} />
        <ClockField label="Working until" value={value.to} onCommit={(to) => change({ to })} />
      </Box>
      {refused ? (
        <Typography variant="caption" color="error" role="alert">
          Working hours must end after they begin; the last usable ones stay.
        </Typography>
      ) : null}
    </>
  );
}

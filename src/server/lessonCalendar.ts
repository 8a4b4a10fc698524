import ical, { ICalAlarmType } from 'ical-generator';
import { addMinutes } from '@/core/work/preparation/localTime';
import type { Result } from '@/core/result';
import { fail, succeed } from '@/core/result';
import type { ServerContext } from './context';
import { openLesson } from './openLesson';

/** Each task is announced an hour before. */
const REMINDER_SECONDS = 3600;

/** The timetable of a lesson as iCalendar (RFC 5545), in floating local time; `null` where there is no such plan. */
export function lessonCalendar(context: ServerContext, id: string): Result<string> | null {
  const opened = openLesson(context, id);
  if (opened === null) return null;
  if (!opened.ok) return opened;
  const { facts, times } = opened.value;
  if (!facts.gate.preparing) {
    return fail({ code: 'withheld', path: [], message: facts.gate.reason });
  }
  if (times === null) {
    return fail({
      code: 'no-date',
      path: ['lessonDate'],
      message: 'Give the lesson a date first: the timetable is planned back from it.',
    });
  }
  const { title } = facts.plan;
  const calendar = ical({ name: title, prodId: { company: 'Grozer', product: 'timetable' } });
  for (const { id: task, name, start, minutes } of times.tasks) {
    calendar.createEvent({
      id: `${id}-${task}@grozer`,
      // Floating: ten o’clock is ten o’clock wherever the calendar is opened.
      floating: true,
      start: asIfUtc(start),
      end: asIfUtc(addMinutes(start, minutes)),
      stamp: new Date(context.now()),
      summary: `${title}: ${name}`,
      alarms: [{ type: ICalAlarmType.display, triggerBefore: REMINDER_SECONDS }],
    });
  }
  return succeed(`${calendar.toString()}\r\n`);
}

function asIfUtc(time: string): Date {
  return new Date(`${time}Z`);
}

'use client';

import { DayField } from '@/ui/dates/DayField';
import { useEdit, usePlan } from '../../PlanProvider';

/** The day of the lesson; empty while it is not known. */
export function LessonDate() {
  const { lessonDate } = usePlan();
  const edit = useEdit();
  return (
    <DayField
      label="Lesson date"
      value={lessonDate ?? ''}
      onCommit={(day) =>
        edit((plan) => ({ ...plan, lessonDate: day === '' ? null : day }), 'lesson-date')
      }
      fullWidth
      sx={{ mt: 2 }}
    />
  );
}

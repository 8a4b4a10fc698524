'use client';

import { TextInput } from '@/ui/TextInput';
import { useState } from 'react';
import { planSchema } from '@/core/records/plan/planSchema';
import { useEdit, usePlan } from '../../PlanProvider';

/** The day of the lesson; empty while it is not known. */
export function LessonDate() {
  const { lessonDate } = usePlan();
  const edit = useEdit();
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <TextInput
      label="Lesson date"
      type="date"
      value={lessonDate ?? ''}
      onChange={(event) => {
        const typed = event.target.value === '' ? null : event.target.value;
        const parsed = planSchema.shape.lessonDate.safeParse(typed);
        setProblem(parsed.success ? null : 'Give the date as year-month-day.');
        if (parsed.success) edit((plan) => ({ ...plan, lessonDate: parsed.data }), 'lesson-date');
      }}
      error={problem !== null}
      helperText={problem ?? 'Appears on the plan’s card.'}
      fullWidth
      sx={{ mt: 2 }}
    />
  );
}

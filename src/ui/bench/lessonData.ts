import { z } from 'zod';
import { askJson, type Answer } from '../askJson';

const countsSchema = z.object({ lines: z.number(), photos: z.number() });
/** How much lessons have left with a plan. */
export type LessonCounts = z.infer<typeof countsSchema>;

export function countLessonData(planId: string): Promise<Answer<LessonCounts>> {
  return askJson(`/api/lessons/${planId}/data`, countsSchema);
}

/** Deletes it for good. */
export function eraseLessonData(planId: string): Promise<Answer<LessonCounts>> {
  return askJson(`/api/lessons/${planId}/data`, countsSchema, undefined, { method: 'DELETE' });
}

export function lessonCountsText({ lines, photos }: LessonCounts): string {
  const photoText = photos === 0 ? '' : ` and ${photos === 1 ? '1 photo' : `${photos} photos`}`;
  return `${lines === 1 ? '1 line' : `${lines} lines`} of the logbook${photoText}`;
}

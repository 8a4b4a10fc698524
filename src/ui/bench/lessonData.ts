import { answerWith, askJson, type Answer } from '../askJson';

/** How much lessons have left with a plan. */
export interface LessonCounts {
  readonly lines: number;
  readonly photos: number;
}

const counts = answerWith({ lines: 'number', photos: 'number' });

export function countLessonData(planId: string): Promise<Answer<LessonCounts>> {
  return askJson(`/api/lessons/${planId}/data`, counts);
}

/** Deletes it for good. */
export function eraseLessonData(planId: string): Promise<Answer<LessonCounts>> {
  return askJson(`/api/lessons/${planId}/data`, counts, undefined, { method: 'DELETE' });
}

export function lessonCountsText({ lines, photos }: LessonCounts): string {
  const photoText = photos === 0 ? '' : ` and ${photos === 1 ? '1 photo' : `${photos} photos`}`;
  return `${lines === 1 ? '1 line' : `${lines} lines`} of the logbook${photoText}`;
}

import type { LogCounts } from '@/data/logRepository';
import type { BenchContext } from './benchContext';
import { endClassOfDeleted } from './classStatus';
import { removePhotos } from './photos';

/** What lessons have left with a plan. */
export function lessonData({ log }: Pick<BenchContext, 'log'>, planId: string): LogCounts {
  return log.count(planId);
}

/** Deletes for good what lessons have left with a plan: log, notes, struck lines, photos. A class that runs ends. */
export function eraseLessonData(
  context: BenchContext,
  planId: string,
  photosFolder: string,
): LogCounts {
  const erased = lessonData(context, planId);
  endClassOfDeleted(context, planId);
  removePhotos(photosFolder, context.log.erase(planId));
  context.bus.grew(planId);
  context.judgements.refresh(planId);
  return erased;
}

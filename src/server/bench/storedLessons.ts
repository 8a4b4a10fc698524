import type { StoredLesson } from '@/core/records/backup';
import type { BenchContext } from './benchContext';

/** Every class whose readings and notes are stored, with or without its plan. */
export function storedLessons({
  documents,
  log,
}: Pick<BenchContext, 'documents' | 'log'>): StoredLesson[] {
  return log.plansWithLines().map(({ planId, lines }) => {
    const document = documents('plans').find(planId)?.document;
    return { planId, title: document?.ok === true ? document.value.title : null, lines };
  });
}

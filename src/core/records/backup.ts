import { counted } from '../words';
/** How much a backup holds. */
export interface BackupHolds {
  readonly plans: number;
  /** Recipes, fair tests, the cupboard and the other benches. */
  readonly others: number;
  /** Lines of the logbooks. */
  readonly lines: number;
  readonly photos: number;
}

/** What a backup holds, in words. */
export function holdsText({ plans, others, lines, photos }: BackupHolds): string {
  return [
    counted(plans, 'plan', 'plans'),
    counted(others, 'other document', 'other documents'),
    counted(lines, 'line of the logbooks', 'lines of the logbooks'),
    counted(photos, 'photo', 'photos'),
  ].join(', ');
}

/** Lessons after which everything should have been backed up. */
export const LESSONS_WITHOUT_BACKUP = 10;

/** What lessons have left with a plan that may be deleted by now. */
export interface StoredLesson {
  readonly planId: string;
  /** Title of its plan; `null` where that is deleted or cannot be read. */
  readonly title: string | null;
  readonly lines: number;
}

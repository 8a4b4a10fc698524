import { sparesNeeded, USUAL_SPARE_SHARE } from '../../physics/chance/spares';
import type { Lesson } from '../../records/plan/lessonSchema';

/** How sure spares from the chance calculation are to be enough. */
const SURE_OF_SPARES = 0.95;

/** Spare cells for a class: one in six, or as many as leave it whole in 95 of 100. */
export function sparesOf(cells: number, { spares }: Pick<Lesson, 'spares'>): number {
  return spares === 'one-in-six'
    ? Math.ceil(cells * USUAL_SPARE_SHARE)
    : sparesNeeded(cells, SURE_OF_SPARES);
}

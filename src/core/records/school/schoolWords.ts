import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { SchoolFigures } from '../../physics/readings/schoolFigures';
import { formatAmps, formatVolts } from '../../units';

/** `0.91 V ± 0.04, 0.52 mA, from 43 cells in 4 lessons`. */
export function schoolWords({
  cells,
  lessons,
  openCircuitVolts,
  shortCircuitAmps,
}: SchoolFigures): string {
  const amps = shortCircuitAmps === null ? '' : `, ${formatAmps(shortCircuitAmps.mean)}`;
  const scatter = openCircuitVolts.deviation.toFixed(2);
  return `${formatVolts(openCircuitVolts.mean)} ± ${scatter}${amps}, from ${cells} ${cells === 1 ? 'cell' : 'cells'} in ${lessons} ${lessons === 1 ? 'lesson' : 'lessons'}`;
}

type WithOrigin = Pick<PlannedCell, 'origin' | 'school' | 'recipe'>;

/** Where the cell's figures come from, in one word: for brackets. */
export function originWord({ origin }: Pick<PlannedCell, 'origin'>): string {
  return { own: 'measured', school: 'your school’s', typical: 'typical' }[origin];
}

/** Where the cell's figures come from, for explanations. */
export function originWords({ origin, school, recipe }: WithOrigin): string {
  if (origin === 'own') return 'your own readings';
  return school === null
    ? `typical values (${recipe.typical.source})`
    : `your school’s figures, ${schoolWords(school)}, weighed against typical values (${recipe.typical.source})`;
}

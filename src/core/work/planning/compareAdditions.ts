import { familyOf } from '../../physics/chemistry/families';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { gridDesk } from '../../physics/desk/desk';
import { solveDesk } from '../../physics/desk/solveDesk';
import type { PlanEvaluation } from './evaluatePlan';

/** One way to more current, against the battery as it is. */
export interface Addition {
  readonly kind: 'string' | 'metal';
  readonly amps: number;
  /** What it takes beside what is there. */
  readonly bodies: number;
  readonly pairs: number;
  readonly price: number;
  readonly foodGrams: number;
}

/** One more string against one more pair of metals in every body; `null` where no more metal goes into a body. */
export function compareAdditions({
  cell,
  need,
  wiring,
}: Pick<PlanEvaluation, 'cell' | 'need' | 'wiring'>): { string: Addition; metal: Addition } | null {
  const { supplies, morePairs } = familyOf(cell.recipe.family);
  if (!morePairs) return null;
  const { cellsInSeries, strings } = wiring;
  const cells = cellsInSeries * strings;
  const doubled = { ...cell, model: sideBySide(cell.model, 2) };
  const amps = (desk: ReturnType<typeof gridDesk>): number => solveDesk(desk, need.load).amps;
  return {
    string: {
      kind: 'string',
      amps: amps(gridDesk(cell, cellsInSeries, strings + 1)),
      bodies: cellsInSeries,
      pairs: cellsInSeries,
      price: cellsInSeries * (supplies.bodyPrice + supplies.pairPrice),
      foodGrams: cellsInSeries * supplies.foodGrams,
    },
    metal: {
      kind: 'metal',
      amps: amps(gridDesk(doubled, cellsInSeries, strings)),
      bodies: 0,
      pairs: cells,
      price: cells * supplies.pairPrice,
      foodGrams: 0,
    },
  };
}

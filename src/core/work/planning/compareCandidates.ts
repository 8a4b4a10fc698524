import type { CandidateFacts, Objective } from './plannerTypes';

/** Order of candidates: recommended ones first, then by an objective. */
export function comparisonOf(
  objective: Objective,
): (a: CandidateFacts, b: CandidateFacts) => number {
  const key = (candidate: CandidateFacts): number => {
    switch (objective) {
      case 'fewest-cells':
        return candidate.cells;
      case 'lowest-cost':
        // What has no price cannot be the cheapest.
        return candidate.price ?? Infinity;
      case 'brightest':
        return -candidate.atEnd.amps;
      case 'longest':
        return -candidate.hours;
      case 'surest':
        return -candidate.chance;
      case 'least-waste':
        return candidate.foodGrams;
    }
  };
  return (a, b) =>
    Number(b.recommended) - Number(a.recommended) ||
    compareKeys(key(a), key(b)) ||
    a.cells - b.cells ||
    a.pairs - b.pairs ||
    b.chance - a.chance;
}

/** Two that have no end are as good as each other. */
function compareKeys(a: number, b: number): number {
  return a === b ? 0 : a - b;
}

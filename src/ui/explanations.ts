import type { explainMetals } from '@/core/work/words/explainMetals';
import type { explainSize } from '@/core/work/words/explainSize';
import type { Explanation } from '@/core/work/words/explain';

/** The metals of a recipe and their potentials, fetched when they are asked for. */
export async function whyTheseVolts(...of: Parameters<typeof explainMetals>): Promise<Explanation> {
  return (await import('@/core/work/words/explainMetals')).explainMetals(...of);
}

/** What the size of the metals does to a cell, fetched when it is asked for. */
export async function whyTheSize(...of: Parameters<typeof explainSize>): Promise<Explanation> {
  return (await import('@/core/work/words/explainSize')).explainSize(...of);
}

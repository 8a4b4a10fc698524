import { analyseFairTest } from './analyseFairTest';
import { differenceWords } from './describeDifference';
import type { FairTest } from './fairTestSchema';

/** A fair test as the list of all shows it. */
export interface FairTestCard extends Pick<FairTest, 'title' | 'factor'> {
  readonly read: number;
  readonly planned: number;
  /** What it has shown so far, in words. */
  readonly shown: string;
}

export function cardOfFairTest(test: FairTest): FairTestCard {
  const { title, factor, variants, repeats, readings } = test;
  return {
    title,
    factor,
    read: readings.length,
    planned: variants.length * repeats,
    shown: differenceWords(analyseFairTest(test)).join(' '),
  };
}

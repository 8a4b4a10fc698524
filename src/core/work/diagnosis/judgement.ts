import { wordsOfCause, type BatteryWords } from './causeWords';
import type { Diagnosis } from './diagnose';
import type { Reading } from './evidence';

/** What the fault finder says in one sentence; the screen, the board and the command line all take it from here. */
export interface Judgement {
  readonly verdict: Diagnosis['verdict'];
  /** The likeliest cause, as it stands at the head of the list of causes. */
  readonly headline: string;
  /** What to do about it. */
  readonly remedy: string;
}

export function judgementOf(
  { verdict, causes }: Pick<Diagnosis, 'verdict' | 'causes'>,
  words: BatteryWords,
  readings: readonly Reading[],
): Judgement {
  const [first] = causes;
  if (verdict === 'fine' || first === undefined) {
    return {
      verdict: 'fine',
      headline: 'Nothing is wrong',
      remedy: 'All readings are within ordinary scatter. Go on with the next step.',
    };
  }
  const { what, remedy } = wordsOfCause(first, words, readings);
  return { verdict, headline: what, remedy };
}

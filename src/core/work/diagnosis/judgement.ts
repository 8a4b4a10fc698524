import { howToMeasure } from '../../records/logbook/measurement';
import { wordsOfCause, WORDS_OF_KIND, type BatteryWords } from './causeWords';
import type { Cause, Diagnosis } from './diagnose';
import type { Reading } from './evidence';

/** What the fault finder says in one sentence; the screen, the board and the command line all take it from here. */
export interface Judgement {
  readonly verdict: Diagnosis['verdict'];
  /** The likeliest cause, as it stands at the head of the list of causes; what is not sure is told as likely. */
  readonly headline: string;
  /** What to do about it; where it is not sure, what to measure first. */
  readonly remedy: string;
  /** It is as good as certain: something can be mended before anything else is read. */
  readonly sure: boolean;
}

/** Chance from which a cause is said without “probably”. */
const SURE_FROM = 0.7;
/** Causes are named until so much of the chance is theirs: near ties are told as such. */
const NAMED_CHANCE = 0.6;
const MOST_KINDS = 3;

export function judgementOf(
  { verdict, causes, next }: Pick<Diagnosis, 'verdict' | 'causes' | 'next'>,
  words: BatteryWords,
  readings: readonly Reading[],
): Judgement {
  const [first] = causes;
  if (verdict === 'fine' || first === undefined) {
    return {
      verdict: 'fine',
      headline: 'Nothing is wrong',
      remedy: 'All readings are within ordinary scatter. Go on with the next step.',
      sure: true,
    };
  }
  const { what, remedy } = wordsOfCause(first, words, readings);
  const sure = first.chance >= SURE_FROM;
  const told = next[0];
  if (sure || verdict === 'unexplained') return { verdict, headline: what, remedy, sure };
  return {
    verdict,
    headline: `Probably ${likelyWords(causes, words, readings)}`,
    remedy:
      told === undefined ? remedy : `One reading tells more. ${howToMeasure(told.measurement)}`,
    sure,
  };
}

/** What may be wrong: the likeliest cause, beside it what is nearly as likely; of many places only the kind. */
function likelyWords(
  causes: readonly Cause[],
  words: BatteryWords,
  readings: readonly Reading[],
): string {
  const near: Cause[] = [];
  let named = 0;
  for (const cause of causes) {
    if (named >= NAMED_CHANCE) break;
    if (cause.kind === 'none' || cause.kind === 'unexplained') continue;
    near.push(cause);
    named += cause.chance;
  }
  const kinds = [...new Set(near.map(({ kind }) => kind))];
  if (near.length <= 2) {
    return near
      .map((cause) => {
        const { what } = wordsOfCause(cause, words, readings);
        return what.charAt(0).toLowerCase() + what.slice(1);
      })
      .join(', or ');
  }
  return kinds
    .slice(0, MOST_KINDS)
    .map((kind) => WORDS_OF_KIND[kind])
    .join(' or ');
}

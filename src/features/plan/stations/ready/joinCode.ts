import { JOIN_CODE_LENGTH, joinCodeOf } from '@/core/records/plan/joinCode';

/** A code that nobody guesses; the browser's own randomness. */
export function newJoinCode(): string {
  return joinCodeOf(crypto.getRandomValues(new Uint8Array(JOIN_CODE_LENGTH)));
}

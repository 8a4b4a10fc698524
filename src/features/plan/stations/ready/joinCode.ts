/** Letters and digits that are not taken for one another on paper. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const LENGTH = 6;

/** A code that nobody guesses; the browser's own randomness. */
export function newJoinCode(): string {
  const random = crypto.getRandomValues(new Uint8Array(LENGTH));
  // 32 signs divide 256: every sign is equally likely.
  return [...random].map((byte) => SIGNS[byte % SIGNS.length]).join('');
}

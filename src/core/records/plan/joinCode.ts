import * as z from 'zod/mini';

/** Letters and digits that nobody takes for one another, on paper or read aloud. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
export const JOIN_CODE_LENGTH = 6;

/** What a group types to join its class. */
export const joinCodeSchema = z
  .string()
  .check(
    z.regex(
      new RegExp(`^[${SIGNS}]{${JOIN_CODE_LENGTH}}$`),
      'A join code has six letters or digits.',
    ),
  );

/** A code from random bytes, one for each sign: 32 signs divide 256, so every sign is equally likely. */
export function joinCodeOf(random: Iterable<number>): string {
  return [...random].map((byte) => SIGNS[byte % SIGNS.length]).join('');
}

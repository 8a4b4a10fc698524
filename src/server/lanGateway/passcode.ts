import { randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { sealData, unsealData } from 'iron-session';
import * as z from 'zod/mini';
import type { BenchContext } from '../bench/benchContext';
import { cookieIn } from './cookies';

/** Cookie of a teacher’s device in the local network. */
export const TEACHER_COOKIE = 'grozer-teacher';
const SEAL_SECRET = 'teacher-seal';
const PASSCODE = 'passcode';
const DIGITS = 6;
export const TEACHER_SECONDS = 8 * 60 * 60;

type PasscodeContext = Pick<BenchContext, 'classes'>;

export const passcodeRequestSchema = z.strictObject({
  passcode: z.string().check(z.regex(/^\d{6}$/, 'The passcode has six digits.')),
});

/** The passcode that lets a teacher in through the gateway; it stands on the class page of this machine. */
export function passcodeOf({ classes }: PasscodeContext): string {
  return classes.secret(PASSCODE, freshPasscode);
}

/** A new passcode; devices that came in with the old one are out. */
export function renewPasscode({ classes }: PasscodeContext): void {
  classes.replaceSecret(PASSCODE, freshPasscode());
}

function freshPasscode(): string {
  return String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0');
}

/** The sealed cookie for a right passcode; `null` for a wrong one. */
export async function teacherSeal(
  context: PasscodeContext,
  passcode: string,
): Promise<string | null> {
  const right = Buffer.from(passcodeOf(context));
  const given = Buffer.from(passcode);
  if (right.length !== given.length || !timingSafeEqual(right, given)) return null;
  return sealData({ passcode }, { password: sealSecret(context), ttl: TEACHER_SECONDS });
}

/** Whether the cookies of a request hold a teacher’s seal of the passcode that stands now. */
export async function isTeacherCookie(context: PasscodeContext, cookies: string): Promise<boolean> {
  const sealed = cookieIn(cookies, TEACHER_COOKIE);
  if (sealed === undefined) return false;
  const opened = z.object({ passcode: z.string() }).safeParse(
    await unsealData<unknown>(sealed, {
      password: sealSecret(context),
      ttl: TEACHER_SECONDS,
    }),
  );
  return opened.success && opened.data.passcode === passcodeOf(context);
}

function sealSecret({ classes }: PasscodeContext): string {
  return classes.secret(SEAL_SECRET, () => randomBytes(32).toString('hex'));
}

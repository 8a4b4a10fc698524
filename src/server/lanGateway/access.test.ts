import { freshBench } from '@/testing/server/benchForTests';
import {
  isTeacherCookie,
  passcodeOf,
  renewPasscode,
  TEACHER_COOKIE,
  teacherSeal,
} from './passcode';
import { createRateLimiter } from './rateLimiter';
import { createStreamPlaces } from './streamPlaces';

test('open pages are bounded by address and by group, and each place is given back once', () => {
  const places = createStreamPlaces(3, 2);
  const leave = places.take('a', 'Tern');
  expect(places.take('a', 'Tern')).not.toBeNull();
  expect(places.take('a', 'Tern')).toBeNull();
  expect(places.take('a', 'Knot')).not.toBeNull();
  expect(places.take('a', 'Dunlin')).toBeNull();
  expect(places.take('b', 'Dunlin')).not.toBeNull();
  leave?.();
  leave?.();
  expect(places.take('a', 'Tern')).not.toBeNull();
  expect(places.take('a', 'Dunlin')).toBeNull();
});

test('the passcode lets a teacher in until it is renewed', async () => {
  const context = freshBench();
  const passcode = passcodeOf(context);
  expect(passcode).toMatch(/^\d{6}$/);
  expect(await teacherSeal(context, '12345')).toBeNull();
  const seal = await teacherSeal(context, passcode);
  const cookies = `a=b; ${TEACHER_COOKIE}=${encodeURIComponent(seal ?? '')}`;
  expect(await isTeacherCookie(context, cookies)).toBe(true);
  expect(await isTeacherCookie(context, `${TEACHER_COOKIE}=forged`)).toBe(false);
  expect(await isTeacherCookie(context, '')).toBe(false);
  while (passcodeOf(context) === passcode) renewPasscode(context);
  expect(await isTeacherCookie(context, cookies)).toBe(false);
});

test('after ten wrong tries an address waits a minute', async () => {
  jest.useFakeTimers();
  const few = { tries: 10, seconds: 60 };
  const limiter = createRateLimiter(few, { tries: 25, seconds: 60 });
  for (let wrong = 0; wrong < 10; wrong += 1) {
    expect(await limiter.mayTry('a')).toBe(true);
    await limiter.failed('a');
  }
  expect(await limiter.mayTry('a')).toBe(false);
  expect(await limiter.mayTry('b')).toBe(true);
  // From many addresses all together.
  for (let wrong = 0; wrong < 15; wrong += 1) await limiter.failed(`device ${wrong}`);
  expect(await limiter.mayTry('device 3')).toBe(false);
  // Nobody locks out who has not guessed, and never this machine itself.
  expect(await limiter.mayTry('never seen')).toBe(true);
  for (let wrong = 0; wrong < 30; wrong += 1) await limiter.failed('local');
  expect(await limiter.mayTry('local')).toBe(true);
  expect(await limiter.waitWords('local')).toBe('a minute');
  expect(await limiter.waitWords('a')).toBe('a minute');
  jest.advanceTimersByTime(60_100);
  expect(await limiter.mayTry('a')).toBe(true);
  const slow = createRateLimiter({ tries: 1, seconds: 170 }, { tries: 2, seconds: 900 });
  await slow.failed('a');
  expect(await slow.waitWords('a')).toBe('3 minutes');
  await slow.failed('b');
  expect(await slow.waitWords('a')).toBe('15 minutes');
  jest.useRealTimers();
});

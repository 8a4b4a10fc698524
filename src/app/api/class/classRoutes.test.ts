import { benchContext } from '@/server/bench/benchContext';
import { passcodeOf, TEACHER_COOKIE } from '@/server/lanGateway/passcode';
import { POST as join } from './join/route';
import { POST as write } from './log/route';
import { POST as comeIn } from '../passcode/route';

const jar = new Map<string, { value: string; options: object }>();
jest.mock('next/headers', () => ({
  cookies: () =>
    Promise.resolve({
      get: (name: string) => jar.get(name),
      has: (name: string) => jar.has(name),
      set: (name: string, value: string, options: object) => jar.set(name, { value, options }),
    }),
}));

beforeAll(() => {
  process.env['GROZER_DB'] = ':memory:';
});

const asked = (body: object, address: string): Request =>
  new Request('http://127.0.0.1/', {
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'x-forwarded-for': address },
  });

test('wrong codes are refused, and from the eleventh on even looked at no more', async () => {
  const tries: number[] = [];
  for (let index = 0; index < 11; index += 1) {
    tries.push((await join(asked({ code: 'AAAAAA', group: null }, '10.0.0.7'))).status);
  }
  expect(tries).toEqual([...Array.from({ length: 10 }, () => 404), 429]);
  const refusal = await join(asked({ code: 'AAAAAA', group: null }, '10.0.0.7'));
  expect(await refusal.json()).toMatchObject({ message: 'Too many wrong codes: wait a minute.' });
  expect(jar.size).toBe(0);
});

test('a wrong passcode sets no cookie, the right one a sealed one that scripts cannot read', async () => {
  expect((await comeIn(asked({ passcode: '12' }, '10.0.0.8'))).status).toBe(422);
  const right = passcodeOf(benchContext());
  const wrong = right === '000000' ? '000001' : '000000';
  expect((await comeIn(asked({ passcode: wrong }, '10.0.0.8'))).status).toBe(403);
  expect(jar.has(TEACHER_COOKIE)).toBe(false);
  expect((await comeIn(asked({ passcode: right }, '10.0.0.8'))).status).toBe(200);
  expect(jar.get(TEACHER_COOKIE)).toMatchObject({
    options: { httpOnly: true, sameSite: 'lax', path: '/', maxAge: 8 * 60 * 60 },
  });
  expect(jar.get(TEACHER_COOKIE)?.value).not.toContain(right);
});

test('after ten wrong passcodes the right one is not looked at for a minute', async () => {
  const right = passcodeOf(benchContext());
  const wrong = right === '000000' ? '000001' : '000000';
  for (let index = 0; index < 10; index += 1) {
    expect((await comeIn(asked({ passcode: wrong }, '10.0.0.10'))).status).toBe(403);
  }
  expect((await comeIn(asked({ passcode: right }, '10.0.0.10'))).status).toBe(429);
});

test('without a seat nothing is written', async () => {
  const answer = await write(asked({ class: 1, line: {} }, '10.0.0.9'));
  expect(answer.status).toBe(401);
});

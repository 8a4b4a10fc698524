import { existsSync, mkdtempSync, rmSync, statSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keepReserve, withReserve } from './reserve';

const folder = mkdtempSync(join(tmpdir(), 'grozer-reserve-'));
const file = join(folder, 'grozer.db');
const reserve = `${file}-reserve`;
afterAll(() => rmSync(folder, { recursive: true }));

const full = (): never => {
  throw Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
};

test('with a full disk the room that was kept is given up for what ends a class or deletes, and kept anew', () => {
  keepReserve(file);
  const tries: boolean[] = [];
  const done = withReserve(file, (isTight) => {
    tries.push(isTight);
    return existsSync(reserve) ? full() : 'ended';
  });
  expect(done).toBe('ended');
  expect(tries).toEqual([false, true]);
  expect(existsSync(reserve)).toBe(true);
});

test('room is kept where none is, of the size that was asked for, and a smaller one is made whole', () => {
  const own = join(folder, 'fresh.db');
  keepReserve(own);
  const { size } = statSync(`${own}-reserve`);
  expect(size).toBe(6_000_000);
  truncateSync(`${own}-reserve`, 10);
  keepReserve(own);
  expect(statSync(`${own}-reserve`).size).toBe(size);
});

test('what fails for another reason, or still has no room, says so', () => {
  keepReserve(file);
  const other = new Error('another');
  expect(() => withReserve(file, () => raise(other))).toThrow(other);
  expect(existsSync(reserve)).toBe(true);
  expect(() => withReserve(file, full)).toThrow('no space left');
});

function raise(error: Error): never {
  throw error;
}

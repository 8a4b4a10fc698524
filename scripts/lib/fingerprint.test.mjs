import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fingerprint } from './fingerprint.mjs';

const folder = mkdtempSync(join(tmpdir(), 'grozer-print-'));
afterAll(() => rmSync(folder, { recursive: true }));

test('changes with contents and names, and with nothing else', () => {
  mkdirSync(join(folder, 'src'));
  writeFileSync(join(folder, 'src', 'a.ts'), 'one');
  const first = fingerprint(folder, ['src', 'missing']);
  expect(fingerprint(folder, ['src', 'missing'])).toBe(first);
  writeFileSync(join(folder, 'src', 'a.ts'), 'two');
  const second = fingerprint(folder, ['src']);
  expect(second).not.toBe(first);
  writeFileSync(join(folder, 'src', 'b.ts'), '');
  expect(fingerprint(folder, ['src'])).not.toBe(second);
  writeFileSync(join(folder, 'beside.txt'), 'x');
  writeFileSync(join(folder, 'src', 'a.ts'), 'one');
  rmSync(join(folder, 'src', 'b.ts'));
  expect(fingerprint(folder, ['src'])).toBe(first);
});

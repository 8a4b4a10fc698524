import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir, uptime } from 'node:os';
import { join } from 'node:path';

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'locks-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A command that notes when it begins and ends what must be done alone. */
const started = () =>
  new Promise((resolve, reject) => {
    const script = `
      import { appendFileSync } from 'node:fs';
      import { alone } from '${join(__dirname, 'lock.mjs')}';
      const note = (word) => appendFileSync('${folder}/notes', word + ' ');
      await alone('${folder}', 'packages', async () => {
        note('begins');
        await new Promise((done) => setTimeout(done, 50));
        note('ends');
      });`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', script]);
    child.on('error', reject).on('close', (code) => resolve(code));
  });

test('commands started at once do it one after the other', async () => {
  expect(await Promise.all([started(), started(), started()])).toEqual([0, 0, 0]);
  expect(readFileSync(join(folder, 'notes'), 'utf8')).toBe('begins ends begins ends begins ends ');
  expect(existsSync(join(folder, 'packages.lock'))).toBe(false);
});

test('what a killed command left holds nobody up', async () => {
  // No process has this number: the largest that Linux gives is below it.
  writeFileSync(join(folder, 'packages.lock'), `${2 ** 22 + 1}`);
  expect(await started()).toBe(0);
});

test('nor does what was left before the machine was started anew, whoever has that number now', async () => {
  const file = join(folder, 'packages.lock');
  writeFileSync(file, `${process.pid}`);
  const before = Date.now() / 1000 - uptime() - 60;
  utimesSync(file, before, before);
  expect(await started()).toBe(0);
});

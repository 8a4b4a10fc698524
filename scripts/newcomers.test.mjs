import { execFileSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
/** The last is written by the build. */
const COPIED = ['src', 'tsconfig.json', 'package.json', 'next.config.ts', 'next-env.d.ts'].filter(
  (path) => existsSync(join(ROOT, path)),
);
const [, section] = readFileSync(join(ROOT, 'docs/newcomers.md'), 'utf8').split(
  /^## (?=Three things)|^## Where/m,
);

/** The edits of the document: which file, what stands there, what then stands there. */
const edits = [...section.matchAll(/^```diff\n--- (.*)\n([\s\S]*?)^```/gm)].map(
  ([, file, lines]) => {
    const side = (other) =>
      lines
        .trimEnd()
        .split('\n')
        .filter((line) => !line.startsWith(other))
        .map((line) => line.slice(1))
        .join('\n');
    return { file, before: side('+'), after: side('-') };
  },
);
/** Places that the document says are named. */
const listed = [...section.replace(/^```[\s\S]*?^```/gm, '').matchAll(/`(src\/[^`]+\.tsx?)`/g)].map(
  ([, file]) => file,
);

/** The type checker reads only those tests that it must name. */
const isProduct = (path) => !path.includes('.test.') || listed.some((file) => path.endsWith(file));

test('what a newcomer adds first makes the type checker name every place that must follow', () => {
  const copy = mkdtempSync(join(tmpdir(), 'newcomer-'));
  try {
    for (const path of COPIED) {
      cpSync(join(ROOT, path), join(copy, path), { recursive: true, filter: isProduct });
    }
    symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'));
    for (const { file, before, after } of edits) {
      const text = readFileSync(join(copy, file), 'utf8');
      expect(text.split(before)).toHaveLength(2);
      writeFileSync(join(copy, file), text.replace(before, after));
    }
    const found = errorsIn(copy).map((line) => line.replace(/\(.*/, ''));
    expect([...new Set(found)].sort()).toEqual([...new Set(listed)].sort());
    expect(edits).toHaveLength(7);
  } finally {
    rmSync(copy, { recursive: true });
  }
}, 120_000);

function errorsIn(folder) {
  const compiler = join(ROOT, 'node_modules/typescript-native/bin/tsc');
  try {
    execFileSync(process.execPath, [compiler, '--noEmit', '--checkers', '1'], {
      cwd: folder,
      encoding: 'utf8',
    });
    return [];
  } catch ({ stdout }) {
    return stdout.split('\n').filter((line) => line.includes('error TS'));
  }
}

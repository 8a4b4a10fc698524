import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const ROOT = join(__dirname, '..');
const SOURCES = ['src', 'scripts', 'benchmarks', 'e2e', 'drizzle'];
const SKIPPED = new Set([
  'node_modules',
  'data',
  '.next',
  '.git',
  'test-results',
  'playwright-report',
]);

/** Files below a folder, as paths from the root. */
function filesBelow(folder) {
  return readdirSync(join(ROOT, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (SKIPPED.has(path)) return [];
    return entry.isDirectory() ? filesBelow(path) : [path];
  });
}

const textOf = (path) => readFileSync(join(ROOT, path), 'utf8');
const documents = filesBelow('.').filter((path) => path.endsWith('.md'));
const sources = SOURCES.flatMap(filesBelow);
/** Every word of the code, names of files without their endings among them. */
const words = new Set([
  ...sources
    .filter((path) => /\.(ts|tsx|mjs|cjs|css|json)$/.test(path))
    .flatMap((path) => textOf(path).match(/[A-Za-z_][A-Za-z0-9_]*/g) ?? []),
  ...sources.flatMap((path) => path.split('/').at(-1).split('.')[0]),
  ...(textOf('package.json').match(/[A-Za-z_][A-Za-z0-9_]*/g) ?? []),
]);
const { scripts } = JSON.parse(textOf('package.json'));

/** What stands between backticks, code blocks left out: those are checked by whoever runs them. */
const spansOf = (text) =>
  [...text.replace(/^```[\s\S]*?^```/gm, '').matchAll(/`([^`\n]+)`/g)].map(([, span]) => span);

const ENDINGS = ['', '.ts', '.tsx', '.mjs', '.cjs'];
const PLACES = ['.', 'src', 'src/core', 'src/core/physics', 'src/core/records', 'src/core/work'];

function isThere(path, document) {
  return [dirname(document), ...PLACES].some((place) =>
    ENDINGS.some((ending) => existsSync(join(ROOT, place, path + ending))),
  );
}

/** Why a span is wrong; nothing where it is right or is no name of ours. */
function problemOf(span, document) {
  const run = /^npm run ([\w:]+)/.exec(span);
  if (run !== null) return scripts[run[1]] === undefined ? 'no such npm script' : null;
  // Databases are made when the app runs.
  if (span.startsWith('data/')) return null;
  if (/^[\w.@[\]()-]+(\/[\w.@[\]()-]+)+\/?$/.test(span)) {
    return isThere(span, document) ? null : 'no such file or folder';
  }
  // A name with a capital inside, an underscore or an ending is one of the code; plain words are not judged.
  const name = /^([A-Za-z_][A-Za-z0-9_]*)(\(\))?$/.exec(span)?.[1];
  if (name === undefined || !/[a-z][A-Z]|_|^[A-Z][a-z]+[A-Z]/.test(name)) return null;
  return words.has(name) ? null : 'no such name in the code';
}

test.each(documents)('%s names only what is there', (document) => {
  const text = textOf(document);
  const wrong = spansOf(text).flatMap((span) => {
    const problem = problemOf(span, document);
    return problem === null ? [] : [`${span}: ${problem}`];
  });
  const links = [...text.matchAll(/\]\((?!https?:|#|mailto:)([^)#\s]+)[^)]*\)/g)]
    .map(([, link]) => link)
    .filter((link) => !existsSync(join(ROOT, dirname(document), link)))
    .map((link) => `${link}: no such file`);
  expect([...wrong, ...links]).toEqual([]);
});

/** Folders of the core that hold code, from the root. */
function coreFolders(folder = 'src/core') {
  const inside = readdirSync(join(ROOT, folder), { withFileTypes: true }).filter(
    (entry) => entry.isDirectory() && !entry.name.startsWith('__'),
  );
  return [folder, ...inside.flatMap(({ name }) => coreFolders(join(folder, name)))];
}

test('each folder of the core says what it is for', () => {
  const silent = coreFolders().filter((folder) => !existsSync(join(ROOT, folder, 'README.md')));
  expect(silent).toEqual([]);
});

test('a name, a file or a script that is not there is found', () => {
  expect(problemOf(['no', 'Name'].join('Such'), 'README.md')).toBe('no such name in the code');
  expect(problemOf('core/nowhere/atAll', 'README.md')).toBe('no such file or folder');
  expect(problemOf('npm run nothing', 'README.md')).toBe('no such npm script');
  expect(problemOf('evaluatePlan', 'README.md')).toBeNull();
  expect(problemOf('work/judging/evaluatePlan', 'README.md')).toBeNull();
});

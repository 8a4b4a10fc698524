import { readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';

/**
 * The page of checks: what the tests hold Grozer to that comes from outside it. Beside a test stands where its figures come
 * from, in a documentation comment of its own with the tags `@check` (what is checked), `@origin` (one of the kinds below,
 * a colon, and the source) and `@tolerance`. It stands for the test that follows, or with `@covers rest` for all that
 * follow in its file. Titles that name their origin in brackets are listed by themselves.
 */

/** Kinds of origin, in the order of the page. */
export const KINDS = {
  published: 'Published standards, tables and worked examples',
  library: 'General-purpose libraries and simulators',
  'closed form': 'Closed forms: what can be worked out by hand',
  'common practice': 'Facts of the trade: common practice, no source',
  memory: 'Published values given from memory',
};

/** How the origin in a title's brackets is told. */
const IN_TITLES = [
  ['memory', /\(([^()]*\bfrom memory)\)/],
  ['common practice', /\(((?:common practice|facts of the trade), no source)\)/],
  ['closed form', /\((closed form)\)/],
  ['published', /\(((?:table of|textbook|zF\/M|CODATA|published)[^()]*)\)/],
];

/**
 * What is said about checks in the text of a test file.
 * @returns {{ line: number, check: string, kind: string, origin: string, tolerance: string, rest: boolean }[]}
 *   `line`: the first line after the comment.
 */
export function checksIn(text, file = 'this file') {
  return [...text.matchAll(/\/\*\*(?:(?!\*\/)[\s\S])*?@check(?:(?!\*\/)[\s\S])*\*\//g)].map(
    (found) => {
      const [comment] = found;
      const line = text.slice(0, found.index + comment.length).split('\n').length + 1;
      const words = comment
        .slice(3, -2)
        .split('\n')
        .map((one) => one.replace(/^\s*\*? ?/, '').trim())
        .join(' ');
      const tag = (name) =>
        new RegExp(`@${name} (.*?)(?= @|$)`).exec(words.trim())?.[1]?.trim() ?? '';
      const [, kind = '', origin = ''] = /^([^:]+): (.+)$/.exec(tag('origin')) ?? [];
      const told = { line, check: tag('check'), kind, origin, tolerance: tag('tolerance') };
      const missing = Object.entries(told).filter(([, value]) => value === '');
      if (missing.length > 0 || !(kind in KINDS)) {
        throw new Error(
          `${file}:${line}: a check needs @check, @tolerance and @origin of one of these kinds: ${Object.keys(KINDS).join(', ')}.`,
        );
      }
      return { ...told, rest: tag('covers') === 'rest' };
    },
  );
}

/** The origin that a title names in brackets, and the title without it; `null`: it names none. */
export function originInTitle(title) {
  for (const [kind, pattern] of IN_TITLES) {
    const found = pattern.exec(title);
    if (found === null) continue;
    const check = title.replace(found[0], '').replace(/\s+([:,]|$)/g, '$1');
    return { kind, origin: found[1], check: check.trim() };
  }
  return null;
}

/**
 * Rows of the page.
 * @param {{ name: string, assertionResults: { title: string, status: string, location: { line: number } | null }[] }[]} results
 *   Jest's results, with locations.
 * @param {(file: string) => string} textOf
 */
export function rowsOf(results, textOf) {
  const rows = [];
  for (const { name, assertionResults } of results) {
    const checks = checksIn(textOf(name), name);
    const taken = new Set();
    const tests = assertionResults.map((one) => ({ ...one, line: one.location?.line ?? 0 }));
    for (const check of checks) {
      const next = Math.min(
        ...tests.filter(({ line }) => line >= check.line).map(({ line }) => line),
      );
      const own = tests.filter(({ line }) => (check.rest ? line >= check.line : line === next));
      if (own.length === 0) throw new Error(`${name}:${check.line}: no test follows this check.`);
      for (const one of own) taken.add(one);
      rows.push({ ...check, file: name, tests: own.length, failed: failedOf(own) });
    }
    const titled = new Map();
    for (const one of tests) {
      const told = taken.has(one) ? null : originInTitle(one.title);
      if (told === null) continue;
      const before = titled.get(one.line);
      titled.set(one.line, {
        ...told,
        tolerance: 'as its words say',
        file: name,
        tests: (before?.tests ?? 0) + 1,
        failed: (before?.failed ?? 0) + failedOf([one]),
        check: before?.check ?? told.check,
      });
    }
    rows.push(...titled.values());
  }
  return rows;
}

function failedOf(tests) {
  return tests.filter(({ status }) => status !== 'passed').length;
}

/** The page as Markdown. */
export function pageOf(rows) {
  const lines = [
    '# What Grozer is checked against',
    '',
    'Written by `npm test` from the comments beside the tests and from their results: do not edit it by hand.',
    'How each figure is held to its origin stands in the test itself.',
  ];
  for (const [kind, title] of Object.entries(KINDS)) {
    const own = rows
      .filter((row) => row.kind === kind)
      .sort((a, b) => a.file.localeCompare(b.file) || a.check.localeCompare(b.check));
    if (own.length === 0) continue;
    lines.push(
      '',
      `## ${title}`,
      '',
      '| what | origin | tolerance | tests | result |',
      '| --- | --- | --- | --- | --- |',
    );
    for (const { check, origin, tolerance, tests, failed, file } of own) {
      const cells = [
        check,
        origin,
        tolerance,
        `[${tests}](../${encodeURI(file).replaceAll('(', '%28').replaceAll(')', '%29')})`,
        failed === 0 ? 'holds' : `**${failed} of ${tests} failed**`,
      ];
      lines.push(`| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`);
    }
  }
  return `${lines.join('\n')}\n`;
}

/** Writes the page from the results of a run of the unit tests. */
export function writeChecks(root, resultsFile, page) {
  const { testResults } = JSON.parse(readFileSync(join(root, resultsFile), 'utf8'));
  const results = testResults.map((one) => ({ ...one, name: relative(root, one.name) }));
  const rows = rowsOf(results, (file) => readFileSync(join(root, file), 'utf8'));
  writeFileSync(join(root, page), pageOf(rows));
  return rows.length;
}

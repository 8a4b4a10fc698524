import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Words of the table that no text says. */
const avoided = readFileSync('docs/our-words.md', 'utf8')
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| we say') && !line.includes('---'))
  .flatMap((line) => (line.split('|')[3] ?? '').split(','))
  .map((word) => word.trim())
  .filter((word) => word !== '');

/** Folders whose texts people read. */
const READ = ['src/features', 'src/ui', 'src/app', 'src/core/work', 'src/core/physics/recipes'];
/** Words by which people look for parts. */
const ALIASES = /core\/work\/parts\//;

const files = READ.flatMap((folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => join(folder, name)),
).filter((name) => /\.tsx?$/.test(name) && !/\.test\./.test(name) && !ALIASES.test(name));

/** Quoted texts and the words between tags, without comments. */
function textsOf(source: string): string[] {
  const code = source.replace(/\/\*[^]*?\*\/|^\s*\/\/.*$|\$\{[^{}]*\}/gm, '');
  const quoted = [...code.matchAll(/'[^'\n]* [^'\n]*'|"[^"\n]* [^"\n]*"|`[^`\n]* [^`\n]*`/g)];
  const between = [...code.matchAll(/>([^<>{}]*[a-z] [^<>{}]*)</g)];
  return [...quoted, ...between].map(([text]) => text);
}

test('texts say our words, and none of those beside them', () => {
  expect(avoided.length).toBeGreaterThan(30);
  const pattern = new RegExp(`\\b(${avoided.join('|')})s?\\b`, 'i');
  let texts = 0;
  const found = files.flatMap((file) =>
    textsOf(readFileSync(file, 'utf8')).flatMap((text) => {
      texts += 1;
      const [word] = pattern.exec(text) ?? [];
      return word === undefined ? [] : [`${file}: “${word}” in ${text.slice(0, 80)}`];
    }),
  );
  expect(texts).toBeGreaterThan(1500);
  expect(found).toEqual([]);
});

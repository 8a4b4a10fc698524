import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { fingerprint } from './fingerprint.mjs';
import { ROOT } from './run.mjs';

const CACHE = join(ROOT, 'node_modules', '.cache', 'grozer');
const SOURCES = [
  'src/core',
  'src/data',
  'src/cli',
  'src/server',
  'benchmarks',
  'package-lock.json',
  'tsconfig.json',
];

/**
 * Bundles a TypeScript entry into one module that this Node runs, unless that was done from the same sources.
 * @param {string} entry path below the project's folder
 * @returns {Promise<string>} path of the module
 */
export async function compiled(entry) {
  const output = join(CACHE, `${basename(entry, '.ts')}.mjs`);
  const stamp = `${output}.stamp`;
  const wanted = fingerprint(ROOT, SOURCES);
  if (existsSync(output) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) {
    return output;
  }
  const { build } = await import('esbuild');
  mkdirSync(CACHE, { recursive: true });
  await build({
    absWorkingDir: ROOT,
    entryPoints: [entry],
    outfile: output,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    external: ['better-sqlite3'],
    logLevel: 'error',
    // Bundled CommonJS packages still ask for Node's own modules by require.
    banner: {
      js: "import { createRequire as grozerRequire } from 'node:module'; const require = grozerRequire(import.meta.url);",
    },
  });
  writeFileSync(stamp, wanted);
  return output;
}

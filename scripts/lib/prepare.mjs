import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromiumPath, CHROMIUMS } from './chromium.mjs';
import { fingerprint } from './fingerprint.mjs';
import { alone } from './lock.mjs';
import { binary, ROOT, run, runOrExit } from './run.mjs';

const LEAST_NODE_MAJOR = 20;
const NGSPICE = '/usr/bin/ngspice';
/** The one package that is compiled on this machine; the others come as they are. */
const COMPILED = 'better-sqlite3';
/** What the database would be compiled with and nothing here asks of it: a third of its compiling. */
const NOT_ASKED_FOR = ['FTS3', 'FTS3_PARENTHESIS', 'FTS4', 'FTS5', 'GEOPOLY', 'RTREE', 'STAT4'];
/** Where commands that were started at once wait for each other. */
const LOCKS = join(ROOT, '.setup');
/** Everything that a build depends on. */
const BUILD_INPUTS = ['src', 'public', 'package-lock.json', 'next.config.ts', 'tsconfig.json'];

export function checkNode() {
  const major = Number(process.versions.node.split('.')[0]);
  if (major >= LEAST_NODE_MAJOR) return;
  console.error(
    `Grozer needs Node ${LEAST_NODE_MAJOR} or newer; this is ${process.versions.node}.`,
  );
  process.exit(1);
}

/** Installs the packages unless exactly those of the lockfile are there. They still lack what is compiled. */
export async function ensurePackages() {
  const stamp = join(ROOT, 'node_modules', '.grozer-installed');
  const wanted = fingerprint(ROOT, ['package-lock.json']);
  const areThere = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  if (areThere()) return;
  await alone(LOCKS, 'packages', async () => {
    if (areThere()) return;
    console.log('Installing the dependencies (a few minutes the first time) …');
    const quietly = ['--no-audit', '--no-fund', '--ignore-scripts'];
    await runOrExit('Installing the dependencies', 'npm', ['ci', ...quietly]);
    writeFileSync(stamp, wanted);
  });
}

/**
 * Compiles the database for this machine unless that is done. It needs one core: the other one is free meanwhile. Without
 * optimising it is there in a third of the time, and a query takes a fifth longer: microseconds.
 */
export async function ensureCompiled() {
  const binary = join(ROOT, 'node_modules', COMPILED, 'build/Release/better_sqlite3.node');
  if (existsSync(binary)) return;
  await alone(LOCKS, 'database', async () => {
    if (existsSync(binary)) return;
    console.log('Compiling the database for this machine (a few minutes the first time) …');
    const without = NOT_ASKED_FOR.map((name) => `-USQLITE_ENABLE_${name}`);
    const env = { CFLAGS: ['-O0', ...without].join(' '), CXXFLAGS: '-O1' };
    await runOrExit('Compiling the database', 'npm', ['rebuild', COMPILED], { env });
  });
}

/** Installs the dependencies unless exactly those of the lockfile are there. */
export async function ensureDependencies() {
  await ensurePackages();
  await ensureCompiled();
}

/** Builds the app unless the last build was made from the same sources; resolves with whether it is there. */
export async function buildApp({ held = false } = {}) {
  const stamp = join(ROOT, '.next', '.grozer-built');
  const wanted = fingerprint(ROOT, BUILD_INPUTS);
  const isThere = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  if (isThere()) return true;
  return alone(LOCKS, 'build', async () => {
    if (isThere()) return true;
    if (!held) console.log('Building the app …');
    const [node, next] = binary('next/dist/bin/next');
    if ((await run(node, [next, 'build'], { held })) !== 0) return false;
    mkdirSync(join(ROOT, '.next'), { recursive: true });
    writeFileSync(stamp, wanted);
    return true;
  });
}

/** Installs what is missing and builds the app: all that serving it needs. */
export async function ensureApp() {
  await ensurePackages();
  // The build does not open the database, so it need not wait for it.
  const [built] = await Promise.all([buildApp(), ensureCompiled()]);
  if (built) return;
  console.error('\nThe app could not be built.');
  process.exit(1);
}

/** Whether this process may install Debian packages. */
function mayInstall() {
  return process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
}

async function installPackage(name) {
  console.log(`Installing ${name} …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  const wait = ['-q', '-o', 'DPkg::Lock::Timeout=120'];
  await run('apt-get', [...wait, 'update'], { env });
  const install = [...wait, '-y', 'install', '--no-install-recommends', name];
  return (await run('apt-get', install, { env })) === 0;
}

/** Makes sure that the browser of the browser tests is there; installs it where this process may. */
export async function ensureChromium() {
  if (existsSync(chromiumPath())) return;
  for (const name of CHROMIUMS) {
    if (mayInstall() && (await installPackage(name))) return;
  }
  console.error(
    'The browser tests need Chromium in /usr/bin. Install it (on Debian: sudo apt-get install chromium-headless-shell) and run npm test again.',
  );
  process.exit(1);
}

/** Installs the circuit simulator that the core is compared with, where this process may. */
export async function ensureNgspice() {
  if (existsSync(NGSPICE) || (mayInstall() && (await installPackage('ngspice')))) return;
  console.error(
    `The unit tests compare with ngspice at ${NGSPICE}. Install it (on Debian: sudo apt-get install ngspice) and run npm test again.`,
  );
  process.exit(1);
}

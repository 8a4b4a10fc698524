import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromiumPath, CHROMIUMS } from './chromium.mjs';
import { fingerprint } from './fingerprint.mjs';
import { binary, ROOT, run, runOrExit } from './run.mjs';

const LEAST_NODE_MAJOR = 20;
const NGSPICE = '/usr/bin/ngspice';
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

/** Installs the dependencies unless exactly those of the lockfile are there. */
export async function ensureDependencies() {
  const stamp = join(ROOT, 'node_modules', '.grozer-installed');
  const wanted = fingerprint(ROOT, ['package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing the dependencies (a few minutes the first time) …');
  await runOrExit('Installing the dependencies', 'npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Builds the app unless the last build was made from the same sources. */
export async function ensureBuild() {
  const stamp = join(ROOT, '.next', '.grozer-built');
  const wanted = fingerprint(ROOT, BUILD_INPUTS);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Building the app …');
  const [node, next] = binary('next/dist/bin/next');
  await runOrExit('The build', node, [next, 'build']);
  mkdirSync(join(ROOT, '.next'), { recursive: true });
  writeFileSync(stamp, wanted);
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
  return (await run('apt-get', install, { env })).code === 0;
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

import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Commands that still run: they end with this process. */
const running = new Set();
process.on('exit', () => running.forEach((child) => child.kill()));

/**
 * Runs a command in the project's folder and resolves with its exit code.
 * @param {string} command
 * @param {string[]} parameters
 * @param {{ env?: Record<string, string>, held?: boolean }} [options] `held` prints what the command says in one piece
 *   at its end, so that it does not mix with what others say.
 * @returns {Promise<number>}
 */
export function run(command, parameters, { env = {}, held = false } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, parameters, {
      cwd: ROOT,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      stdio: ['ignore', held ? 'pipe' : 'inherit', held ? 'pipe' : 'inherit'],
    });
    running.add(child);
    let said = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream?.setEncoding('utf8').on('data', (text) => (said += text));
    }
    child.on('error', reject);
    child.on('close', (code) => {
      running.delete(child);
      process.stdout.write(said);
      resolve(code ?? 1);
    });
  });
}

/** The same, but a failure ends this process with a message. */
export async function runOrExit(what, command, parameters, options) {
  const code = await run(command, parameters, options);
  if (code !== 0) {
    console.error(`\n${what} failed (exit code ${code}).`);
    process.exit(code);
  }
}

/** Runs the command line of an installed package with this Node. */
export function binary(path) {
  return [process.execPath, `${ROOT}node_modules/${path}`];
}

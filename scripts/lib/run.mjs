import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/**
 * Runs a command in the project's folder and resolves with its exit code and, where asked, its output.
 * @param {string} command
 * @param {string[]} parameters
 * @param {{ env?: Record<string, string>, capture?: boolean }} [options]
 * @returns {Promise<{ code: number, output: string }>}
 */
export function run(command, parameters, { env = {}, capture = false } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, parameters, {
      cwd: ROOT,
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
      stdio: ['ignore', capture ? 'pipe' : 'inherit', 'inherit'],
    });
    let output = '';
    child.stdout?.on('data', (chunk) => {
      output += chunk;
      process.stdout.write(chunk);
    });
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** The same, but a failure ends this process with a message. */
export async function runOrExit(what, command, parameters, options) {
  const { code } = await run(command, parameters, options);
  if (code !== 0) {
    console.error(`\n${what} failed (exit code ${code}).`);
    process.exit(code);
  }
}

/** Runs the command line of an installed package with this Node. */
export function binary(path) {
  return [process.execPath, `${ROOT}node_modules/${path}`];
}

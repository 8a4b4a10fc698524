import { spawn } from 'node:child_process';
import { ROOT } from './run.mjs';
import { compiled } from './typescript.mjs';

/** Starts the bench meter’s stand-in as a process of its own that ends with this one. */
export async function startMeter(parameters = []) {
  const child = spawn(process.execPath, [await compiled('src/cli/meter.ts'), ...parameters], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  process.on('exit', () => child.kill());
  return child;
}

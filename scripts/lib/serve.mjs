import { spawn } from 'node:child_process';
import { binary, ROOT } from './run.mjs';

/** Serves the built app until this process is stopped. */
export function serve(port, env) {
  const [node, next] = binary('next/dist/bin/next');
  const child = spawn(node, [next, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), NEXT_TELEMETRY_DISABLED: '1', ...env },
    stdio: 'inherit',
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('close', (code) => process.exit(code ?? 0));
}

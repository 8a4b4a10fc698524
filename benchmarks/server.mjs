import { spawn } from 'node:child_process';
import { rmSync } from 'node:fs';
import { binary, ROOT } from '../scripts/lib/run.mjs';

/** Removes a database of the bench. */
export function freshDatabase(file) {
  for (const end of ['', '-wal', '-shm']) rmSync(`${ROOT}${file}${end}`, { force: true });
}

/** The built app on a port and a database of its own, once it answers. */
export async function startServer(port, file) {
  const [node, next] = binary('next/dist/bin/next');
  const server = spawn(node, [next, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), GROZER_DB: file, GROZER_GATEWAY_HOST: '127.0.0.1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (let tries = 0; tries < 200; tries += 1) {
    try {
      await fetch(`http://127.0.0.1:${port}/join`);
      return server;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
  server.kill('SIGKILL');
  throw new Error('the server of the bench did not start');
}

export function send(url, method, body, headers = {}) {
  return fetch(url, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
}

export async function ask(url, method = 'GET', body = undefined) {
  const response = await send(url, method, body);
  if (!response.ok) throw new Error(`${url}: ${response.status} ${await response.text()}`);
  return response.json();
}

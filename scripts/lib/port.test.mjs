import { spawnSync } from 'node:child_process';
import { createServer } from 'node:net';

const askFor = (port) =>
  spawnSync(
    process.execPath,
    [
      '--input-type=module',
      '-e',
      "import { usablePort } from './scripts/lib/port.mjs'; console.log(await usablePort());",
    ],
    {
      encoding: 'utf8',
      env: { ...process.env, PORT: String(port) },
    },
  );

test('a port in use is named, with a way out', async () => {
  const taken = createServer();
  const port = await new Promise((resolve) => {
    taken.listen(0, '127.0.0.1', () => resolve(taken.address().port));
  });
  const inUse = askFor(port);
  await new Promise((resolve) => taken.close(resolve));
  expect(inUse.status).toBe(1);
  expect(inUse.stderr).toContain(`Port ${port} is in use`);
  const free = askFor(port);
  expect(free.status).toBe(0);
  expect(free.stdout.trim()).toBe(String(port));
});

test.each(['many', '0', '70000', '80.5'])('PORT=%s is refused', (port) => {
  const refused = askFor(port);
  expect(refused.status).toBe(2);
  expect(refused.stderr).toContain('PORT must be a whole number');
});

import { createServer } from 'node:net';

const HOST = '127.0.0.1';
const DEFAULT_PORT = 3000;
const LARGEST_PORT = 65535;

/** Port from `PORT`, or 3000. Ends this process with a message where it cannot be used. */
export async function usablePort() {
  const text = process.env.PORT ?? String(DEFAULT_PORT);
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > LARGEST_PORT) {
    console.error(`PORT must be a whole number from 1 to ${LARGEST_PORT}; it is “${text}”.`);
    process.exit(2);
  }
  const error = await tryPort(port);
  if (error === null) return port;
  const reason =
    error.code === 'EADDRINUSE'
      ? `Port ${port} is in use by another program.`
      : `Port ${port} cannot be opened (${error.code}).`;
  console.error(`${reason} Stop that program, or choose another port: PORT=3001 npm run demo`);
  process.exit(1);
}

function tryPort(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', resolve);
    server.listen(port, HOST, () => server.close(() => resolve(null)));
  });
}

import {
  createServer,
  request,
  type IncomingMessage,
  type Server,
  type ServerResponse,
} from 'node:http';
import { networkInterfaces } from 'node:os';
import { answerLog, isForLog, type DirectLog } from './directLog';

/** What the gateway lets in without a passcode: joining, a group’s own page, and the files that pages are made of. */
const FOR_GROUPS = [
  /^\/join(\/|\?|$)/,
  /^\/group(\/|\?|$)/,
  // The drill is worked out on the device that shows it and stores nothing here.
  /^\/drill(\?|$)/,
  /^\/api\/class\//,
  /^\/passcode(\/|\?|$)/,
  /^\/api\/passcode(\?|$)/,
  /^\/_next\/static\//,
  /^\/icon\.svg(\?|$)/,
  /^\/favicon\.ico(\?|$)/,
];

interface GatewayOptions {
  /** Port of the app on this machine. */
  readonly appPort: number;
  readonly host: string;
  readonly port: number;
  /** Whether a request carries a teacher’s passcode. */
  readonly isTeacher: (cookies: string) => Promise<boolean>;
  readonly direct: DirectLog;
}

/**
 * The gateway to the local network: a listener of its own that passes groups to their pages and a teacher with the
 * passcode to everything, while the app itself only ever listens on this machine.
 */
export function createLanGateway({
  appPort,
  host,
  port,
  isTeacher,
  direct,
}: GatewayOptions): Promise<Server> {
  const server = createServer((incoming, outgoing) => {
    if (isForLog(direct, incoming)) {
      answerLog(direct, incoming, outgoing).catch(() => outgoing.destroy());
      return;
    }
    void admit(incoming, isTeacher).then((admitted) => {
      if (admitted) forward(incoming, outgoing, appPort);
      else reject(incoming, outgoing);
    });
  });
  return new Promise((resolve, fail) => {
    server.once('error', fail);
    server.listen(port, host, () => {
      server.off('error', fail);
      resolve(server);
    });
  });
}

async function admit(
  { url = '/', headers }: IncomingMessage,
  isTeacher: GatewayOptions['isTeacher'],
): Promise<boolean> {
  // A path that is not in its plain form is not compared, so it is not let in.
  if (url.includes('..') || url.includes('//') || /%2e|%2f|%5c|\\/i.test(url)) return false;
  return FOR_GROUPS.some((one) => one.test(url)) || (await isTeacher(headers.cookie ?? ''));
}

function reject({ url = '/', headers }: IncomingMessage, outgoing: ServerResponse): void {
  if (url === '/') outgoing.writeHead(307, { location: '/join' }).end();
  else if (headers.accept?.includes('text/html')) {
    outgoing.writeHead(307, { location: '/passcode' }).end();
  } else {
    outgoing
      .writeHead(401, { 'content-type': 'application/json' })
      .end(JSON.stringify({ message: 'This needs the teacher’s passcode.', faults: [] }));
  }
}

function forward(incoming: IncomingMessage, outgoing: ServerResponse, appPort: number): void {
  const own = `127.0.0.1:${appPort}`;
  const { origin, host = '' } = incoming.headers;
  const upstream = request(
    {
      host: '127.0.0.1',
      port: appPort,
      method: incoming.method,
      path: incoming.url,
      headers: {
        ...incoming.headers,
        // The app answers under its own name only; a page of another site keeps its origin and is refused there.
        host: own,
        ...(origin === `http://${host}` ? { origin: `http://${own}` } : {}),
        'x-forwarded-for': incoming.socket.remoteAddress ?? '',
      },
    },
    (answer) => {
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
    },
  );
  upstream.on('error', () => {
    if (!outgoing.headersSent) outgoing.writeHead(502);
    outgoing.end();
  });
  outgoing.on('close', () => upstream.destroy());
  incoming.pipe(upstream);
}

/** Addresses of this machine in the local network (IPv4). */
export function localAddresses(): string[] {
  return Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).flatMap(({ family, internal, address }) =>
      family === 'IPv4' && !internal ? [address] : [],
    ),
  );
}

import {
  createServer,
  request,
  type IncomingMessage,
  type Server,
  type ServerResponse,
} from 'node:http';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { POLICY_OF_ANSWERS } from '../contentPolicy';
import { largestBody } from '../largestBody';
import { answerEvents, answerLog, isForEvents, isForLog, type DirectLog } from './directLog';
import { GATEWAY_HEADER } from './gatewayHeader';
import { isOwnOrigin } from './ownOrigin';
import { bytesOfAddresses, type TrafficLimit } from './trafficLimit';

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
  /** How much an address may send. */
  readonly bytes?: TrafficLimit;
}

/** On what is answered here; what the app answers has its own. */
const HEADERS_OF_ALL = {
  'content-security-policy': POLICY_OF_ANSWERS,
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
} as const;

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
  bytes = bytesOfAddresses,
}: GatewayOptions): Promise<Server> {
  const server = createServer(
    { connectionsCheckingInterval: CHECKING_MS },
    (incoming, outgoing) => {
      for (const [name, value] of Object.entries(HEADERS_OF_ALL)) outgoing.setHeader(name, value);
      const fault = faultIn(incoming);
      if (fault !== null) {
        refuse(outgoing, 400, fault);
        return;
      }
      boundBytes(incoming, bytes);
      if (incoming.method === 'TRACE') {
        refuse(outgoing, 405, 'Nothing is answered to this.');
        return;
      }
      if (isForLog(direct, incoming)) {
        answerLog(direct, incoming, outgoing).catch((error: unknown) => {
          console.error('A group’s line could not be logged:', error);
          // Unanswered: the phone keeps it and sends it again.
          outgoing.destroy();
        });
        return;
      }
      if (isForEvents(direct, incoming)) {
        answerEvents(direct, incoming, outgoing).catch((error: unknown) => {
          console.error('A group’s device could not listen:', error);
          outgoing.destroy();
        });
        return;
      }
      admit(incoming, isTeacher).then(
        (admitted) => {
          if (admitted) forward(incoming, outgoing, appPort);
          else reject(incoming, outgoing);
        },
        (error: unknown) => {
          console.error('A teacher’s seal could not be tried:', error);
          reject(incoming, outgoing);
        },
      );
    },
  );
  boundConnections(server);
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

function reject(incoming: IncomingMessage, outgoing: ServerResponse): void {
  // Read to be counted, and kept nowhere.
  incoming.resume();
  const { url = '/', headers } = incoming;
  if (url === '/') outgoing.writeHead(307, { location: '/join' }).end();
  else if (headers.accept?.includes('text/html')) {
    outgoing.writeHead(307, { location: '/passcode' }).end();
  } else {
    refuse(outgoing, 401, 'This needs the teacher’s passcode.');
  }
}

function refuse(outgoing: ServerResponse, status: number, message: string): void {
  outgoing
    .writeHead(status, { 'content-type': 'application/json' })
    .end(JSON.stringify({ message, faults: [] }));
}

/** Names of this machine in the network; any of its addresses will do as well. */
const OWN_NAMES = ['localhost', hostname().toLowerCase(), `${hostname().toLowerCase()}.local`];

/** What makes a request one that no page of ours sends; `null` where it may be looked at. */
function faultIn({ url = '/', headers }: IncomingMessage): string | null {
  try {
    decodeURIComponent(url);
  } catch {
    return 'This address cannot be read.';
  }
  // A name that somebody else can give to this machine would let other web sites in.
  const name = (headers.host ?? '').replace(/:\d+$/, '').toLowerCase();
  return isIP(name.replace(/^\[|\]$/g, '')) === 0 && !OWN_NAMES.includes(name)
    ? 'Open the class under the address that the board shows.'
    : null;
}

/** Connections of one device, and of all together: a class of sixty needs a few each. */
const MOST_OF_ADDRESS = 600;
const MOST_CONNECTIONS = 4000;

/** Time in which headers, and a whole request, must have come, milliseconds: a photo over a slow network takes a while. */
const HEADERS_MS = 10_000;
/** How often connections are looked at for that. */
const CHECKING_MS = 1000;
const REQUEST_MS = 120_000;

/** Whoever sends far more than a class does is cut off; what is not passed on is never read. */
function boundBytes(incoming: IncomingMessage, bytes: TrafficLimit): void {
  const address = incoming.socket.remoteAddress ?? '';
  // Counting must not set the body flowing before whoever wants it listens.
  incoming.pause();
  incoming.on('data', (chunk: Buffer) => {
    void bytes.take(address, chunk.length).then((within) => {
      if (!within) incoming.socket.destroy();
    });
  });
}

/** Nobody takes all connections, and nothing is spoken here but HTTP. */
function boundConnections(server: Server): void {
  server.maxConnections = MOST_CONNECTIONS;
  server.headersTimeout = HEADERS_MS;
  server.requestTimeout = REQUEST_MS;
  const open = new Map<string, number>();
  server.on('connection', (socket) => {
    const address = socket.remoteAddress ?? '';
    const count = (open.get(address) ?? 0) + 1;
    open.set(address, count);
    socket.on('close', () => {
      const left = (open.get(address) ?? 1) - 1;
      if (left === 0) open.delete(address);
      else open.set(address, left);
    });
    if (count > MOST_OF_ADDRESS) socket.destroy();
  });
  server.on('upgrade', (_request, socket) => {
    socket.on('error', () => socket.destroy());
    socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\nContent-Length: 0\r\n\r\n', () =>
      socket.destroy(),
    );
  });
}

/** Ends a request with 413 as soon as its body is larger than such a one ever is. */
function boundBody(
  incoming: IncomingMessage,
  outgoing: ServerResponse,
  upstream: () => void,
): void {
  const most = largestBody(incoming.url ?? '');
  let size = 0;
  incoming.on('data', (chunk: Buffer) => {
    size += chunk.length;
    if (size <= most || outgoing.writableEnded) return;
    incoming.unpipe();
    upstream();
    if (outgoing.headersSent) outgoing.destroy();
    else {
      outgoing.setHeader('connection', 'close');
      refuse(outgoing, 413, 'This is far larger than it ever is.');
      outgoing.once('finish', () => incoming.socket.destroySoon());
    }
  });
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
        ...(isOwnOrigin(origin, host) ? { origin: `http://${own}` } : {}),
        'x-forwarded-for': incoming.socket.remoteAddress ?? '',
        [GATEWAY_HEADER]: 'yes',
      },
    },
    (answer) => {
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
    },
  );
  upstream.on('error', () => {
    // What was refused on its way has its answer already.
    if (outgoing.writableEnded) return;
    if (!outgoing.headersSent) outgoing.writeHead(502);
    outgoing.end();
  });
  boundBody(incoming, outgoing, () => upstream.destroy());
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

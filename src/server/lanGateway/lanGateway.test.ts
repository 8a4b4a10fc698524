import { createServer, request, type IncomingHttpHeaders, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { setTimeout as sleep } from 'node:timers/promises';
import { createLanGateway } from './lanGateway';
import { createTrafficLimit } from './trafficLimit';

const MOST_BYTES = 1_000_000;

describe('the gateway', () => {
  let app: Server;
  let gateway: Server;
  const left = jest.fn();
  const seen: { url: string; host: string | undefined; origin: string | undefined }[] = [];
  beforeAll(async () => {
    app = createServer((incoming, response) => {
      const { url = '', headers } = incoming;
      seen.push({ url, host: headers.host, origin: headers.origin });
      // As the app does: nothing is answered before all of it has come.
      let body = '';
      incoming.on('data', (chunk: Buffer) => (body += chunk.toString()));
      incoming.on('end', () => response.end(`app ${url}${body}`));
    });
    await new Promise<void>((resolve) => app.listen(0, '127.0.0.1', resolve));
    gateway = await createLanGateway({
      appPort: (app.address() as AddressInfo).port,
      host: '127.0.0.1',
      port: 0,
      isTeacher: (cookies) =>
        cookies === 'teacher=throws'
          ? Promise.reject(new Error('no seal'))
          : sleep(20).then(() => cookies === 'teacher=yes'),
      bytes: createTrafficLimit(MOST_BYTES),
      direct: {
        logPath: '/api/class/log',
        eventsPath: '/api/class/events',
        seatCookie: 'seat',
        log: (sealed, body) =>
          sealed === 'throws'
            ? Promise.reject(new Error('no disk'))
            : Promise.resolve({ status: 201, body: { sealed, body } }),
        events: (sealed, _address, after) => {
          if (sealed === 'throws') return Promise.reject(new Error('no disk'));
          return Promise.resolve(
            sealed === undefined
              ? { refusal: { status: 401, body: {} } }
              : {
                  refusal: null,
                  listen: (sink) => {
                    sink.say(`told ${sealed} after ${after}`);
                    sink.close();
                    return left;
                  },
                },
          );
        },
      },
    });
  });
  afterAll(() => {
    gateway.close();
    app.close();
  });
  const ask = (
    path: string,
    headers: Record<string, string> = {},
    sent: string | null = null,
  ): Promise<{ status: number; body: string; location: string | undefined }> =>
    new Promise((resolve, reject) => {
      const { port } = gateway.address() as AddressInfo;
      const method = sent === null ? 'GET' : 'POST';
      request({ host: '127.0.0.1', port, path, method, headers }, (answer) => {
        let body = '';
        answer.on('data', (chunk: Buffer) => (body += chunk.toString()));
        answer.on('end', () =>
          resolve({ status: answer.statusCode ?? 0, body, location: answer.headers.location }),
        );
      })
        .on('error', reject)
        .end(sent);
    });

  test.each([
    '/join',
    '/join?code=ABCDEF',
    '/group',
    '/api/class/log',
    '/_next/static/x.js',
    '/passcode',
    '/drill?level=2&seed=7',
  ])('groups come to %s', async (path) => {
    expect(await ask(path)).toMatchObject({ status: 200, body: `app ${path}` });
  });

  test.each([
    '/plans/demo-lamp/build',
    '/api/lessons/p/log',
    '/api/plans/p',
    '/groups',
    '/drills',
    '/join/../plans/p',
    '/_next/static/../../api/plans/p',
    '/_next/static/%2e%2e/%2e%2e/api/plans/p',
    '//plans',
    '/api/class/..%2flessons/p/log',
  ])('%s is for the teacher', async (path) => {
    expect(await ask(path)).toMatchObject({
      status: 401,
      body: '{"message":"This needs the teacher’s passcode.","faults":[]}',
    });
    expect(await ask(path, { accept: 'text/html' })).toMatchObject({
      status: 307,
      location: '/passcode',
    });
  });

  test('a teacher comes in everywhere but to crooked paths, a stranger at the root is shown to the groups’ page', async () => {
    expect((await ask('/plans/p', { cookie: 'teacher=yes' })).status).toBe(200);
    expect((await ask('/join/../plans/p', { cookie: 'teacher=yes' })).status).toBe(401);
    expect((await ask('/')).location).toBe('/join');
  });

  test('a body that comes before it is clear who sends it reaches the app whole', async () => {
    const teacher = { cookie: 'teacher=yes' };
    expect((await ask('/api/plans/p', teacher, 'all of it')).body).toBe(
      'app /api/plans/pall of it',
    );
    expect((await ask('/api/plans/p', {}, 'all of it')).status).toBe(401);
    expect((await ask('/api/class/join', {}, 'code')).body).toBe('app /api/class/joincode');
  });

  test('the app sees its own name, and a foreign origin stays foreign', async () => {
    const { port } = gateway.address() as AddressInfo;
    const own = (app.address() as AddressInfo).port;
    await ask('/join', { host: `192.0.2.7:${port}`, origin: `http://192.0.2.7:${port}` });
    expect(seen.at(-1)).toEqual({
      url: '/join',
      host: `127.0.0.1:${own}`,
      origin: `http://127.0.0.1:${own}`,
    });
    // With TLS in front of it.
    await ask('/join', { host: '192.0.2.7', origin: 'https://192.0.2.7' });
    expect(seen.at(-1)?.origin).toBe(`http://127.0.0.1:${own}`);
    await ask('/join', { host: `192.0.2.7:${port}`, origin: 'http://evil.example' });
    expect(seen.at(-1)?.origin).toBe('http://evil.example');
  });

  test('a group’s log is answered at the gateway itself, with the seat of its cookie', async () => {
    const before = seen.length;
    const answer = await ask('/api/class/log', { cookie: 'a=b; seat=sealed%3D' }, '{"x":1}');
    expect(answer.status).toBe(201);
    expect(JSON.parse(answer.body)).toEqual({ sealed: 'sealed=', body: { x: 1 } });
    // What is no JSON is left to the schema to name; no cookie, and one that cannot be read, are no seat.
    expect(JSON.parse((await ask('/api/class/log', {}, 'no json')).body)).toEqual({});
    const broken = await ask('/api/class/log', { cookie: 'seat=%E0%A4%A' }, '{}');
    expect(JSON.parse(broken.body)).toEqual({ body: {} });
    expect(seen).toHaveLength(before);
  });

  test('events are told at the gateway itself, from the number that was seen last', async () => {
    const told = await ask('/api/class/events?after=7', { cookie: 'seat=s' });
    expect(told).toMatchObject({ status: 200, body: 'told s after 7' });
    const again = { cookie: 'seat=s', 'last-event-id': '9' };
    expect((await ask('/api/class/events?after=7', again)).body).toBe('told s after 9');
    expect(left).toHaveBeenCalledTimes(2);
    expect((await ask('/api/class/events')).status).toBe(401);
  });

  test('from another web site, or far too large, nothing is logged', async () => {
    const evil = await ask('/api/class/log', { origin: 'http://evil.example' }, '{}');
    expect(evil.status).toBe(403);
    expect((await ask('/api/class/log', {}, `"${'x'.repeat(100_001)}"`)).status).toBe(413);
  });

  test.each(['/api/class/join', '/api/passcode', '/api/class/log'])(
    'a body that never ends is refused at %s while it arrives',
    async (path) => {
      const { port } = gateway.address() as AddressInfo;
      const status = await new Promise<number>((resolve, reject) => {
        const sending = request(
          {
            host: '127.0.0.1',
            port,
            path,
            method: 'POST',
            headers: { 'transfer-encoding': 'chunked' },
          },
          (answer) => {
            answer.resume();
            resolve(answer.statusCode ?? 0);
          },
        );
        sending.on('error', reject);
        // Enough to be refused, and never ended.
        sending.write('x'.repeat(200_000));
      });
      expect(status).toBe(413);
    },
  );

  test('TRACE is not answered', async () => {
    const { port } = gateway.address() as AddressInfo;
    const status = await new Promise((resolve) => {
      request({ host: '127.0.0.1', port, path: '/join', method: 'TRACE' }, (answer) => {
        answer.resume();
        resolve(answer.statusCode);
      }).end();
    });
    expect(status).toBe(405);
  });

  test('whoever sends far more than a class does is cut off', async () => {
    const { port } = gateway.address() as AddressInfo;
    const flood = new Promise((resolve, reject) => {
      const sending = request(
        { host: '127.0.0.1', port, path: '/api/class/photos', method: 'POST' },
        resolve,
      );
      sending.on('error', reject);
      sending.end('x'.repeat(MOST_BYTES + 1));
    });
    await expect(flood).rejects.toThrow(/socket hang up|ECONNRESET|EPIPE/);
  });

  test('also what is answered at the door itself may not be framed or guessed at', async () => {
    const { port } = gateway.address() as AddressInfo;
    const headers = await new Promise<IncomingHttpHeaders>((resolve, reject) => {
      request({ host: '127.0.0.1', port, path: '/plans' }, (answer) => {
        answer.resume();
        resolve(answer.headers);
      })
        .on('error', reject)
        .end();
    });
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'content-security-policy': expect.stringContaining("frame-ancestors 'none'"),
      'x-frame-options': 'DENY',
      'referrer-policy': 'same-origin',
    });
  });

  test.each(['/%', '/join?code=%ff', '/group/%e0%a4%a'])(
    '%s cannot be read, and is told so',
    async (path) => {
      expect((await ask(path, { cookie: 'teacher=yes' })).status).toBe(400);
    },
  );

  test('under a name that somebody else gave this machine nothing is answered', async () => {
    expect((await ask('/join', { host: 'grozer.example' })).status).toBe(400);
    expect((await ask('/join', { host: 'localhost:3001' })).status).toBe(200);
    expect((await ask('/join', { host: '[::1]:3001' })).status).toBe(200);
  });

  test('a seal that cannot be tried is nobody’s, is answered, and is said in the terminal', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    expect((await ask('/plans/p', { cookie: 'teacher=throws' })).status).toBe(401);
    expect(said).toHaveBeenCalledTimes(1);
    said.mockRestore();
  });

  test('what cannot be logged or told is left without an answer, so that it is sent again, and is said in the terminal', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const cookie = { cookie: 'seat=throws' };
    await expect(ask('/api/class/log', cookie, '{}')).rejects.toThrow('socket hang up');
    await expect(ask('/api/class/events', cookie)).rejects.toThrow('socket hang up');
    expect(said.mock.calls.map(([words]) => String(words))).toEqual([
      'A group’s line could not be logged:',
      'A group’s device could not listen:',
    ]);
    said.mockRestore();
  });

  test('an app that breaks off is a bad gateway and no endless wait', async () => {
    const broken = createServer(({ socket }) => socket.destroy());
    await new Promise<void>((resolve) => broken.listen(0, '127.0.0.1', resolve));
    const before = gateway;
    gateway = await createLanGateway({
      appPort: (broken.address() as AddressInfo).port,
      host: '127.0.0.1',
      port: 0,
      isTeacher: () => Promise.resolve(false),
      direct: {
        logPath: '/log',
        eventsPath: '/events',
        seatCookie: 'seat',
        log: () => Promise.resolve({ status: 200, body: {} }),
        events: () => Promise.resolve({ refusal: { status: 401, body: {} } }),
      },
    });
    expect(await ask('/join')).toMatchObject({ status: 502, body: '' });
    gateway.close();
    gateway = before;
    broken.close();
  });

  test('whoever asks for another protocol is refused, and the line is closed', async () => {
    const { port } = gateway.address() as AddressInfo;
    const before = seen.length;
    const said = await new Promise<string>((resolve, reject) => {
      const socket = connect(port, '127.0.0.1');
      let text = '';
      socket.on('data', (chunk: Buffer) => (text += chunk.toString()));
      socket.on('error', reject);
      socket.on('close', () => resolve(text));
      socket.write(
        'GET /join HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n\r\n',
      );
    });
    expect(said).toMatch(/^HTTP\/1\.1 400 /);
    expect(seen).toHaveLength(before);
  });
});

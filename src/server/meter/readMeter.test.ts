import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { createStandIn } from '@/core/work/standIn/standIn';
import { STAND_IN_NAME } from '@/core/physics/instruments/scpi';
import type { Measurement } from '@/core/records/logbook/measurement';
import { readMeter } from './readMeter';

const PATIENCE = 250;
const CELL: Measurement = { kind: 'volts', string: 1, from: 1, to: 1, built: 1 };
const SIMULATED = {
  strings: [[{ emfVolts: 0.93, resistanceOhms: 650 }]],
  seed: 3,
  led: null,
};
const servers: Server[] = [];
afterAll(() => servers.forEach((server) => server.close()));

/** A meter that answers every line as it is told to. */
const meter = async (answer: (line: string, socket: Socket) => string | null): Promise<number> => {
  const server = createServer((socket) => {
    let received = '';
    socket.on('error', () => socket.destroy());
    socket.on('data', (chunk: Buffer) => {
      received += chunk.toString();
      for (let end = received.indexOf('\n'); end >= 0; end = received.indexOf('\n')) {
        const reply = answer(received.slice(0, end), socket);
        received = received.slice(end + 1);
        if (reply !== null) socket.write(reply);
      }
    });
  });
  servers.push(server);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return (server.address() as AddressInfo).port;
};
/** Nothing is slow here: a busy machine may take its time over what comes in the end. */
const UNHURRIED = 20_000;
const take = (port: number, measurement: Measurement = CELL, patience = UNHURRIED) =>
  readMeter(
    { address: { host: '127.0.0.1', port }, measurement, fullScale: 2, simulated: SIMULATED },
    patience,
  );
const problem = async (
  port: number,
  patience = UNHURRIED,
  measurement: Measurement = CELL,
): Promise<string | undefined> => {
  const taken = await take(port, measurement, patience);
  return taken.ok ? `a reading of ${taken.value.value}` : taken.issues[0]?.code;
};
const good = (line: string): string | null => {
  if (line === '*IDN?') return 'ACME,BENCH,1,2\r\n';
  if (line === 'READ?') return '+9.300E-01\r\n';
  return line === 'SYST:ERR?' ? '+0,"No error"\n' : null;
};

test('a meter that does as it should', async () => {
  const heard: string[] = [];
  const port = await meter((line) => {
    heard.push(line);
    return good(line);
  });
  expect(await take(port)).toEqual({ ok: true, value: { value: 0.93, meter: 'ACME,BENCH,1,2' } });
  // Nobody but the stand-in is told where its probes are.
  expect(heard).toEqual(['*IDN?', 'CONF:VOLT:DC 2', 'READ?', 'SYST:ERR?']);
});

test('the stand-in is told battery and probes, and its answers come in pieces', async () => {
  const answer = createStandIn(null);
  const port = await meter((line, socket) => {
    const reply = answer(line);
    if (reply === null) return null;
    for (const letter of `${reply}\n`) socket.write(letter);
    return null;
  });
  const taken = await take(port);
  expect(taken.ok && taken.value.meter).toContain(STAND_IN_NAME);
  expect(taken.ok && taken.value.value).toBeGreaterThan(0.7);
  expect(await take(port)).toEqual(taken);
});

test.each<[string, (line: string, socket: Socket) => string | null, string]>([
  ['says nothing', () => null, 'slow'],
  ['says nothing when asked to read', (line) => (line === 'READ?' ? null : good(line)), 'slow'],
  ['answers rubbish', (line) => (line === 'READ?' ? 'about one volt\n' : good(line)), 'garbage'],
  ['answers without end', (line) => (line === 'READ?' ? '9'.repeat(500) : good(line)), 'garbage'],
  ['sends half a number and stops', (line) => (line === 'READ?' ? '0.9' : good(line)), 'slow'],
  ['is over range', (line) => (line === 'READ?' ? '9.9E37\n' : good(line)), 'over-range'],
  [
    'reports an error',
    (line) => (line === 'SYST:ERR?' ? '-221,"Settings conflict"\n' : good(line)),
    'meter-error',
  ],
  ['does not say what it is', (line) => (line === '*IDN?' ? '\n' : good(line)), 'garbage'],
  [
    'drops the line in the middle of a number',
    (line, socket) => {
      if (line !== 'READ?') return good(line);
      socket.end('0.9');
      return null;
    },
    'dropped',
  ],
  [
    'drops the line at once',
    (_, socket) => {
      socket.destroy();
      return null;
    },
    'dropped',
  ],
])('a meter that %s gives no reading', async (_, answer, code) => {
  expect(await problem(await meter(answer), code === 'slow' ? PATIENCE : UNHURRIED)).toBe(code);
});

test('what was left over from before is no reading', async () => {
  // A reading that another program asked for lies in the line, and ours is never answered.
  const silent = await meter((line, socket) => {
    if (line !== '*IDN?') return line === 'READ?' ? null : good(line);
    socket.write(good(line) ?? '');
    socket.write('+1.770E+00\n');
    return null;
  });
  expect(await problem(silent, PATIENCE)).toBe('slow');
  const greeting = await meter((line) => (line === '*IDN?' ? '+7.770E+00\n' : good(line)));
  expect(await problem(greeting)).toBe('garbage');
});

test('a value that the range cannot show is no reading', async () => {
  const port = await meter((line) => (line === 'READ?' ? '+7.770E+00\n' : good(line)));
  expect(await problem(port)).toBe('out-of-range');
});

test('no meter at all is said with its address', async () => {
  const port = await meter(() => null);
  await new Promise<void>((resolve) => servers.at(-1)?.close(() => resolve()));
  const taken = await take(port);
  expect(!taken.ok && taken.issues[0]).toMatchObject({ code: 'no-meter', path: ['address'] });
  expect(!taken.ok && taken.issues[0]?.message).toContain(String(port));
});

test('whether it runs is not for a meter', async () => {
  expect(await problem(1, UNHURRIED, { kind: 'lights', turned: false })).toBe('no-meter');
});

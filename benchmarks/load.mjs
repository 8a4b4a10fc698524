import { existsSync, readFileSync } from 'node:fs';
import { get } from 'node:http';
import { printRow } from './print.mjs';
import { ask, freshDatabase, send, startServer } from './server.mjs';

const PORT = 3250;
const GATEWAY = PORT + 1;
const FILE = 'data/load.db';
const GROUPS = 60;
const SECONDS = 60;
/** Clock ticks of Linux’s /proc, a second. */
const TICKS = 100;
const BUDGET_MS = 150;
const BOARD_BUDGET_MS = 1000;
const STORM_BUDGET_MS = 3000;
const IDLE_STREAMS = 263;

/** Groups that log a reading a second through the gateway, while they and the teacher's boards listen. */
export async function benchLoad(seconds = SECONDS) {
  const one = await serving((pid) => measureLoad(pid, { seconds, boards: 4, listening: true }));
  printRow(
    `${GROUPS} groups, a reading a second for ${seconds} s, all listening, 4 boards`,
    taken(one),
    'none lost or doubled',
    one.lost === 0 && one.doubled === 0,
  );
  printRow(
    'answered within',
    answered(one),
    `99 % within ${BUDGET_MS} ms`,
    within(one.times, 0.99) <= BUDGET_MS,
  );
  if (one.cpu !== null) {
    printRow(
      'processor time of the server',
      `${(100 * one.cpu).toFixed(0)} % of a core, ${one.msOfReading.toFixed(2)} ms a reading`,
      'budget half a core',
      one.cpu <= 0.5,
    );
  }
  printRow(
    'on the board after the answer within',
    `${Math.max(...one.lags).toFixed(0)} ms at most`,
    `budget ${BOARD_BUDGET_MS} ms`,
    Math.max(...one.lags) <= BOARD_BUDGET_MS,
  );
  const half = Math.max(10, seconds / 2);
  const few = await serving((pid) => measureLoad(pid, { seconds: half, boards: 1 }));
  const many = await serving((pid) =>
    measureLoad(pid, { seconds: half, boards: 1, idle: IDLE_STREAMS }),
  );
  printRow(
    `the same with ${IDLE_STREAMS} more streams open`,
    `${many.msOfReading?.toFixed(2)} ms of processor a reading instead of ${few.msOfReading?.toFixed(2)}; ${answered(many)}`,
    'no more than a quarter slower',
    many.msOfReading === null || many.msOfReading <= 1.25 * few.msOfReading,
  );
  const crowd = await serving((pid) =>
    measureLoad(pid, { seconds: half, boards: 1, classes: 5, listening: true }),
  );
  printRow(
    `${5 * GROUPS} groups in 5 classes, a reading a second each, all listening`,
    `${taken(crowd)}; ${answered(crowd)}`,
    'no time-out',
  );
  const { streams, opened, asked } = await measureStorm();
  printRow(
    `after a restart in a class: ${streams} streams at once, the teacher’s page asked for meanwhile`,
    `all open after ${opened.toFixed(0)} ms, the page within ${asked.toFixed(0)} ms`,
    `within ${STORM_BUDGET_MS} ms`,
    Math.max(opened, asked) <= STORM_BUDGET_MS,
  );
}

/** A class whose server was killed: every phone’s three tries and all boards come back in the same moment. */
async function measureStorm() {
  const app = `http://127.0.0.1:${PORT}`;
  freshDatabase(FILE);
  let room = null;
  await restarted(async () => {
    room = await openRoom(app, 0);
    const noted = { seconds: 10, acknowledged: new Map(), answers: [] };
    await Promise.all(room.seats.map((seat) => drive(seat, { share: 0, ...noted })));
  });
  return restarted(async () => {
    const begun = performance.now();
    const boards = Array.from({ length: 4 }, () =>
      follow(`:${PORT}/api/lessons/${room.id}/events`, '', null),
    );
    const phones = [...room.seats, ...room.seats, ...room.seats].map(({ cookie }) =>
      follow(`:${GATEWAY}/api/class/events`, cookie, null),
    );
    await ask(`${app}/api/lessons/${room.id}/log`);
    const asked = performance.now() - begun;
    const open = await Promise.all([...boards, ...phones]);
    const opened = performance.now() - begun;
    for (const close of open) close();
    return { streams: open.length, opened, asked };
  });
}

/** A server of its own with an empty database, until `measure` is through. */
function serving(measure) {
  freshDatabase(FILE);
  return restarted(measure);
}

/** The same with the database that is there. */
async function restarted(measure) {
  const server = await startServer(PORT, FILE);
  const gone = new Promise((resolve) => server.once('exit', resolve));
  try {
    return await measure(server.pid);
  } finally {
    server.kill('SIGKILL');
    await gone;
  }
}

/** @returns what was taken and lost, answer times and lags, milliseconds, and the processor's share. */
async function measureLoad(pid, { seconds, boards, classes = 1, listening = false, idle = 0 }) {
  const app = `http://127.0.0.1:${PORT}`;
  const rooms = [];
  for (let index = 0; index < classes; index += 1) rooms.push(await openRoom(app, index));
  const streams = [];
  const arrived = new Map();
  const watch = (path, cookie, noted = null) =>
    follow(path, cookie, noted).then((close) => void streams.push(close));
  for (const { id } of rooms) {
    for (let board = 0; board < boards; board += 1) {
      await watch(`:${PORT}/api/lessons/${id}/events`, '', board === 0 ? arrived : null);
    }
  }
  const seats = rooms.flatMap(({ seats: own }) => own);
  const events = `:${GATEWAY}/api/class/events`;
  if (listening) for (const { cookie } of seats) await watch(events, cookie);
  for (let index = 0; index < idle; index += 1)
    await watch(events, seats[index % seats.length].cookie);
  const acknowledged = new Map();
  const answers = [];
  const cpuBefore = cpuSeconds(pid);
  const begun = performance.now();
  await Promise.all(
    seats.map((seat, index) =>
      drive(seat, { share: index / seats.length, seconds, acknowledged, answers }),
    ),
  );
  const took = (performance.now() - begun) / 1000;
  const cpu = cpuBefore === null ? null : cpuSeconds(pid) - cpuBefore;
  await new Promise((resolve) => setTimeout(resolve, 2 * BOARD_BUDGET_MS));
  for (const close of streams) close();
  const logs = await Promise.all(rooms.map(({ id }) => ask(`${app}/api/lessons/${id}/log`)));
  const stored = logs.flat().map(({ entryId }) => entryId);
  const known = new Set(stored);
  return {
    taken: acknowledged.size,
    lost: [...acknowledged.keys()].filter((entry) => !known.has(entry)).length,
    doubled: stored.length - known.size,
    times: answers.sort((a, b) => a - b),
    lags: [...acknowledged].map(([entry, at]) => (arrived.get(entry) ?? Infinity) - at),
    cpu: cpu === null ? null : cpu / took,
    msOfReading: cpu === null ? null : (1000 * cpu) / acknowledged.size,
  };
}

function taken({ taken: count, lost, doubled }) {
  return `${count} taken, ${lost} lost, ${doubled} doubled`;
}

/** Time within which a share of the answers came, milliseconds. */
function within(times, share) {
  return times[Math.min(times.length - 1, Math.floor(share * times.length))];
}

function answered({ times }) {
  return `median ${within(times, 0.5).toFixed(1)} ms, 99th percentile ${within(times, 0.99).toFixed(1)} ms, slowest ${times.at(-1).toFixed(0)} ms`;
}

/** A plan with all its groups in their seats. */
async function openRoom(app, index) {
  const { id } = await ask(`${app}/api/plans`, 'POST', { title: `Load ${index}` });
  const { document, revision } = await ask(`${app}/api/plans/${id}`);
  const lesson = { ...document.lesson, pupils: GROUPS, groups: GROUPS };
  await ask(`${app}/api/plans/${id}`, 'PUT', { document: { ...document, lesson }, revision });
  const { running } = await ask(`${app}/api/lessons/${id}/class`, 'POST', { running: true });
  const seats = await seatAll(running.code);
  return {
    id,
    seats: seats.map((seat) => ({ ...seat, startedAt: running.startedAt, room: index })),
  };
}

/** Processor time that a process has used, seconds; `null` where the system does not tell. */
function cpuSeconds(pid) {
  const file = `/proc/${pid}/stat`;
  if (!existsSync(file)) return null;
  // The name of the process stands in brackets and may hold spaces.
  const fields = readFileSync(file, 'utf8')
    .replace(/^.*\) /, '')
    .split(' ');
  return (Number(fields[11]) + Number(fields[12])) / TICKS;
}

async function seatAll(code) {
  const join = `http://127.0.0.1:${GATEWAY}/api/class/join`;
  const { groups } = await ask(join, 'POST', { code, group: null });
  const seats = [];
  for (const group of groups) {
    const response = await send(join, 'POST', { code, group });
    seats.push({ group, cookie: response.headers.get('set-cookie').split(';')[0] });
  }
  return seats;
}

/** One group: a reading each second, begun a little after the one before it. */
async function drive(seat, { share, seconds, acknowledged, answers }) {
  const { group, cookie, startedAt, room } = seat;
  await new Promise((resolve) => setTimeout(resolve, 1000 * share));
  const begun = performance.now();
  for (let second = 0; second < seconds; second += 1) {
    const entryId = `${room} ${group} ${second}`;
    const entry = {
      kind: 'reading',
      measurement: { kind: 'volts', string: 1, from: 1, to: 1, built: 1 },
      value: 0.9 + second / 1000,
      range: null,
      source: 'typed',
      typed: null,
      meter: null,
      takenAt: new Date().toISOString(),
    };
    const start = performance.now();
    const response = await send(
      `http://127.0.0.1:${GATEWAY}/api/class/log`,
      'POST',
      { class: startedAt, line: { entryId, revision: 1, group, entry, struck: false } },
      { cookie },
    );
    if (response.status !== 201) throw new Error(`a reading was refused: ${response.status}`);
    await response.arrayBuffer();
    answers.push(performance.now() - start);
    acknowledged.set(entryId, performance.now());
    const next = begun + 1000 * (second + 1) - performance.now();
    if (next > 0) await new Promise((resolve) => setTimeout(resolve, next));
  }
}

/** Opens an event stream and reads it; notes when each line arrives where `arrived` is given. */
function follow(path, cookie, arrived) {
  return new Promise((resolve, reject) => {
    const asked = get(
      `http://127.0.0.1${path}`,
      { headers: { cookie }, agent: false },
      (answer) => {
        if (answer.statusCode !== 200) {
          reject(new Error(`${path}: ${answer.statusCode}`));
          return;
        }
        let text = '';
        answer.on('data', (chunk) => {
          if (arrived === null) return;
          text += chunk.toString();
          for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
            const data = /^event: lines\ndata: (.*)$/m.exec(text.slice(0, end))?.[1];
            text = text.slice(end + 2);
            if (data === undefined) continue;
            for (const { entryId } of JSON.parse(data)) arrived.set(entryId, performance.now());
          }
        });
        // Closed by us, at the end.
        answer.on('error', () => undefined);
        resolve(() => asked.destroy());
      },
    );
    asked.on('error', reject);
  });
}

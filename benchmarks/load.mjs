import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { binary, ROOT } from '../scripts/lib/run.mjs';
import { printRow } from './print.mjs';

const PORT = 3250;
const GATEWAY = PORT + 1;
const FILE = 'data/load.db';
const GROUPS = 60;
const SECONDS = 120;
/** Clock ticks of Linux’s /proc, a second. */
const TICKS = 100;
const BUDGET_MS = 150;
const BOARD_BUDGET_MS = 1000;

/** Sixty groups that log a reading a second through the gateway, while the teacher's board listens. */
export async function benchLoad(seconds = SECONDS) {
  for (const end of ['', '-wal', '-shm']) rmSync(`${ROOT}${FILE}${end}`, { force: true });
  const [node, next] = binary('next/dist/bin/next');
  const server = spawn(node, [next, 'start', '-H', '127.0.0.1', '-p', String(PORT)], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(PORT), GROZER_DB: FILE, GROZER_GATEWAY_HOST: '127.0.0.1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  try {
    await answering();
    await measureLoad(server.pid, seconds);
  } finally {
    server.kill();
  }
}

async function measureLoad(pid, seconds) {
  const app = `http://127.0.0.1:${PORT}`;
  const { id } = await ask(`${app}/api/plans`, 'POST', { title: 'Load' });
  const { document, revision } = await ask(`${app}/api/plans/${id}`);
  const lesson = { ...document.lesson, pupils: GROUPS, groups: GROUPS };
  await ask(`${app}/api/plans/${id}`, 'PUT', { document: { ...document, lesson }, revision });
  const { running } = await ask(`${app}/api/lessons/${id}/class`, 'POST', { running: true });
  const seats = await seatAll(running.code);
  const arrived = new Map();
  const board = await followBoard(`${app}/api/lessons/${id}/events`, arrived);
  const acknowledged = new Map();
  const answers = [];
  const cpuBefore = cpuSeconds(pid);
  await Promise.all(
    seats.map(({ group, cookie }, index) =>
      drive(group, cookie, {
        index,
        seconds,
        startedAt: running.startedAt,
        acknowledged,
        answers,
      }),
    ),
  );
  const cpu = cpuBefore === null ? null : cpuSeconds(pid) - cpuBefore;
  await new Promise((resolve) => setTimeout(resolve, 2 * BOARD_BUDGET_MS));
  board.abort();
  const stored = await ask(`${app}/api/lessons/${id}/log`);
  const times = answers.sort((a, b) => a - b);
  const lost = [...acknowledged.keys()].filter(
    (entry) => !stored.some((one) => one.entryId === entry),
  );
  const doubled = stored.length - new Set(stored.map(({ entryId }) => entryId)).size;
  const lags = [...acknowledged].map(([entry, at]) => (arrived.get(entry) ?? Infinity) - at);
  const at = (list, share) => list[Math.min(list.length - 1, Math.floor(share * list.length))];
  printRow(
    `${GROUPS} groups, a reading a second for ${seconds} s`,
    `${acknowledged.size} taken, ${lost.length} lost, ${doubled} doubled`,
    'none lost or doubled',
  );
  printRow(
    'answered within',
    `median ${at(times, 0.5).toFixed(1)} ms, 99th percentile ${at(times, 0.99).toFixed(1)} ms, slowest ${times.at(-1).toFixed(0)} ms`,
    `99 % within ${BUDGET_MS} ms`,
  );
  if (cpu !== null) {
    printRow(
      'processor time of the server',
      `${((1000 * cpu) / acknowledged.size).toFixed(2)} ms a reading`,
      'budget 7 ms: half of what it took through the app',
    );
  }
  printRow(
    'on the board after the answer within',
    `${Math.max(...lags).toFixed(0)} ms at most`,
    `budget ${BOARD_BUDGET_MS} ms`,
  );
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
async function drive(group, cookie, { index, seconds, startedAt, acknowledged, answers }) {
  await new Promise((resolve) => setTimeout(resolve, (1000 * index) / GROUPS));
  const begun = performance.now();
  for (let second = 0; second < seconds; second += 1) {
    const entryId = `${group} ${second}`;
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

/** Notes when each line reaches the board. */
async function followBoard(url, arrived) {
  const abort = new AbortController();
  const response = await fetch(url, { signal: abort.signal });
  const decoder = new TextDecoder();
  let text = '';
  void (async () => {
    for await (const chunk of response.body) {
      text += decoder.decode(chunk, { stream: true });
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        const data = /^data: (.*)$/m.exec(text.slice(0, end))?.[1];
        text = text.slice(end + 2);
        if (data === undefined) continue;
        for (const { entryId } of JSON.parse(data)) arrived.set(entryId, performance.now());
      }
    }
  })().catch((error) => {
    if (error.name !== 'AbortError') throw error;
  });
  return abort;
}

function send(url, method, body, headers = {}) {
  return fetch(url, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
}

async function ask(url, method = 'GET', body = undefined) {
  const response = await send(url, method, body);
  if (!response.ok) throw new Error(`${url}: ${response.status} ${await response.text()}`);
  return response.json();
}

async function answering() {
  for (let tries = 0; tries < 200; tries += 1) {
    try {
      await fetch(`http://127.0.0.1:${PORT}/join`);
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
  throw new Error('the server of the load bench did not start');
}

import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { LARGEST_UPLOAD_BYTES } from '@/server/bench/photos';
import { pdfWords } from '@/testing/server/pdfPages';
import { POST as create } from '../../[kind]/route';
import { GET as open, PUT as save } from '../../[kind]/[id]/route';
import { POST as decide } from './admissions/route';
import { GET as calendar } from './calendar/route';
import { GET as classNow, POST as setClass } from './class/route';
import { DELETE as erase, GET as left } from './data/route';
import { GET as listen } from './events/route';
import { GET as lines, POST as write } from './log/route';
import { POST as read } from './meter/route';
import { GET as photo } from './photos/[photo]/route';
import { POST as sendPhoto } from './photos/route';
import { GET as print } from './print/route';
import { GET as results } from './results/route';

let folder = '';
let id = '';

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'grozer-routes-'));
  process.env['GROZER_DB'] = join(folder, 'grozer.db');
  const made = await create(post({ title: 'Lamp' }), {
    params: Promise.resolve({ kind: 'plans' }),
  });
  id = ((await made.json()) as { id: string }).id;
});
afterAll(() => rmSync(folder, { recursive: true }));

const get = (query = ''): Request => new Request(`http://127.0.0.1/${query}`);
const post = (body: unknown): Request =>
  new Request('http://127.0.0.1/', {
    method: 'POST',
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const at = (lesson = id) => ({ params: Promise.resolve({ id: lesson }) });
const NOWHERE = 'no-such-plan';

const note = (entryId: string, revision = 1) => ({
  entryId,
  revision,
  group: 'Tern',
  entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:00:00Z' },
  struck: false,
});

describe('the logbook', () => {
  test('a line is taken once, however often it is sent; what was overtaken is told', async () => {
    expect((await write(post(note('a')), at())).status).toBe(201);
    expect((await write(post(note('a')), at())).status).toBe(201);
    expect((await write(post([note('b'), note('c')]), at())).status).toBe(201);
    const stored = (await (await lines(get(), at())).json()) as { entryId: string }[];
    expect(stored.map(({ entryId }) => entryId)).toEqual(['a', 'b', 'c']);
    const overtaken = { ...note('a'), entry: { ...note('a').entry, text: 'another' } };
    const answer = await write(post(overtaken), at());
    expect(answer.status).toBe(409);
    expect(await answer.json()).toMatchObject({ line: { entryId: 'a' } });
  });

  test.each([
    ['no JSON', 'no json'],
    ['nothing', []],
    ['a line without an entry', { ...note('d'), entry: undefined }],
    ['a revision that cannot be', note('d', 0)],
  ])('%s is refused, and nothing is written', async (_, body) => {
    const before = ((await (await lines(get(), at())).json()) as unknown[]).length;
    const answer = await write(post(body), at());
    expect(answer.status).toBe(422);
    expect(await answer.json()).toMatchObject({ message: 'This cannot be logged.' });
    expect(await (await lines(get(), at())).json()).toHaveLength(before);
  });

  test('a plan that is gone takes no lines', async () => {
    expect((await write(post(note('a')), at(NOWHERE))).status).toBe(404);
  });

  test('whoever listens begins after the last line that is known', async () => {
    const stored = (await (await lines(get(), at())).json()) as { seq: number; entryId: string }[];
    const last = stored.at(-2)?.seq ?? 0;
    const stream = (await listen(get(`?after=${last}`), at())).body;
    if (stream === null) throw new Error('there is no stream');
    const reader = stream.getReader();
    let told = '';
    while (!told.includes('"c"')) {
      const { value, done } = await reader.read();
      if (done) break;
      told += new TextDecoder().decode(value as Uint8Array);
    }
    await reader.cancel();
    expect(told).toContain('"c"');
    expect(told).not.toContain('"b"');
  });
});

test('what a class read goes out as a table, a package and a plan; other formats do not exist', async () => {
  const entry = readingEntry(
    { kind: 'volts', string: 1, from: 1, to: 1, built: 1 },
    0.93,
    '2027-01-29T14:00:00Z',
  );
  expect((await write(post({ ...note('read'), entry }), at())).status).toBe(201);
  const csv = await results(get(), at());
  expect(csv.headers.get('content-type')).toContain('text/csv');
  expect(csv.headers.get('content-disposition')).toContain('lamp');
  expect(await csv.text()).toMatch(/Tern.*0\.93/);
  for (const format of ['package', 'plan']) {
    const file = new Uint8Array(
      await (await results(get(`?format=${format}`), at())).arrayBuffer(),
    );
    // Beginning of a ZIP file (APPNOTE 4.3.7).
    expect([...file.subarray(0, 4)]).toEqual([0x50, 0x4b, 3, 4]);
  }
  expect((await results(get('?format=xls'), at())).status).toBe(400);
  expect((await results(get(), at(NOWHERE))).status).toBe(404);
});

test('a photo is stored by what it is, and given back so; others are refused in words', async () => {
  const bytes = readFileSync('docs/screenshots/shelf.png');
  const send = (body: BodyInit, headers: Record<string, string> = {}): Promise<Response> =>
    sendPhoto(new Request('http://127.0.0.1/', { method: 'POST', body, headers }));
  const taken = await send(new Uint8Array(bytes));
  expect(taken.status).toBe(201);
  const { photo: name } = (await taken.json()) as { photo: string };
  const shown = await photo(get(), { params: Promise.resolve({ photo: name }) });
  expect(shown.headers.get('content-type')).toBe('image/png');
  expect(shown.headers.get('x-content-type-options')).toBe('nosniff');
  expect(Buffer.from(await shown.arrayBuffer()).equals(bytes)).toBe(true);
  expect((await send('no picture')).status).toBe(422);
  const announced = { 'content-length': String(LARGEST_UPLOAD_BYTES + 1) };
  const large = await send(new Uint8Array(bytes), announced);
  expect(large.status).toBe(413);
  expect(await large.json()).toMatchObject({ message: expect.stringContaining('2 MB') });
  for (const none of ['0', '..', '../grozer.db', name.slice(1)]) {
    const missing = await photo(get(), { params: Promise.resolve({ photo: none }) });
    expect(missing.status).toBe(404);
  }
});

test('a timetable needs a day; with one it is a calendar file', async () => {
  expect((await calendar(get(), at())).status).toBe(422);
  expect((await calendar(get(), at(NOWHERE))).status).toBe(404);
  const plans = { params: Promise.resolve({ kind: 'plans', id }) };
  const { revision, document } = (await (await open(get(), plans)).json()) as {
    revision: number;
    document: object;
  };
  const dated = { ...document, lessonDate: '2031-01-31' };
  expect((await save(post({ revision, document: dated }), plans)).status).toBe(200);
  const file = await calendar(get(), at());
  expect(file.headers.get('content-type')).toContain('text/calendar');
  expect(await file.text()).toMatch(/^BEGIN:VCALENDAR\r\n[^]*20310131[^]*END:VCALENDAR/);
});

test('a sheet is a PDF; an unknown sheet or paper is refused by its field', async () => {
  const sheet = await print(get('?sheet=shopping'), at());
  expect(sheet.headers.get('content-type')).toBe('application/pdf');
  expect(pdfWords(await sheet.bytes()).join(' ')).toMatch(/Shopping: .*clip leads/);
  const refused = await print(get('?sheet=poem&paper=A3'), at());
  expect(refused.status).toBe(400);
  expect(await refused.json()).toMatchObject({
    faults: [
      { path: ['sheet'], message: 'There is no such sheet.' },
      { path: ['paper'], message: 'Choose one of the paper sizes.' },
    ],
  });
  expect((await print(get(), at(NOWHERE))).status).toBe(404);
});

test('a class that does not run; what is no word about it, or about a device, decides nothing', async () => {
  expect(await (await classNow(get(), at())).json()).toMatchObject({ running: null });
  expect((await setClass(post({ running: 'yes' }), at())).status).toBe(422);
  expect(await (await setClass(post({ running: false }), at())).json()).toMatchObject({
    running: null,
  });
  expect((await decide(post({ device: 'mine', letIn: true }), at())).status).toBe(422);
  const nobody = { device: '3f0e7b58-7c3c-4a4e-9d0e-2b1b5a3c9f10', letIn: true };
  expect((await decide(post(nobody), at())).status).toBe(404);
});

test('a reading from a meter names what is measured, and of which plan', async () => {
  const refused = await read(post({ measurement: { kind: 'smell' }, group: 'Tern' }), at());
  expect(refused.status).toBe(422);
  expect(await refused.json()).toMatchObject({ message: 'Nothing was read.' });
  const asked = {
    measurement: { kind: 'volts', string: 1, from: 1, to: 1, built: 1 },
    group: 'Tern',
    range: null,
  };
  expect((await read(post(asked), at(NOWHERE))).status).toBe(404);
});

test('what a class left is counted, then deleted for good', async () => {
  const counts = (await (await left(get(), at())).json()) as { lines: number };
  expect(counts.lines).toBeGreaterThan(2);
  expect(await (await erase(get(), at())).json()).toMatchObject({ lines: counts.lines });
  expect(await (await left(get(), at())).json()).toMatchObject({ lines: 0, photos: 0 });
  expect(await (await lines(get(), at())).json()).toEqual([]);
});

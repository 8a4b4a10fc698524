import ICAL from 'ical.js';
import jsQR from 'jsqr';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Plan } from '@/core/records/plan/planSchema';
import { openDatabase } from '@/data/openDatabase';
import { createDocumentRepository } from '@/data/documentRepository';
import { pdfPages, pdfWords } from '@/testing/server/pdfPages';
import type { ServerContext } from './context';
import { lessonCalendar } from './lessonCalendar';
import { printLesson, printRequestSchema } from './printLesson';

const NOW = Date.parse('2027-01-04T09:00:00Z');

const withPlan = (change: Partial<Plan> = {}): ServerContext => {
  const db = openDatabase(':memory:');
  createDocumentRepository(db, 'plans').insert('p', { ...newPlan('Lamp'), ...change }, NOW);
  return {
    documents: (kind) => createDocumentRepository(db, kind),
    now: () => NOW,
    newId: () => 'x',
  };
};
const asked = (query: object) => printRequestSchema.parse(query);

/**
 * @check the timetable as a calendar file
 * @origin library: ical.js, which reads it as RFC 5545 says
 * @tolerance exact times and titles
 */
test('the timetable is read back by an independent parser, in floating local time', () => {
  const calendar = lessonCalendar(withPlan({ lessonDate: '2027-01-29' }), 'p');
  if (calendar === null || !calendar.ok) throw new Error('no calendar');
  const root = new ICAL.Component(ICAL.parse(calendar.value) as object[]);
  const events = root.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const lesson = events.find(({ summary }) => summary === 'Lamp: The lesson');
  expect(lesson?.startDate.toString()).toBe('2027-01-29T10:00:00');
  expect(lesson?.startDate.zone.tzid).toBe('floating');
  expect(lesson?.endDate.toString()).toBe('2027-01-29T10:45:00');
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
  expect(events.map(({ summary }) => summary)).toContain('Lamp: Build and measure the trial cell');
  expect(calendar.value.split('\r\n').every((line) => line.length <= 75)).toBe(true);
});

test('a plan without a date has no timetable, and says so', () => {
  const calendar = lessonCalendar(withPlan(), 'p');
  expect(calendar !== null && !calendar.ok && calendar.issues[0]?.code).toBe('no-date');
  expect(lessonCalendar(withPlan(), 'none')).toBeNull();
});

/** Every sheet of a lesson whose groups join, made once. */
const PAPERS = ['A4', 'Letter'] as const;
const printed = new Map<string, Promise<Buffer>>();
const everySheet = (paper: (typeof PAPERS)[number]): Promise<Buffer> => {
  const known = printed.get(paper);
  if (known !== undefined) return known;
  const lesson = { ...newPlan('x').lesson, joinCode: 'KWB742' };
  const made = printLesson(
    withPlan({ lessonDate: '2027-01-29', lesson }),
    'p',
    asked({ paper }),
    'http://192.168.1.20:3401/join',
  ).then((print) => {
    if (print === null || !print.ok) throw new Error('no print');
    return print.value.pdf;
  });
  printed.set(paper, made);
  return made;
};

/**
 * @check sheets and their fonts
 * @origin library: pdf.js, which reads the printed words back
 * @tolerance exact words and number of pages
 */
test.each([
  ['A4', '[0 0 595.28 841.89]'],
  ['Letter', '[0 0 612 792]'],
] as const)('sheets are PDF files with their fonts in them, on %s', async (paper, box) => {
  const text = (await everySheet(paper)).toString('latin1');
  expect(text).toContain(`/MediaBox ${box}`);
  expect(text).toContain('/FontFile');
  expect(text).not.toContain('/Helvetica');
});

/**
 * @check where print stands on its page, and how large
 * @origin library: pdf.js, which finds each word’s place anew
 * @tolerance none: printers reach 5 mm from the edge, and no letter is below 7 points (common practice, no source)
 */
test.each(PAPERS)('nothing on %s runs off the page or is too small to read', async (paper) => {
  const pages = pdfPages(await everySheet(paper));
  expect(pages.length).toBeGreaterThan(6);
  const edge = (5 / 25.4) * 72;
  for (const { width, height, texts } of pages) {
    expect(texts.length).toBeGreaterThan(5);
    for (const { text, x, y, width: wide, size } of texts) {
      const inside = x >= edge && x + wide <= width - edge && y - size >= 0 && y <= height - edge;
      expect({ text, inside, legible: size >= 6.9 }).toEqual({
        text,
        inside: true,
        legible: true,
      });
    }
  }
});

/**
 * @check the code on a group’s card
 * @origin library: pdf.js finds the squares, jsQR reads them
 * @tolerance exact
 */
test('a camera reads from the printed card where to join, and with which code', async () => {
  const pages = pdfPages(await everySheet('A4'));
  const squares = pages
    .flatMap(({ boxes }) => boxes)
    .filter(({ width, height }) => width < 5 && Math.abs(width - height) < 0.01);
  const side = squares[0]?.width ?? 1;
  // The card first printed; around it the white that a reader needs.
  const [left, top] = [squares[0]?.x ?? 0, squares[0]?.y ?? 0];
  const own = squares.filter(
    ({ x, y }) => x - left < 92 && y - top < 92 && x >= left - 0.01 && y >= top - 0.01,
  );
  const modules = Math.round(92 / side);
  const scale = 4;
  const margin = 4 * scale;
  const pixels = modules * scale + 2 * margin;
  const image = new Uint8ClampedArray(4 * pixels * pixels).fill(255);
  for (const { x, y } of own) {
    const [column, row] = [(x - left) / side, (y - top) / side].map(Math.round) as [number, number];
    for (let dy = 0; dy < scale; dy += 1) {
      for (let dx = 0; dx < scale; dx += 1) {
        const at = 4 * ((margin + row * scale + dy) * pixels + margin + column * scale + dx);
        image.fill(0, at, at + 3);
      }
    }
  }
  expect(jsQR(image, pixels, pixels)?.data).toBe('http://192.168.1.20:3401/join?code=KWB742');
});

test('with inches and cups beside, where they are in use', async () => {
  const pile = withPlan({
    cell: freshCell('coin-pile-brine', 'felt'),
    lessonDate: '2027-01-29',
  });
  const words = async (units: 'metric' | 'customary'): Promise<string> => {
    const print = await printLesson(pile, 'p', asked({ sheet: 'cards', units }));
    if (print === null || !print.ok) throw new Error('no print');
    return pdfWords(print.value.pdf).join(' ');
  };
  expect(await words('customary')).toMatch(/of [\d.]+ mm \([\d/ ]+ in\), \d+ from a sheet/);
  expect(await words('customary')).toMatch(/\d+ mL \([\d./ ]+ (cups?|fl oz)\) of/);
  expect(await words('metric')).not.toMatch(/ in\)|cups?\)|fl oz/);
});

test('no pupil sheet of strong acid, and nothing at all above 60 V', async () => {
  const acid = {
    ...newPlan('x').cell,
    recipe: 'dilute-sulfuric-acid',
    body: 'sulfuric-acid',
  } as const;
  const withAcid = withPlan({ cell: acid });
  const pupil = await printLesson(withAcid, 'p', asked({ sheet: 'pupil' }));
  expect(pupil !== null && !pupil.ok && pupil.issues[0]?.message).toContain('trained staff');
  expect((await printLesson(withAcid, 'p', asked({ sheet: 'teacher' })))?.ok).toBe(true);
  const calendar = lessonCalendar(withPlan({ cell: acid, lessonDate: '2027-01-29' }), 'p');
  expect(calendar !== null && !calendar.ok && calendar.issues[0]?.code).toBe('withheld');
  const cell = { ...newPlan('x').cell, recipe: 'magnesium-graphite', body: 'epsom-salt' } as const;
  const tall = withPlan({ cell, arrangement: { kind: 'own', cellsInSeries: 45, strings: 1 } });
  const all = await printLesson(tall, 'p', asked({}));
  expect(all !== null && !all.ok && all.issues[0]?.message).toContain('Above 60 V');
});

test('a sheet that does not exist is refused by its name', () => {
  const parsed = printRequestSchema.safeParse({ sheet: 'banner', paper: 'A9' });
  expect(parsed.error?.issues.map(({ path }) => path.join('.'))).toEqual(['sheet', 'paper']);
});

test.each([
  ['words of a calendar', 'Lamp\r\nBEGIN:VEVENT\nSUMMARY:evil;,'],
  ['no character at all', 'a\u0000b\uD800c'],
  ['right to left, and pictures', 'מנורה \u202E🍋 مصباح'],
  ['a formula', '=HYPERLINK("x")'],
])('a title of %s breaks neither calendar nor sheets', async (_, title) => {
  const read = PLAN_DOCUMENT.parse({ ...newPlan('Lamp'), title, lessonDate: '2027-01-29' });
  if (!read.ok) throw new Error(read.issues[0]?.message);
  const context = withPlan(read.value);
  const calendar = lessonCalendar(context, 'p');
  if (calendar === null || !calendar.ok) throw new Error('no calendar');
  const root = new ICAL.Component(ICAL.parse(calendar.value) as object[]);
  const events = root.getAllSubcomponents('vevent');
  expect(events.length).toBe(calendar.value.split('BEGIN:VEVENT\r\n').length - 1);
  const print = await printLesson(context, 'p', asked({ sheet: 'cards' }));
  expect(print?.ok).toBe(true);
});

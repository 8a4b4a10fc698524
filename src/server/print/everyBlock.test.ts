import { demoPlan } from '@/cli/demoPlans';
import { MATERIALS } from '@/core/physics/cell/metals';
import { withoutFaults } from '@/core/physics/desk/desk';
import {
  CARD,
  colour,
  ellipse,
  INK,
  path,
  rect,
  SOFT_INK,
  type Shape,
} from '@/core/physics/desk/drawing/shape';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { freshCell } from '@/core/records/plan/newPlan';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { PICTURES, type Block, type PrintedSheet } from '@/core/work/preparation/sheets/sheet';
import { pdfPages } from '@/testing/server/pdfPages';
import { deskCaption, drawnDesk } from './drawDesk';
import { drawShapes } from './drawShapes';
import { pdfOfSheets } from './pdfOfSheets';
import { SheetPdf } from './sheetPdf';

const EVALUATION = evaluatePlan({
  ...demoPlan('demo-lamp'),
  arrangement: { kind: 'own', cellsInSeries: 2, strings: 2 },
});
const LONG =
  'Words that go on over the end of their line, so that it is seen where the next one begins. ';

/** Every kind of block, each as different as a sheet may ask for it. */
const BLOCKS: Readonly<Record<string, readonly Block[]>> = {
  text: [
    { kind: 'heading', text: 'A heading' },
    { kind: 'text', text: LONG.repeat(2) },
    { kind: 'text', text: 'Strong', strong: true },
    { kind: 'text', text: 'Read 654 Ω → 50 µA, then write it' },
    { kind: 'heading', text: 'Another' },
  ],
  list: [
    { kind: 'list', style: 'bullet', items: ['One', LONG.repeat(2), 'Three'] },
    { kind: 'list', style: 'number', items: ['One', 'Two', LONG, 'Four', 'Five'], columns: 2 },
    { kind: 'list', style: 'box', items: ['One', 'Two', 'Three'], columns: 3 },
  ],
  table: [
    {
      kind: 'table',
      header: ['Part', 'How many'],
      rows: [
        ['Lemons', '12'],
        [LONG, '4'],
      ],
      widths: [0.75, 0.25],
      figures: [1],
    },
    {
      kind: 'table',
      header: ['Read', 'Here'],
      rows: [
        ['Volts', 'V'],
        ['Resistance', 'Ω → kΩ'],
      ],
      widths: [0.5, 0.5],
      writable: true,
    },
  ],
  caution: [
    { kind: 'caution', text: 'Nobody eats it.' },
    { kind: 'caution', text: LONG.repeat(3), pictures: ['food', 'sharp'] },
  ],
  desk: [
    { kind: 'desk', most: 0.4 },
    { kind: 'desk', most: 0.2, desk: withoutFaults(EVALUATION.desk) },
  ],
  pictures: [
    { kind: 'pictures', pictures: PICTURES.map((id) => ({ id, caption: `This is ${id}` })) },
  ],
  'pictures, as tall as the page': [
    { kind: 'pictures', pictures: [{ id: 'device', caption: 'All of it' }], fill: true },
  ],
  stairs: [{ kind: 'stairs', columns: ['1', '2 → 3', '4'], volts: [0, 1, 2, 3] }],
  'to write in': [
    { kind: 'lines', count: 3 },
    { kind: 'frame', height: 120 },
    { kind: 'text', text: 'Below the frame' },
  ],
  columns: [
    {
      kind: 'columns',
      columns: [[{ kind: 'text', text: LONG }], [{ kind: 'list', style: 'box', items: ['One'] }]],
    },
    { kind: 'text', text: 'Below both' },
  ],
  cards: [
    {
      kind: 'cards',
      columns: 2,
      cards: [
        { title: 'Curlew', lines: ['One', LONG] },
        { title: 'Knot', lines: [], qr: 'http://192.0.2.1/join' },
        { title: 'Dunlin', lines: ['Two'] },
      ],
    },
  ],
  'over a page': [
    { kind: 'frame', height: 620 },
    {
      kind: 'together',
      blocks: [
        { kind: 'heading', text: 'Both of these' },
        { kind: 'text', text: LONG.repeat(4) },
      ],
    },
    { kind: 'new-page' },
    { kind: 'text', text: 'On a page of its own' },
  ],
};

const MM = 25.4 / 72;
const inMm = (points: number): string => (points * MM).toFixed(1);

/** What stands on each page: every text with its place and size, and what is drawn by its number, place, size and paint. */
function tableOf(file: Uint8Array): string[] {
  return pdfPages(file).map(({ width, height, texts, drawn, painted }) => {
    const sum = (of: (one: (typeof drawn)[number]) => number): number =>
      drawn.reduce((all, one) => all + of(one), 0);
    const about = (of: (one: (typeof drawn)[number]) => number): string =>
      inMm(sum(of) / Math.max(1, drawn.length));
    return [
      `${inMm(width)} × ${inMm(height)} mm`,
      ...texts.map(
        ({ x, y, size, text }) => `${inMm(x)} ${inMm(y)}, ${size.toFixed(1)} pt: ${text}`,
      ),
      `${drawn.length} drawn, ${inMm(sum((one) => one.width))} × ${inMm(sum((one) => one.height))} mm together, ` +
        `about ${about((one) => one.x)} ${about((one) => one.y)}`,
      ...[...new Set(painted)].map(
        (look) => `${painted.filter((one) => one === look).length} × ${look}`,
      ),
    ].join('\n');
  });
}

const FACTS = { title: 'Every block', paper: 'A4', made: new Date(0) } as const;

test('every kind of block stands where it should', async () => {
  const sheets = Object.entries(BLOCKS).map(([title, blocks]): PrintedSheet => ({
    title,
    subtitle: 'as it is asked for',
    blocks,
  }));
  const pages = tableOf(await pdfOfSheets(sheets, drawnDesk(EVALUATION), FACTS));
  expect(pages.length).toBeGreaterThan(sheets.length);
  expect(pages.join('\n\n')).toMatchSnapshot();
});

test('below a drawing stands what it shows, one string as one', () => {
  const caption = (cellsInSeries: number, strings: number, pairs = 1): string => {
    const { cell } = demoPlan('demo-lamp');
    const size = { ...RECIPES[cell.recipe].usualSize, pairs };
    const arrangement = { kind: 'own', cellsInSeries, strings } as const;
    return deskCaption(
      evaluatePlan({ ...demoPlan('demo-lamp'), cell: { ...cell, size }, arrangement }).desk,
    );
  };
  expect([caption(3, 1), caption(2, 2), caption(2, 1, 3)]).toMatchInlineSnapshot(`
[
  "3 cells, 1 string; − zinc, hatched (left), + copper, plain (right).",
  "4 cells, 2 strings; − zinc, hatched (left), + copper, plain (right).",
  "2 cells, 1 string, 3 pairs of metal in each; − zinc, hatched (left), + copper, plain (right).",
]
`);
});

test('a pile, and a battery too wide for its page, stand where they should', async () => {
  const wide = { kind: 'own', cellsInSeries: 12, strings: 3 } as const;
  const pages: string[] = [];
  for (const cell of [freshCell('coin-pile-brine'), freshCell('juice-cup')]) {
    const evaluation = evaluatePlan({ ...demoPlan('demo-lamp'), cell, arrangement: wide });
    const sheet: PrintedSheet = {
      title: cell.recipe,
      subtitle: '',
      blocks: [...(BLOCKS['desk'] ?? []).slice(0, 1), ...(BLOCKS['pictures'] ?? [])],
    };
    pages.push(...tableOf(await pdfOfSheets([sheet], drawnDesk(evaluation), FACTS)));
  }
  // Of the signs at the cells the first few say where all stand.
  const few = pages.map((page) =>
    page
      .split('\n')
      .filter((line, index) => index < 12 || !/: [−+]$/.test(line))
      .join('\n'),
  );
  expect(few.join('\n\n')).toMatchSnapshot();
});

test('a sheet grows to its page or is set smaller, lies on its side, and is as large as its paper', async () => {
  const text: Block = { kind: 'text', text: LONG };
  const sheets: PrintedSheet[] = [
    { title: 'Grown', subtitle: '', blocks: [text], grows: true },
    {
      title: 'Smaller',
      subtitle: '',
      blocks: Array.from({ length: 50 }, () => text),
      mostPages: 1,
    },
    { title: 'On its side', subtitle: '', blocks: [text], landscape: true },
  ];
  const pages = tableOf(await pdfOfSheets(sheets, null, { ...FACTS, paper: 'Letter' }));
  expect(pages.map((page) => page.split('\n').slice(0, 3).join('\n'))).toMatchSnapshot();
  expect(pages).toHaveLength(3);
});

test('what is set smaller is smaller in all of its parts, and a frame takes the room that is left', async () => {
  const kinds = ['list', 'table', 'caution', 'columns', 'cards'] as const;
  const blocks = kinds.flatMap((kind) => BLOCKS[kind] ?? []);
  const text: Block = { kind: 'text', text: LONG };
  const frames: Block[] = [460, 400, 300].map((height) => ({ kind: 'frame', height }));
  const sheets: PrintedSheet[] = [
    { title: 'Smaller', subtitle: 'in all', blocks: [...blocks, text, text], mostPages: 1 },
    { title: 'Frames', subtitle: '', blocks: frames },
  ];
  const pages = tableOf(await pdfOfSheets(sheets, null, FACTS));
  expect(pages).toHaveLength(3);
  expect(pages.join('\n\n')).toMatchSnapshot();
});

test('a print is the same whatever was printed before it, in each font and with signs that it lacks', async () => {
  const printed = (words: string): Promise<Uint8Array> =>
    pdfOfSheets(
      [
        {
          title: words,
          subtitle: `${words} → 654 Ω`,
          blocks: [{ kind: 'text', text: `${words}, 50 µA`, strong: true }],
        },
      ],
      null,
      FACTS,
    );
  const first = await printed('Quince and medlar');
  await printed('Medlar, then quince');
  expect(Buffer.compare(await printed('Quince and medlar'), first)).toBe(0);
});

/** Every kind of face and line that a drawing has. */
const SHAPES: Readonly<Record<string, Shape>> = {
  ...Object.fromEntries(
    MATERIALS.map((metal) => [metal, rect(90, 90, 12, 20, { fill: { metal }, stroke: INK })]),
  ),
  'zinc, round': ellipse(100, 100, 12, 8, { fill: { metal: 'zinc' }, stroke: INK }),
  'zinc, of a path': path('M 0 0 L 8 0 L 8 8 Z', { fill: { metal: 'zinc' }, stroke: INK }),
  'half grey': ellipse(100, 100, 12, 8, { fill: colour('#ff0000'), grey: 0.5 }),
  'lined in ink': rect(90, 90, 12, 20, { fill: CARD, stroke: colour('#00ff00'), grey: 1 }),
  'lined in the colour of the card': rect(90, 90, 12, 20, { fill: INK, stroke: CARD, grey: 0 }),
  'lined in soft ink': rect(90, 90, 12, 20, { fill: INK, stroke: SOFT_INK, grey: 0 }),
  'round corners, turned': rect(90, 90, 40, 20, { stroke: INK, radius: 4, turned: 30 }),
  'too round corners': rect(90, 90, 40, 20, { stroke: INK, radius: 99 }),
  dashed: path('M 90 90 L 140 90', { stroke: INK, strokeWidth: 5, dash: [3, 6] }),
  thick: path('M 90 90 L 140 90', { stroke: INK, strokeWidth: 5 }),
  words: { ...rect(0, 0, 0, 0, {}), kind: 'text', x: 100, y: 100, size: 12, text: '+' },
};

test('every face and line of a drawing is painted its own way', async () => {
  const pdf = new SheetPdf({ size: 'A4', autoFirstPage: false });
  const chunks: Buffer[] = [];
  pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise((resolve) => pdf.on('end', resolve));
  for (const shape of Object.values(SHAPES)) {
    pdf.addPage();
    drawShapes(pdf, [shape]);
  }
  pdf.end();
  await ended;
  const pages = tableOf(Buffer.concat(chunks)).map((page) => page.split('\n').slice(1).join('; '));
  const names = Object.keys(SHAPES);
  expect(pages).toHaveLength(names.length);
  expect(Object.fromEntries(pages.map((page, index) => [names[index], page]))).toMatchSnapshot();
});

test('where a blank is filled in by hand its unit stands at the right, signs of another font too', async () => {
  const sheet: PrintedSheet = { title: '', subtitle: '', blocks: BLOCKS['table'] ?? [] };
  const [page] = pdfPages(await pdfOfSheets([sheet], null, FACTS));
  const placeOf = (text: string): number =>
    page?.texts.find((one) => one.text.trim() === text)?.x ?? NaN;
  const middle = (page?.width ?? 0) / 2;
  // Two columns of one width: what begins at the left of the second stands just right of the middle.
  expect(Math.abs(placeOf('Here') - middle)).toBeLessThan(10);
  const edge = (page?.width ?? 0) - placeOf('Read');
  expect(edge - placeOf('V')).toBeLessThan(12);
  expect(edge - placeOf('V')).toBeGreaterThan(0);
  expect(placeOf('Ω')).toBeGreaterThan(middle + 100);
  expect(placeOf('Ω')).toBeLessThan(placeOf('V'));
  // Figures too: the last digit of each stands below the other’s.
  expect(placeOf('4')).toBeGreaterThan(placeOf('12'));
});

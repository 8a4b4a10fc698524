import {
  receiveMessageOnPort,
  MessageChannel,
  Worker,
  type MessagePort,
} from 'node:worker_threads';
import * as z from 'zod/mini';

const place = { x: z.number(), y: z.number() };
const box = z.object({ ...place, width: z.number(), height: z.number() });
const pages = z.array(
  z.object({
    width: z.number(),
    height: z.number(),
    texts: z.array(z.object({ ...place, text: z.string(), width: z.number(), size: z.number() })),
    /** Rectangles. */
    boxes: z.array(box),
    /** Frames round everything that is drawn. */
    drawn: z.array(box),
    /** How each of it is painted: what fills it, and the pen round it. */
    painted: z.array(z.string()),
  }),
);

/** Reads in a thread of its own: pdf.js is a module that the tests' runtime cannot load. Files follow each other; it is loaded once. */
const READER = `
const { workerData } = require('node:worker_threads');
const { port, answers } = workerData;
// What it misses for pictures it says aloud.
console.log = console.warn = () => undefined;
const loaded = import('pdfjs-dist/legacy/build/pdf.mjs');
port.on('message', async (file) => {
  try {
    port.postMessage({ pages: await pagesOf(await loaded, file) });
  } catch (error) {
    port.postMessage({ wrong: String(error) });
  }
  Atomics.add(answers, 0, 1);
  Atomics.notify(answers, 0);
});
async function pagesOf({ getDocument, OPS, Util }, data) {
const pdf = await getDocument({ data, verbosity: 0 }).promise;
const NUMBERS = { [OPS.rectangle]: 4, [OPS.curveTo]: 6, [OPS.curveTo2]: 4, [OPS.curveTo3]: 4, [OPS.closePath]: 0 };
const pages = [];
for (let number = 1; number <= pdf.numPages; number += 1) {
  const page = await pdf.getPage(number);
  const [, , width, height] = page.view;
  const { items } = await page.getTextContent();
  const { fnArray, argsArray } = await page.getOperatorList();
  const boxes = [];
  const drawn = [];
  const painted = [];
  const paint = { fill: '#000000', line: '#000000', wide: 1, dashes: [] };
  const colourOf = (parts) => (typeof parts[0] === 'string' ? parts[0] : Util.makeHexColor(...parts));
  const pen = () => [paint.line, paint.wide.toFixed(2), ...paint.dashes.map((one) => one.toFixed(1))].join(' ');
  const framed = (corners) => {
    const [xs, ys] = [0, 1].map((axis) => corners.map((corner) => Util.applyTransform(corner, matrix)[axis]));
    const [left, right, low, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    return { x: left, y: height - top, width: right - left, height: top - low };
  };
  let matrix = [1, 0, 0, 1, 0, 0];
  let slope = '';
  const saved = [];
  fnArray.forEach((kind, index) => {
    const parts = argsArray[index];
    if (kind === OPS.save) saved.push([matrix, { ...paint }]);
    if (kind === OPS.restore) {
      const [place, look] = saved.pop() ?? [matrix, paint];
      matrix = place;
      Object.assign(paint, look);
    }
    if (kind === OPS.setFillRGBColor) paint.fill = colourOf(parts);
    if (kind === OPS.setStrokeRGBColor) paint.line = colourOf(parts);
    if (kind === OPS.setLineWidth) paint.wide = parts[0];
    if (kind === OPS.setDash) paint.dashes = parts[0];
    if (kind === OPS.fill || kind === OPS.eoFill) painted.push(paint.fill);
    if (kind === OPS.stroke || kind === OPS.closeStroke) painted.push('line ' + pen() + slope);
    if (kind === OPS.fillStroke || kind === OPS.eoFillStroke) painted.push(paint.fill + ' with line ' + pen());
    if (kind === OPS.transform) matrix = Util.transform(matrix, parts);
    if (kind !== OPS.constructPath) return;
    const [kinds, numbers] = parts;
    const corners = [];
    let at = 0;
    for (const one of kinds) {
      const used = NUMBERS[one] ?? 2;
      const own = numbers.slice(at, at + used);
      at += used;
      if (one === OPS.rectangle) {
        const [x, y, wide, high] = own;
        corners.push([x, y], [x + wide, y + high]);
        boxes.push(framed(corners.slice(-2)));
      } else for (let place = 0; place < used; place += 2) corners.push(own.slice(place, place + 2));
    }
    if (corners.length > 0) drawn.push(framed(corners));
    const [from, to] = corners.map((corner) => Util.applyTransform(corner, matrix));
    const rise = kinds.length === 2 ? (to[0] - from[0]) * (to[1] - from[1]) : 0;
    slope = rise === 0 ? '' : rise > 0 ? ' rising' : ' falling';
  });
  pages.push({
    boxes,
    drawn,
    painted,
    width,
    height,
    texts: items.filter(({ str }) => str.trim() !== '').map(({ str, transform, width: wide }) => ({
      text: str,
      width: wide,
      x: transform[4],
      y: height - transform[5],
      size: Math.hypot(transform[0], transform[1]),
    })),
  });
}
return pages;
}
`;

const answered = z.union([z.object({ pages }), z.object({ wrong: z.string() })]);

interface Reader {
  readonly port: MessagePort;
  /** How many files it has answered for. */
  readonly answers: Int32Array;
}

/** A machine that others use too may take long over it. */
const PATIENCE_MS = 120_000;

let reader: Reader | null = null;

function startReader(): Reader {
  const { port1, port2 } = new MessageChannel();
  const answers = new Int32Array(new SharedArrayBuffer(4));
  const workerData = { port: port2, answers };
  new Worker(READER, { eval: true, workerData, transferList: [port2] }).unref();
  port1.unref();
  return { port: port1, answers };
}

/** What stands on each page of a PDF file, and where: points from its upper left, the base line for y. */
export function pdfPages(file: Uint8Array): z.infer<typeof pages> {
  const { port, answers } = (reader ??= startReader());
  const before = Atomics.load(answers, 0);
  port.postMessage(new Uint8Array(file));
  if (Atomics.wait(answers, 0, before, PATIENCE_MS) === 'timed-out') {
    throw new Error('the PDF is not read');
  }
  const answer = answered.parse(receiveMessageOnPort(port)?.message);
  if ('wrong' in answer) throw new Error(`the PDF cannot be read: ${answer.wrong}`);
  return answer.pages;
}

/** Its words, page by page. */
export function pdfWords(file: Uint8Array): string[] {
  return pdfPages(file).map(({ texts }) =>
    texts
      .map(({ text }) => text)
      .join(' ')
      .replace(/\s+/g, ' '),
  );
}

import { spawnSync } from 'node:child_process';
import { z } from 'zod';

const printed = z.object({ text: z.string(), x: z.number(), y: z.number(), size: z.number() });
const pages = z.array(z.object({ width: z.number(), height: z.number(), texts: z.array(printed) }));

/** Reads in a process of its own: pdf.js is a module that the tests' runtime cannot load. */
const READER = `
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
const pdf = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise;
const pages = [];
for (let number = 1; number <= pdf.numPages; number += 1) {
  const page = await pdf.getPage(number);
  const [, , width, height] = page.view;
  const { items } = await page.getTextContent();
  pages.push({
    width,
    height,
    texts: items.filter(({ str }) => str.trim() !== '').map(({ str, transform }) => ({
      text: str,
      x: transform[4],
      y: height - transform[5],
      size: Math.hypot(transform[0], transform[1]),
    })),
  });
}
process.stdout.write(JSON.stringify(pages));
`;

/** What stands on each page of a PDF file, and where: points from its upper left, the base line for y. */
export function pdfPages(file: Uint8Array): z.infer<typeof pages> {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--input-type=module', '-e', READER],
    { input: file, encoding: 'utf8', maxBuffer: 50e6 },
  );
  if (status !== 0) throw new Error(`the PDF cannot be read: ${stderr}`);
  return pages.parse(JSON.parse(stdout));
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

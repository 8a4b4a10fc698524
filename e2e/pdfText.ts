import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Text of a PDF file page by page, read by a library that has nothing to do with how it was made. */
export async function pdfText(file: Buffer): Promise<string[]> {
  const pdf = await getDocument({ data: new Uint8Array(file), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= pdf.numPages; number += 1) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    pages.push(
      items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replace(/\s+/g, ' '),
    );
  }
  return pages;
}

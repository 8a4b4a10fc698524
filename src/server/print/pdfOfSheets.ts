import { join } from 'node:path';
import PDFDocument from 'pdfkit';
import type { Paper } from '@/core/records/plan/lessonSchema';
import type { PrintedSheet } from '@/core/work/preparation/sheets/sheet';
import { DEFERRAL } from '@/core/physics/safety/cautions';
import type { DrawnDesk } from './drawDesk';
import { FONTS, MARGINS, renderSheet } from './renderSheet';

const FONT_FOLDER = join(
  process.cwd(),
  'node_modules/@fontsource/atkinson-hyperlegible-next/files',
);
const fontFile = (weight: number): string =>
  join(FONT_FOLDER, `atkinson-hyperlegible-next-latin-${weight}-normal.woff`);

/** Sheets one after another as a PDF with the fonts in it; every page carries the deferral to local rules. */
export async function pdfOfSheets(
  sheets: readonly PrintedSheet[],
  drawn: DrawnDesk | null,
  { title, paper, made }: { title: string; paper: Paper; made: Date },
): Promise<Buffer> {
  const pdf = new PDFDocument({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    margins: MARGINS,
    bufferPages: true,
    info: { Title: title, Creator: 'Grozer', CreationDate: made },
    lang: 'en',
  });
  pdf.registerFont(FONTS.text, fontFile(400));
  pdf.registerFont(FONTS.bold, fontFile(700));
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
  });
  sheets.forEach((sheet, index) => {
    if (index > 0) pdf.addPage();
    renderSheet(pdf, sheet, drawn);
  });
  addFooters(pdf, title);
  pdf.end();
  return done;
}

function addFooters(pdf: PDFKit.PDFDocument, title: string): void {
  const { start, count } = pdf.bufferedPageRange();
  for (let page = start; page < start + count; page += 1) {
    pdf.switchToPage(page);
    const { width, height, margins } = pdf.page;
    // Text below the lower margin would begin a new page.
    margins.bottom = 0;
    pdf.font(FONTS.text).fontSize(7).fillColor('#444444');
    pdf.text(DEFERRAL, margins.left, height - 44, { width: width - margins.left - margins.right });
    pdf.text(`${title} · page ${page - start + 1} of ${count}`, margins.left, height - 22, {
      width: width - margins.left - margins.right,
      lineBreak: false,
    });
    margins.bottom = MARGINS.bottom;
  }
}

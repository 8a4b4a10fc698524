import type { Paper } from '@/core/physics/recipes/separatorPlan';
import { withCustomary } from '@/core/formats/customary';
import { type PrintedSheet, withTexts } from '@/core/work/preparation/sheets/sheet';
import { DEFERRAL } from '@/core/physics/safety/deferral';
import type { DrawnDesk } from './drawDesk';
import { MARGINS } from './page';
import { printable } from './printable';
import { renderSheet } from './renderSheet';
import { FONTS, SheetPdf } from './sheetPdf';

interface PrintFacts {
  readonly title: string;
  readonly paper: Paper;
  readonly made: Date;
  /** Inches, cups and °F beside the metric figures. */
  readonly customary?: boolean;
}

/** Sizes that a sheet for so many pages is tried in, largest first; the smallest is still read at arm's length. */
const SCALES = [1, 0.98, 0.955, 0.94, 0.88, 0.82, 0.76, 0.7, 0.64] as const;

/** Sizes that a sheet is tried in which uses the whole of its page. */
const LARGER = [1.6, 1.4, 1.2] as const;

/** Sheets one after another as a PDF with the fonts in it; every page carries the deferral to local rules. */
export async function pdfOfSheets(
  asMade: readonly PrintedSheet[],
  drawn: DrawnDesk | null,
  facts: PrintFacts,
): Promise<Buffer> {
  const sheets =
    facts.customary === true ? asMade.map((sheet) => withTexts(sheet, withCustomary)) : asMade;
  const pdf = new SheetPdf({
    ...pageOf(facts.paper, sheets[0]),
    bufferPages: true,
    info: { Title: facts.title, Creator: 'Grozer', CreationDate: facts.made },
    lang: 'en',
  });
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
  });
  sheets.forEach((sheet, index) => {
    if (index > 0) pdf.addPage(pageOf(facts.paper, sheet));
    renderSheet(pdf, sheet, drawn, scaleFor(sheet, drawn, facts.paper));
  });
  addFooters(pdf, printable(facts.title));
  pdf.end();
  return done;
}

function pageOf(paper: Paper, sheet: PrintedSheet | undefined): PDFKit.PDFDocumentOptions {
  return {
    size: paper === 'A4' ? 'A4' : 'LETTER',
    layout: sheet?.landscape === true ? 'landscape' : 'portrait',
    margins: MARGINS,
  };
}

/** The largest size in which a sheet fits on the pages that it may take; nothing said: on those that it takes as usual. */
export function scaleFor(sheet: PrintedSheet, drawn: DrawnDesk | null, paper: Paper): number {
  const { grows = false } = sheet;
  if (sheet.mostPages === undefined && !grows) return 1;
  const mostPages = sheet.mostPages ?? pagesOf(sheet, drawn, paper, 1);
  const smallest = SCALES[SCALES.length - 1] ?? 1;
  return (
    [...(grows ? LARGER : []), ...SCALES].find(
      (scale) => pagesOf(sheet, drawn, paper, scale) <= mostPages,
    ) ?? smallest
  );
}

function pagesOf(
  sheet: PrintedSheet,
  drawn: DrawnDesk | null,
  paper: Paper,
  scale: number,
): number {
  const trial = new SheetPdf({ ...pageOf(paper, sheet), bufferPages: true });
  renderSheet(trial, sheet, drawn, scale);
  return trial.bufferedPageRange().count;
}

function addFooters(pdf: SheetPdf, title: string): void {
  const { start, count } = pdf.bufferedPageRange();
  for (let page = start; page < start + count; page += 1) {
    pdf.switchToPage(page);
    const { width, height, margins } = pdf.page;
    // Text below the lower margin would begin a new page.
    margins.bottom = 0;
    const inner = width - margins.left - margins.right;
    pdf.write(FONTS.text).fontSize(7).fillColor('#444444');
    pdf.text(DEFERRAL, margins.left, height - 44, { width: inner });
    pdf.text(`${title} · page ${page - start + 1} of ${count}`, margins.left, height - 22, {
      width: inner,
      lineBreak: false,
    });
    margins.bottom = MARGINS.bottom;
  }
}

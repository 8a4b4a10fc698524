import type { Block } from '@/core/work/preparation/sheets/sheet';
import { keepTogether, plainText, writingShare, TEXT_SIZE, type Column } from './page';
import { printable } from './printable';
import { FONTS, type SheetPdf } from './sheetPdf';

const PADDING = 3.5;
const WRITABLE_ROW = 24;
const THIN = '#000000';

type Table = Extract<Block, { kind: 'table' }>;

/** A table; one to write in has boxes of its own and taller rows. */
export function renderTable(pdf: SheetPdf, block: Table, column: Column): void {
  const { header, rows, writable = false } = block;
  plainText(pdf, column);
  // A header alone at the foot of a page helps nobody.
  keepTogether(pdf, 3 * WRITABLE_ROW * column.scale);
  if (header.some((text) => text !== '')) renderRow(pdf, header, block, column, true);
  for (const row of rows) renderRow(pdf, row, block, column, false);
  pdf.x = column.x;
  pdf.y += (writable ? 8 : 5) * column.scale;
}

function renderRow(
  pdf: SheetPdf,
  cells: readonly string[],
  { widths, writable = false, figures = [] }: Table,
  column: Column,
  isHeader: boolean,
): void {
  const { scale } = column;
  const padding = PADDING * scale;
  const size = (writable ? TEXT_SIZE : TEXT_SIZE - 0.5) * scale;
  pdf.write(isHeader ? FONTS.bold : FONTS.text).fontSize(size);
  const widthOf = (index: number): number => (widths[index] ?? 0) * column.width;
  const heights = cells.map((text, index) =>
    pdf.heightOfString(printable(text), { width: widthOf(index) - 2 * padding }),
  );
  const least = writable && !isHeader ? WRITABLE_ROW * writingShare(column) : 0;
  const height = Math.max(least, ...heights) + 2 * padding;
  keepTogether(pdf, height);
  const { y } = pdf;
  let x = column.x;
  cells.forEach((text, index) => {
    const width = widthOf(index);
    if (writable) pdf.lineWidth(0.6).rect(x, y, width, height).stroke('#000000');
    pdf.fillColor('#000000').text(printable(text), x + padding, y + padding, {
      width: width - 2 * padding,
      // Blanks are filled in by hand: their unit stands at the right.
      align: (writable && !isHeader && index > 0) || figures.includes(index) ? 'right' : 'left',
    });
    x += width;
  });
  if (!writable) {
    pdf
      .lineWidth(0.3)
      .moveTo(column.x, y + height)
      .lineTo(column.x + column.width, y + height)
      .stroke(THIN);
  }
  pdf.y = y + height;
}

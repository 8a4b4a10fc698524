import type { Block, PrintedSheet } from '@/core/work/preparation/sheets/sheet';
import { deskCaption, drawDesk, type DrawnDesk } from './drawDesk';
import { printable } from './printable';

type Pdf = PDFKit.PDFDocument;

export const FONTS = { text: 'text', bold: 'bold' } as const;
/** Margins of a page in points: 17 mm, and 20 mm below for the footer. */
export const MARGINS = { top: 48, left: 48, right: 48, bottom: 58 } as const;

const GREY = '#444444';
const TEXT_SIZE = 10.5;
const ROW_PADDING = 4;
const WRITABLE_ROW = 22;
const LINE_HEIGHT = 22;
const BOX = 8.5;

/** Writes a sheet from the top of the current page; long ones go on over further pages. */
export function renderSheet(
  pdf: Pdf,
  { title, subtitle, blocks }: PrintedSheet,
  drawn: DrawnDesk | null,
): void {
  pdf.fillColor('#000000').font(FONTS.bold).fontSize(17).text(printable(title));
  pdf.font(FONTS.text).fontSize(TEXT_SIZE).fillColor(GREY).text(printable(subtitle));
  pdf.moveDown(0.6).fillColor('#000000');
  for (const block of blocks) renderBlock(pdf, block, drawn);
}

function renderBlock(pdf: Pdf, block: Block, drawn: DrawnDesk | null): void {
  pdf.font(FONTS.text).fontSize(TEXT_SIZE).fillColor('#000000');
  switch (block.kind) {
    case 'heading':
      keepTogether(pdf, 46);
      pdf.moveDown(0.5).font(FONTS.bold).fontSize(12.5).text(printable(block.text)).moveDown(0.2);
      return;
    case 'text':
      if (block.strong === true) pdf.font(FONTS.bold);
      pdf.text(printable(block.text), { lineGap: 1.5 }).moveDown(0.25);
      return;
    case 'list':
      renderList(pdf, block);
      return;
    case 'table':
      renderTable(pdf, block);
      return;
    case 'caution':
      renderCaution(pdf, block.text);
      return;
    case 'desk':
      if (drawn === null) throw new Error('a sheet with a desk needs one to draw');
      renderDesk(pdf, drawn);
      return;
    case 'lines':
      for (let line = 0; line < block.count; line += 1) {
        keepTogether(pdf, LINE_HEIGHT);
        pdf.y += LINE_HEIGHT;
        rule(pdf, pdf.y, '#999999');
      }
      pdf.moveDown(0.4);
      return;
    case 'cards':
      renderCards(pdf, block);
      return;
  }
}

function left(pdf: Pdf): number {
  return pdf.page.margins.left;
}

function innerWidth(pdf: Pdf): number {
  return pdf.page.width - pdf.page.margins.left - pdf.page.margins.right;
}

/** Begins a new page where there is no room for so many points. */
function keepTogether(pdf: Pdf, height: number): void {
  if (pdf.y + height > pdf.page.height - pdf.page.margins.bottom) pdf.addPage();
}

function rule(pdf: Pdf, y: number, colour = '#000000'): void {
  pdf
    .lineWidth(0.6)
    .strokeColor(colour)
    .moveTo(left(pdf), y)
    .lineTo(left(pdf) + innerWidth(pdf), y)
    .stroke()
    .strokeColor('#000000');
}

function renderList(pdf: Pdf, { style, items }: Extract<Block, { kind: 'list' }>): void {
  const indent = 18;
  const width = innerWidth(pdf) - indent;
  items.forEach((item, index) => {
    const text = printable(item);
    keepTogether(pdf, pdf.heightOfString(text, { width }) + 2);
    const { y } = pdf;
    if (style === 'box')
      pdf
        .lineWidth(0.8)
        .rect(left(pdf), y + 2, BOX, BOX)
        .stroke();
    else pdf.text(style === 'number' ? `${index + 1}.` : '•', left(pdf), y, { lineBreak: false });
    pdf.text(text, left(pdf) + indent, y, { width, lineGap: 1 });
    pdf.y += 2;
  });
  pdf.x = left(pdf);
  pdf.moveDown(0.2);
}

function renderTable(pdf: Pdf, block: Extract<Block, { kind: 'table' }>): void {
  const { header, rows, widths, writable = false } = block;
  // A header alone at the foot of a page helps nobody.
  keepTogether(pdf, 3 * WRITABLE_ROW);
  pdf.table({
    columnStyles: widths.map((share) => ({ width: share * innerWidth(pdf) })),
    defaultStyle: {
      padding: ROW_PADDING,
      border: writable ? 0.5 : { top: 0, right: 0, bottom: 0.6, left: 0 },
      borderColor: writable ? '#000000' : '#999999',
    },
    rowStyles: (row) =>
      row === 0 ? { font: { src: FONTS.bold } } : { minHeight: writable ? WRITABLE_ROW : 0 },
    data: [
      header.map(printable),
      ...rows.map((cells) =>
        cells.map((text, column) => ({
          text: printable(text),
          // Blanks are filled in by hand: their unit stands at the right.
          align: { x: writable && column > 0 ? 'right' : 'left', y: 'top' } as const,
        })),
      ),
    ],
  });
  pdf.moveDown(0.4);
}

function renderCaution(pdf: Pdf, caution: string): void {
  const text = printable(caution);
  const width = innerWidth(pdf) - 30;
  const height = pdf.fontSize(9.5).heightOfString(text, { width }) + 6;
  keepTogether(pdf, height + 4);
  const { y } = pdf;
  const x = left(pdf);
  pdf
    .lineWidth(0.8)
    .polygon([x + 2, y + 14], [x + 9, y + 2], [x + 16, y + 14])
    .stroke();
  pdf.font(FONTS.bold).text('!', x + 7.4, y + 4, { lineBreak: false });
  pdf.font(FONTS.text).text(text, x + 24, y + 3, { width });
  pdf.y = y + height + 2;
  pdf.x = x;
}

function renderDesk(pdf: Pdf, { desk, loadName, resistor }: DrawnDesk): void {
  const width = innerWidth(pdf);
  keepTogether(pdf, 0.5 * width);
  const { y } = pdf;
  const height = drawDesk(
    pdf,
    {
      desk,
      loadName: printable(loadName),
      resistor: resistor === null ? null : printable(resistor),
    },
    { x: left(pdf), y, width },
  );
  pdf.x = left(pdf);
  pdf.y = y + height;
  pdf
    .font(FONTS.text)
    .fontSize(9)
    .fillColor(GREY)
    .text(printable(deskCaption(desk)));
  pdf.moveDown(0.5).fillColor('#000000');
}

function renderCards(pdf: Pdf, { columns, cards }: Extract<Block, { kind: 'cards' }>): void {
  const gap = 10;
  const width = (innerWidth(pdf) - gap * (columns - 1)) / columns;
  const inner = width - 24;
  const heightOf = ({ title, lines }: (typeof cards)[number]): number =>
    pdf.font(FONTS.bold).fontSize(14).heightOfString(printable(title), { width: inner }) +
    lines.reduce(
      (sum, line) =>
        sum +
        pdf.font(FONTS.text).fontSize(TEXT_SIZE).heightOfString(printable(line), { width: inner }) +
        3,
      0,
    ) +
    30;
  const height = Math.max(90, ...cards.map(heightOf));
  for (let index = 0; index < cards.length; index += columns) {
    keepTogether(pdf, height);
    const { y } = pdf;
    cards.slice(index, index + columns).forEach(({ title, lines }, column) => {
      const x = left(pdf) + column * (width + gap);
      pdf.lineWidth(0.8).dash(3, { space: 3 }).rect(x, y, width, height).stroke().undash();
      pdf
        .font(FONTS.bold)
        .fontSize(14)
        .text(printable(title), x + 12, y + 12, { width: inner });
      pdf.font(FONTS.text).fontSize(TEXT_SIZE);
      for (const line of lines) pdf.text(printable(line), x + 12, pdf.y + 3, { width: inner });
    });
    pdf.y = y + height + gap;
    pdf.x = left(pdf);
  }
}

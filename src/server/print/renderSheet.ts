import { drawShapes } from './drawShapes';
import { cautionPictures } from '@/core/physics/desk/drawing/cautionShapes';
import type { Block, PrintedSheet } from '@/core/work/preparation/sheets/sheet';
import { deskCaption, drawDesk, type DrawnDesk } from './drawDesk';
import {
  GREY,
  keepTogether,
  pictureShare,
  plainText,
  rule,
  TEXT_SIZE,
  wholePage,
  writingShare,
  type Column,
  LEAST_LETTER,
} from './page';
import { printable } from './printable';
import { renderCards } from './renderCards';
import { renderPictures } from './renderPictures';
import { renderStairs } from './renderStairs';
import { renderTable } from './renderTable';
import { FONTS, SheetPdf } from './sheetPdf';

const LINE_HEIGHT = 24;
const BOX = 8;
const COLUMN_GAP = 18;

/** Writes a sheet from the top of the current page; long ones go on over further pages. */
export function renderSheet(
  pdf: SheetPdf,
  { title, subtitle, blocks }: PrintedSheet,
  drawn: DrawnDesk | null,
  scale = 1,
): void {
  const column = wholePage(pdf, scale);
  pdf
    .write(FONTS.heading)
    .fontSize(20 * scale)
    .fillColor('#000000');
  pdf.text(printable(title), column.x, pdf.y, { width: column.width });
  plainText(pdf, column).fillColor(GREY).text(printable(subtitle), { width: column.width });
  pdf.y += 7 * scale;
  for (const block of blocks) renderBlock(pdf, block, drawn, column);
}

function renderBlock(pdf: SheetPdf, block: Block, drawn: DrawnDesk | null, column: Column): void {
  const { x, width, scale } = column;
  plainText(pdf, column);
  pdf.x = x;
  switch (block.kind) {
    case 'heading':
      keepTogether(pdf, 46 * scale);
      pdf.y += 6 * scale;
      pdf.write(FONTS.heading).fontSize(13.5 * scale);
      pdf.text(printable(block.text), x, pdf.y, { width });
      pdf.y += 3 * scale;
      return;
    case 'text':
      if (block.strong === true) pdf.write(FONTS.bold);
      pdf.text(printable(block.text), x, pdf.y, { width, lineGap: 1.5 * scale });
      pdf.y += 4 * scale;
      return;
    case 'list':
      renderList(pdf, block, column);
      return;
    case 'table':
      renderTable(pdf, block, column);
      return;
    case 'caution':
      renderCaution(pdf, block, column);
      return;
    case 'desk':
      renderDesk(pdf, drawn, block, column);
      return;
    case 'together': {
      const aside = new SheetPdf({ size: [pdf.page.width, TALL], margins: pdf.page.margins });
      aside.y = 0;
      for (const one of block.blocks) renderBlock(aside, one, drawn, column);
      keepTogether(pdf, aside.y);
      for (const one of block.blocks) renderBlock(pdf, one, drawn, column);
      return;
    }
    case 'pictures':
      renderPictures(pdf, block, needed(drawn), column);
      return;
    case 'stairs':
      renderStairs(pdf, block, column);
      return;
    case 'lines':
      for (let line = 0; line < block.count; line += 1) {
        keepTogether(pdf, LINE_HEIGHT * writingShare(column));
        pdf.y += LINE_HEIGHT * writingShare(column);
        rule(pdf, column, pdf.y);
      }
      pdf.y += 8;
      return;
    case 'columns':
      renderColumns(pdf, block.columns, drawn, column);
      return;
    case 'frame': {
      // As tall as there is room for, down to half of what is wished.
      keepTogether(pdf, block.height / 2);
      const room = pdf.page.height - pdf.page.margins.bottom - pdf.y;
      const height = Math.min(block.height, room);
      pdf.lineWidth(1).roundedRect(x, pdf.y, width, height, 6).stroke('#000000');
      pdf.y += height;
      return;
    }
    case 'new-page':
      pdf.addPage();
      return;
    case 'cards':
      renderCards(pdf, block, column);
  }
}

function needed(drawn: DrawnDesk | null): DrawnDesk {
  if (drawn === null) throw new Error('a sheet with a desk needs one to draw');
  return drawn;
}

/** Blocks side by side; the page goes on below the longer one. */
function renderColumns(
  pdf: SheetPdf,
  columns: readonly (readonly Block[])[],
  drawn: DrawnDesk | null,
  { x, width, scale }: Column,
): void {
  const each = (width - COLUMN_GAP * (columns.length - 1)) / columns.length;
  const top = pdf.y;
  let bottom = top;
  columns.forEach((blocks, index) => {
    pdf.y = top;
    const column = { x: x + index * (each + COLUMN_GAP), width: each, scale };
    for (const block of blocks) renderBlock(pdf, block, drawn, column);
    bottom = Math.max(bottom, pdf.y);
  });
  pdf.x = x;
  pdf.y = bottom;
}

function renderList(
  pdf: SheetPdf,
  { style, items, columns = 1 }: Extract<Block, { kind: 'list' }>,
  { x, width, scale }: Column,
): void {
  const indent = 16 * scale;
  const each = (width - COLUMN_GAP * (columns - 1)) / columns;
  const rows = Math.ceil(items.length / columns);
  const textWidth = { width: each - indent, lineGap: scale };
  const rowsOfItems = Array.from({ length: rows }, (_, row) =>
    // Read across: the order stays plain where a page ends.
    items.slice(row * columns, (row + 1) * columns).map(printable),
  );
  rowsOfItems.forEach((row, index) => {
    const height = Math.max(...row.map((text) => pdf.heightOfString(text, textWidth))) + 3 * scale;
    keepTogether(pdf, height);
    const { y } = pdf;
    row.forEach((text, place) => {
      const at = x + place * (each + COLUMN_GAP);
      if (style === 'box') {
        const side = BOX * scale;
        pdf
          .lineWidth(0.8)
          .rect(at, y + 2 * scale, side, side)
          .stroke('#000000');
      } else {
        const mark = style === 'number' ? `${index * columns + place + 1}.` : '•';
        pdf.text(mark, at, y, { lineBreak: false });
      }
      pdf.text(text, at + indent, y, textWidth);
    });
    pdf.y = y + height;
  });
  pdf.x = x;
  pdf.y += 2 * scale;
}

function renderCaution(
  pdf: SheetPdf,
  { text: caution, pictures = [] }: Extract<Block, { kind: 'caution' }>,
  { x, width, scale }: Column,
): void {
  const text = printable(caution);
  const drawings = cautionPictures(pictures);
  const aside = PICTURE_ROOM * drawings.length;
  const inner = width - 40 * scale - aside;
  pdf.fontSize((TEXT_SIZE - 0.5) * scale);
  const words = pdf.heightOfString(text, { width: inner }) + 12 * scale;
  const height = drawings.length === 0 ? words : Math.max(words, PICTURE_ROOM);
  keepTogether(pdf, height + 4);
  const { y } = pdf;
  pdf.lineWidth(1).roundedRect(x, y, width, height, 5).stroke('#000000');
  const middle = y + height / 2;
  const left = x + 7 * scale;
  pdf
    .lineWidth(1)
    .polygon(
      [left, middle + 6 * scale],
      [left + 7 * scale, middle - 7 * scale],
      [left + 14 * scale, middle + 6 * scale],
    )
    .stroke();
  pdf
    .write(FONTS.bold)
    .fontSize(9 * scale)
    .text('!', left + 5.6 * scale, middle - 4.5 * scale, { lineBreak: false });
  pdf.write(FONTS.text).fontSize((TEXT_SIZE - 0.5) * scale);
  pdf.text(text, x + 30 * scale, y + 6 * scale, { width: inner });
  drawings.forEach((shapes, index) => {
    pdf.save().translate(x + width - aside + PICTURE_ROOM * (index + 0.5) - 3, middle);
    drawShapes(pdf, shapes);
    pdf.restore();
  });
  pdf.y = y + height + 5 * scale;
  pdf.x = x;
}

/** Width and least height of a picture beside a caution, points. */
const PICTURE_ROOM = 38;

const CAPTION_ROOM = 24;
/** A page on which nothing ends: to measure on. */
const TALL = 5000;

function renderDesk(
  pdf: SheetPdf,
  planned: DrawnDesk | null,
  block: Extract<Block, { kind: 'desk' }>,
  column: Column,
): void {
  const { x, width, scale } = column;
  const drawn = block.desk === undefined ? needed(planned) : { desk: block.desk, load: null };
  const most = block.most * pdf.page.height * pictureShare(column);
  keepTogether(pdf, Math.min(most, 0.4 * width) + CAPTION_ROOM);
  const { y } = pdf;
  const room = pdf.page.height - pdf.page.margins.bottom - y - CAPTION_ROOM;
  const tallest = Math.min(most, room);
  const height = drawDesk(pdf, drawn, { x, y, width, most: tallest });
  pdf
    .write(FONTS.text)
    .fontSize(Math.max(LEAST_LETTER, 8.5 * scale))
    .fillColor(GREY);
  pdf.text(printable(deskCaption(drawn.desk)), x, y + height + 3, { width });
  pdf.fillColor('#000000');
  pdf.y += 5 * scale;
}

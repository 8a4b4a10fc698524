import { cellsOf, withoutFaults } from '@/core/physics/desk/desk';
import { TERMINAL_X, TERMINAL_Y } from '@/core/physics/desk/drawing/cellShapes';
import type { Block, PictureId } from '@/core/work/preparation/sheets/sheet';
import { drawCell, drawDesk, type DrawnDesk } from './drawDesk';
import { plainText, type Column } from './page';
import { printable } from './printable';
import { FONTS, type SheetPdf } from './sheetPdf';

const GAP = 14;
const PICTURE_HEIGHT = 118;
const CAPTION_SIZE = 14;

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Pictures two by two, a few words under each, and a last one over the whole width. */
export function renderPictures(
  pdf: SheetPdf,
  { pictures }: Extract<Block, { kind: 'pictures' }>,
  drawn: DrawnDesk,
  column: Column,
): void {
  const half = (column.width - GAP) / 2;
  let y = pdf.y + 4;
  pictures.forEach(({ id, caption }, index) => {
    const last = index === pictures.length - 1 && index % 2 === 0;
    const frame: Frame = {
      x: column.x + (index % 2) * (half + GAP),
      y,
      width: last ? column.width : half,
      height: PICTURE_HEIGHT * column.scale,
    };
    pdf.lineWidth(1).roundedRect(frame.x, y, frame.width, frame.height, 6).stroke('#000000');
    pdf.save();
    drawPicture(pdf, id, drawn, frame);
    pdf.restore();
    plainText(pdf, column, CAPTION_SIZE);
    pdf.text(printable(caption), frame.x, y + frame.height + 4, { width: frame.width });
    if (index % 2 === 1 || last) y += frame.height + 46 * column.scale;
  });
  pdf.x = column.x;
  pdf.y = y + (pictures.length % 2 === 0 ? 0 : 4);
}

function drawPicture(pdf: SheetPdf, id: PictureId, drawn: DrawnDesk, frame: Frame): void {
  const { x, y, width, height } = frame;
  const middle = { x: x + width / 2, y: y + height / 2 + 10 };
  switch (id) {
    case 'one-cell':
      cellAt(pdf, drawn, middle, 1.5);
      return;
    case 'read-volts': {
      const cell = { x: x + width * 0.3, y: middle.y };
      const meter = { x: x + width * 0.7, y: middle.y };
      cellAt(pdf, drawn, cell, 1.1);
      drawMeter(pdf, meter);
      lead(pdf, terminalOf(cell, 1.1, 1), { x: meter.x - 12, y: meter.y - 38 });
      lead(pdf, terminalOf(cell, 1.1, -1), { x: meter.x + 12, y: meter.y - 38 });
      return;
    }
    case 'next-cell': {
      const first = { x: x + width * 0.28, y: middle.y };
      const second = { x: x + width * 0.72, y: middle.y };
      cellAt(pdf, drawn, first, 1.1);
      cellAt(pdf, drawn, second, 1.1);
      lead(pdf, terminalOf(first, 1.1, 1), terminalOf(second, 1.1, -1));
      return;
    }
    case 'all-cells':
    case 'device':
      drawDesk(pdf, drawn, { x: x + 6, y: y + 8, width: width - 12, most: height - 16 });
  }
}

interface Point {
  readonly x: number;
  readonly y: number;
}

function cellAt(pdf: SheetPdf, { desk }: DrawnDesk, { x, y }: Point, scale: number): void {
  const [cell] = cellsOf(withoutFaults(desk));
  if (cell === undefined) return;
  pdf.save();
  pdf.translate(x, y).scale(scale);
  drawCell(pdf, cell, 54);
  pdf.restore();
}

/** Top of a metal: the left one for −1, the right one for 1. */
function terminalOf({ x, y }: Point, scale: number, side: -1 | 1): Point {
  return { x: x + side * TERMINAL_X * scale, y: y + TERMINAL_Y * scale };
}

/** A lead in a bow. */
function lead(pdf: SheetPdf, from: Point, to: Point): void {
  const top = Math.min(from.y, to.y) - 22;
  pdf
    .lineWidth(1.4)
    .moveTo(from.x, from.y)
    .bezierCurveTo(from.x, top, to.x, top, to.x, to.y)
    .stroke('#000000');
}

/** A meter with an empty display to write the reading into. */
function drawMeter(pdf: SheetPdf, { x, y }: Point): void {
  pdf
    .lineWidth(1.2)
    .roundedRect(x - 32, y - 38, 64, 76, 6)
    .stroke('#000000');
  pdf.rect(x - 26, y - 30, 52, 26).stroke();
  pdf.circle(x, y + 16, 13).stroke();
  pdf
    .moveTo(x, y + 16)
    .lineTo(x - 7, y + 7)
    .stroke();
  pdf.write(FONTS.bold).fontSize(11).fillColor('#000000');
  pdf.text('V', x + 14, y - 22, { lineBreak: false });
}

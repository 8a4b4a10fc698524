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
const CAPTION_HEIGHT = 46;
/** 40 × 15 mm: room for a child’s figures, whatever the scale of the sheet. */
const WRITTEN = { width: 113.4, height: 42.5 } as const;

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Pictures two by two, a few words under each, and a last one over the whole width. */
export function renderPictures(
  pdf: SheetPdf,
  { pictures, fill = false }: Extract<Block, { kind: 'pictures' }>,
  drawn: DrawnDesk,
  column: Column,
): void {
  const room = pdf.page.height - pdf.page.margins.bottom - pdf.y - CAPTION_HEIGHT;
  if (fill && room < PICTURE_HEIGHT) return;
  const pictureHeight = fill ? room : PICTURE_HEIGHT * column.scale;
  const half = (column.width - GAP) / 2;
  let y = pdf.y + 4;
  pictures.forEach(({ id, caption }, index) => {
    const last = index === pictures.length - 1 && index % 2 === 0;
    const frame: Frame = {
      x: column.x + (index % 2) * (half + GAP),
      y,
      width: last ? column.width : half,
      height: pictureHeight,
    };
    pdf.lineWidth(1).roundedRect(frame.x, y, frame.width, frame.height, 6).stroke('#000000');
    pdf.save();
    drawPicture(pdf, id, drawn, frame);
    pdf.restore();
    plainText(pdf, column, CAPTION_SIZE);
    pdf.text(printable(caption), frame.x, y + frame.height + 4, { width: frame.width });
    if (index % 2 === 1 || last) y += frame.height + CAPTION_HEIGHT * column.scale;
  });
  pdf.x = column.x;
  pdf.y = y + (pictures.length % 2 === 0 ? 0 : 4);
}

function drawPicture(pdf: SheetPdf, id: PictureId, drawn: DrawnDesk, frame: Frame): void {
  const { x, y, width, height } = frame;
  const larger = height / PICTURE_HEIGHT;
  const middle = { x: x + width / 2, y: y + height / 2 + 8 * larger };
  switch (id) {
    case 'one-cell':
      cellAt(pdf, drawn, middle, 1.5 * larger);
      return;
    case 'read-volts': {
      const cell = { x: x + width * 0.22, y: middle.y };
      const meter = { x: x + width * 0.7, y: y + height / 2 };
      const plus = terminalOf(drawn, cell, 1.1, 1);
      const minus = terminalOf(drawn, cell, 1.1, -1);
      cellAt(pdf, drawn, cell, 1.1);
      drawMeter(pdf, meter);
      // + to the nearer socket: the two wires do not cross.
      lead(pdf, plus, { x: meter.x - 12, y: meter.y - METER.height / 2 }, 5);
      lead(pdf, minus, { x: meter.x + 12, y: meter.y - METER.height / 2 }, 16);
      return;
    }
    case 'next-cell': {
      const scale = 1.1 * larger;
      if (isPile(drawn)) {
        const half = (PILE_SPACING * scale) / 2;
        cellAt(pdf, drawn, { x: middle.x - half, y: middle.y }, scale, 'above');
        cellAt(pdf, drawn, { x: middle.x + half, y: middle.y }, scale, 'above');
        return;
      }
      const first = { x: x + width * 0.28, y: middle.y };
      const second = { x: x + width * 0.72, y: middle.y };
      cellAt(pdf, drawn, first, scale);
      cellAt(pdf, drawn, second, scale);
      lead(pdf, terminalOf(drawn, first, scale, 1), terminalOf(drawn, second, scale, -1), 22);
      return;
    }
    case 'all-cells':
    case 'device':
      drawDesk(pdf, id === 'all-cells' ? { ...drawn, load: null } : drawn, {
        x: x + 6,
        y: y + 8,
        width: width - 12,
        most: height - 16,
      });
  }
}

/** Width of a pile’s cell, drawing units. */
const PILE_SPACING = 54;

function isPile({ desk }: DrawnDesk): boolean {
  return cellsOf(desk)[0]?.recipe.look === 'pile';
}

interface Point {
  readonly x: number;
  readonly y: number;
}

function cellAt(
  pdf: SheetPdf,
  { desk }: DrawnDesk,
  { x, y }: Point,
  scale: number,
  signs: 'above' | 'beside' = 'beside',
): void {
  const [cell] = cellsOf(withoutFaults(desk));
  if (cell === undefined) return;
  pdf.save();
  pdf.translate(x, y).scale(scale);
  drawCell(pdf, cell, PILE_SPACING, signs);
  pdf.restore();
}

/** Top of a metal: the left one for −1, the right one for 1. */
function terminalOf(drawn: DrawnDesk, { x, y }: Point, scale: number, side: -1 | 1): Point {
  const [across, up] = isPile(drawn) ? [PILE_SPACING / 3, -20] : [TERMINAL_X, TERMINAL_Y];
  return { x: x + side * across * scale, y: y + up * scale };
}

/** A lead in a bow that rises so far over its higher end. */
function lead(pdf: SheetPdf, from: Point, to: Point, rise: number): void {
  const top = Math.min(from.y, to.y) - rise;
  pdf
    .lineWidth(1.4)
    .moveTo(from.x, from.y)
    .bezierCurveTo(from.x, top, to.x, top, to.x, to.y)
    .stroke('#000000');
}

const METER = { width: WRITTEN.width + 12, height: 96 } as const;

/** A meter with an empty display to write the reading into. */
function drawMeter(pdf: SheetPdf, { x, y }: Point): void {
  const left = x - METER.width / 2;
  const top = y - METER.height / 2;
  pdf.lineWidth(1.2).roundedRect(left, top, METER.width, METER.height, 6).stroke('#000000');
  pdf.rect(left + 6, top + 6, WRITTEN.width, WRITTEN.height).stroke();
  const dial = top + METER.height - 22;
  pdf.circle(x, dial, 15).stroke();
  pdf
    .moveTo(x, dial)
    .lineTo(x - 8, dial - 10)
    .stroke();
  pdf.write(FONTS.bold).fontSize(14).fillColor('#000000');
  pdf.text('V', left + WRITTEN.width - 8, top + 20, { lineBreak: false });
}

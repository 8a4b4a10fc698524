import { cellsOf, withoutFaults, type Desk, type StandingCell } from '@/core/physics/desk/desk';
import { deskGeometry, type DeskGeometry, type PlacedCell } from '@/core/physics/desk/deskGeometry';
import {
  cellShapes,
  looksOfCell,
  TERMINAL_X,
  TERMINAL_Y,
} from '@/core/physics/desk/drawing/cellShapes';
import { MATERIAL_LOOK } from '@/core/physics/desk/drawing/materialLook';
import { drawShapes } from './drawShapes';
import { FONTS, type SheetPdf } from './sheetPdf';

const INK = '#000000';
const LINE = 1;

/** A battery with its load and the resistor before it, if there is one. */
export interface DrawnDesk {
  readonly desk: Desk;
  readonly loadName: string;
  readonly resistor: string | null;
}

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  /** Tallest that it may be, points. */
  readonly most: number;
}

/** The battery as it stands on the desk, in the screen's shapes and black. Returns the height that it took, points. */
export function drawDesk(pdf: SheetPdf, drawn: DrawnDesk, { x, y, width, most }: Frame): number {
  const { loadName, resistor } = drawn;
  const geometry = deskGeometry(withoutFaults(drawn.desk));
  const height = geometry.returnY + 12;
  const scale = Math.min(width / geometry.width, most / height);
  pdf.save();
  pdf.translate(x + (width - geometry.width * scale) / 2, y).scale(scale);
  pdf.lineWidth(LINE).strokeColor(INK).fillColor(INK);
  drawWires(pdf, geometry);
  for (const placed of geometry.cells) drawPlaced(pdf, placed, geometry);
  drawLoad(pdf, geometry, loadName);
  if (resistor !== null) drawResistor(pdf, geometry, resistor);
  pdf.restore();
  pdf.write(FONTS.text);
  return height * scale;
}

/** What the drawing shows, in words. */
export function deskCaption(desk: Desk): string {
  const cells = cellsOf(desk);
  const [first] = cells;
  const strings = desk.strings.length;
  const of = `${cells.length} cells, ${strings} ${strings === 1 ? 'string' : 'strings'}`;
  if (first === undefined) return of;
  const { pairs } = first.size;
  const count = pairs === 1 ? of : `${of}, ${pairs} pairs of metal in each`;
  const { plus, minus } = first.recipe;
  return `${count}; − ${MATERIAL_LOOK[minus.material]} (left), + ${MATERIAL_LOOK[plus.material]} (right).`;
}

/** One cell centred on a point, with its signs. */
export function drawCell(
  pdf: SheetPdf,
  cell: Pick<StandingCell, 'recipe' | 'body' | 'piece' | 'size'>,
  spacing: number,
): void {
  const looks = looksOfCell(cell);
  drawShapes(pdf, cellShapes(looks, spacing));
  const [x, y] = looks.look === 'pile' ? [spacing / 3, -34] : [TERMINAL_X, TERMINAL_Y - 15];
  pdf.write(FONTS.bold).fillColor(INK).fontSize(12);
  pdf.text('−', -x - 4, y, { lineBreak: false });
  pdf.text('+', x - 4, y, { lineBreak: false });
}

function drawWires(pdf: SheetPdf, geometry: DeskGeometry): void {
  const { rows, leftBusX, rightBusX, leads, groupBuses } = geometry;
  const top = (rows[0]?.y ?? 0) - 16;
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  pdf.lineWidth(2.5);
  if (top !== bottom) {
    pdf.moveTo(leftBusX, top).lineTo(leftBusX, bottom).stroke();
    pdf.moveTo(rightBusX, top).lineTo(rightBusX, bottom).stroke();
  }
  pdf.lineWidth(LINE);
  for (const { x, top: from, bottom: to } of groupBuses) pdf.moveTo(x, from).lineTo(x, to).stroke();
  for (const { fromX, toX, y, kind, busY } of leads) {
    pdf
      .moveTo(fromX, kind === 'to-bus' ? busY : y)
      .lineTo(toX, y)
      .stroke();
  }
  pdf.write(FONTS.text).fontSize(11);
  for (const { label, y, string } of rows) {
    const text = string === null ? label : `string ${label}`;
    pdf.text(text, string === null ? leftBusX + 60 : 0, y - 6, { lineBreak: false });
  }
}

function drawPlaced(pdf: SheetPdf, { cell, x, y }: PlacedCell, geometry: DeskGeometry): void {
  pdf.save();
  pdf.translate(x, y);
  if (!geometry.touching) pdf.scale(geometry.scale);
  drawCell(pdf, cell, geometry.touching ? geometry.spacing : 60);
  pdf.restore();
}

/** Height of the wire from the + ends to the load. */
function plusWireY({ rows, loadY }: DeskGeometry): number {
  const top = (rows[0]?.y ?? 0) - 16;
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  return Math.min(Math.max(loadY, top), bottom);
}

function drawResistor(pdf: SheetPdf, geometry: DeskGeometry, value: string): void {
  const x = (geometry.rightBusX + geometry.loadX - 24) / 2;
  const y = plusWireY(geometry);
  pdf.rect(x - 11, y - 4, 22, 8).fillAndStroke('#FFFFFF', INK);
  pdf.fillColor(INK).fontSize(8);
  pdf.text(value, x - 22, y - 15, { width: 44, align: 'center', lineBreak: false });
}

function drawLoad(pdf: SheetPdf, geometry: DeskGeometry, loadName: string): void {
  const { rightBusX, leftBusX, loadX, loadY, returnY, rows } = geometry;
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  const wireY = plusWireY(geometry);
  pdf
    .moveTo(rightBusX, wireY)
    .lineTo(loadX - 24, wireY)
    .lineTo(loadX - 24, loadY)
    .stroke();
  pdf
    .moveTo(loadX + 24, loadY)
    .lineTo(loadX + 34, loadY)
    .lineTo(loadX + 34, returnY)
    .lineTo(leftBusX, returnY)
    .lineTo(leftBusX, bottom)
    .stroke();
  pdf.roundedRect(loadX - 24, loadY - 18, 48, 36, 4).fillAndStroke('#FFFFFF', INK);
  pdf.write(FONTS.bold).fillColor(INK).fontSize(9);
  pdf.text('+', loadX - 21, loadY - 16, { lineBreak: false });
  pdf.text('−', loadX + 14, loadY - 16, { lineBreak: false });
  pdf.write(FONTS.text).fontSize(9);
  pdf.text(loadName, loadX - 22, loadY - 5, { width: 44, height: 24, align: 'center' });
}

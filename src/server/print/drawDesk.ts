import type { Material } from '@/core/physics/chemistry/recipe';
import { cellsOf, withoutFaults, type Desk } from '@/core/physics/desk/desk';
import { deskGeometry, type DeskGeometry, type PlacedCell } from '@/core/physics/desk/deskGeometry';

type Pdf = PDFKit.PDFDocument;

const TERMINAL_X = 21;
const BODY = { rx: 29, ry: 20 };
const INK = '#000000';
const LINE = 0.9;

/** A battery with its load and the resistor before it, if there is one. */
export interface DrawnDesk {
  readonly desk: Desk;
  readonly loadName: string;
  readonly resistor: string | null;
}

/**
 * The battery as it stands on the desk, in black lines: zinc, magnesium and aluminium hatched, carbon dotted, copper
 * plain, so that a copier keeps them apart. Returns the height that it took, points.
 */
export function drawDesk(
  pdf: Pdf,
  { desk, loadName, resistor }: DrawnDesk,
  { x, y, width }: { x: number; y: number; width: number },
): number {
  const sound = withoutFaults(desk);
  const geometry = deskGeometry(sound);
  const scale = width / geometry.width;
  const height = geometry.returnY + 12;
  pdf.save();
  pdf.translate(x, y).scale(scale);
  pdf.lineWidth(LINE).strokeColor(INK).fillColor(INK);
  drawWires(pdf, geometry);
  for (const placed of geometry.cells) drawCell(pdf, placed, geometry);
  drawLoad(pdf, geometry, loadName);
  if (resistor !== null) drawResistor(pdf, geometry, resistor);
  pdf.restore();
  return height * scale;
}

/** What the drawing shows, in words. */
export function deskCaption(desk: Desk): string {
  const cells = cellsOf(desk);
  const [first] = cells;
  const strings = desk.strings.length;
  return `${cells.length} cells, ${strings} ${strings === 1 ? 'string' : 'strings'}; − ${first?.recipe.minus.part ?? ''} (left), + ${first?.recipe.plus.part ?? ''} (right).`;
}

function drawWires(pdf: Pdf, geometry: DeskGeometry): void {
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
  pdf.fontSize(11);
  for (const { label, y, string } of rows) {
    const text = string === null ? `${label}` : `string ${label}`;
    pdf.text(text, string === null ? leftBusX + 60 : 0, y - 6, { lineBreak: false });
  }
}

function drawCell(pdf: Pdf, { cell, x, y }: PlacedCell, geometry: DeskGeometry): void {
  const { plus, minus, look } = cell.recipe;
  pdf.save();
  pdf.translate(x, y);
  if (look === 'pile') {
    const third = geometry.spacing / 3;
    electrode(pdf, -1.5 * third, -20, third, 40, minus.material);
    pdf.rect(-0.5 * third, -18, third, 36).stroke();
    electrode(pdf, 0.5 * third, -20, third, 40, plus.material);
  } else {
    pdf.scale(geometry.scale);
    if (look === 'fruit') pdf.ellipse(0, 0, BODY.rx, BODY.ry).stroke();
    else if (look === 'vessels') {
      pdf.rect(-30, -14, 26, 32).stroke();
      pdf.rect(4, -14, 26, 32).stroke();
      pdf.moveTo(-12, -18).lineTo(-12, 4).moveTo(12, -18).lineTo(12, 4).stroke();
    } else pdf.rect(-28, -16, 56, 36).stroke();
    electrode(pdf, -TERMINAL_X - 3.5, -29, 7, 33, minus.material);
    electrode(pdf, TERMINAL_X - 3.5, -29, 7, 33, plus.material);
    pdf.fillColor(INK).fontSize(13);
    pdf.text('−', -TERMINAL_X - 4, -44, { lineBreak: false });
    pdf.text('+', TERMINAL_X - 4, -44, { lineBreak: false });
  }
  pdf.restore();
}

function electrode(
  pdf: Pdf,
  x: number,
  y: number,
  width: number,
  height: number,
  material: Material,
): void {
  pdf.save();
  pdf.rect(x, y, width, height).fillAndStroke('#FFFFFF', INK);
  pdf.rect(x, y, width, height).clip();
  if (material === 'carbon') {
    for (let at = y + 2; at < y + height; at += 4) {
      for (let across = x + 2; across < x + width; across += 4)
        pdf.circle(across, at, 0.7).fill(INK);
    }
  } else if (material !== 'copper') {
    pdf.lineWidth(0.8);
    for (let at = y - width; at < y + height; at += 4) {
      pdf
        .moveTo(x, at + width)
        .lineTo(x + width, at)
        .stroke();
    }
  }
  pdf.restore();
}

/** Height of the wire from the + ends to the load. */
function plusWireY({ rows, loadY }: DeskGeometry): number {
  const top = (rows[0]?.y ?? 0) - 16;
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  return Math.min(Math.max(loadY, top), bottom);
}

function drawResistor(pdf: Pdf, geometry: DeskGeometry, value: string): void {
  const x = (geometry.rightBusX + geometry.loadX - 24) / 2;
  const y = plusWireY(geometry);
  pdf.rect(x - 11, y - 4, 22, 8).fillAndStroke('#FFFFFF', INK);
  pdf.fillColor(INK).fontSize(8);
  pdf.text(value, x - 22, y - 15, { width: 44, align: 'center', lineBreak: false });
}

function drawLoad(pdf: Pdf, geometry: DeskGeometry, loadName: string): void {
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
  pdf.rect(loadX - 24, loadY - 18, 48, 36).fillAndStroke('#FFFFFF', INK);
  pdf.fillColor(INK).fontSize(9);
  pdf.text('+', loadX - 22, loadY - 16, { lineBreak: false });
  pdf.text('−', loadX + 14, loadY - 16, { lineBreak: false });
  pdf.text(loadName, loadX - 22, loadY - 6, { width: 44, height: 24, align: 'center' });
}

import { cellsOf, withoutFaults, type Desk, type StandingCell } from '@/core/physics/desk/desk';
import {
  deskGeometry,
  loadWires,
  type DeskGeometry,
  type DeskPoint,
  type PlacedCell,
} from '@/core/physics/desk/deskGeometry';
import {
  cellShapes,
  looksOfCell,
  signsAbove,
  signsBeside,
} from '@/core/physics/desk/drawing/cellShapes';
import { MATERIAL_LOOK } from '@/core/physics/desk/drawing/materialLook';
import { loadShapes, pinsOfLoad, type LoadLooks } from '@/core/physics/desk/drawing/loadShapes';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { formatOhms } from '@/core/units';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { drawShapes } from './drawShapes';
import { LEAST_LETTER } from './page';
import { FONTS, type SheetPdf } from './sheetPdf';

const INK = '#000000';
const LINE = 1;

/** A battery with what is connected to it; `null`: nothing yet. */
export interface DrawnDesk {
  readonly desk: Desk;
  readonly load: DrawnLoad | null;
}

interface DrawnLoad {
  readonly looks: LoadLooks;
  readonly name: string;
  /** Value of the resistor before it, if there is one. */
  readonly resistor: string | null;
}

/** A plan’s battery as it is drawn. */
export function drawnDesk({
  desk,
  target,
  need,
  seriesResistorOhms: ohms,
}: Pick<PlanEvaluation, 'desk' | 'target' | 'need' | 'seriesResistorOhms'>): DrawnDesk {
  const resistor = ohms === null ? null : formatOhms(ohms);
  return { desk, load: { looks: looksOfTarget(target), name: need.name, resistor } };
}

interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  /** Tallest that it may be, points. */
  readonly most: number;
}

/** The battery as it stands on the desk, in the screen's shapes and black. Returns the height that it took, points. */
export function drawDesk(
  pdf: SheetPdf,
  { desk, load }: DrawnDesk,
  { x, y, width, most }: Frame,
): number {
  const geometry = deskGeometry(withoutFaults(desk));
  const lastY = geometry.rows.at(-1)?.y ?? 0;
  const height = load === null ? lastY + 36 : geometry.returnY + 12;
  const across = load === null ? geometry.rightBusX + 12 : geometry.width;
  const scale = Math.min(width / across, most / height);
  pdf.save();
  pdf.translate(x + (width - across * scale) / 2, y).scale(scale);
  pdf.lineWidth(LINE).strokeColor(INK).fillColor(INK);
  drawWires(pdf, geometry, scale);
  for (const placed of geometry.cells) drawPlaced(pdf, placed, geometry, scale);
  for (const { sign, x: signX, y: signY } of geometry.endSigns)
    drawSign(pdf, sign, signX, signY, scale);
  if (load !== null) drawLoad(pdf, geometry, load, scale);
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

type Signs = 'above' | 'beside' | 'none';

/** One cell centred on a point, with its signs: beside its metals where wires come from above. */
export function drawCell(
  pdf: SheetPdf,
  cell: Pick<StandingCell, 'recipe' | 'body' | 'piece' | 'size'>,
  spacing: number,
  signs: Signs = 'above',
  scale = 1,
): void {
  const looks = looksOfCell(cell);
  drawShapes(pdf, cellShapes(looks, spacing));
  if (signs === 'none') return;
  const { x, y } = (signs === 'beside' ? signsBeside : signsAbove)(looks, spacing);
  drawSign(pdf, '−', -x, y, scale);
  drawSign(pdf, '+', x, y, scale);
}

/** The sign of a pole, its middle at x and its foot at y, in a drawing of a scale. */
function drawSign(pdf: SheetPdf, sign: '−' | '+', x: number, y: number, scale = 1): void {
  const size = Math.max(13, LEAST_LETTER / scale);
  pdf.write(FONTS.bold).fillColor(INK).fontSize(size);
  pdf.text(sign, x - 10, y + 2 - size, { width: 20, align: 'center', lineBreak: false });
}

function drawWires(pdf: SheetPdf, geometry: DeskGeometry, scale: number): void {
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
  const size = Math.max(11, LEAST_LETTER / scale);
  pdf.write(FONTS.text).fontSize(size);
  for (const { label, y, string } of rows) {
    const text = string === null ? label : `string ${label}`;
    pdf.text(text, string === null ? leftBusX + 60 : 0, y + 5 - size, { lineBreak: false });
  }
}

function drawPlaced(
  pdf: SheetPdf,
  { cell, x, y }: PlacedCell,
  geometry: DeskGeometry,
  scale: number,
): void {
  pdf.save();
  pdf.translate(x, y);
  if (!geometry.touching) pdf.scale(geometry.scale);
  const signs = geometry.endSigns.length === 0 ? 'above' : 'none';
  const drawn = geometry.touching ? scale : scale * geometry.scale;
  drawCell(pdf, cell, geometry.touching ? geometry.spacing : 60, signs, drawn);
  pdf.restore();
}

function drawResistor(pdf: SheetPdf, { x, y }: DeskPoint, value: string, scale: number): void {
  pdf.rect(x - 11, y - 4, 22, 8).fillAndStroke('#FFFFFF', INK);
  const size = Math.max(8, LEAST_LETTER / scale);
  pdf.fillColor(INK).fontSize(size);
  pdf.text(value, x - 22, y - 7 - size, { width: 44, align: 'center', lineBreak: false });
}

function drawLoad(
  pdf: SheetPdf,
  geometry: DeskGeometry,
  { looks, name, resistor }: DrawnLoad,
  scale: number,
): void {
  const { loadX, loadY } = geometry;
  const pins = pinsOfLoad(looks);
  const { plus, minus } = pins;
  const wires = loadWires(geometry, pins);
  pdf.path(wires.plus).stroke();
  pdf.path(wires.minus).stroke();
  pdf.save();
  pdf.translate(loadX, loadY);
  drawShapes(pdf, loadShapes(looks, false));
  pdf.restore();
  drawSign(pdf, '+', loadX + plus[0] - 14, loadY + plus[1] - 3, scale);
  drawSign(pdf, '−', loadX + minus[0] + 12, loadY + minus[1] + 8, scale);
  pdf
    .write(FONTS.text)
    .fillColor(INK)
    .fontSize(Math.max(11, LEAST_LETTER / scale));
  pdf.text(name, loadX - 56, loadY - 56, { width: 112, height: 26, align: 'center' });
  if (resistor !== null) drawResistor(pdf, wires.resistor, resistor, scale);
}

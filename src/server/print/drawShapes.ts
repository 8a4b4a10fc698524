import type { Material } from '@/core/physics/cell/metals';
import type { Paint, Shape } from '@/core/physics/desk/drawing/shape';
import { FONTS, type SheetPdf } from './sheetPdf';

type Pdf = SheetPdf;

const INK = '#000000';
const WHITE = '#FFFFFF';
/** Copper is plain: a light grey tells it from paper, and from nickel. */
const PLAIN_METAL = '#CFCFCF';
const HATCH = 4;

/** A drawing in black: the same shapes as on the screen, metals by their pattern. */
export function drawShapes(pdf: Pdf, shapes: readonly Shape[]): void {
  for (const shape of shapes) drawShape(pdf, shape);
}

function drawShape(pdf: Pdf, shape: Shape): void {
  if (shape.kind === 'text') {
    const { x, y, size, text } = shape;
    pdf.write(FONTS.bold).fontSize(size).fillColor(INK);
    pdf.text(text, x - 30, y - 0.8 * size, { width: 60, align: 'center', lineBreak: false });
    return;
  }
  pdf.save();
  if (shape.kind === 'rect' && shape.turned !== 0) {
    const { x, y, width, height, turned } = shape;
    pdf.rotate(turned, { origin: [x + width / 2, y + height / 2] });
  }
  pdf.lineWidth(Math.min(shape.strokeWidth, 1.4)).strokeColor(INK);
  if (shape.dash !== null) {
    pdf.dash(shape.dash[0], { space: shape.dash[1] });
    // Seeds are drawn by their dashes: they keep their thickness.
    pdf.lineWidth(shape.strokeWidth * 0.7);
  }
  const { fill } = shape;
  if (fill === null) outline(pdf, shape).stroke();
  else if ('metal' in fill) fillMetal(pdf, shape, fill.metal);
  else if (shape.stroke === null) outline(pdf, shape).fillAndStroke(greyOf(shape.grey), INK);
  else outline(pdf, shape).fillAndStroke(greyOf(shape.grey), strokeOf(shape.stroke));
  pdf.restore();
}

function strokeOf(stroke: Paint): string {
  return 'role' in stroke && stroke.role === 'card' ? WHITE : INK;
}

function greyOf(grey: number): string {
  const level = Math.round(255 * grey)
    .toString(16)
    .padStart(2, '0');
  return `#${level}${level}${level}`;
}

type Face = Exclude<Shape, { kind: 'text' }>;

function outline(pdf: Pdf, shape: Face): Pdf {
  switch (shape.kind) {
    case 'ellipse':
      return pdf.ellipse(shape.cx, shape.cy, shape.rx, shape.ry);
    case 'path':
      return pdf.path(shape.d);
    case 'rect': {
      const { x, y, width, height, radius } = shape;
      return radius > 0
        ? pdf.roundedRect(x, y, width, height, Math.min(radius, width / 2, height / 2))
        : pdf.rect(x, y, width, height);
    }
  }
}

/** Copper grey, nickel white, zinc hatched, light metals hatched the other way, steel both ways, carbon dotted. */
function fillMetal(pdf: Pdf, shape: Face, metal: Material): void {
  const plain = metal === 'copper' || metal === 'nickel';
  outline(pdf, shape).fillAndStroke(metal === 'copper' ? PLAIN_METAL : WHITE, INK);
  if (plain) return;
  const { x, y, width, height } = boxOf(shape);
  pdf.save();
  outline(pdf, shape).clip();
  if (metal === 'carbon') {
    for (let at = y + 1.5; at < y + height; at += 3) {
      for (let across = x + 1.5; across < x + width; across += 3) {
        pdf.circle(across, at, 0.8).fill(INK);
      }
    }
  } else {
    const ways = metal === 'steel' ? [0, 1] : [metal === 'zinc' ? 1 : 0];
    pdf.lineWidth(0.9);
    for (let at = y - width; at < y + height + width; at += HATCH) {
      for (const way of ways) {
        pdf
          .moveTo(x, at + way * width)
          .lineTo(x + width, at + (1 - way) * width)
          .stroke();
      }
    }
  }
  pdf.restore();
  outline(pdf, shape).stroke();
}

function boxOf(shape: Face): { x: number; y: number; width: number; height: number } {
  switch (shape.kind) {
    case 'rect':
      return shape;
    case 'ellipse':
      return {
        x: shape.cx - shape.rx,
        y: shape.cy - shape.ry,
        width: 2 * shape.rx,
        height: 2 * shape.ry,
      };
    // Metals of paths are larger than any cell.
    case 'path':
      return { x: -40, y: -40, width: 80, height: 80 };
  }
}

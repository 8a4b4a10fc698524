import type { Block } from '@/core/work/preparation/sheets/sheet';
import { keepTogether, pictureShare, plainText, type Column } from './page';
import { printable } from './printable';
import type { SheetPdf } from './sheetPdf';

const HEIGHT = 190;
const LABEL_WIDTH = 34;
/** Thin and dashed: a copier keeps it, and what is drawn stands out. */
const GRID = { dash: [1.5, 2], width: 0.5 } as const;

/** Axes of volts with a column for every reading, to draw into. */
export function renderStairs(
  pdf: SheetPdf,
  { columns, volts }: Extract<Block, { kind: 'stairs' }>,
  column: Column,
): void {
  const height = HEIGHT * pictureShare(column);
  keepTogether(pdf, height + 44);
  plainText(pdf, column, 9);
  pdf.text('volts', column.x, pdf.y, { lineBreak: false });
  const top = pdf.y + 14;
  const left = column.x + LABEL_WIDTH;
  const width = column.width - LABEL_WIDTH;
  const most = volts.at(-1) ?? 1;
  const digits = volts.every(Number.isInteger) ? 0 : 1;
  for (const value of volts) {
    const y = top + height * (1 - value / most);
    pdf.moveTo(left, y).lineTo(left + width, y);
    if (value === 0) pdf.lineWidth(1).stroke('#000000');
    else
      pdf
        .lineWidth(GRID.width)
        .dash(GRID.dash[0], { space: GRID.dash[1] })
        .stroke('#000000')
        .undash();
    pdf.text(value.toFixed(digits), column.x, y - 5, {
      width: LABEL_WIDTH - 6,
      align: 'right',
      lineBreak: false,
    });
  }
  const step = width / columns.length;
  columns.forEach((label, index) => {
    const x = left + index * step;
    pdf
      .lineWidth(0.6)
      .moveTo(x, top)
      .lineTo(x, top + height)
      .stroke('#000000');
    pdf.text(printable(label), x, top + height + 4, { width: step, align: 'center' });
  });
  pdf.y = top + height + 32;
  pdf.x = column.x;
}

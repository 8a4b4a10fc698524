import type { Block } from '@/core/work/preparation/sheets/sheet';
import { keepTogether, plainText, type Column } from './page';
import { printable } from './printable';
import type { SheetPdf } from './sheetPdf';

const HEIGHT = 190;
const LABEL_WIDTH = 34;
const LINE_VOLTS = 0.5;
/** Above so many lines only every other one is named. */
const MOST_NAMED = 12;

/** Axes of volts with a column for every reading, to draw into. */
export function renderStairs(
  pdf: SheetPdf,
  { columns, mostVolts }: Extract<Block, { kind: 'stairs' }>,
  column: Column,
): void {
  const height = HEIGHT * column.scale;
  keepTogether(pdf, height + 44);
  plainText(pdf, column, 9);
  pdf.text('volts', column.x, pdf.y, { lineBreak: false });
  const top = pdf.y + 14;
  const left = column.x + LABEL_WIDTH;
  const width = column.width - LABEL_WIDTH;
  const lines = Math.round(mostVolts / LINE_VOLTS);
  const every = lines > MOST_NAMED ? 2 : 1;
  for (let line = 0; line <= lines; line += 1) {
    const y = top + height * (1 - line / lines);
    pdf
      .lineWidth(line === 0 ? 1 : 0.5)
      .moveTo(left, y)
      .lineTo(left + width, y)
      .stroke(line === 0 ? '#000000' : '#AAAAAA');
    if (line % every === 0) {
      pdf.text((line * LINE_VOLTS).toFixed(1), column.x, y - 5, {
        width: LABEL_WIDTH - 6,
        align: 'right',
        lineBreak: false,
      });
    }
  }
  const step = width / columns.length;
  columns.forEach((label, index) => {
    const x = left + index * step;
    pdf
      .lineWidth(0.6)
      .moveTo(x, top)
      .lineTo(x, top + height)
      .stroke('#777777');
    pdf.text(printable(label), x, top + height + 4, { width: step, align: 'center' });
  });
  pdf.y = top + height + 32;
  pdf.x = column.x;
}

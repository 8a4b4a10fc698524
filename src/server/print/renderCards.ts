import QRCode from 'qrcode';
import type { Block, PrintedCard } from '@/core/work/preparation/sheets/sheet';
import { keepTogether, TEXT_SIZE, type Column } from './page';
import { printable } from './printable';
import { FONTS, type SheetPdf } from './sheetPdf';

const GAP = 14;
const QR_SIZE = 92;

/** Sizes that cards are tried in, largest first: they use their page where all fit on it. */
const SIZES = [1.8, 1.5, 1.25, 1] as const;
const TITLE_SIZE = 15;

/** Cards to cut out, side by side, all as tall as the tallest and as large as one page lets them be. */
export function renderCards(
  pdf: SheetPdf,
  { cards, columns }: Extract<Block, { kind: 'cards' }>,
  column: Column,
): void {
  const width = (column.width - GAP * (columns - 1)) / columns;
  const innerOf = ({ qr }: PrintedCard): number => width - 24 - (qr == null ? 0 : QR_SIZE);
  const heightOf = (card: PrintedCard, size: number): number => {
    const inner = { width: innerOf(card) };
    const title = pdf
      .write(FONTS.heading)
      .fontSize(TITLE_SIZE * size)
      .heightOfString(printable(card.title), inner);
    pdf.write(FONTS.text).fontSize(TEXT_SIZE * size);
    return card.lines.reduce(
      (sum, line) => sum + pdf.heightOfString(printable(line), inner) + 3 * size,
      title + 30,
    );
  };
  const least = cards.some(({ qr }) => qr != null) ? QR_SIZE + 24 : 90;
  const tallest = (size: number): number =>
    Math.max(least, ...cards.map((card) => heightOf(card, size)));
  const rows = Math.ceil(cards.length / columns);
  const room = pdf.page.height - pdf.page.margins.bottom - pdf.y;
  const size = SIZES.find((one) => rows * (tallest(one) + GAP) <= room) ?? 1;
  const height = tallest(size);
  for (let index = 0; index < cards.length; index += columns) {
    keepTogether(pdf, height);
    const { y } = pdf;
    cards.slice(index, index + columns).forEach((card, place) => {
      const x = column.x + place * (width + GAP);
      const inner = { width: innerOf(card) };
      pdf.lineWidth(0.8).dash(3, { space: 3 }).rect(x, y, width, height).stroke('#000000').undash();
      if (card.qr != null) drawQr(pdf, card.qr, x + width - QR_SIZE - 8, y + 12);
      pdf
        .write(FONTS.heading)
        .fontSize(TITLE_SIZE * size)
        .fillColor('#000000');
      pdf.text(printable(card.title), x + 12, y + 12, inner);
      pdf.write(FONTS.text).fontSize(TEXT_SIZE * size);
      for (const line of card.lines) pdf.text(printable(line), x + 12, pdf.y + 3 * size, inner);
    });
    pdf.y = y + height + GAP;
    pdf.x = column.x;
  }
}

/** A code to scan, as black squares. */
function drawQr(pdf: SheetPdf, text: string, x: number, y: number): void {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const side = QR_SIZE / modules.size;
  for (let row = 0; row < modules.size; row += 1) {
    for (let column = 0; column < modules.size; column += 1) {
      if (modules.get(row, column) === 1) pdf.rect(x + column * side, y + row * side, side, side);
    }
  }
  pdf.fill('#000000');
}

import { FONTS, type SheetPdf } from './sheetPdf';

/** Where blocks are written: a column of a page, and how large the letters are. */
export interface Column {
  readonly x: number;
  readonly width: number;
  /** Size of everything against the usual one. */
  readonly scale: number;
}

/** Margins of a page in points: 17 mm, and 20 mm below for the footer. */
export const MARGINS = { top: 44, left: 48, right: 48, bottom: 56 } as const;
export const GREY = '#444444';
export const TEXT_SIZE = 10.5;
/** No letter on paper is smaller than this, however small a drawing or a sheet is set, points. */
export const LEAST_LETTER = 7;

/** The whole width of the page. */
export function wholePage(pdf: SheetPdf, scale = 1): Column {
  const { width, margins } = pdf.page;
  return { x: margins.left, width: width - margins.left - margins.right, scale };
}

/** Ordinary text from here on. */
export function plainText(pdf: SheetPdf, { scale }: Column, size = TEXT_SIZE): SheetPdf {
  return pdf
    .write(FONTS.text)
    .fontSize(Math.max(LEAST_LETTER, size * scale))
    .fillColor('#000000');
}

/** Share of its height that a picture keeps on a sheet that is set smaller: it gives way before the letters do. */
export function pictureShare({ scale }: Pick<Column, 'scale'>): number {
  return Math.max(0.55, 1 - 5 * (1 - Math.min(1, scale))) * Math.max(1, scale);
}

/** Share of their height that lines and rows to write in keep: a hand needs 7 mm. */
export function writingShare(column: Pick<Column, 'scale'>): number {
  return Math.max(0.83, pictureShare(column));
}

/** Begins a new page where there is no room for so many points. */
export function keepTogether(pdf: SheetPdf, height: number): void {
  if (pdf.y + height > pdf.page.height - pdf.page.margins.bottom) pdf.addPage();
}

/** A line across the column, black so that a copier keeps it. */
export function rule(pdf: SheetPdf, { x, width }: Column, y: number): void {
  pdf
    .lineWidth(0.5)
    .moveTo(x, y)
    .lineTo(x + width, y)
    .stroke('#000000');
}

import { printable } from './printable';
import { FONTS, SheetPdf } from './sheetPdf';

test('hard spaces become ordinary ones, signs stay what they are', () => {
  expect(printable('2.2\u00a0mA at\u202f1.80\u2009V')).toBe('2.2 mA at 1.80 V');
  expect(printable('654 Ω, 50 µA → Zn²⁺ + 2 e⁻')).toBe('654 Ω, 50 µA → Zn²⁺ + 2 e⁻');
});

test('every sign that a sheet uses has a glyph: in the chosen font, or in the one that steps in', () => {
  const pdf = new SheetPdf({ size: 'A4' });
  for (const font of [FONTS.text, FONTS.bold, FONTS.heading]) {
    pdf.write(font).fontSize(10);
    for (const sign of 'µΩ→≈≤⁺⁻²₂₄−×·½“”’…☐☑○●°′') {
      // The place of a missing glyph is as wide as that of a sign that no font has.
      expect(pdf.lacks(sign)).toBe(false);
      expect(pdf.widthOfString(sign)).toBeGreaterThan(0);
    }
    expect(pdf.lacks('\u{1F9EA}')).toBe(true);
  }
});

test('a line with foreign signs is as long as its pieces', () => {
  const pdf = new SheetPdf({ size: 'A4' });
  pdf.write(FONTS.text).fontSize(12);
  const sum = ['654 ', 'Ω', ' each'].reduce((total, piece) => total + pdf.widthOfString(piece), 0);
  expect(pdf.widthOfString('654 Ω each')).toBeCloseTo(sum, 6);
});

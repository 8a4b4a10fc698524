import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import PDFDocument from 'pdfkit';
import { inflateSync } from 'node:zlib';

export const FONTS = {
  text: 'text',
  bold: 'bold',
  heading: 'heading',
  signs: 'signs',
  boldSigns: 'bold-signs',
} as const;
type FontName = (typeof FONTS)[keyof typeof FONTS];

const modules = join(process.cwd(), 'node_modules');
const FILES: Readonly<Record<FontName, string>> = {
  text: '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  bold: '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  heading: '@fontsource/fraunces/files/fraunces-latin-600-normal.woff',
  signs: 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf',
  'bold-signs': 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf',
};
/** Each font as the first document opened it, with the words laid out in it so far: the same in every document. */
const opened = new Map<FontName, OpenFont>();
/** Words that are kept of a font; a class prints a few hundred. */
const MOST_WORDS = 20_000;

function fileOf(name: FontName): Buffer {
  const file = readFileSync(join(modules, FILES[name]));
  return FILES[name].endsWith('.woff') ? sfntOfWoff(file) : file;
}

/** Font that has the signs which another one lacks: Ω, µ, arrows, raised and lowered figures, boxes. */
const SIGNS_OF: Readonly<Record<string, FontName>> = {
  text: FONTS.signs,
  bold: FONTS.boldSigns,
  heading: FONTS.boldSigns,
};

/** What of the library's text this class builds on. */
interface TextInside {
  _fontSize: number;
  _font: OpenFont & { readonly ascender: number };
  _fragment(text: string, x: number, y: number, options: FragmentOptions): void;
}

interface OpenFont {
  readonly font: { hasGlyphForCodePoint(code: number): boolean };
  layoutCache: object;
}

interface FragmentOptions {
  align?: string;
  width?: number;
  lineWidth?: number;
  textWidth?: number;
  baseline?: number | string;
  wordCount?: number;
}

interface Run {
  readonly text: string;
  readonly signs: boolean;
}

const plain = PDFDocument.prototype as unknown as TextInside;

/** A PDF that writes every sign: what the chosen font lacks comes from one that has it, on the same line. */
export class SheetPdf extends PDFDocument {
  private chosen: FontName = FONTS.text;

  constructor(options: PDFKit.PDFDocumentOptions) {
    // The fonts are its own: none is loaded that no sheet uses.
    super({ ...options, font: '' });
    for (const [name, { layoutCache }] of opened) {
      if (Object.keys(layoutCache).length > MOST_WORDS) opened.delete(name);
    }
    this.write(FONTS.text);
  }

  /** Chooses the font of what follows. */
  write(name: FontName): this {
    this.chosen = name;
    this.use(name);
    return this;
  }

  private use(name: FontName): void {
    const known = opened.get(name);
    // Besides the bytes of a file the library takes a font that is open; its types leave that out.
    this.registerFont(name, (known?.font ?? fileOf(name)) as Buffer);
    this.font(name);
    const { _font } = this as unknown as TextInside;
    if (known !== undefined) _font.layoutCache = known.layoutCache;
    else opened.set(name, { font: _font.font, layoutCache: _font.layoutCache });
  }

  override widthOfString(text: string, options?: PDFKit.Mixins.TextOptions): number {
    const runs = this.runsOf(text);
    if (runs.length <= 1 && runs[0]?.signs !== true) return super.widthOfString(text, options);
    return runs.reduce(
      (sum, run) => sum + this.inFont(run, () => super.widthOfString(run.text, options)),
      0,
    );
  }

  /** The library writes each line by this: a line with foreign signs becomes several pieces on one base line. */
  _fragment(text: string, x: number, y: number, options: FragmentOptions): void {
    const runs = this.runsOf(text);
    if (runs.every(({ signs }) => !signs)) {
      plain._fragment.call(this as unknown as TextInside, text, x, y, options);
      return;
    }
    const { align, width, lineWidth = 0, textWidth } = options;
    // Each piece is placed here: the library must not place it anew.
    const own = ['align', 'width', 'lineWidth', 'textWidth', 'wordCount'];
    const rest = Object.fromEntries(Object.entries(options).filter(([key]) => !own.includes(key)));
    const whole = this.widthOfString(text);
    const free = width === undefined ? 0 : lineWidth - (textWidth ?? whole);
    let at = x + (align === 'right' ? free : align === 'center' ? free / 2 : 0);
    const { _font, _fontSize } = this as unknown as TextInside;
    const baseline = (-_font.ascender / 1000) * _fontSize;
    for (const run of runs) {
      const advance = this.inFont(run, () => {
        plain._fragment.call(this as unknown as TextInside, run.text, at, y, { ...rest, baseline });
        return super.widthOfString(run.text);
      });
      at += advance;
    }
  }

  /** Whether neither the chosen font nor the one that steps in has a sign. */
  lacks(sign: string): boolean {
    const has = (): boolean =>
      (this as unknown as TextInside)._font.font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0);
    return !has() && !this.inFont({ text: sign, signs: true }, has);
  }

  private inFont<T>({ signs }: Run, work: () => T): T {
    const fallback = SIGNS_OF[this.chosen];
    if (!signs || fallback === undefined) return work();
    this.use(fallback);
    const done = work();
    this.use(this.chosen);
    return done;
  }

  private runsOf(text: string): Run[] {
    if (SIGNS_OF[this.chosen] === undefined) return [{ text, signs: false }];
    const { font } = (this as unknown as TextInside)._font;
    const runs: { text: string; signs: boolean }[] = [];
    for (const sign of text) {
      const signs = !font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0);
      const last = runs.at(-1);
      if (last === undefined || last.signs !== signs) runs.push({ text: sign, signs });
      else last.text += sign;
    }
    return runs;
  }
}

const WOFF_HEADER = 44;
const WOFF_ENTRY = 20;
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;
const SIGNATURE = 0x774f4646;

/**
 * A web font unpacked (W3C, WOFF File Format 1.0): the PDF library unpacks it anew for every document, and slowly.
 * Throws where the file is no web font.
 */
export function sfntOfWoff(woff: Buffer): Buffer {
  if (woff.readUInt32BE(0) !== SIGNATURE) throw new Error('the font file is no web font');
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, index) => {
    const at = WOFF_HEADER + index * WOFF_ENTRY;
    const [tag, offset, packed, length, checksum] = [0, 4, 8, 12, 16].map((field) =>
      woff.readUInt32BE(at + field),
    ) as [number, number, number, number, number];
    const stored = woff.subarray(offset, offset + packed);
    return { tag, checksum, length, data: packed < length ? inflateSync(stored) : stored };
  });
  const header = Buffer.alloc(SFNT_HEADER + count * SFNT_ENTRY);
  const power = Math.floor(Math.log2(count));
  header.writeUInt32BE(woff.readUInt32BE(4), 0);
  header.writeUInt16BE(count, 4);
  header.writeUInt16BE(16 * 2 ** power, 6);
  header.writeUInt16BE(power, 8);
  header.writeUInt16BE(16 * (count - 2 ** power), 10);
  let offset = header.length;
  const bodies = tables.map(({ tag, checksum, length, data }, index) => {
    const at = SFNT_HEADER + index * SFNT_ENTRY;
    header.writeUInt32BE(tag, at);
    header.writeUInt32BE(checksum, at + 4);
    header.writeUInt32BE(offset, at + 8);
    header.writeUInt32BE(length, at + 12);
    // Tables begin at multiples of four bytes.
    const padded = Buffer.alloc(4 * Math.ceil(length / 4));
    data.copy(padded);
    offset += padded.length;
    return padded;
  });
  return Buffer.concat([header, ...bodies]);
}

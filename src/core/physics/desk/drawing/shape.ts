import type { Material } from '../../cell/metals';

/** What a face or a line is painted with: a colour of nature, one of the theme, or a metal with its pattern. */
export type Paint =
  | { readonly colour: string }
  | { readonly role: 'ink' | 'soft-ink' | 'card' }
  | { readonly metal: Material };

interface Painted {
  readonly fill: Paint | null;
  readonly stroke: Paint | null;
  readonly strokeWidth: number;
  /** Dashes and gaps. */
  readonly dash: readonly [number, number] | null;
  /** Grey of the face on paper, 0 black to 1 white. */
  readonly grey: number;
}

/** A piece of a drawing; the screen paints it, the printer draws it in black, from the same numbers. */
export type Shape = Painted &
  (
    | {
        readonly kind: 'ellipse';
        readonly cx: number;
        readonly cy: number;
        readonly rx: number;
        readonly ry: number;
      }
    | {
        readonly kind: 'rect';
        readonly x: number;
        readonly y: number;
        readonly width: number;
        readonly height: number;
        readonly radius: number;
        /** Degrees about its own middle. */
        readonly turned: number;
      }
    /** An SVG path. */
    | { readonly kind: 'path'; readonly d: string }
    /** Bold, its middle at x, its foot at y. */
    | {
        readonly kind: 'text';
        readonly x: number;
        readonly y: number;
        readonly size: number;
        readonly text: string;
      }
  );

const PLAIN: Painted = { fill: null, stroke: null, strokeWidth: 1, dash: null, grey: 1 };

export const colour = (value: string): Paint => ({ colour: value });
export const INK: Paint = { role: 'ink' };
export const SOFT_INK: Paint = { role: 'soft-ink' };
export const CARD: Paint = { role: 'card' };

export function ellipse(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  painted: Partial<Painted>,
): Shape {
  return { ...PLAIN, ...painted, kind: 'ellipse', cx, cy, rx, ry };
}

export function rect(
  x: number,
  y: number,
  width: number,
  height: number,
  painted: Partial<Painted> & { readonly radius?: number; readonly turned?: number },
): Shape {
  return { radius: 0, turned: 0, ...PLAIN, ...painted, kind: 'rect', x, y, width, height };
}

export function path(d: string, painted: Partial<Painted>): Shape {
  return { ...PLAIN, ...painted, kind: 'path', d };
}

export function text(x: number, y: number, size: number, words: string, fill: Paint): Shape {
  return { ...PLAIN, fill, kind: 'text', x, y, size, text: words };
}

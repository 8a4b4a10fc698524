export const PAPERS = ['A4', 'Letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** Sheets in millimetres. ISO 216 for A4, ANSI/ASME Y14.1 for Letter (both from memory). */
export const SHEET_MILLIMETRES: Readonly<Record<Paper, readonly [width: number, height: number]>> =
  {
    A4: [210, 297],
    Letter: [215.9, 279.4],
  };

/** Folded like a fan, seven or eight layers: eight discs at one cut (common practice, no source). */
export const LAYERS_AT_ONCE = 8;
/** Fingers leave this much between two discs, millimetres. */
const GAP_MILLIMETRES = 2;

export interface SeparatorPlan {
  readonly diameterMillimetres: number;
  readonly perSheet: number;
  readonly sheets: number;
  readonly cuts: number;
}

/**
 * Separators from sheets folded like a fan: so many places on the folded strip, eight layers deep.
 * @param count separators wanted, spares among them
 */
export function separatorPlan(
  count: number,
  acrossMillimetres: number,
  overhangMillimetres: number,
  paper: Paper,
): SeparatorPlan {
  const diameterMillimetres = Math.max(1, acrossMillimetres + overhangMillimetres);
  const [width, height] = SHEET_MILLIMETRES[paper];
  const place = diameterMillimetres + GAP_MILLIMETRES;
  const layers = Math.min(LAYERS_AT_ONCE, Math.max(1, Math.floor(height / place)));
  const strips = Math.max(1, Math.floor(height / (place * layers)));
  const across = Math.max(1, Math.floor(width / place));
  const perSheet = layers * strips * across;
  return {
    diameterMillimetres,
    perSheet,
    sheets: Math.ceil(count / perSheet),
    cuts: Math.ceil(count / layers),
  };
}

import type { ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import type { Paper, SeparatorSchool } from '../../records/plan/lessonSchema';
import type { PartId } from '../../records/cupboard/parts';

/** How many of something are cut from how much, and how long that takes. */
export interface CuttingStep {
  readonly id: 'separators' | 'sanding' | 'wire' | 'foil';
  readonly title: string;
  /** Sheets, rolls or packs that are used up, in units of the part. */
  readonly from: { readonly part: PartId; readonly amount: number } | null;
  readonly lines: readonly string[];
  /** Minutes for one pair of hands. */
  readonly handMinutes: number;
}

/** Sheets in millimetres. ISO 216 for A4, ANSI/ASME Y14.1 for Letter (both from memory). */
export const SHEET_MILLIMETRES: Readonly<Record<Paper, readonly [width: number, height: number]>> =
  {
    A4: [210, 297],
    Letter: [215.9, 279.4],
  };

/** Folded like a fan, seven or eight layers: eight discs at one cut (common practice, no source). */
export const LAYERS_AT_ONCE = 8;
/** Millimetres by which a separator of each school differs from the coin (both schools: common practice, no source). */
export const SCHOOL_MILLIMETRES: Readonly<Record<SeparatorSchool, number>> = {
  smaller: -1,
  same: 0,
  larger: 2,
};
/** One cut through the fan, marking included, minutes (from memory). */
const MINUTES_PER_CUT = 1;
/** Sanding a coin by hand: 2 to 5 minutes (common practice, no source). */
const SANDING_MINUTES = 3;
/** Coins that a sheet of sandpaper does (from memory). */
const COINS_PER_SANDPAPER = 12;
/** Cutting a piece of wire and baring both ends, folding a strip of foil, minutes (from memory). */
const WIRE_MINUTES = 1;
const FOIL_MINUTES = 1;
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
  coinMillimetres: number,
  school: SeparatorSchool,
  paper: Paper,
): SeparatorPlan {
  const diameterMillimetres = Math.max(1, coinMillimetres + SCHOOL_MILLIMETRES[school]);
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

/** Cutting the separators of a pile; a separator that is no disc is a square as wide as the metal. */
export function separatorStep(
  count: number,
  size: Pick<ElectrodeSize, 'shape' | 'widthMillimetres' | 'depthMillimetres'>,
  { sheet, what }: { readonly sheet: PartId; readonly what: string },
  { separatorSchool, paper }: { readonly separatorSchool: SeparatorSchool; readonly paper: Paper },
): CuttingStep {
  const disc = size.shape === 'coin';
  const across = disc
    ? size.widthMillimetres
    : Math.max(size.widthMillimetres, size.depthMillimetres);
  const { diameterMillimetres, perSheet, sheets, cuts } = separatorPlan(
    count,
    across,
    separatorSchool,
    paper,
  );
  const overhang =
    separatorSchool === 'larger'
      ? [
          'Larger ones must not drip or touch their neighbours: wet rims bridge the cells of a stack.',
        ]
      : [];
  return {
    id: 'separators',
    title: `${count} separators of ${what}`,
    from: { part: sheet, amount: sheets },
    lines: [
      `${disc ? `Discs of ${diameterMillimetres} mm` : `Squares of ${diameterMillimetres} mm`}, ${perSheet} from a sheet of ${paper}: ${sheets} ${sheets === 1 ? 'sheet' : 'sheets'}.`,
      `Fold the sheet like a fan, ${LAYERS_AT_ONCE} layers deep, and cut them all at once: ${cuts} cuts.`,
      ...overhang,
    ],
    handMinutes: cuts * MINUTES_PER_CUT,
  };
}

export function sandingStep(coins: number): CuttingStep {
  const sheets = Math.ceil(coins / COINS_PER_SANDPAPER);
  return {
    id: 'sanding',
    title: `${coins} coins sanded on one face`,
    from: { part: 'sandpaper', amount: sheets },
    lines: [
      `${sheets} ${sheets === 1 ? 'sheet' : 'sheets'} of sandpaper; wet, so that no dust flies, until the grey zinc shows all over.`,
      'Stick the coin to the table and wrap the paper round a block: faster, and the fingers stay whole.',
      'Check the year first: not every coin has zinc inside.',
    ],
    handMinutes: coins * SANDING_MINUTES,
  };
}

/** Wire instead of clip leads: 30 cm pieces, both ends bared (common practice, no source). */
export const WIRE_PIECE_METRES = 0.3;

export function wireStep(pieces: number): CuttingStep {
  const metres = Math.ceil(pieces * WIRE_PIECE_METRES * 10) / 10;
  return {
    id: 'wire',
    title: `${pieces} pieces of wire`,
    from: { part: 'bell-wire', amount: pieces },
    lines: [`30 cm each, ${metres} m from the roll; bare 2 cm at both ends. Goggles on: ends fly.`],
    handMinutes: pieces * WIRE_MINUTES,
  };
}

export function foilStep(strips: number): CuttingStep {
  return {
    id: 'foil',
    title: `${strips} strips of foil`,
    from: { part: 'aluminium-foil', amount: strips },
    lines: [
      'Tear strips 3 cm wide and fold each four or five times to about 6 mm: stiff enough, bare on both sides.',
    ],
    handMinutes: strips * FOIL_MINUTES,
  };
}

/** Minutes on the clock for work that so many hands share. */
export function clockMinutes(handMinutes: number, hands: number): number {
  return Math.ceil(handMinutes / hands);
}

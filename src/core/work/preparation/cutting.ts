import { acrossOf } from '../../physics/recipes/cellBuild';
import type { ElectrodeSize } from '../../physics/cell/scaleCell';
import { type Piece, PIECE_FACTS } from '../../physics/recipes/pieces';
import { type PartId, PARTS } from '../../physics/recipes/parts';
import { formatNumber } from '../../units';
import { LAYERS_AT_ONCE, type Paper, separatorPlan } from '../../physics/recipes/separatorPlan';
import { amountWords, wholeUnits } from '../parts/amountWords';

/** How many of something are cut from how much, and how long that takes. */
export interface CuttingStep {
  readonly id: 'separators' | 'sanding' | 'wire' | 'foil' | 'fruit';
  readonly title: string;
  /** Sheets, rolls or packs that are used up, in units of the part. */
  readonly from: { readonly part: PartId; readonly amount: number } | null;
  readonly lines: readonly string[];
  /** Minutes for one pair of hands. */
  readonly handMinutes: number;
}

/** One cut through the fan, marking included, minutes (from memory). */
const MINUTES_PER_CUT = 1;
/** Sanding a coin by hand: 2 to 5 minutes (common practice, no source). */
const SANDING_MINUTES = 3;
/** Coins that a sheet of sandpaper does (from memory). */
const COINS_PER_SANDPAPER = 12;
/** Cutting a piece of wire and baring both ends, folding a strip of foil, minutes (from memory). */
const WIRE_MINUTES = 1;
const FOIL_MINUTES = 1;
/** One cut of the knife, wiping included, minutes (from memory). */
const KNIFE_MINUTES = 0.25;

/** Cutting the separators of a pile; a separator that is no disc is a square as wide as the metal. */
export function separatorStep(
  count: number,
  size: Pick<ElectrodeSize, 'shape' | 'widthMillimetres' | 'depthMillimetres'>,
  sheet: PartId,
  overhangMillimetres: number,
  paper: Paper,
): CuttingStep {
  const disc = size.shape === 'coin';
  const { diameterMillimetres, perSheet, sheets, cuts } = separatorPlan(
    count,
    acrossOf(size),
    overhangMillimetres,
    paper,
  );
  const overhang =
    overhangMillimetres > 0
      ? [
          'Larger ones must not drip or touch their neighbours: wet rims bridge the cells of a stack.',
        ]
      : [];
  return {
    id: 'separators',
    title: `${count} separators of ${PARTS[sheet].name.replace('sheet of ', '')}`,
    from: { part: sheet, amount: sheets },
    lines: [
      `${disc ? 'Discs' : 'Squares'} of ${formatNumber(diameterMillimetres)} mm, ${perSheet} from a sheet of ${paper}: ${sheets} ${sheets === 1 ? 'sheet' : 'sheets'}.`,
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

/** Cutting fruit or roots: late, because a cut face dries and browns. */
export function fruitStep(
  part: PartId,
  piece: Exclude<Piece, 'whole'>,
  fruits: number,
): CuttingStep {
  const { cuts, share, many } = PIECE_FACTS[piece];
  const whole = wholeUnits(fruits);
  return {
    id: 'fruit',
    title: `${amountWords(part, whole)} cut into ${many}`,
    from: null,
    lines: [
      `An adult cuts, on a board: ${formatNumber(1 / share)} ${many} from each.`,
      'Cut on the day and keep the faces covered: they dry and brown in the open.',
    ],
    handMinutes: whole * cuts * KNIFE_MINUTES,
  };
}

/** Minutes on the clock for work that so many hands share. */
export function clockMinutes(handMinutes: number, hands: number): number {
  return Math.ceil(handMinutes / hands);
}

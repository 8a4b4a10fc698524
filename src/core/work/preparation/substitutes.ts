import { typicalModel } from '../../physics/recipes/cellBuild';
import { capital } from '../../words';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { Swappable } from '../../records/plan/lessonSchema';
import type { Plan } from '../../records/plan/planSchema';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { wireOhms } from '../../physics/circuit/wire';
import { formatAmps, formatNumber, formatOhms } from '../../units';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { priceOf } from './shoppingList';
import { WIRE_PIECE_METRES } from './cutting';
import type { Kit } from './kitOfPlan';
import { PARTS, type PartId } from '../../physics/recipes/parts';
import { SUBSTITUTE_OF } from '../parts/substituteOf';

/** A cheaper part in place of another, and what that does. */
export interface Substitute {
  readonly instead: Swappable;
  readonly by: PartId;
  /** Whether the plan uses it already. */
  readonly used: boolean;
  /** What is saved on the class's kit, in the educator's currency; below zero where it costs more, `null` where a price is not known. */
  readonly saving: number | null;
  /** What it changes electrically, with the figures of this plan. */
  readonly effect: string;
}

/** Width of metal that faces the zinc: a 15 mm plumbing coupler flattened is about 24 mm wide (from memory). */
const COUPLER_MILLIMETRES = 24;
/** A galvanised nail: side area of a 3 mm nail, taken as a strip 3 mm wide on both sides (from memory). */
const NAIL_MILLIMETRES = 3 * Math.PI;
const BELL_WIRE_AWG = 24;

/** Cheaper ways to the same kit, the largest saving first. */
export function substitutesFor(
  kit: Pick<Kit, 'lines'>,
  plan: Pick<Plan, 'lesson'>,
  cell: PlannedCell,
  cupboard: Pick<CupboardState, 'entries'>,
): Substitute[] {
  const offers: Substitute[] = [];
  const offer = (instead: Swappable, effect: () => string): void => {
    const by = SUBSTITUTE_OF[instead];
    const used = plan.lesson.swapped.includes(instead);
    const line = kit.lines.find(({ part }) => part === (used ? by : instead));
    if (line === undefined) return;
    // In whole packs, after the cupboard gave what it has: what is there already costs nothing.
    const price = (part: PartId): number | null => priceOf(part, line.total, cupboard);
    const [usual, cheaper] = [price(instead), price(by)];
    const saving = usual === null || cheaper === null ? null : usual - cheaper;
    if (saving === null || saving > 0 || used)
      offers.push({ instead, by, used, saving, effect: effect() });
  };
  offer('clip-lead', wireEffect);
  offer('copper-strip', () => areaEffect(cell, COUPLER_MILLIMETRES));
  offer('zinc-strip', () => areaEffect(cell, NAIL_MILLIMETRES));
  return offers.sort((a, b) => (b.saving ?? 0) - (a.saving ?? 0));
}

/** Resistance of a piece of wire against that of a cell: nothing to speak of. ASTM B258 and IEC 60028, from memory. */
function wireEffect(): string {
  return `${formatOhms(wireOhms(BELL_WIRE_AWG, WIRE_PIECE_METRES))} a piece, nothing beside a cell’s hundreds of ohms; joints must be twisted tight.`;
}

/** The short-circuit current of a typical cell of this recipe with another width of metal. */
function areaEffect(cell: PlannedCell, millimetres: number): string {
  const { size } = cell;
  const shorted = (widthMillimetres: number): number =>
    cellAmpsAt(typicalModel({ ...cell, size: { ...size, shape: 'strip', widthMillimetres } }), 0);
  const width = size.shape === 'nail' ? NAIL_MILLIMETRES : size.widthMillimetres;
  const share = shorted(millimetres) / shorted(width);
  const now = cellAmpsAt(cell.model, 0);
  return `${formatNumber(millimetres, 2)} mm of metal instead of ${formatNumber(width, 2)} mm: about ${formatAmps(now)} → ${formatAmps(now * share)} shorted, the same volts.`;
}

/** `Copper plumbing coupler instead of copper strip`. */
export function substituteWords({ instead, by }: Substitute): string {
  const { name } = PARTS[by];
  return `${capital(name)} instead of ${PARTS[instead].name}`;
}

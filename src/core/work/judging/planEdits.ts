import type { ElectrodeSize } from '../../physics/cell/scaleCell';
import type { Plan } from '../../records/plan/planSchema';
import { isLeftOpen } from '../search/suggestion';
import { evaluatePlan } from './evaluatePlan';

/**
 * The plan’s cell with so many + electrodes more in each body.
 * @param size of the cell as it is built
 */
export function withMorePlus(cell: Plan['cell'], size: ElectrodeSize, more: number): Plan['cell'] {
  return { ...cell, size: { ...size, extraPlus: size.extraPlus + more } };
}

/**
 * The plan’s cell with so many whole pairs in one body.
 * @param size of the cell as it is built
 */
export function planCellWithPairs(
  cell: Plan['cell'],
  size: ElectrodeSize,
  pairs: number,
): Plan['cell'] {
  return { ...cell, size: { ...size, pairs, extraPlus: 0, extraMinus: 0 } };
}

/** The battery as it stands, whatever else is changed: a suggested one is laid out, so that it does not move with its cells. */
export function heldArrangement(
  { arrangement }: Plan,
  { cellsInSeries, strings }: Readonly<Record<'cellsInSeries' | 'strings', number>>,
): Plan['arrangement'] {
  return arrangement.kind === 'suggested' ? { kind: 'own', cellsInSeries, strings } : arrangement;
}

/** The plan as it is decided: pairs and pieces that were left to the suggestion stand in it. */
export function withCellDecided(plan: Plan): Plan {
  return isLeftOpen(plan) ? decided(plan, plan) : plan;
}

/**
 * A plan after an edit. Where metals were left to the suggestion and the edit ends that, they stay as they were suggested: what is
 * laid out, read or asked is of cells that are built so.
 */
export function keepingCell(before: Plan, after: Plan): Plan {
  const isSameKind = (['recipe', 'ownRecipe', 'body'] as const).every(
    (part) => JSON.stringify(before.cell[part]) === JSON.stringify(after.cell[part]),
  );
  return isSameKind && isLeftOpen(before) && !isLeftOpen(after) ? decided(before, after) : after;
}

function decided(suggested: Plan, plan: Plan): Plan {
  const { size, piece } = evaluatePlan(suggested).cell;
  const { cell } = plan;
  return { ...plan, cell: { ...cell, size: cell.size ?? size, piece: cell.piece ?? piece } };
}

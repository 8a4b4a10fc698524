import { cellInPiece, cellWithPairs, type PlannedCell } from '../../physics/readings/plannedCell';
import { mostPairsOf, piecesOf } from '../../physics/recipes/cellBuild';
import type { Piece } from '../../physics/recipes/pieces';
import { bodyOf } from '../../physics/recipes/recipe';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { UNREAD } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { leastOf, type GridPlan } from './planGrids';
import { gridRequirementOf, type RequirementBasis } from './requirementOfPlan';
import type { GridRequirement } from './searchGrids';

/** Most pairs that a suggestion puts into one body. */
export const MOST_PAIRS_SUGGESTED = 4;
/** How it may cut fruit; thinner pieces are somebody's own choice. */
const PIECES_SUGGESTED: readonly Piece[] = ['quarter', 'half', 'whole'];

/** The cell that is built, and the battery that is suggested of it. */
export interface Suggestion {
  readonly cell: PlannedCell;
  readonly asked: GridRequirement;
  readonly wiringOptions: GridPlan;
}

type Basis = RequirementBasis & Pick<Plan, 'cell' | 'meter' | 'arrangement'>;

/**
 * What is suggested of a plan's cells. While nobody has decided on the metals, pairs and pieces belong to the suggestion: of everything
 * that works it is what takes least. Cells that are read are built so, and move only their number.
 */
export function suggestionFor(plan: Basis): Suggestion {
  const cell = cellOfPlan(plan);
  if (!isLeftOpen(plan)) return suggestionOf(plan, [cell]);
  const ways = (one: PlannedCell): PlannedCell[] => waysToBuild(one, plan.cell.piece);
  if (cell.own === null && cell.trials.length === 0) return suggestionOf(plan, ways(cell));
  const unread = cellOfPlan({ ...plan, cell: { ...plan.cell, ...UNREAD } });
  const { piece, size } = suggestionOf(plan, ways(unread)).cell;
  return suggestionOf(plan, [cellOf(cell, piece, size.pairs)]);
}

function suggestionOf(plan: Basis, ways: readonly PlannedCell[]): Suggestion {
  const [first, ...more] = ways.map((one) => gridRequirementOf(plan, one));
  if (first === undefined) throw new Error('a cell can always be built in one way');
  const { asked, plan: wiringOptions } = leastOf([first, ...more]);
  return { cell: asked.cell, asked, wiringOptions };
}

/** Whether pairs and pieces are left to the suggestion. */
export function isLeftOpen({ arrangement, cell }: Pick<Plan, 'arrangement' | 'cell'>): boolean {
  return arrangement.kind === 'suggested' && cell.size === null;
}

/** A cell with more pairs and, where nobody has said how it is cut, in pieces: what gives least first. */
export function waysToBuild(
  cell: PlannedCell,
  piece: Piece | null,
  mostPairs: number = MOST_PAIRS_SUGGESTED,
): PlannedCell[] {
  const { recipe, body } = cell;
  const cut =
    piece === null
      ? PIECES_SUGGESTED.filter((one) => piecesOf(recipe, bodyOf(recipe, body.id)).includes(one))
      : [cell.piece];
  const most = recipe.morePairs ? mostPairs : 1;
  return Array.from({ length: most }, (_, index) => index + 1).flatMap((pairs) =>
    cut
      .filter((one) => pairs <= mostPairsOf({ recipe, body, piece: one }))
      .map((one) => cellOf(cell, one, pairs)),
  );
}

/** Cells by piece and pairs: every target and brightness that is asked of a kind asks for the same ones. */
const builtCache = new WeakMap<PlannedCell, Map<string, PlannedCell>>();

function cellOf(cell: PlannedCell, piece: Piece, pairs: number): PlannedCell {
  const built = builtCache.get(cell) ?? new Map<string, PlannedCell>();
  builtCache.set(cell, built);
  const key = `${piece} ${pairs}`;
  const found = built.get(key) ?? cellWithPairs(cellInPiece(cell, piece), pairs);
  built.set(key, found);
  return found;
}

import type { FamilyId } from '../../physics/chemistry/family';
import type { Piece } from '../../physics/chemistry/pieces';
import { RECIPE_IDS, type RecipeId } from '../../physics/chemistry/recipe';
import { RECIPES } from '../../physics/chemistry/recipes';
import type { PartId } from '../../records/cupboard/parts';
import { billOfCells, billOfLoad, type CellMade } from '../parts/billOfBattery';
import type { BillLine } from '../parts/bills';
import { missingWords } from '../parts/missingWords';
import { missingParts, timesFrom } from '../parts/partStock';
import { priceOfBill } from '../parts/priceOfBill';
import type { CandidateFacts, PlannerFamily, PlannerInput, Wiring } from './plannerTypes';

/** The shipped recipe of a family. */
export function recipeOfFamily(id: FamilyId): RecipeId {
  const found = RECIPE_IDS.find((recipe) => RECIPES[recipe].family === id);
  if (found === undefined) throw new Error(`no recipe of the family ${id}`);
  return found;
}

/** What one cell of so many pairs is made of. */
export function madeWith(family: PlannerFamily, pairs: number): CellMade {
  const made = family.made ?? madeOfRecipe(recipeOfFamily(family.id));
  return { ...made, size: { ...made.size, pairs, extraPlus: 0, extraMinus: 0 } };
}

/** A cell as a shipped recipe makes it. */
export function madeOfRecipe(
  id: RecipeId,
  bodyId: string = RECIPES[id].bodies[0]?.id ?? '',
  piece: Piece = 'whole',
): CellMade {
  const recipe = RECIPES[id];
  return { recipe, bodyId, piece, size: recipe.usualSize, overhangMillimetres: 0 };
}

/** Most strings of a length that the parts are enough for. */
export function mostStringsOf(
  family: PlannerFamily,
  pairs: number,
  { supply: { have, load } }: PlannerInput,
): ((cellsInSeries: number) => number) | undefined {
  if (have === null) return undefined;
  const made = madeWith(family, pairs);
  return (cellsInSeries) =>
    timesFrom(have, billOfCells(made, cellsInSeries), billOfLoad(load, false));
}

/** Cells whose parts a price pays for; none where a price is not known. */
export function cellsForPrice(
  mostPrice: number,
  family: PlannerFamily,
  pairs: number,
  { supply }: PlannerInput,
): number {
  const cost = priceOfBill(billOfCells(madeWith(family, pairs), 1), supply.prices);
  return cost === null || cost.all === 0
    ? cost === null
      ? 0
      : Infinity
    : Math.floor((mostPrice * (1 + 1e-9)) / cost.all);
}

/** Whether price and parts are enough for all of it, its resistor among them. */
export function canBeMade(
  { price, bill }: CandidateFacts,
  { mostPrice, supply }: PlannerInput,
): boolean {
  if (mostPrice !== null && (price === null || price > mostPrice * (1 + 1e-9))) return false;
  return supply.have === null || missingParts(bill, supply.have).length === 0;
}

/** Which parts the smallest wiring takes more of than there are. */
export function whatLacks(
  { family, pairsPerBody, cellsInSeries, strings }: Wiring,
  input: PlannerInput,
): string {
  const { have, load } = input.supply;
  const cells = cellsInSeries * strings;
  const missing =
    have === null
      ? []
      : missingParts(billOfWiring(family, pairsPerBody, cellsInSeries, strings, load), have);
  if (missing.length > 0)
    return `${missingWords(missing)} missing for ${cellsInSeries} × ${strings}`;
  const pairs = cells * pairsPerBody;
  return `it takes ${cells} bodies and ${pairs} pairs, more than there are`;
}

export function hasPrices(
  { family, pairsPerBody, cellsInSeries, strings }: Wiring,
  input: PlannerInput,
): boolean {
  const { prices, load } = input.supply;
  return (
    priceOfBill(billOfWiring(family, pairsPerBody, cellsInSeries, strings, load), prices) !== null
  );
}

/** Everything that goes into a grid, without a resistor. */
export function billOfWiring(
  family: PlannerFamily,
  pairs: number,
  cellsInSeries: number,
  strings: number,
  load: PartId | null,
): BillLine[] {
  const string = billOfCells(madeWith(family, pairs), cellsInSeries);
  return [
    ...string.map(({ part, amount }) => ({ part, amount: amount * strings })),
    ...billOfLoad(load, false),
  ];
}

import type { CellModel } from '../cell/cellModel';
import { cellAmpsAt } from '../cell/cellModel';
import type { Material } from '../cell/metals';
import { type AnodeMetal, coulombsPerGram, METAL_FACTS } from '../cell/potentials';
import {
  type CellChemistry,
  type CellGeometry,
  type ElectrodeSize,
  electrodeAreaSquareMetres,
  geometryOf,
  metalCubicMetres,
  type SizedCell,
  sizedCell,
} from '../cell/scaleCell';
import { bodyInPieces, type CellBody } from './bodies';
import { ingredientsOf, type CellLiquid } from './liquids';
import { type BillLine, PARTS } from './parts';
import { PIECE_FACTS, sizeInPiece, type Piece } from './pieces';
import type { Recipe, TypicalReadings } from './recipe';
import { separatorPlan, type Paper } from './separatorPlan';

/** How one cell is built. */
export interface CellBuild {
  readonly recipe: Recipe;
  /** By the name of its piece where it is cut. */
  readonly body: CellBody;
  /** How the fruit or root is cut. */
  readonly piece: Piece;
  readonly size: ElectrodeSize;
  /** How far separators stand out of a pile. */
  readonly overhangMillimetres: number;
}

type Choices = Partial<Pick<CellBuild, 'overhangMillimetres'>> & {
  readonly piece?: Piece | null;
  readonly size?: ElectrodeSize | null;
};

/** A cell of a recipe with one of its bodies; whole, of the usual size, with nothing standing out unless said otherwise. */
export function cellBuild(recipe: Recipe, body: CellBody, choices: Choices = {}): CellBuild {
  const { piece: wanted = null, size = null, overhangMillimetres = 0 } = choices;
  const piece = wanted !== null && piecesOf(recipe, body).includes(wanted) ? wanted : 'whole';
  return {
    recipe,
    body: bodyInPieces(body, piece),
    piece,
    size: size ?? recipe.usualSize,
    overhangMillimetres,
  };
}

/** How a body of a recipe may be cut. */
export function piecesOf({ look }: Pick<Recipe, 'look'>, { pieces }: CellBody): readonly Piece[] {
  return look === 'fruit' ? pieces : ['whole'];
}

/** The same cell with so many whole pairs in its body, and no single electrodes. */
export function withPairs(build: CellBuild, pairs: number): CellBuild {
  return { ...build, size: { ...build.size, pairs, extraPlus: 0, extraMinus: 0 } };
}

/** The recipe's chemistry with what is known of this body. */
export function chemistryOf({ recipe, body }: Pick<CellBuild, 'recipe' | 'body'>): CellChemistry {
  const { chemistry } = recipe;
  const { openVolts, resistivityShare, reactionShare } = body;
  const { curve } = chemistry;
  return {
    ...chemistry,
    emfVolts: openVolts ?? chemistry.emfVolts,
    resistivityOhmMetres: chemistry.resistivityOhmMetres * resistivityShare,
    reactionOhmSquareMetres: chemistry.reactionOhmSquareMetres * reactionShare,
    curve:
      curve === null
        ? null
        : {
            ...curve,
            exchangeAmpsPerSquareMetre: curve.exchangeAmpsPerSquareMetre / reactionShare,
            limitingAmpsPerSquareMetre: curve.limitingAmpsPerSquareMetre / reactionShare,
          },
  };
}

/** The metals as deep as the piece is. */
export function geometryOfBuild({ recipe, piece, size }: CellBuild): CellGeometry {
  return geometryOf(sizeInPiece(size, piece), recipe.contactOhms);
}

/** Such a cell at room temperature, from the recipe's physics; rims that stand out are no part of it. */
export function typicalCell(build: CellBuild): SizedCell {
  const chemistry = chemistryOf(build);
  const size = sizeInPiece(build.size, build.piece);
  return sizedCell(chemistry, size, build.recipe.contactOhms);
}

/** Its curve. */
export function typicalModel(build: CellBuild): CellModel {
  return typicalCell(build).model;
}

/** Resistance of a body with all of its electrodes against that of one pair in it, 1 and below. */
export function shareOfOnePair(build: CellBuild): number {
  const ohmsOf = (one: CellBuild): number => typicalModel(one).resistanceOhms;
  return ohmsOf(build) / ohmsOf(withPairs(build, 1));
}

/** What one such cell typically reads: the recipe's range, moved to its body and scaled to its size. */
export function rangeOf(build: CellBuild): TypicalReadings {
  const { recipe } = build;
  const { typical } = recipe;
  const model = typicalModel(build);
  const volts = model.emfVolts - recipe.chemistry.emfVolts;
  const usualAmps = Math.sqrt(typical.shortAmpsLow * typical.shortAmpsHigh);
  const amps = cellAmpsAt(model, 0) / usualAmps;
  return {
    ...typical,
    openVoltsLow: typical.openVoltsLow + volts,
    openVoltsHigh: typical.openVoltsHigh + volts,
    shortAmpsLow: typical.shortAmpsLow * amps,
    shortAmpsHigh: typical.shortAmpsHigh * amps,
  };
}

/** − electrodes in one body: metal that dissolves. */
export function minusElectrodesOf({ size }: Pick<CellBuild, 'size'>): number {
  return size.pairs + size.extraMinus;
}

const SYMBOL_OF: Readonly<Record<Material, AnodeMetal | null>> = {
  copper: 'Cu',
  zinc: 'Zn',
  nickel: 'Ni',
  aluminium: 'Al',
  magnesium: 'Mg',
  steel: 'Fe',
  carbon: null,
};
const CUBIC_CENTIMETRES = 1e6;

/** Metal of all − electrodes that stands in the wet and can dissolve, grams; carbon never does. */
export function metalGramsOf(build: CellBuild): number {
  const symbol = SYMBOL_OF[build.recipe.minus.material];
  if (symbol === null) return Infinity;
  const one = CUBIC_CENTIMETRES * metalCubicMetres(sizeInPiece(build.size, build.piece));
  return minusElectrodesOf(build) * one * METAL_FACTS[symbol].gramsPerCubicCentimetre;
}

/** The charge of that metal when all of it dissolves, coulombs (Faraday); only a part of it does useful work. */
export function metalCoulombsOf(build: CellBuild): number {
  const symbol = SYMBOL_OF[build.recipe.minus.material];
  return symbol === null ? Infinity : metalGramsOf(build) * coulombsPerGram(symbol);
}

/**
 * What eats the − metal of one cell at room temperature while it gives nothing, amperes: it goes with that metal's wet area, whatever
 * the + metal, and with what speeds its reactions up.
 */
export function corrosionAmpsOf(build: CellBuild): number {
  const { recipe, body, size, piece } = build;
  const area = minusElectrodesOf(build) * electrodeAreaSquareMetres(sizeInPiece(size, piece));
  return (recipe.corrosionAmpsPerSquareMetre * area) / body.reactionShare;
}

/** Share of water in fruit, roots and juice by mass (from memory). */
const FOOD_WATER_SHARE = 0.85;
const GRAMS_PER_CUBIC_METRE = 1e6;

/** Water of one whole body in grams, and the radius of the wet body as the air meets it; fruit counts as a ball of its mass. */
export function waterOf({ recipe, body }: Pick<CellBuild, 'recipe' | 'body'>): {
  readonly waterGrams: number;
  readonly wetRadiusMetres: number;
} {
  const { waterGrams, wetRadiusMillimetres } = recipe.supplies;
  if (body.liquid !== null || body.foodGrams === 0) {
    return { waterGrams, wetRadiusMetres: wetRadiusMillimetres / 1000 };
  }
  return {
    waterGrams: FOOD_WATER_SHARE * body.foodGrams,
    wetRadiusMetres: Math.cbrt((3 * body.foodGrams) / (4 * Math.PI * GRAMS_PER_CUBIC_METRE)),
  };
}

/** Flesh that a pair of metals needs round it, grams (from memory). */
const GRAMS_PER_PAIR = 20;

/** Pushing in a pair of metals more and joining it to its like, minutes (from memory). */
const MINUTES_PER_PAIR = 1;

/** Minutes to build one such cell. */
export function minutesToBuildOf({ recipe, size }: Pick<CellBuild, 'recipe' | 'size'>): number {
  const { pairs, extraPlus, extraMinus } = size;
  return recipe.minutesToBuild + MINUTES_PER_PAIR * (pairs - 1 + (extraPlus + extraMinus) / 2);
}

/** Pairs of metal that have room in one body. */
export function mostPairsOf(build: Pick<CellBuild, 'recipe' | 'body' | 'piece'>): number {
  const { recipe, piece } = build;
  if (!recipe.morePairs) return 1;
  const room =
    recipe.look === 'fruit'
      ? Math.max(1, Math.floor(foodGramsOf(build) / GRAMS_PER_PAIR))
      : Infinity;
  return Math.min(room, PIECE_FACTS[piece].mostPairs);
}

/** Food that becomes waste with one cell, grams. */
export function foodGramsOf({ body, piece }: Pick<CellBuild, 'body' | 'piece'>): number {
  return body.foodGrams * PIECE_FACTS[piece].share;
}

/** What is poured into one cell. */
export function liquidsOf({
  recipe,
  body,
}: Pick<CellBuild, 'recipe' | 'body'>): readonly CellLiquid[] {
  return recipe.pours ?? body.pours;
}

/** Sheets are counted on the commoner paper. */
const PAPER: Paper = 'A4';

/** Everything that goes into one cell: its share of the body, metals, separator and liquid. */
export function billOfCell(build: CellBuild): BillLine[] {
  const { body, size, overhangMillimetres } = build;
  const { sheet } = body;
  const lines = [...piecesOfCell(build), ...liquidsOf(build).flatMap(ingredientsOf)];
  if (sheet === null) return lines;
  const { perSheet } = separatorPlan(1, acrossOf(size), overhangMillimetres, PAPER);
  return [...lines, { part: sheet, amount: 1 / perSheet }];
}

/** Its share of the body, and metals, as many as stick in it, with the leads that join like to like; separators and liquids are not in it. */
export function piecesOfCell({ recipe, body, piece, size }: CellBuild): BillLine[] {
  const { cell, plus, minus, join } = recipe.parts;
  const morePlus = size.pairs - 1 + size.extraPlus;
  const moreMinus = size.pairs - 1 + size.extraMinus;
  const larger = electrodeAreaSquareMetres(size) / electrodeAreaSquareMetres(recipe.usualSize);
  return [
    ...(body.part === null ? [] : [{ part: body.part, amount: PIECE_FACTS[piece].share }]),
    ...cell,
    ...multiplyBill(plus, morePlus),
    ...multiplyBill(minus, moreMinus),
    ...multiplyBill(join, morePlus + moreMinus),
  ].map((line) =>
    PARTS[line.part].unit === 'cm' ? { ...line, amount: line.amount * larger } : line,
  );
}

/** How several electrodes go into one body, and are joined like to like; `null` where there is one pair. */
export function joiningStep({ recipe, size }: Pick<CellBuild, 'recipe' | 'size'>): string | null {
  const [plus, minus] = [size.pairs + size.extraPlus, size.pairs + size.extraMinus];
  const leads = plus - 1 + (minus - 1);
  if (leads === 0) return null;
  const counted = (count: number, lines: readonly BillLine[], electrode: string): string => {
    const [line] = lines;
    const part = line === undefined ? null : PARTS[line.part];
    if (part === null) return `${count} × ${electrode}`;
    return `${count} ${count === 1 || part.unit === 'cm' ? part.name : part.plural}`;
  };
  const { parts } = recipe;
  const metals = `${counted(minus, parts.minus, recipe.minus.part)} and ${counted(plus, parts.plus, recipe.plus.part)}`;
  return `Put in ${metals}, none touching. Join ${recipe.minus.material} to ${recipe.minus.material} and ${recipe.plus.material} to ${recipe.plus.material}: ${leads} ${leads === 1 ? 'lead' : 'leads'}, or strips wound together.`;
}

/** A bill so many times; none where it is not needed. */
export function multiplyBill(bill: readonly BillLine[], count: number): BillLine[] {
  return count === 0 ? [] : bill.map(({ part, amount }) => ({ part, amount: count * amount }));
}

/** Width of a separator without its overhang: a coin’s diameter, or the longer side of what is no disc. */
export function acrossOf({
  shape,
  widthMillimetres,
  depthMillimetres,
}: Pick<ElectrodeSize, 'shape' | 'widthMillimetres' | 'depthMillimetres'>): number {
  return shape === 'coin' ? widthMillimetres : Math.max(widthMillimetres, depthMillimetres);
}

/** Everything that goes into one string of equal cells: the cells, leads, bands. */
export function billOfCells(build: CellBuild, cells: number): BillLine[] {
  return [...multiplyBill(billOfCell(build), cells), ...billOfString(build.recipe, cells)];
}

/** Parts of one string of so many cells besides the cells: leads (n + 1, or the two ends of a pile), band, last coin. */
export function billOfString({ parts }: Pick<Recipe, 'parts'>, cells: number): BillLine[] {
  const { string, stacked } = parts;
  return [...string, { part: 'clip-lead', amount: stacked ? 2 : cells + 1 }];
}

import { sizeInPiece } from '../../physics/recipes/pieces';
import {
  type CellBuild,
  typicalModel,
  cellBuild,
  chemistryOf,
  geometryOfBuild,
} from '../../physics/recipes/cellBuild';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { electrodeAreaSquareMetres, isRound, resistanceParts } from '../../physics/cell/scaleCell';
import { formatAmps, formatNumber, formatOhms } from '../../units';
import type { Explanation } from './explain';

const SQUARE_CENTIMETRES = 1e4;
const CENTIMETRES = 100;

/** How the size of a cell makes its current: area, electrolyte and reactions, line by line. */
export function explainSize(build: CellBuild): Explanation {
  const { recipe, body } = build;
  const size = sizeInPiece(build.size, build.piece);
  const shortAmps = cellAmpsAt(typicalModel(build), 0);
  const usual = cellAmpsAt(typicalModel(cellBuild(recipe, body)), 0);
  const times = formatNumber(shortAmps / usual, 2);
  const plus = size.pairs + size.extraPlus;
  const minus = size.pairs + size.extraMinus;
  const area = electrodeAreaSquareMetres(size);
  const chemistry = chemistryOf(build);
  const parts = resistanceParts(chemistry, geometryOfBuild(build));
  const squareCentimetres = (count: number): string =>
    `${formatNumber(SQUARE_CENTIMETRES * area * count)} cm²`;
  const spread = isRound(size) ? 'between two round bars' : 'between two faces';
  const bridge = parts.contactOhms === 0 ? '' : `, bridge ${formatOhms(parts.contactOhms)}`;
  return {
    title: 'Why the size matters',
    lines: [
      `Wetted area: + ${squareCentimetres(plus)}, − ${squareCentimetres(minus)}. More pairs in one body are one larger cell.`,
      `Electrolyte: ${formatNumber(CENTIMETRES * chemistry.resistivityOhmMetres)} Ω·cm, ${formatNumber(size.gapMillimetres / 10)} cm ${spread}: ${formatOhms(parts.electrolyteOhms)}.`,
      `Reactions at the metals: ${formatOhms(parts.reactionOhms)}, in proportion to one over the area, mostly of the + metal${bridge}.`,
      parts.electrolyteOhms < parts.reactionOhms
        ? 'The reactions resist more than the liquid: more + metal helps most, a smaller gap little.'
        : 'The liquid resists more than the reactions: a smaller gap helps most.',
      `Shorted it gives ${formatAmps(shortAmps)}, ${times === '1' ? 'as the usual size does' : `${times} times the usual size`}.`,
      'The open-circuit voltage does not depend on the size.',
    ],
    origin: `Physics of the family chosen so that the usual size reads what such cells read (${recipe.typical.source}).`,
    sources: ['conductivity', 'cell-readings'],
  };
}

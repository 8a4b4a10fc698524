import { metalCoulombsOf, metalGramsOf } from '../../physics/recipes/cellBuild';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { Explanation } from '../words/explain';
import {
  largestWins,
  pairsInOneBody,
  saltKillsAcid,
  voltsTimesAmps,
} from '../words/misconceptions';
import { formatJoules, formatNumber } from '../../units';
import type { WorkedSolution } from './workedSolution';

/** Claims that are often heard, put to the test with the cell that was asked about. */
export const CLAIM_IDS = ['one-body', 'power', 'largest', 'full', 'salt'] as const;
export type ClaimId = (typeof CLAIM_IDS)[number];

export const CLAIMS: Readonly<Record<ClaimId, string>> = {
  'one-body': 'Six pairs of metals in one fruit give six times the volts',
  power: 'Its power is volts × amps',
  largest: 'In parallel the largest battery sets the volts',
  full: 'A fruit is full of electricity',
  salt: 'Salt kills the acid',
};

const PAIRS = 6;

/** A claim, tested: by the network solver, by the cell's own curve, or by its chemistry. */
export function testClaim(claim: ClaimId, cell: PlannedCell): WorkedSolution {
  const given = { cell, wiring: { cellsInSeries: PAIRS } };
  switch (claim) {
    case 'one-body':
      return asAnswer(claim, pairsInOneBody(given));
    case 'power':
      return asAnswer(claim, voltsTimesAmps(given));
    case 'largest':
      return asAnswer(claim, largestWins(given));
    case 'full':
      return asAnswer(claim, fullOfElectricity(cell));
    case 'salt':
      return asAnswer(claim, saltKillsAcid());
  }
}

function asAnswer(claim: ClaimId, { title, lines, origin, sources }: Explanation): WorkedSolution {
  return {
    question: `“${CLAIMS[claim]}.” Is that so?`,
    tone: 'wrong',
    headline: `No. ${title}.`,
    lines: [],
    remarks: lines,
    origin,
    sources,
    cautions: [],
  };
}

/** Food energy of fruit and roots, joules a gram (about 50 kcal in 100 g; from memory). */
const FOOD_JOULES_PER_GRAM = 2100;

/** Where the energy comes from: the metal that dissolves, not the fruit. */
function fullOfElectricity(cell: PlannedCell): Explanation {
  const { recipe, body, model } = cell;
  const coulombs = metalCoulombsOf(cell);
  const joules = coulombs * model.emfVolts;
  const food = body.foodGrams * FOOD_JOULES_PER_GRAM;
  return {
    title: 'The energy comes from the metal and from what takes up its electrons',
    lines: [
      `All the metal of one cell moves ${formatNumber(coulombs, 3)} C; at ${formatNumber(model.emfVolts, 3)} V that is at most ${formatJoules(joules)}.` +
        (recipe.minus.material === 'zinc'
          ? ` It is ${formatNumber(1000 * metalGramsOf(cell), 2)} mg of zinc (charge × 65.38 g/mol ÷ 2F).`
          : ''),
      body.foodGrams > 0
        ? `Eaten, the fruit would give ${formatJoules(food)}, ${formatNumber(food / joules, 2)} times as much, and none of that goes into the wire. It lends the acid whose hydrogen ions, with oxygen from the air, take up the electrons.`
        : 'The other half is what takes up the electrons: hydrogen ions of the acid, or oxygen from the air.',
      'Both are used up: a bright new metal helps, and so does fresh juice round the metals. What the fruit has to eat in it helps nothing.',
    ],
    origin:
      'Faraday’s law with CODATA 2018 constants; food energy about 50 kcal in 100 g, from memory.',
    sources: ['constants', 'metal'],
  };
}

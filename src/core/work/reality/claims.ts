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
export const CLAIM_IDS = [
  'one-body',
  'power',
  'largest',
  'full',
  'salt',
  'bigger',
  'copper',
  'current',
] as const;
export type ClaimId = (typeof CLAIM_IDS)[number];

export const CLAIMS: Readonly<Record<ClaimId, string>> = {
  'one-body': 'Six pairs of metals in one fruit give six times the volts',
  power: 'Its power is volts × amps',
  largest: 'In parallel the largest battery sets the volts',
  full: 'A fruit is full of electricity',
  salt: 'Salt kills the acid',
  bigger: 'A bigger fruit gives more volts',
  copper: 'The copper is used up',
  current: 'The current is used up in the lamp',
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
    case 'bigger':
      return asAnswer(claim, biggerFruit(cell));
    case 'copper':
      return asAnswer(claim, copperUsedUp(cell));
    case 'current':
      return asAnswer(claim, currentUsedUp());
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

const CELL_ORIGIN =
  'Cells of one kind read the same volts whatever their size; common practice, no source.';

/** Volts belong to the metals; size goes into the current. */
function biggerFruit({ body, model, recipe }: PlannedCell): Explanation {
  return {
    title: 'The volts belong to the metals and the acid, not to the size',
    lines: [
      `A large ${body.name} and a small one both read about ${formatNumber(model.emfVolts, 2)} V with ${recipe.plus.material} and ${recipe.minus.material}.`,
      'More volts come from more cells in series. First there must be enough in a row to pass what the device needs; only then do strings side by side give it more current.',
      'More current comes from more metal in the wet, and from metals that stand closer together.',
    ],
    origin: CELL_ORIGIN,
    sources: ['cell-readings'],
  };
}

/** The + metal hands over electrons and stays; the − metal dissolves. */
function copperUsedUp({ recipe }: PlannedCell): Explanation {
  const { plus, minus } = recipe;
  return {
    title: `The ${plus.material} only hands electrons over; the ${minus.material} dissolves`,
    lines: [
      `At + the ${plus.material} gives electrons to hydrogen ions or oxygen and stays as it is: weigh it before and after. Only a copper that stands in its own salt grows.`,
      `At − the ${minus.material} goes into the liquid as ions. In acid it also dissolves by itself, without giving current.`,
    ],
    origin: 'Faraday’s law and the half-reactions of the metals (CRC Handbook, from memory).',
    sources: ['metal', 'potentials'],
  };
}

/** What comes in goes out; energy is what is handed over. */
function currentUsedUp(): Explanation {
  return {
    title: 'As much current leaves the lamp as enters it',
    lines: [
      'In a single loop the current is the same everywhere: a meter before the lamp and one behind it read the same (Kirchhoff’s current law).',
      'What the lamp takes is energy, volts × amps × seconds. It comes from the metal that dissolves and from what takes up its electrons.',
    ],
    origin: 'Kirchhoff’s current law.',
    sources: ['constants'],
  };
}

import { KIWI_READ, TOLD_PLANS, toldPlan } from '../../../testing/core/toldPlans';
import { USUAL_SHUNTS } from '../../physics/instruments/meter';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { formatAmps, formatVolts } from '../../units';
import type { Plan } from '../../records/plan/planSchema';
import { compareAdditions } from '../judging/compareAdditions';
import { combinationsFor } from '../search/combinations';
import { evaluatePlan } from '../judging/evaluatePlan';
import {
  explainChance,
  explainOpenVolts,
  explainOperatingPoint,
  explainResistance,
  nineInTen,
  sourcesOfCell,
  type Explanation,
} from './explain';
import { explainMetals } from './explainMetals';
import { overhangWords } from '../judging/overhang';
import { explainSize } from './explainSize';
import { firstCellTable, rangeOfRow } from '../search/firstCell';
import { lifeWords } from './lifeWords';
import { largestWins, pairsInOneBody, saltKillsAcid, voltsTimesAmps } from './misconceptions';
import { otherLoads } from '../judging/otherLoads';
import { summaryOfPlan } from '../judging/planSummary';
import { verdictOf } from '../judging/verdict';
import { whatHelps } from '../judging/whatHelps';
import type { PartCounts } from '../../records/plan/haveSchema';
import {
  leftOverWords,
  litFigures,
  litHeadline,
  litTitle,
  litWiring,
  moreWords,
  usesWords,
} from './litWords';
import { whatCanBeLit } from '../search/whatCanBeLit';
import { cellTypes, inOrder } from '../judging/cellTypes';

/**
 * Everything that a plan is told about, in the words and figures that a teacher reads, each sentence once. A change of wording or of a
 * figure shows as a change of the stored table beside this file, to be read before it is accepted (`jest -u`).
 */
const line = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');
const sum = ({ title, lines, origin, sources }: Explanation): string[] => [
  `${title}: ${lines.join(' / ')}`,
  `  from: ${origin} [${sources.join(', ')}]`,
];

/** What is told of a plan, each sentence under the head that it stands below. */
function toldOf(one: Plan): (readonly [head: string, sentence: string])[] {
  const evaluation = evaluatePlan(one);
  const { cell, desk, need, wiring } = evaluation;
  const { headline, details, tone } = verdictOf(evaluation);
  expect(summaryOfPlan(one).verdict).toEqual({ tone, headline, details });
  const additions = compareAdditions(evaluation, withGuidePrices(EMPTY_CUPBOARD));
  const explained = [
    explainOpenVolts(evaluation),
    explainResistance(evaluation),
    explainOperatingPoint(evaluation),
    explainChance(evaluation),
    explainSize(cell),
    ...[pairsInOneBody, largestWins, voltsTimesAmps].map((explain) => explain({ cell, wiring })),
  ].filter((one) => one !== null);
  const under =
    (head: string) =>
    (sentence: string): [string, string] => [head, sentence];
  return [
    ...[`${tone}: ${[headline, ...details].join(' · ')}`].map(under('Verdict')),
    ...[nineInTen(evaluation)].map(under('Nine classes in ten')),
    ...explained.flatMap(({ title, lines, origin, sources }) => [
      ...lines.map(under(title)),
      ...[`${origin} [${sources.join(', ')}]`].map(under('Where figures come from')),
    ]),
    ...[sourcesOfCell(evaluation).join(', ')].map(under('Sources of the cell')),
    ...[lifeWords(cell, one.running)].map(under('Left alone')),
    ...[overhangWords(one, evaluation)].filter((words) => words !== null).map(under('Overhang')),
    ...whatHelps(one)
      .map(({ what, effect, tone: then }) => `${what} → ${effect} (${then})`)
      .map(under('What helps')),
    ...combinationsFor(cell.model, need)
      .map(({ wording }) => wording)
      .map(under('Other ways')),
    ...(additions === null ? [] : [additions.string, additions.metal])
      .map(
        ({ kind, bodies, pairs, foodGrams, price, amps }) =>
          `${kind}: ${bodies} bodies, ${pairs} pairs, ${foodGrams} g, ${price?.toFixed(2)}, ${formatAmps(amps)}`,
      )
      .map(under('More current')),
    ...otherLoads(desk)
      .map(({ name, verdict, works }) => `${works ? '+' : '−'} ${name}: ${verdict}`)
      .map(under('Other loads')),
    ...[`${wiring.cellsInSeries} × ${wiring.strings} by the ${wiring.chosenBy}`].map(
      under('Wiring'),
    ),
  ];
}

test('every sentence that these plans are told, with their numbers behind it', () => {
  const names = Object.keys(TOLD_PLANS);
  const told = new Map<string, Map<string, Set<number>>>();
  names.forEach((name, index) => {
    for (const [head, sentence] of toldOf(TOLD_PLANS[name]!)) {
      const below = told.get(head) ?? new Map<string, Set<number>>();
      told.set(
        head,
        below.set(line(sentence), (below.get(line(sentence)) ?? new Set()).add(index + 1)),
      );
    }
  });
  const whose = (numbers: Set<number>): string =>
    numbers.size === names.length ? 'all' : [...numbers].join(' ');
  const table = [...told].flatMap(([head, below]) => [
    '',
    head,
    ...[...below].map(([sentence, numbers]) => `  ${sentence}  [${whose(numbers)}]`),
  ]);
  expect(
    [...names.map((name, index) => `${index + 1}  ${name}`), ...table].join('\n'),
  ).toMatchSnapshot();
});

test('what other loads make of a battery, in figures', () => {
  const loads = otherLoads(evaluatePlan(toldPlan({})).desk).map(
    ({ name, volts, amps, brightness }) =>
      `${name}: ${formatVolts(volts)}, ${formatAmps(amps)}${brightness === null ? '' : `, ${brightness}`}`,
  );
  expect(loads.map(line).join('\n')).toMatchSnapshot();
});

test('why a wiring, and why not another family', () => {
  const rows = inOrder(cellTypes(toldPlan({ cell: KIWI_READ }), { entries: {} }));
  const words = rows.map(({ recipe, bodies, battery, why, isPlans }) =>
    battery === null
      ? `${recipe.name}: ${why}`
      : `${recipe.name}${isPlans ? ' (the plan’s)' : ''}, ${bodies.join(', ')}: ${battery.cellsInSeries} × ${battery.strings}, ${battery.pairsPerBody}: ${battery.reasons.join('; ')} (${battery.hoursEndBy})`,
  );
  expect(words.map(line).join('\n')).toMatchSnapshot();
});

test('what to build once the first cell was read', () => {
  const { asked } = evaluatePlan(toldPlan({ cell: KIWI_READ }));
  const rows = firstCellTable(asked, USUAL_SHUNTS);
  const words = rows.map(
    ({ cellsInSeries, strings, cells }, index) =>
      `${rangeOfRow(rows, index)}: ${cellsInSeries} × ${strings}, ${cells} cells`,
  );
  expect(words.map(line).join('\n')).toMatchSnapshot();
});

test('what the metals of every recipe do, and what salt does to acid', () => {
  const metals = RECIPE_IDS.flatMap((id) => [`— ${id}`, ...sum(explainMetals(RECIPES[id]))]);
  expect([...metals, ...sum(saltKillsAcid())].map(line).join('\n')).toMatchSnapshot();
});

test('what can be lit with a handful of parts, what is left over, and what a few more would do', () => {
  const words = (have: PartCounts): string[] => {
    const { things, more } = whatCanBeLit({ have, minutes: 10, running: USUAL_RUNNING });
    return [
      ...things.map(
        (thing) =>
          `${litTitle(thing)}. ${litHeadline(thing)}: ${litWiring(thing)}, uses ${usesWords(thing)}; left over ${leftOverWords(thing)}. ${litFigures(thing)}`,
      ),
      ...more.map(moreWords),
    ];
  };
  const FEW = {
    lemon: 8,
    'galvanised-nail': 6,
    'copper-strip': 6,
    'clip-lead': 9,
    'led-red': 1,
    'lcd-clock': 1,
  } as const;
  const all = [
    ...words(FEW),
    '— one nail:',
    ...words({ ...FEW, 'galvanised-nail': 1 }),
    '— one lemon, whole:',
    ...words({ ...FEW, lemon: 1 }),
    '— no LED, no clock:',
    ...words({ ...FEW, 'led-red': 0, 'lcd-clock': 0 }),
  ];
  expect(all.map(line).join('\n')).toMatchSnapshot();
});

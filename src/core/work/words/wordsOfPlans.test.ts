import { USUAL_SHUNTS } from '../../physics/instruments/meter';
import { laidOutGrid } from '../../physics/desk/deskEdits';
import { EMPTY_CUPBOARD, withGuidePrices } from '../../records/cupboard/cupboardSchema';
import { PLAIN_CELL } from '../../physics/desk/deskSchema';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { formatAmps, formatVolts } from '../../units';
import { freshCell, newPlan } from '../../records/plan/newPlan';
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
const LED = { kind: 'led', colour: 'red', brightness: 'dim' } as const;
const own = (cellsInSeries: number, strings: number): Plan['arrangement'] => ({
  kind: 'own',
  cellsInSeries,
  strings,
});
const plan = (change: Partial<Plan>): Plan => ({ ...newPlan('Words'), target: LED, ...change });
const KIWI_READ: Plan['cell'] = {
  ...freshCell('copper-zinc-fruit', 'kiwi'),
  own: {
    openCircuitVolts: 0.93,
    shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: 20 },
    loaded: [
      { ohms: 1000, volts: 0.55, secondsAfter: null },
      { ohms: 220, volts: 0.24, secondsAfter: null },
    ],
    kept: false,
  },
};
const PLANS: Readonly<Record<string, Plan>> = {
  'as it is made': plan({}),
  'a cell that was read, left to the planner': plan({ cell: KIWI_READ }),
  'more metal in each, warm, in pieces': plan({
    cell: {
      ...freshCell('copper-zinc-fruit', 'lemon'),
      piece: 'half',
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 2, extraPlus: 1, extraMinus: 1 },
    },
    running: { ...USUAL_RUNNING, celsius: 28 },
  }),
  'read cells with more metal': plan({
    cell: {
      ...KIWI_READ,
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 3, extraMinus: 2 },
    },
  }),
  'parts that are missing, for one group': plan({
    arrangement: own(3, 3),
    have: { lemon: 12, 'galvanised-nail': 2, 'copper-strip': 9, 'clip-lead': 20, 'led-red': 3 },
    lesson: { ...newPlan('').lesson, groups: 1 },
  }),
  'parts that are missing, for three groups': plan({
    arrangement: own(3, 3),
    have: { lemon: 12, 'galvanised-nail': 9, 'copper-strip': 9, 'clip-lead': 20, 'led-red': 3 },
    lesson: { ...newPlan('').lesson, groups: 3 },
  }),
  'enough of everything': plan({
    have: { lemon: 99, 'galvanised-nail': 99, 'copper-strip': 99, 'clip-lead': 99, 'led-red': 9 },
    lesson: { ...newPlan('').lesson, groups: 1 },
  }),
  'too few volts': plan({ arrangement: own(1, 2) }),
  'too few strings': plan({
    target: { ...LED, brightness: 'bright' },
    arrangement: own(4, 1),
  }),
  'works on paper, hardly in class': plan({ cell: KIWI_READ, arrangement: own(4, 1) }),
  'an adult only': plan({ arrangement: own(36, 1) }),
  'too many volts for a class': plan({
    arrangement: own(60, 1),
    cell: freshCell('magnesium-graphite'),
  }),
  'for trained staff': plan({ cell: freshCell('dilute-sulfuric-acid') }),
  'a pile that dries': plan({
    cell: { ...freshCell('coin-pile-brine', 'felt'), overhangMillimetres: 2 },
    minutes: 600,
  }),
  'a clock': plan({
    target: { kind: 'device', device: 'lcd-clock', leastVolts: 1.3, amps: 1e-5 },
    cell: freshCell('one-coin-pile'),
  }),
  'a resistor': plan({ target: { kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 } }),
  'a resistor that gets too little in the end': plan({
    target: { kind: 'resistor', ohms: 1e6, wantedAmps: 4.5e-5 },
    arrangement: own(60, 1),
  }),
  'a buzzer that fades': plan({
    target: { kind: 'device', device: 'piezo-buzzer', leastVolts: 1.5, amps: 4e-4 },
    arrangement: own(4, 2),
    minutes: 60,
  }),
  'one reading open, one shorted, odd and kept, in the warm': plan({
    cell: {
      ...freshCell('copper-zinc-fruit', 'lemon'),
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 2 },
      own: {
        openCircuitVolts: 1.5,
        shortCircuit: { amps: 8e-3, meterRange: '20 mA', secondsAfter: 3 },
        loaded: [],
        kept: true,
      },
    },
    running: { ...USUAL_RUNNING, celsius: 30 },
  }),
  'a group of two, and a potato among lemons': plan({
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: [
        [
          { kind: 'group', strings: [[PLAIN_CELL], [PLAIN_CELL, PLAIN_CELL]] },
          PLAIN_CELL,
          { ...PLAIN_CELL, mix: { recipe: 'root-vegetable', body: 'potato' } },
        ],
        [PLAIN_CELL, PLAIN_CELL, PLAIN_CELL, PLAIN_CELL],
      ],
    },
  }),
  'a clock that gets too many volts': plan({
    target: { kind: 'device', device: 'lcd-clock', leastVolts: 1.3, amps: 1e-5 },
    arrangement: own(4, 1),
    seriesResistor: { kind: 'none' },
  }),
  'hard on the LED': plan({
    cell: {
      ...freshCell('juice-cup', 'rhubarb-juice'),
      own: {
        openCircuitVolts: 0.93,
        shortCircuit: { amps: 45e-3, meterRange: '200 mA', secondsAfter: null },
        loaded: [],
        kept: true,
      },
    },
    arrangement: own(3, 1),
    seriesResistor: { kind: 'none' },
  }),
  'far too weak': plan({ arrangement: own(2, 1), minutes: 60 }),
  'what no battery of it can do': plan({
    target: { kind: 'led', colour: 'white', brightness: 'bright' },
    minutes: 2880,
  }),
  'laid out by hand, one cell the wrong way round': plan({
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: [3, 4].map((length, string) =>
        Array.from({ length }, (_, index) => ({
          kind: 'cell' as const,
          mix: null,
          sharedBody: null,
          faults: string === 1 && index === 1 ? [{ kind: 'reversed' as const }] : [],
        })),
      ),
    },
  }),
  'laid out by hand, the LED the wrong way round': plan({
    arrangement: { ...laidOutGrid(4, 2), loadReversed: true },
  }),
};

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
  const names = Object.keys(PLANS);
  const told = new Map<string, Map<string, Set<number>>>();
  names.forEach((name, index) => {
    for (const [head, sentence] of toldOf(PLANS[name]!)) {
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
  const loads = otherLoads(evaluatePlan(plan({})).desk).map(
    ({ name, volts, amps, brightness }) =>
      `${name}: ${formatVolts(volts)}, ${formatAmps(amps)}${brightness === null ? '' : `, ${brightness}`}`,
  );
  expect(loads.map(line).join('\n')).toMatchSnapshot();
});

test('why a wiring, and why not another family', () => {
  const rows = inOrder(cellTypes(plan({ cell: KIWI_READ }), { entries: {} }));
  const words = rows.map(({ recipe, bodies, battery, why, isPlans }) =>
    battery === null
      ? `${recipe.name}: ${why}`
      : `${recipe.name}${isPlans ? ' (the plan’s)' : ''}, ${bodies.join(', ')}: ${battery.cellsInSeries} × ${battery.strings}, ${battery.pairsPerBody}: ${battery.reasons.join('; ')} (${battery.hoursEndBy})`,
  );
  expect(words.map(line).join('\n')).toMatchSnapshot();
});

test('what to build once the first cell was read', () => {
  const { asked } = evaluatePlan(plan({ cell: KIWI_READ }));
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

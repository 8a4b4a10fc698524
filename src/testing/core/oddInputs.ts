import { DEMO_CUPBOARD } from '@/cli/demoCupboard';
import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { DEMO_LOG } from '@/cli/demoLog';
import { demoPlan } from '@/cli/demoPlans';
import { DEMO_RECIPE } from '@/cli/demoRecipe';
import { DEMO_SCHOOL } from '@/cli/demoSchool';
import {
  DOCUMENT_FORMATS,
  type DocumentKind,
  type DocumentOf,
} from '@/core/documents/documentKinds';
import { jsonOf } from '@/core/formats/json';
import type { RandomStream } from '@/core/physics/chance/random';
import { solveMetalPair } from '@/core/physics/cell/metalPair';
import { solveTwoSolutions } from '@/core/physics/cell/twoSolutions';
import { identifyCoin, unknownCoin } from '@/core/physics/coins/identifyCoin';
import { errorOf, readingOf } from '@/core/physics/instruments/scpi';
import { plannedCell } from '@/core/physics/readings/plannedCell';
import { cellBuild } from '@/core/physics/recipes/cellBuild';
import { mixLiquid } from '@/core/physics/recipes/mixingBench';
import { millilitresOf } from '@/core/physics/recipes/mixingRequest';
import { recipeOfOwn } from '@/core/physics/recipes/ownRecipe';
import { cupboardCsv, withCsvCupboard } from '@/core/records/cupboard/cupboardCsv';
import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import { describeDifference } from '@/core/records/fairTest/describeDifference';
import { fairTestCsv, withCsvReadings } from '@/core/records/fairTest/fairTestCsv';
import { dataPackage } from '@/core/records/logbook/dataPackage';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { logFileOf, logFileSchema } from '@/core/records/logbook/logFile';
import { readResultsFile, resultsCsv } from '@/core/records/logbook/resultsCsv';
import { withSchool } from '@/core/records/school/figuresOfSchool';
import { kindsOfSchool } from '@/core/records/school/kindsOfSchool';
import { scoreRows } from '@/core/records/school/lessonScores';
import { ROOM_CELSIUS } from '@/core/constants';
import { partsInSentence } from '@/core/work/parts/partsInSentence';
import { fairTestSheet } from '@/core/work/preparation/sheets/fairTestSheet';
import { EXAMPLE_WISHES } from '@/core/work/reality/exampleWishes';
import { answerOf, typicalPlannedCell } from '@/core/work/reality/question';

/** A place where text from outside comes in: what is usual there, and everything that is done with it. */
export interface OddRoom {
  readonly name: string;
  readonly usual: string;
  /** May refuse it in words; never throws. */
  readonly take: (text: string) => void;
}

/** A document of a kind, and what its pages work out of it. */
function documentRoom<Kind extends DocumentKind>(
  kind: Kind,
  usual: DocumentOf<Kind> | null,
  workOut: (document: DocumentOf<Kind>) => void,
): OddRoom {
  const format = DOCUMENT_FORMATS[kind];
  return {
    name: kind,
    usual: format.text(usual ?? format.fresh('Usual')),
    take: (text) => {
      const read = format.parseText(text);
      if (!read.ok) return;
      format.copyOf(read.value);
      workOut(read.value);
    },
  };
}

const LINES: readonly LogLine[] = DEMO_LOG.requests.map((request, seq) => ({
  ...request,
  seq,
  author: 'group',
  at: 0,
}));
const NOW = '2027-01-29T14:02:00.000Z';

/** The reality check with a wish of each kind. */
function wishes(): DocumentOf<'reality'> {
  const fresh = DOCUMENT_FORMATS.reality.fresh('Usual');
  return { ...fresh, state: { ...fresh.state, wishes: EXAMPLE_WISHES.map(({ wish }) => wish) } };
}

export const ODD_ROOMS: readonly OddRoom[] = [
  documentRoom('plans', demoPlan('demo-lamp'), () => undefined),
  documentRoom('recipes', DEMO_RECIPE.recipe, (own) => {
    const recipe = recipeOfOwn(own);
    plannedCell(cellBuild(recipe, recipe.bodies[0]), ROOM_CELSIUS);
  }),
  documentRoom('fair-tests', DEMO_FAIR_TEST.test, (test) => {
    describeDifference(test, analyseFairTest(test));
    fairTestSheet(test);
    withCsvReadings(test, fairTestCsv(test));
  }),
  documentRoom('school', DEMO_SCHOOL, ({ state }) => {
    kindsOfSchool(state, []);
    scoreRows(state.scores);
    withSchool(demoPlan('demo-lamp').cell, state);
  }),
  documentRoom('cupboard', DEMO_CUPBOARD, ({ state }) =>
    withCsvCupboard(state, cupboardCsv(state)),
  ),
  documentRoom('mixing', null, ({ state }) =>
    mixLiquid(state.electrolyte, state.strength, millilitresOf(state)),
  ),
  documentRoom('metals', null, ({ state }) => solveMetalPair(state)),
  documentRoom('two-solutions', null, ({ state }) => solveTwoSolutions(state)),
  documentRoom('coins', null, ({ state }) => [identifyCoin(state), unknownCoin(state)]),
  documentRoom('reality', wishes(), ({ state }) => {
    const cell = typicalPlannedCell(state);
    for (const wish of state.wishes) answerOf({ kind: 'own', wish }, cell, DEMO_CUPBOARD.state);
  }),
  documentRoom('meter', null, () => undefined),
  {
    name: 'table of readings',
    usual: resultsCsv(LINES),
    take: (text) => readResultsFile(text, null, NOW, [4, 4, 4]),
  },
  {
    name: 'table of a fair test',
    usual: fairTestCsv(DEMO_FAIR_TEST.test),
    take: (text) => {
      const read = withCsvReadings(DEMO_FAIR_TEST.test, text);
      if (read.ok) describeDifference(read.value, analyseFairTest(read.value));
    },
  },
  {
    name: 'table of the cupboard',
    usual: cupboardCsv(DEMO_CUPBOARD.state),
    take: (text) => withCsvCupboard(DEMO_CUPBOARD.state, text),
  },
  {
    name: 'logbook',
    usual: JSON.stringify(logFileOf(LINES)),
    take: (text) => {
      const read = logFileSchema.safeParse(jsonOf(text));
      if (!read.success) return;
      const lines = read.data.lines.map((line, seq) => ({ ...line, seq, at: 0 }));
      dataPackage('Usual', 'usual', lines);
    },
  },
  {
    name: 'answers of a meter',
    usual: '+9.30000000E-01',
    take: (text) => [readingOf(text), errorOf(text)],
  },
  {
    name: 'sentence of what is there',
    usual: '12 lemons, 20 galvanised nails, copper strip, 4 croc leads and a red LED',
    take: (text) => partsInSentence(text),
  },
];

/** What people do not type and files may hold. */
const ODD_TEXTS: readonly string[] = [
  '',
  ' ',
  '0',
  '-0',
  '-1',
  '1e308',
  '1e-320',
  '99999999999999999999',
  'NaN',
  'null',
  'true',
  '{}',
  '[]',
  '"',
  "'",
  ',',
  ';',
  '\t',
  '\n',
  '\r\n',
  '\u0000',
  '\uFEFF',
  '\uD800',
  '\u202E',
  '×',
  '½',
  '٣',
  '=1+1',
  '__proto__',
  'constructor',
  '<script>',
  '9999-12-31T23:59:59Z',
  '0000-01-01',
  'sep=;\n',
  'x'.repeat(5000),
  '1,'.repeat(2000),
  '['.repeat(3000),
];

/** A text with some places cut, doubled, or replaced by what is odd. */
export function oddText(usual: string, random: RandomStream): string {
  const at = (length: number): number => Math.floor(random.uniform() * length);
  let text = usual;
  for (let change = 1 + at(3); change > 0; change -= 1) {
    // A whole value between marks of the format, or any piece.
    const values = [...text.matchAll(/[^\s,;:"{}[\]]+/g)];
    const value = values[at(values.length)];
    const isWhole = value !== undefined && random.uniform() < 0.7;
    const start = isWhole ? value.index : at(text.length + 1);
    const end = isWhole ? start + value[0].length : start + at(40);
    const odd = ODD_TEXTS[at(ODD_TEXTS.length)]!;
    const piece = random.uniform() < 0.2 ? text.slice(start, end).repeat(2) : odd;
    text = text.slice(0, start) + piece + text.slice(end);
  }
  return text;
}

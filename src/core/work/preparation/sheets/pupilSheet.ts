import { joiningStep } from '../../../physics/recipes/cellBuild';
import { buildingSteps, type Electrode } from '../../../physics/recipes/recipe';
import { dissolvingReaction, METAL_OF_MATERIAL } from '../../../physics/cell/metals';
import { nameOfTarget } from '../../../records/plan/loadRequirement';
import { againWords, plusOfTarget } from '../../../records/plan/targetWords';
import { cautionsForPupils, type CautionId } from '../../../physics/safety/cautions';
import { formatAmps, formatOhms, formatVolts } from '../../../units';
import { capital } from '../../../words';
import { askedOf, stairsAxes } from './asked';
import { pairsWords, type LessonFacts } from './lessonFacts';
import { GROUP_LINE, type Block, type Sheet, type Wording } from './sheet';

const PREDICT: Readonly<Record<Wording, (device: string) => string>> = {
  simple: (device) =>
    `Make one cell and read its volts. Draw a ring ○ in each column: how high will it be? And with the ${device}?`,
  standard: (device) =>
    `Build ONE cell and read it: that is the first step. Draw a ring ○ where you think each reading will be. Will the ${device} take all the volts?`,
  full: (device) =>
    `Read the open-circuit voltage of ONE cell. Predict the sums with a ring ○ in each column, and the terminal voltage with the ${device}. Say why it will be less.`,
};

/** What the steps say of the load. */
interface LoadWords {
  readonly device: string;
  /** `, its long leg to +`; nothing where either way round does. */
  readonly plus: string;
  /** `Dark? Turn it round.` */
  readonly again: string;
  /** There are strings to be joined. */
  readonly joining: boolean;
}

function loadWords({ plan, evaluation }: LessonFacts, device: string): LoadWords {
  const plus = plusOfTarget(plan.target);
  return {
    device,
    plus: plus === null ? '' : `, its ${plus} to +`,
    again: againWords(plan.target),
    joining: evaluation.wiring.strings > 1,
  };
}

/** How the battery is put together, in words of three levels; the recipe's own steps stand before them. */
const BUILDING: Readonly<Record<Wording, (load: LoadWords) => readonly string[]>> = {
  simple: ({ device, again, joining }) => [
    'Add the next cell: its − to the + before it. Read the volts again.',
    ...(joining ? ['All cells are there? Join the strings: + to +, − to −.'] : []),
    `Connect the ${device}. ${again}`,
  ],
  standard: ({ device, plus, again, joining }) => [
    'Add the cells of your string (your row of cells) one at a time, + to −, and read the volts after each one. Every cell should add a step.',
    'Is a step missing, small or backwards? That cell is at fault: look at it before you go on.',
    ...(joining
      ? ['Join the strings: + to +, − to −. The volts should stay, the current should rise.']
      : []),
    `Connect the ${device}${plus}. ${again}`,
  ],
  full: ({ device, joining }) => [
    'Work out the internal resistance r = E / I of the first cell from its short-circuit current (read for a second or two).',
    'Add the cells of your string one at a time and read the open-circuit voltage after each. In series the voltages add and so do the resistances.',
    ...(joining
      ? [
          'Join the strings side by side: the voltage stays, the resistance is divided by the number of strings.',
        ]
      : []),
    `Connect the ${device} to the right poles. Measure its terminal voltage and its current.`,
  ],
};

/** What the questions name: the device and the − metal. */
interface Asked {
  readonly device: string;
  readonly minus: string;
}

const QUESTIONS: Readonly<Record<Wording, (asked: Asked) => readonly string[]>> = {
  simple: ({ device }) => [
    'Which metal is +?',
    `What happens to the ${device} if you take one cell away?`,
  ],
  standard: ({ device }) => [
    `Where did the missing volts go when the ${device} was joined?`,
    'Which metal is used up, and how can you see it?',
    'What changes with one more string (a row of cells beside the others): volts, milliamps, or both?',
  ],
  full: ({ minus }) => [
    `Write the half-reaction at the ${minus} at −, and say which electrode is the anode.`,
    'Where do the volts go that the device does not get? Give the sum.',
    'Open-circuit volts times short-circuit amps is not the power of the battery. Why? Compare with E² / 4r.',
  ],
};

/** Cautions that the teacher acts on beforehand. */
const FOR_TEACHERS: readonly CautionId[] = ['allergies', 'galvanised', 'rhubarb', 'foam'];

/** Two sides for the pupils: predict, build; measure, explain. No answers. */
export function pupilSheet(facts: LessonFacts, wording: Wording): Sheet {
  const { plan, evaluation, measuring } = facts;
  const device = nameOfTarget(plan.target);
  return {
    id: 'pupil',
    mostPages: 2,
    title: plan.title,
    subtitle: GROUP_LINE,
    blocks: [
      ...(wording === 'simple' ? pupilCautions(facts, 3) : cautionBlock(facts, 4)),
      { kind: 'heading', text: '1 · Predict' },
      { kind: 'text', text: PREDICT[wording](device) },
      { kind: 'stairs', ...stairsAxes(facts) },
      { kind: 'heading', text: '2 · Build' },
      { kind: 'desk', most: 0.24 },
      {
        kind: 'list',
        style: 'number',
        columns: 2,
        items: [
          ...buildingSteps(evaluation.cell.recipe, evaluation.cell.body),
          ...[joiningStep(evaluation.cell)].filter((one) => one !== null),
          ...resistorStep(facts, device),
          ...BUILDING[wording](loadWords(facts, device)),
        ],
      },
      { kind: 'new-page' },
      { kind: 'heading', text: '3 · Measure' },
      ...(measuring === 'once'
        ? [{ kind: 'text', text: 'The first cell is read together: copy its readings.' } as const]
        : []),
      {
        kind: 'table',
        header: ['What', 'I predict', 'I measured', 'Same?'],
        widths: [0.4, 0.22, 0.22, 0.16],
        writable: true,
        rows: askedOf(facts).map(({ what, unit }) => [what, unit, unit, '']),
      },
      {
        kind: 'text',
        text: 'Draw a dot ● for each reading in volts into the picture of your prediction. Where are ring and dot far apart?',
      },
      { kind: 'lines', count: 1 },
      { kind: 'heading', text: '4 · Explain' },
      ...QUESTIONS[wording](askedAbout(facts)).flatMap((text): Block[] => [
        { kind: 'text', text },
        { kind: 'lines', count: wording === 'simple' ? 2 : 3 },
      ]),
    ],
  };
}

/** The first cautions that pupils act on, in one box. */
function cautionBlock({ cautions }: LessonFacts, most: number): Block[] {
  const texts = cautions.filter(({ id }) => !FOR_TEACHERS.includes(id)).map(({ text }) => text);
  return texts.length === 0 ? [] : [{ kind: 'caution', text: texts.slice(0, most).join(' ') }];
}

/** The same in words for children, the most dangerous first. */
function pupilCautions({ cautions }: LessonFacts, most: number, areSmall = false): Block[] {
  const ids = cautions.map(({ id }) => id);
  const told = cautionsForPupils(ids, areSmall).slice(0, most);
  const text = told.map((one) => one.text).join(' ');
  return told.length === 0 ? [] : [{ kind: 'caution', text, pictures: told.map(({ id }) => id) }];
}

function askedAbout({ plan, evaluation }: LessonFacts): Asked {
  return {
    device: nameOfTarget(plan.target),
    minus: electrodeName(evaluation.cell.recipe.minus),
  };
}

/** `zinc`, `carbon`; of two that are alike which one. */
function electrodeName({ material, part }: Electrode): string {
  return part.includes(' in the ') ? part : material;
}

/** Told before the device is connected. */
function resistorStep(
  { evaluation: { seriesResistorOhms } }: LessonFacts,
  device: string,
): string[] {
  return seriesResistorOhms === null
    ? []
    : [
        `Never without the resistor of ${formatOhms(seriesResistorOhms)} between + and the ${device}.`,
      ];
}

/** For small children: pictures first, a few words under each, nothing to calculate. */
export function smallSheet(facts: LessonFacts): Sheet {
  const { plan, evaluation } = facts;
  const device = nameOfTarget(plan.target);
  const { body, recipe } = evaluation.cell;
  const { pairs } = evaluation.wiring;
  const each = pairs === 1 ? '' : `${pairs} × `;
  const minus = recipe.minus.material;
  const plus = recipe.plus.material;
  return {
    id: 'small',
    mostPages: 1,
    title: plan.title,
    subtitle: 'Group: ______________________',
    blocks: [
      ...pupilCautions(facts, 6, true),
      {
        kind: 'pictures',
        pictures: [
          {
            id: 'one-cell',
            caption: `1. One ${body.name}: ${each}${minus} − and ${each}${plus} +. They never touch.${pairs === 1 ? '' : ' Join like to like.'}`,
          },
          { id: 'read-volts', caption: '2. Read the volts. Write them in the box.' },
          { id: 'next-cell', caption: '3. Join the next one: + to −. More volts?' },
          { id: 'all-cells', caption: '4. Join all of them.' },
          { id: 'device', caption: `5. Join the ${device}. ${againWords(plan.target)}` },
        ],
      },
      { kind: 'text', text: 'What did you see? Draw it.' },
      { kind: 'frame', height: 110 },
    ],
  };
}

const ANSWERS: Readonly<Record<Wording, (facts: LessonFacts) => readonly string[]>> = {
  simple: ({ evaluation: { cell } }) => [
    `${capital(electrodeName(cell.recipe.plus))} is +.`,
    'It stops or gets weaker: the row is broken, or its volts are missing.',
  ],
  standard: ({ evaluation: { cell } }) => [
    'They are lost inside the cells, at their internal resistance.',
    `The ${electrodeName(cell.recipe.minus)} at −: it dissolves and turns dull and pitted. What takes up its electrons is used up too: hydrogen ions of the acid, or oxygen.`,
    'More strings: more current, the same volts, and a longer life.',
  ],
  full: ({ evaluation: { cell, source, amps, volts, seriesResistorOhms } }) => [
    `${dissolvingReaction(METAL_OF_MATERIAL[cell.recipe.minus.material]) ?? 'Nothing dissolves'} at the ${electrodeName(cell.recipe.minus)}, which is the anode (oxidation) and the − pole.`,
    `Inside: ${formatVolts(source.emfVolts)} − ${formatVolts(volts)} = ${formatVolts(source.emfVolts - volts)}, which is I·r = ${formatAmps(amps)} × ${formatOhms(source.resistanceOhms)}.${
      seriesResistorOhms === null
        ? ''
        : ` The resistor takes ${formatVolts(amps * seriesResistorOhms)} of the rest: ${formatAmps(amps)} × ${formatOhms(seriesResistorOhms)}.`
    }`,
    'The two never occur together; the most is a quarter of that product.',
  ],
};

/** What the pupils should have found, from the same computation as the screen. */
export function answerSheet(facts: LessonFacts, wording: Wording): Sheet {
  return {
    id: 'answers',
    mostPages: 1,
    grows: true,
    title: `Answers: ${facts.plan.title}`,
    subtitle: `${facts.kit.cellsInGroup} cells${pairsWords(facts.evaluation.wiring.pairs)}. Cells scatter: volts by about 10 %, currents by a factor of up to two.`,
    blocks: [
      {
        kind: 'table',
        header: ['What', 'Expected'],
        widths: [0.7, 0.3],
        figures: [1],
        rows: askedOf(facts).map(({ what, expected }) => [what, expected]),
      },
      { kind: 'heading', text: 'Explain' },
      ...QUESTIONS[wording](askedAbout(facts)).flatMap((text, index): Block[] => [
        { kind: 'text', strong: true, text },
        { kind: 'text', text: ANSWERS[wording](facts)[index] ?? '' },
      ]),
    ],
  };
}

/** The circuit, large, for the wall. */
export function posterSheet({ plan, evaluation }: LessonFacts): Sheet {
  const { recipe } = evaluation.cell;
  const { wiring } = evaluation;
  return {
    id: 'poster',
    title: plan.title,
    subtitle: `+ is ${recipe.plus.material}, − is ${recipe.minus.material}. ${wiring.cellsInSeries} cells${pairsWords(wiring.pairs)} in a string: + of one goes to − of the next.${wiring.strings === 1 ? '' : ` ${wiring.strings} strings side by side: + to +, − to −.`}`,
    landscape: true,
    blocks: [
      { kind: 'desk', most: 1 },
      {
        kind: 'pictures',
        fill: true,
        pictures: [
          { id: 'one-cell', caption: `One ${evaluation.cell.body.name}.` },
          { id: 'next-cell', caption: 'The next one: + to −.' },
        ],
      },
    ],
  };
}

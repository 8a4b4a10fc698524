import { buildingSteps } from '../../../physics/chemistry/recipe';
import { cellAmpsAt } from '../../../physics/chemistry/cellAmpsAt';
import { placesOfString } from '../../diagnosis/placesOfString';
import { nameOfTarget } from '../../../records/plan/loadRequirement';
import type { CautionId } from '../../../physics/safety/cautions';
import { formatAmps, formatOhms, formatVolts } from '../../../units';
import type { LessonFacts } from './lessonFacts';
import type { Block, Sheet, Wording } from './sheet';

/** A quantity that pupils predict and measure, with the value that the plan expects. */
interface Asked {
  readonly what: string;
  readonly unit: 'V' | 'mA';
  readonly expected: string;
}

/** Steps in words of three levels; the recipe's own steps stand before them. */
const BUILDING: Readonly<Record<Wording, (device: string) => readonly string[]>> = {
  simple: (device) => [
    'Make one cell.',
    'Read the volts. Write them down.',
    'Read the milliamps for one or two seconds. Write them down.',
    'Add the next cell: its − to the + before it. Read the volts again.',
    'All cells are there? Join the strings: + to +, − to −.',
    `Connect the ${device}. Is it dark? Turn it round.`,
  ],
  standard: (device) => [
    'Build ONE cell and predict what it will read.',
    'Measure volts first, then milliamps for a second or two.',
    'Add the cells of your string one at a time, + to −, and read the volts after each one. Every cell should add a step.',
    'Is a step missing, small or backwards? That cell is at fault: look at it before you go on.',
    'Join the strings: + to +, − to −. The volts should stay, the current should rise.',
    `Connect the ${device}, its long leg or red wire to +. Dark? Turn it round, then look for the fault.`,
  ],
  full: (device) => [
    'Build ONE cell. Predict its open-circuit voltage from the metals, then measure it; then its short-circuit current for a second or two.',
    'Work out the internal resistance r = E / I of that cell.',
    'Add the cells of your string one at a time and read the open-circuit voltage after each. In series the voltages add and so do the resistances.',
    'Join the strings side by side: the voltage stays, the resistance is divided by the number of strings.',
    `Connect the ${device} to the right poles. Measure its terminal voltage and explain where the rest of the volts went.`,
    'Work out the power that arrives and compare it with E² / 4r, the most that any load could get.',
  ],
};

/** What pupils predict and measure on this battery, in order. */
export function askedOf({ plan, evaluation }: LessonFacts): Asked[] {
  const { cell, source, amps, volts, desk } = evaluation;
  const { places } = placesOfString(desk, 0);
  let sum = 0;
  const steps = places.map(({ emfVolts }, index): Asked => {
    sum += emfVolts;
    return {
      what: index === 0 ? 'one cell, open' : `cells 1 to ${index + 1}, open`,
      unit: 'V',
      expected: formatVolts(sum),
    };
  });
  const shorted: Asked = {
    what: 'one cell, shorted by the meter',
    unit: 'mA',
    expected: formatAmps(cellAmpsAt(cell.model, 0)),
  };
  const device = nameOfTarget(plan.target);
  return [
    ...steps.slice(0, 1),
    shorted,
    ...steps.slice(1),
    { what: 'the whole battery, open', unit: 'V', expected: formatVolts(source.emfVolts) },
    { what: `with the ${device}`, unit: 'V', expected: formatVolts(volts) },
    { what: `through the ${device}`, unit: 'mA', expected: formatAmps(amps) },
  ];
}

const QUESTIONS: Readonly<Record<Wording, readonly string[]>> = {
  simple: ['Which metal is +?', 'What happens to the light if you take one cell away?'],
  standard: [
    'Which metal is used up, and how can you see it?',
    'Why do the volts fall when the device is connected?',
    'What would more strings change, and what not?',
  ],
  full: [
    'Write the half-reaction at the zinc, and say which electrode is the anode.',
    'Where do the volts go that the device does not get? Give the sum.',
    'Open-circuit volts times short-circuit amps is not the power of the battery. Why?',
  ],
};

/** Cautions that the teacher acts on beforehand. */
const FOR_TEACHERS: readonly CautionId[] = ['allergies', 'short-circuit'];

/** What the pupils get: drawing, steps, a table with blanks, questions. No answers. */
export function pupilSheet(facts: LessonFacts, wording: Wording): Sheet {
  const { plan, evaluation, cautions } = facts;
  const device = nameOfTarget(plan.target);
  const own = cautions.filter(({ id }) => !FOR_TEACHERS.includes(id)).map(({ text }) => text);
  const blocks: Block[] = [
    { kind: 'desk' },
    ...own.slice(0, wording === 'simple' ? 3 : 5).map((text): Block => ({ kind: 'caution', text })),
    { kind: 'heading', text: 'How to build it' },
    {
      kind: 'list',
      style: 'number',
      items: [
        // Measuring is told below, in the words of the level.
        ...buildingSteps(evaluation.cell.recipe, evaluation.cell.body),
        ...resistorStep(facts, device),
        ...BUILDING[wording](device),
      ],
    },
    { kind: 'heading', text: 'Predict, then measure' },
    {
      kind: 'table',
      header: ['What', 'I predict', 'I measured', 'Same?'],
      widths: [0.4, 0.22, 0.22, 0.16],
      writable: true,
      rows: askedOf(facts).map(({ what, unit }) => [what, unit, unit, '']),
    },
    { kind: 'heading', text: 'Think about it' },
    ...QUESTIONS[wording].flatMap((text): Block[] => [
      { kind: 'text', text },
      { kind: 'lines', count: wording === 'simple' ? 1 : 2 },
    ]),
  ];
  return {
    id: 'pupil',
    title: plan.title,
    subtitle: 'Group: ______________________   Date: ______________',
    blocks,
  };
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

const ANSWERS: Readonly<Record<Wording, (facts: LessonFacts) => readonly string[]>> = {
  simple: () => [
    'Copper (or carbon) is +.',
    'It goes dark or dimmer: the string is open, or its volts are missing.',
  ],
  standard: () => [
    'The metal at −, usually zinc: it turns dull and pitted.',
    'Some of the volts are lost inside the cells, at their internal resistance.',
    'More strings: more current, the same volts, and a longer life.',
  ],
  full: ({ evaluation: { source, amps, volts } }) => [
    'Zn → Zn²⁺ + 2 e⁻ at the zinc, which is the anode (oxidation) and the − pole.',
    `Inside: ${formatVolts(source.emfVolts)} − ${formatVolts(volts)} = ${formatVolts(source.emfVolts - volts)}, which is I·r = ${formatAmps(amps)} × ${formatOhms(source.resistanceOhms)}.`,
    'The two never occur together; the most is a quarter of that product.',
  ],
};

/** What the pupils should have found, from the same computation as the screen. */
export function answerSheet(facts: LessonFacts, wording: Wording): Sheet {
  return {
    id: 'answers',
    title: `Answers: ${facts.plan.title}`,
    subtitle: 'Cells scatter: volts by about 10 %, currents by a factor of up to two.',
    blocks: [
      {
        kind: 'table',
        header: ['What', 'Expected'],
        widths: [0.6, 0.4],
        rows: askedOf(facts).map(({ what, expected }) => [what, expected]),
      },
      { kind: 'heading', text: 'Think about it' },
      { kind: 'list', style: 'number', items: ANSWERS[wording](facts) },
    ],
  };
}

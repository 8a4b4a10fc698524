import { trialWords } from '../trialWords';
import { wasteWords } from '../../../physics/recipes/waste';
import { AISLES, PARTS } from '../../../physics/recipes/parts';
import { verdictOf } from '../../judging/verdict';
import { AGE_BAND_NAMES } from '../../../records/plan/lessonSchema';
import { formatMinutes, formatNumber } from '../../../units';
import { capital, counted } from '../../../words';
import { belowAllRows, bodiesFor, firstCellTable, rangeOfRow } from '../../search/firstCell';
import { MEASURING_NAMES } from '../../lesson/measuring';
import { moneyWords } from '../../parts/moneyWords';
import { dayWords } from '../../../formats/dates';
import { dayOf } from '../localTime';
import { amountWords, valuedWords } from '../../parts/amountWords';
import { packWords, totalWords, type ShoppingLine } from '../shoppingList';
import type { Timetable } from '../timetable';
import { benchName } from '../groupNames';
import { checklistOf } from './checklist';
import { pairsWords, type LessonFacts } from './lessonFacts';
import { mixingPrint } from './mixingSheet';
import type { Block, Sheet } from './sheet';

/** Everything the teacher needs on one page: verdict, first cell, times, what to say when, what to have thought of. */
export function teacherSheet(facts: LessonFacts, times: Timetable | null): Sheet {
  const { plan, evaluation, gate } = facts;
  const { headline, details } = verdictOf(evaluation);
  const preparing = [...firstCellBlocks(facts), ...timetableBlocks(times)];
  const lesson = gate.pupilSheet ? lessonBlocks(facts) : [];
  const checklist: Block[] = [
    { kind: 'heading', text: 'Checklist' },
    {
      kind: 'list',
      style: 'box',
      items: checklistOf(facts).map(({ text }) => text),
    },
  ];
  const blocks: Block[] = [
    { kind: 'text', strong: true, text: [headline, ...details].join(' · ') },
    ...(gate.reason === '' ? [] : [{ kind: 'caution', text: gate.reason } as const]),
    { kind: 'text', text: whoBuilds(facts) },
    { kind: 'desk', most: 0.17 },
    { kind: 'columns', columns: [[...preparing, ...checklist], lesson] },
    { kind: 'text', text: 'Checked by: ______________________   Date: ______________' },
  ];
  return { id: 'teacher', title: plan.title, subtitle: 'Teacher’s sheet', blocks, mostPages: 1 };
}

/** Build one, then decide: what the first cell's reading asks for; nothing once a cell was measured. */
function firstCellBlocks({ plan, evaluation, kit }: LessonFacts): Block[] {
  const { cell, asked, desk } = evaluation;
  if (cell.origin === 'own' || desk.grid === null || cell.recipe.restricted) return [];
  const rows = firstCellTable(asked, plan.meter.shuntOhms);
  if (rows.length === 0) return [];
  const bodies = cell.recipe.look === 'fruit' ? cell.body.plural : 'cells';
  return [
    { kind: 'heading', text: 'Build one, then decide' },
    {
      kind: 'table',
      header: [
        'Your first cell reads',
        'Build (cells × strings)',
        capital(bodiesFor(bodies, kit.groups)),
      ],
      widths: [0.4, 0.25, 0.35],
      rows: rows.map((row, index) => [
        rangeOfRow(rows, index),
        `${row.cellsInSeries} × ${row.strings}`,
        formatNumber(row.cells * kit.groups),
      ]),
    },
    {
      kind: 'text',
      text: `Shorted by the meter for a second or two. ${rows[0]?.cellsInSeries} × ${rows[0]?.strings} means ${rows[0]?.cellsInSeries} cells in a row, and ${rows[0]?.strings === 1 ? 'one such string' : `${rows[0]?.strings} such strings side by side`}. It then works for ${formatMinutes(plan.minutes)} in 95 of 100 classes. Less than that: ${belowAllRows(cell.recipe)}.`,
    },
  ];
}

/** Who builds what: the groups, or one adult who shows it, or nobody in class. */
function whoBuilds({ plan, kit, gate, evaluation }: LessonFacts): string {
  const { pairs } = evaluation.wiring;
  const { pupils, ageBand, groups } = plan.lesson;
  const { least, most } = kit.pupilsInGroup;
  const size = least === most ? `${least}` : `${least} or ${most}`;
  if (!gate.preparing) return 'Figures only: nothing is prepared for a class.';
  return gate.pupilSheet
    ? `${pupils} pupils (${AGE_BAND_NAMES[ageBand]}) in ${groups} groups of ${size}; each group builds ${kit.cellsInGroup} cells${pairsWords(pairs)}; ${kit.spareCells} spare cells for the class.`
    : `A demonstration for ${pupils} pupils (${AGE_BAND_NAMES[ageBand]}): an adult builds ${kit.cellsInGroup} cells${pairsWords(pairs)}, with ${kit.spareCells} spare cells.`;
}

/** The lesson by phase with what to say, and who has the meter. */
function lessonBlocks(facts: LessonFacts): Block[] {
  const { plan, course, queue, groupNames, measuring } = facts;
  const { lesson } = plan;
  return [
    { kind: 'heading', text: `The lesson, ${lesson.minutes} minutes from ${lesson.startsAt}` },
    {
      kind: 'table',
      header: ['Min', 'What', 'Say'],
      widths: [0.11, 0.37, 0.52],
      rows: phaseRows(facts),
    },
    ...(course.over > 0
      ? [
          {
            kind: 'caution',
            text: `That is ${formatNumber(course.over)} minutes more than the lesson has: build one cell beforehand, or measure once only.`,
          } as const,
        ]
      : []),
    { kind: 'heading', text: `The meter: ${MEASURING_NAMES[measuring]}` },
    {
      kind: 'text',
      text: queue.turns
        .map(({ fromMinute, meter, group }) => {
          const which = lesson.meters === 1 ? '' : `, meter ${meter + 1}`;
          return `${groupNames[group] ?? ''} ${formatNumber(fromMinute)} min${which}`;
        })
        .join(' · '),
    },
  ];
}

function timetableBlocks(times: Timetable | null): Block[] {
  if (times === null) return [];
  return [
    { kind: 'heading', text: 'Before the lesson' },
    {
      kind: 'table',
      header: ['When', 'What', 'Min'],
      widths: [0.4, 0.48, 0.12],
      figures: [2],
      rows: times.tasks.map(({ start, name, minutes }) => [
        `${dayWords(dayOf(start))}, ${start.slice(11, 16)}`,
        name,
        formatNumber(minutes),
      ]),
    },
    ...times.conflicts.map(({ message }): Block => ({ kind: 'caution', text: message })),
  ];
}

function phaseRows({ course }: LessonFacts): string[][] {
  let at = 0;
  return course.phases.map(({ name, minutes, say }) => {
    const row = [formatNumber(at), `${name} (${formatNumber(minutes)} min)`, say];
    at += minutes;
    return row;
  });
}

/** What to buy, by aisle, to tick off; what the cupboard has; cautions of a material stand below. */
export function shoppingSheet(facts: LessonFacts): Sheet {
  const { plan, kit, gate, shopping, cupboard, cautions } = facts;
  const trial = trialWords(facts);
  const have = shopping.lines.filter(({ packs }) => packs === 0);
  return {
    id: 'shopping',
    title: `Shopping: ${plan.title}`,
    subtitle: gate.pupilSheet
      ? `${counted(kit.groups, 'group', 'groups')}, ${plan.lesson.pupils} pupils`
      : `A demonstration for ${plan.lesson.pupils} pupils`,
    blocks: [
      ...(trial === null
        ? []
        : [
            {
              kind: 'text' as const,
              text: `First buy ${trial}, build one and read it: it says how many the class needs. Then buy the rest.`,
            },
          ]),
      ...AISLES.flatMap((aisle): Block[] => {
        const lines = shopping.lines.filter(
          ({ part, packs }) => packs > 0 && PARTS[part].aisle === aisle,
        );
        if (lines.length === 0) return [];
        return [
          { kind: 'heading', text: capital(aisle) },
          {
            kind: 'table',
            header: ['', 'Buy', 'For the class', 'Price'],
            widths: [0.06, 0.44, 0.3, 0.2],
            figures: [3],
            rows: lines.map((line) => [
              plan.lesson.bought.includes(line.part) ? '☑' : '☐',
              packWords(line, facts.evaluation),
              amountWords(line.part, line.needed),
              moneyWords(line.price, cupboard.currency),
            ]),
          },
        ];
      }),
      { kind: 'text', strong: true, text: totalWords(shopping, cupboard.currency) },
      ...haveBlocks(have, facts),
      { kind: 'heading', text: 'Take care with' },
      ...cautions
        .filter(({ from }) => from.some(({ kind }) => kind === 'material'))
        .map(({ text }): Block => ({ kind: 'caution', text })),
    ],
    grows: true,
  };
}

function haveBlocks(have: readonly ShoppingLine[], { evaluation }: LessonFacts): Block[] {
  if (have.length === 0) return [];
  const items = have.map(({ part, needed }) => valuedWords(part, needed, evaluation));
  return [
    { kind: 'heading', text: 'From the cupboard' },
    { kind: 'list', style: 'box', columns: 2, items },
  ];
}

/** Cards to cut out: separators, sanding, wire; liquids with order, label, storage and disposal. */
export function cardsSheet({ plan, kit }: LessonFacts): Sheet {
  const cards = [
    ...kit.cutting.map(({ title, lines, handMinutes }) => ({
      title,
      lines: [...lines, `${formatNumber(handMinutes)} minutes for one pair of hands.`],
    })),
    ...kit.mixing.map(mixingPrint),
  ];
  return {
    id: 'cards',
    title: `Cards: ${plan.title}`,
    subtitle: 'Cutting and mixing',
    blocks:
      cards.length === 0
        ? [{ kind: 'text', text: 'Nothing has to be cut or mixed for this battery.' }]
        : [{ kind: 'cards', columns: 2, cards }],
  };
}

/** Labels for what must not be eaten, and for the bottles. */
export function labelsSheet(facts: LessonFacts): Sheet {
  const { plan, kit, groupNames, cautions } = facts;
  const { cell } = facts.evaluation;
  const food = cautions.some(({ id }) => id === 'food');
  const cards = [
    ...groupNames.map((name) => ({
      title: food ? 'Contains metal, do not eat' : 'Experiment, do not touch',
      lines: [
        capital(benchName(name, facts.evaluation.inLesson)),
        plan.title,
        wasteWords(cell.recipe, cell.body),
      ],
    })),
    ...kit.mixing
      .filter(({ refused }) => refused === null)
      .map(({ label, storage }) => ({ title: label, lines: [storage] })),
  ];
  return {
    id: 'labels',
    title: 'Labels',
    subtitle: plan.title,
    blocks: [{ kind: 'cards', columns: 2, cards }],
  };
}

/** A card for each group: its bird, what it builds, how it joins. */
export function groupsSheet(
  { plan, kit, groupNames, queue, evaluation }: LessonFacts,
  joinAt: string | null,
): Sheet {
  const code = plan.lesson.joinCode;
  return {
    id: 'groups',
    title: 'Group cards',
    subtitle: plan.title,
    blocks: [
      {
        kind: 'cards',
        columns: 2,
        cards: groupNames.map((name, index) => ({
          title: name,
          lines: [
            `You build ${kit.cellsInGroup} cells${pairsWords(evaluation.wiring.pairs)}.`,
            `The meter is yours from minute ${formatNumber(queue.turns[index]?.fromMinute ?? 0)} of each round, for ${formatNumber(queue.turnMinutes)} minutes.`,
            code === null ? 'Join code: ______________' : `Join code: ${code}`,
            ...(code === null || joinAt === null ? [] : [`at ${joinAt}`]),
          ],
          qr: code === null || joinAt === null ? null : `${joinAt}?code=${code}`,
        })),
      },
    ],
  };
}

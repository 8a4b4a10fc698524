import type { RecipeId } from '../../../physics/recipes/recipe';
import { RECIPES } from '../../../physics/recipes/recipes';
import { USUAL_LESSON, type Lesson } from '../../../records/plan/lessonSchema';
import { freshCell, newPlan } from '../../../records/plan/newPlan';
import type { Plan } from '../../../records/plan/planSchema';
import { evaluatePlan } from '../../judging/evaluatePlan';
import {
  EMPTY_CUPBOARD,
  withEntry,
  withGuidePrices,
  type CupboardState,
} from '../../../records/cupboard/cupboardSchema';
import { groupName } from '../groupNames';
import { takeOut } from '../takeOut';
import { checklistOf } from './checklist';
import { lessonFacts, type LessonFacts } from './lessonFacts';
import { lessonTimes } from '../lessonTimes';
import { askedOf, stairsAxes } from './asked';
import { SHEET_IDS, WORDINGS, type Block, type SheetId, type Wording } from './sheet';
import { sheetOf, sheetsAllowed } from './sheetsOfLesson';

interface Wanted {
  recipe?: RecipeId;
  body?: string;
  lesson?: Partial<Lesson>;
  cupboard?: CupboardState;
}

function factsOf({ recipe, body, lesson, cupboard = EMPTY_CUPBOARD }: Wanted = {}): LessonFacts {
  const fresh = newPlan('Lamp');
  const chosen = recipe ?? fresh.cell.recipe;
  const plan: Plan = {
    ...fresh,
    lessonDate: '2027-01-29',
    cell: { ...fresh.cell, recipe: chosen, body: body ?? RECIPES[chosen].bodies[0]!.id },
    arrangement: { kind: 'own', cellsInSeries: 4, strings: 2 },
    lesson: { ...USUAL_LESSON, ...lesson },
  };
  return lessonFacts(plan, evaluatePlan(plan), { cupboard, planId: 'p' });
}

const textOfBlock = (block: Block): string[] => {
  switch (block.kind) {
    case 'heading':
    case 'text':
    case 'caution':
      return [block.text];
    case 'list':
      return [...block.items];
    case 'table':
      return [block.header.join(' '), ...block.rows.map((row) => row.join(' '))];
    case 'cards':
      return block.cards.flatMap(({ title, lines }) => [title, ...lines]);
    case 'together':
      return block.blocks.flatMap(textOfBlock);
    case 'columns':
      return block.columns.flat().flatMap(textOfBlock);
    case 'stairs':
      return [...block.columns];
    case 'pictures':
      return block.pictures.map(({ caption }) => caption);
    case 'desk':
    case 'lines':
    case 'frame':
    case 'new-page':
      return [];
  }
};
const textOf = (id: SheetId, facts: LessonFacts, wording: Wording = 'standard'): string => {
  const times = lessonTimes(facts, '2027-01-01T08:00:00');
  const { title, subtitle, blocks } = sheetOf(id, facts, times, wording);
  return [title, subtitle, ...blocks.flatMap(textOfBlock)].join('\n').replaceAll('\u00a0', ' ');
};

test.each(WORDINGS)(
  'the pupil sheet, %s: drawing, steps, blanks, questions, and no figure given away',
  (wording) => {
    const facts = factsOf();
    const text = textOf('pupil', facts, wording);
    for (const { what, expected } of askedOf(facts)) {
      expect(text).toContain(what);
      expect(text).not.toContain(expected.replaceAll('\u00a0', ' '));
    }
    expect(text).not.toMatch(/\d[.,]\d+ (V|mA)/);
    const kinds = sheetOf('pupil', facts, null, wording).blocks.map(({ kind }) => kind);
    expect(kinds).toEqual(expect.arrayContaining(['desk', 'caution', 'list', 'table', 'lines']));
  },
);

test('three levels of wording differ, and say no more than they should', () => {
  const facts = factsOf();
  const [simple, standard, full] = WORDINGS.map((wording) => textOf('pupil', facts, wording));
  expect(new Set([simple, standard, full]).size).toBe(3);
  expect(simple).not.toContain('internal resistance');
  expect(full).toContain('E² / 4r');
});

test('the answer key gives the computed values: four cells of one kind add up', () => {
  const facts = factsOf();
  const text = textOf('answers', facts);
  const { emfVolts } = facts.evaluation.cell.model;
  expect(text).toContain(`cells 1 to 4, nothing connected ${(4 * emfVolts).toFixed(2)} V`);
  for (const { expected } of askedOf(facts))
    expect(text).toContain(expected.replaceAll('\u00a0', ' '));
  expect(textOf('answers', facts, 'full')).toContain('anode');
});

test('what has no answer on the pupil sheet has one on the key, question for question', () => {
  const facts = factsOf();
  for (const wording of WORDINGS) {
    const { blocks } = sheetOf('pupil', facts, null, wording);
    const explain = blocks.findIndex(
      (block) => block.kind === 'heading' && block.text.includes('Explain'),
    );
    const questions = blocks.slice(explain).filter(({ kind }) => kind === 'lines').length;
    const told = sheetOf('answers', facts, null, wording).blocks.flatMap((block) =>
      block.kind === 'text' ? [block] : [],
    );
    expect(told).toHaveLength(2 * questions);
    // A question, and under it something that is no question.
    told.forEach(({ text, strong }, index) => {
      expect(strong === true).toBe(index % 2 === 0);
      expect(text).not.toBe('');
    });
  }
});

test('a pile of 24 is read at round counts, on round axes, its currents in the unit of their column', () => {
  const plan: Plan = {
    ...newPlan('Pile'),
    cell: freshCell('coin-pile-brine', 'felt'),
    arrangement: { kind: 'own', cellsInSeries: 24, strings: 1 },
  };
  const facts = lessonFacts(plan, evaluatePlan(plan), { cupboard: EMPTY_CUPBOARD, planId: 'p' });
  const asked = askedOf(facts);
  expect(asked.map(({ what }) => /^cells 1 to (\d+)/.exec(what)?.[1]).filter(Boolean)).toEqual([
    '2',
    '3',
    '6',
    '12',
  ]);
  expect(asked.map(({ what }) => what)).toContain('the whole battery, nothing connected');
  for (const { unit, expected } of asked) expect(expected).toMatch(new RegExp(`\\d\\s${unit}$`));
  const { volts } = stairsAxes(facts);
  const step = volts[1]!;
  expect(volts[0]).toBe(0);
  expect([1, 2, 5, 10, 20, 50]).toContain(Math.round(10 * step));
  volts.forEach((value, index) => expect(value).toBeCloseTo(index * step, 9));
  // 24 × 0.75 V is below the top, and the top is no more than two lines above.
  expect(volts.at(-1)).toBeGreaterThan(18);
  expect(volts.at(-1)).toBeLessThan(18 + 3 * step);
});

test.each<[Plan['target'], string]>([
  [{ kind: 'led', colour: 'red', brightness: 'dim' }, 'Its long leg to +. Dark? Turn it round.'],
  [
    { kind: 'motor', startVolts: 0.3, ratedVolts: 1.5, stallAmps: 0.8, freeAmps: 0.06 },
    'Either way round will do. Standing still? Press every clip.',
  ],
  [
    { kind: 'device', device: 'calculator', leastVolts: 1.2, amps: 1e-5 },
    'Its red wire to +. Blank? Turn it round.',
  ],
])('%o: the teacher says what belongs to it', (target, said) => {
  const plan: Plan = { ...newPlan('Said'), target };
  const facts = lessonFacts(plan, evaluatePlan(plan), { cupboard: EMPTY_CUPBOARD, planId: 'p' });
  expect(facts.course.phases.find(({ id }) => id === 'device')?.say).toBe(said);
});

test('the teacher sheet: verdict, times, phases, turns with the meter, a checklist to sign', () => {
  const text = textOf(
    'teacher',
    factsOf({ lesson: { meters: 2, minutes: 30, measuring: 'every-cell' } }),
  );
  expect(text).toMatch(/in \d+ of 100 classes/);
  expect(text).toContain('Fri 29 Jan, 10:00 The lesson 30');
  expect(text).toContain('4 Build one cell (5 min) Two metals, well down');
  expect(text).toContain('Curlew 0 min, meter 1 · Knot 0 min, meter 2');
  expect(text).toContain('minutes more than the lesson has');
  expect(text).toContain('Checked by: ____');
  expect(text).toContain('risk assessment');
});

test('the shopping sheet: packs beside what is there, the sum, and care where a material wants it', () => {
  const cupboard = withEntry(
    withGuidePrices({ ...EMPTY_CUPBOARD, currency: 'EUR' }),
    'copper-strip',
    { stock: 500 },
  );
  const text = textOf('shopping', factsOf({ cupboard }));
  // 6 groups × 8 cells and 8 spare ones are 56 kiwis: 10 packs of six.
  expect(text).toContain('Greengrocer\n Buy For the class Price\n☐ 10 × 6 kiwis 56 kiwis 30 EUR');
  expect(text).toMatch(/From the cupboard\n56 copper strips/);
  expect(text).toMatch(
    /To buy: .* EUR \(.* EUR a group, .* EUR a pupil\) · of that .* EUR comes back · should be at school: .* EUR/,
  );
  expect(text).toContain('nobody eats it');
});

test('cards: separators and brine for piles, nothing for fruit', () => {
  const pile = textOf('cards', factsOf({ recipe: 'coin-pile-brine', body: 'felt' }));
  expect(pile).toContain('56 separators of felt');
  // 56 × 2 mL and a fifth: 134.4 mL with 18 g in 100 mL.
  expect(pile).toContain('134 mL of warm tap water');
  expect(pile).toContain('24.2 g of table salt');
  expect(pile).toContain('Label: Brine');
  expect(pile).toContain('Afterwards: Unused, down the sink');
  expect(textOf('cards', factsOf())).toContain('Nothing has to be cut or mixed');
});

test('labels for every group and every bottle; group cards with turn and code', () => {
  const facts = factsOf({ recipe: 'juice-cup', body: 'brine', lesson: { joinCode: 'FERN42' } });
  const labels = textOf('labels', facts);
  expect(labels.match(/Contains metal, do not eat/g)).toHaveLength(6);
  expect(labels).toContain('Not for drinking');
  const cards = textOf('groups', facts);
  expect(cards.match(/Join code: FERN42/g)).toHaveLength(6);
  expect(textOf('groups', factsOf())).toContain('Join code: ____');
});

test('gates withhold sheets: metal salts from the young, strong acid from every class', () => {
  expect(sheetsAllowed(factsOf())).toEqual([...SHEET_IDS]);
  const young = factsOf({ recipe: 'two-solution', lesson: { ageBand: 'under-11' } });
  expect(sheetsAllowed(young)).toEqual([
    'teacher',
    'answers',
    'poster',
    'shopping',
    'cards',
    'labels',
  ]);
  const older = factsOf({ recipe: 'two-solution', lesson: { ageBand: '14-and-over' } });
  expect(sheetsAllowed(older)).toEqual([...SHEET_IDS]);
  const acid = factsOf({ recipe: 'dilute-sulfuric-acid', lesson: { ageBand: 'adults' } });
  expect(sheetsAllowed(acid)).toEqual(['teacher', 'answers']);
});

test('points of the checklist have ids of their own, cautions among them say where they come from', () => {
  for (const recipe of Object.keys(RECIPES) as RecipeId[]) {
    const points = checklistOf(factsOf({ recipe }));
    expect(new Set(points.map(({ id }) => id)).size).toBe(points.length);
    expect(points.filter(({ from }) => from !== '').length).toBeGreaterThan(0);
  }
});

test('groups are named after shore birds, however many there are', () => {
  const names = Array.from({ length: 60 }, (_, index) => groupName(index));
  expect(names.slice(0, 6)).toEqual(['Curlew', 'Knot', 'Dunlin', 'Avocet', 'Plover', 'Tern']);
  expect(new Set(names).size).toBe(60);
});

test('what pupils do not build is one demonstration, and strong acid is figures only', () => {
  const shown = factsOf({ recipe: 'two-solution', lesson: { ageBand: 'under-11' } });
  // 8 cells and 2 spare ones, once: two beakers each.
  expect(shown.kit.lines.find(({ part }) => part === 'beaker')?.total).toBe(20);
  const text = textOf('teacher', shown);
  expect(text).toContain('A demonstration for 30 pupils');
  expect(text).not.toContain('Who has the meter');
  const acid = textOf('teacher', factsOf({ recipe: 'dilute-sulfuric-acid' }));
  expect(acid).toContain('Figures only');
  expect(acid).not.toContain('each group builds');
});

test('what was taken out for a plan is still there for it, and for no other', () => {
  const full = withEntry(EMPTY_CUPBOARD, 'kiwi', { stock: 60 });
  const lesson = { planId: 'p', title: 'Lamp', takenAt: '2027-01-29T08:00:00Z' };
  const missing = (cupboard: CupboardState): number =>
    factsOf({ cupboard }).shopping.lines.find(({ part }) => part === 'kiwi')!.missing;
  expect(missing(full)).toBe(0);
  expect(missing(takeOut(full, factsOf().kit, lesson))).toBe(0);
  expect(missing(takeOut(full, factsOf().kit, { ...lesson, planId: 'other' }))).toBe(52);
});

test('build one, then decide: the teacher’s sheet has the row for each first reading, the planned one among them', () => {
  const facts = factsOf();
  const text = textOf('teacher', facts);
  expect(text).toContain('Build one, then decide');
  expect(text).toMatch(/mA and more 4 × \d/);
  expect(text).toContain('4 × 2');
  const plan: Plan = {
    ...facts.plan,
    cell: {
      ...facts.plan.cell,
      own: {
        openCircuitVolts: 0.93,
        shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: null },
        loaded: [],
        kept: true,
      },
    },
  };
  const measured = lessonFacts(plan, evaluatePlan(plan), {
    cupboard: EMPTY_CUPBOARD,
    planId: 'p',
  });
  expect(textOf('teacher', measured)).not.toContain('Build one, then decide');
});

test('the school’s rules stand on every sheet that is not cut up', () => {
  const facts = factsOf({ cupboard: { ...EMPTY_CUPBOARD, rules: 'Hair tied back.' } });
  for (const id of SHEET_IDS) {
    const [first] = sheetOf(id, facts, null, 'standard').blocks;
    const isThere =
      first?.kind === 'caution' && first.text === 'Our school’s rules: Hair tied back.';
    expect([id, isThere]).toEqual([id, id !== 'cards' && id !== 'labels']);
  }
});

test('small children read what to mind in their words: eyes, mouth, hands, what an adult does', () => {
  const [caution] = sheetOf('small', factsOf({ recipe: 'juice-cup' }), null, 'simple').blocks;
  expect(caution).toMatchObject({
    text: expect.stringMatching(/it stings in the eyes.*An adult cuts.*mouth\. Wash your hands/),
  });
  const sanded = factsOf({ recipe: 'coin-pile-brine', lesson: { ageBand: 'under-11' } });
  const text = JSON.stringify(sheetOf('small', sanded, null, 'simple').blocks[0]);
  expect(text).toContain('mouth');
});

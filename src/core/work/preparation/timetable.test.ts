import { freshCell } from '../../records/plan/newPlan';
import fc from 'fast-check';
import { MEASURING_WAYS, USUAL_LESSON, type Lesson } from '../../records/plan/lessonSchema';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { kitOfPlan } from './kitOfPlan';
import { lessonPhases } from '../lesson/lessonPhases';
import { addMinutes, isWorkingDay, minutesBetween } from './localTime';
import { measuringPlan } from '../lesson/measuring';
import { meterQueue } from '../lesson/meterQueue';
import { cautionsOfPlan, originWords } from './cautionsOfPlan';
import { timetable, type TimetableInput } from './timetable';

const planWith = (change: Partial<Plan> = {}, lesson: Partial<Lesson> = {}): Plan => ({
  ...newPlan('x'),
  ...change,
  lesson: { ...USUAL_LESSON, ...lesson },
});
const inputOf = (
  plan: Plan,
  date = '2027-01-29',
  change: Partial<TimetableInput> = {},
): TimetableInput => ({
  lesson: plan.lesson,
  date,
  kit: kitOfPlan(plan, evaluatePlan(plan)),
  minutesPerCell: 5,
  toBuy: ['lemon', 'graphite-rod'],
  boiled: null,
  dried: false,
  freeDays: [],
  trial: 'three lemons',
  running: null,
  ...change,
});
const EARLY = '2027-01-01T08:00:00';

test('backwards from a Friday at ten: everything done in order, before it, within working hours', () => {
  const { tasks, conflicts } = timetable(inputOf(planWith()), EARLY);
  expect(conflicts).toEqual([]);
  expect(tasks.map(({ id }) => id)).toEqual([
    'order',
    'buy-trial',
    'trial-cell',
    'buy',
    'test-loads',
    'set-up',
    'lesson',
    'clear',
  ]);
  // By hand: 20 minutes of laying out end at ten; a cell is read four days before, what is bought then two.
  expect(tasks.find(({ id }) => id === 'set-up')?.start).toBe('2027-01-29T09:40:00');
  expect(tasks.find(({ id }) => id === 'trial-cell')?.start).toBe('2027-01-25T16:45:00');
  expect(tasks.find(({ id }) => id === 'buy')?.start).toBe('2027-01-27T16:15:00');
});

test('whatever the class, untouched tasks keep their order and the working days', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 27 }),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 1, max: 6 }),
      fc.constantFrom('08:00', '10:00', '16:30'),
      (day, groups, hands, startsAt) => {
        const date = addMinutes('2027-02-01T00:00:00', day * 1440).slice(0, 10);
        const cell = { ...newPlan('x').cell, recipe: 'one-coin-pile' as const, body: 'card-lemon' };
        const plan = planWith({ cell }, { groups, hands, startsAt });
        const { tasks } = timetable(inputOf(plan, date), EARLY);
        tasks.slice(1).forEach((task, index) => {
          const before = tasks[index]!;
          expect(
            minutesBetween(addMinutes(before.start, before.minutes), task.start),
          ).toBeGreaterThanOrEqual(before.minutes > 540 ? -Infinity : 0);
        });
        for (const { id, start } of tasks) {
          if (id !== 'lesson' && id !== 'clear')
            expect(isWorkingDay(start.slice(0, 10))).toBe(true);
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('a task moved after what needs it, onto a weekend or out of hours is told, and stays', () => {
  const moved = (id: string, start: string) =>
    timetable(inputOf(planWith({}, { moved: { [id]: start } })), EARLY);
  expect(moved('buy', '2027-01-30T09:00:00').conflicts.map(({ message }) => message)).toEqual(
    expect.arrayContaining([
      expect.stringContaining('weekend'),
      expect.stringContaining('comes after what needs it'),
    ]),
  );
  expect(
    moved('set-up', '2027-01-29T06:00:00').conflicts.map(({ message }) => message),
  ).toContainEqual(expect.stringContaining('working hours'));
  expect(moved('buy', '2027-01-26T09:00:00').conflicts).toEqual([]);
});

test('of a lesson that is over nothing else is said', () => {
  const { conflicts } = timetable(inputOf(planWith()), '2027-02-01T08:00:00');
  expect(conflicts.map(({ message }) => message)).toEqual(['The lesson lies in the past.']);
});

test('nothing is planned before now: what is late is done as soon as can be', () => {
  const now = '2027-01-29T08:10:30';
  const { tasks, conflicts } = timetable(
    inputOf(planWith(), '2027-01-29', { toBuy: ['lemon'] }),
    now,
  );
  for (const { start } of tasks) expect(start >= now).toBe(true);
  expect(tasks[0]).toMatchObject({ id: 'buy-trial', start: '2027-01-29T08:11:00' });
  expect(conflicts).toEqual([]);
  // Twenty minutes later there is no time to read a cell first.
  const short = timetable(
    inputOf(planWith(), '2027-01-29', { toBuy: ['lemon'] }),
    '2027-01-29T08:31:00',
  );
  expect(short.tasks[0]?.id).toBe('buy');
  expect(short.conflicts.map(({ message }) => message)).toEqual([
    expect.stringMatching(
      /^No longer possible before the lesson: “Buy three lemons .*Still possible: “Buy the rest/,
    ),
  ]);
  const late = timetable(
    inputOf(planWith(), '2027-01-29', { toBuy: ['lemon'] }),
    '2027-01-29T09:30:00',
  );
  // Half an hour before, shopping can no longer be done; nothing stands in the lesson or after it.
  expect(late.conflicts[0]?.message).toMatch(/^No longer possible .*“Buy the rest/);
  expect(late.tasks.map(({ id }) => id)).toEqual(['set-up', 'lesson', 'clear']);
});

test('a lesson tomorrow at eight: what is still possible is done today, nothing during or after the lesson', () => {
  const plan = planWith({}, { startsAt: '08:00' });
  const { tasks, conflicts } = timetable(inputOf(plan), '2027-01-28T15:30:00');
  for (const { id, start, minutes } of tasks) {
    if (id === 'lesson' || id === 'clear') continue;
    expect(start.slice(0, 10)).toBe('2027-01-28');
    expect(addMinutes(start, minutes) <= '2027-01-28T17:00:00').toBe(true);
  }
  expect(conflicts[0]?.message).toMatch(/No longer possible .*Still possible/);
});

test('from eight to eight: it is switched on in the evening, looked at in the morning, and cleared away then', () => {
  const running = { from: '20:00', minutes: 720 };
  const { tasks, conflicts } = timetable(inputOf(planWith(), '2027-01-29', { running }), EARLY);
  const starts = Object.fromEntries(tasks.map(({ id, start }) => [id, start]));
  expect(starts).toMatchObject({
    'switch-on': '2027-01-29T20:00:00',
    'switch-off': '2027-01-30T08:00:00',
    clear: '2027-01-30T08:05:00',
  });
  expect(conflicts).toEqual([]);
});

test('an order that would come too late offers what shops nearby have, only where they have it', () => {
  const order = (part: 'graphite-rod' | 'magnesium-ribbon', shortcuts: Lesson['shortcuts'] = []) =>
    timetable(
      inputOf(planWith({}, { shortcuts }), '2027-01-29', { toBuy: [part] }),
      '2027-01-27T08:00:00',
    );
  const late = order('graphite-rod').conflicts.find(({ task }) => task === 'order');
  expect(late?.message).toContain('after the lesson');
  expect(late?.offer).toEqual({
    shortcut: 'buy-nearby',
    words: 'Buy thick pencil leads from an art shop instead',
  });
  expect(order('graphite-rod', ['buy-nearby'])).toMatchObject({ conflicts: [] });
  expect(
    order('magnesium-ribbon').conflicts.find(({ task }) => task === 'order')?.offer,
  ).toBeNull();
});

test('potatoes that must be boiled are boiled the day before, whatever else is cut', () => {
  const plan = { ...planWith(), cell: freshCell('root-vegetable', 'boiled-potato') };
  const { tasks } = timetable(inputOf(plan, '2027-01-29', { boiled: 'potatoes' }), EARLY);
  const boil = tasks.find(({ id }) => id === 'boil');
  expect(boil).toMatchObject({ name: expect.stringContaining('Boil the potatoes'), minutes: 60 });
  expect(boil?.start.slice(0, 10)).toBe('2027-01-28');
  // Days before, the one of the trial is boiled too, in an hour of its own.
  const trial = tasks.find(({ id }) => id === 'trial-cell');
  expect(trial).toMatchObject({ name: expect.stringContaining('Boil one'), minutes: 75 });
});

test('salted foam dries overnight, or in the oven where the night is gone; nothing else does', () => {
  const foam = (now: string, shortcuts: Lesson['shortcuts'] = []) =>
    timetable(inputOf(planWith({}, { shortcuts }), '2027-01-29', { toBuy: [], dried: true }), now);
  const early = foam(EARLY);
  const dry = early.tasks.find(({ id }) => id === 'dry');
  // Twelve hours before what follows it on the morning of the lesson.
  expect(dry?.start.slice(0, 10)).toBe('2027-01-28');
  expect(early.conflicts).toEqual([]);
  const late = foam('2027-01-29T08:00:00');
  expect(late.conflicts[0]).toMatchObject({ task: 'dry', offer: { shortcut: 'oven-dry' } });
  expect(foam('2027-01-29T08:00:00', ['oven-dry']).tasks[0]?.name).toContain('oven');
  expect(timetable(inputOf(planWith()), EARLY).tasks.map(({ id }) => id)).not.toContain('dry');
});

test('days without school stay free, and a lesson on one is told', () => {
  const freeDays = [{ from: '2027-01-25', to: '2027-01-28' }];
  const { tasks } = timetable(inputOf(planWith(), '2027-01-29', { freeDays }), EARLY);
  for (const { start } of tasks) {
    expect(start < '2027-01-25' || start >= '2027-01-29').toBe(true);
  }
  const { conflicts } = timetable(inputOf(planWith(), '2027-01-27', { freeDays }), EARLY);
  expect(conflicts[0]?.message).toBe('The lesson falls on a day without school.');
});

test('what the cupboard has is not bought, and what shops have is not ordered', () => {
  const ids = (toBuy: TimetableInput['toBuy']) =>
    timetable(inputOf(planWith(), '2027-01-29', { toBuy }), EARLY).tasks.map(({ id }) => id);
  expect(ids([])).not.toContain('buy');
  expect(ids(['lemon'])).not.toContain('order');
  expect(ids(['lemon'])).toContain('buy');
});

test('cut fruit is cut on the day, after the trial', () => {
  const cell = { ...newPlan('x').cell, body: 'kiwi', piece: 'quarter' as const };
  const { tasks } = timetable(inputOf(planWith({ cell })), EARLY);
  const cut = tasks.find(({ id }) => id === 'cut-fruit');
  expect(cut?.start.slice(0, 10)).toBe('2027-01-29');
});

const measuringOf = (lesson: Partial<Lesson>, cellsInGroup = 4) => {
  const whole = { ...USUAL_LESSON, ...lesson };
  const least = Math.floor(whole.pupils / whole.groups);
  return measuringPlan({
    group: { cellsInGroup, pupilsInGroup: { least, most: least } },
    groups: whole.groups,
    lesson: whole,
    minutesPerCell: 5,
  });
};

test('two meters for seven groups in 45 minutes: a way that fits, not 49 of 45', () => {
  const { way, course } = measuringOf({ groups: 7, meters: 2, pupils: 28 });
  expect(course.over).toBe(0);
  expect(MEASURING_WAYS).toContain(way);
  // With time enough the turns are as long as the wait allows: 8 minutes over three others.
  const { queue } = measuringOf({ groups: 7, meters: 2, pupils: 28, minutes: 200 });
  expect(queue.turnMinutes).toBe(2.5);
});

test('the class of a new plan fits its lesson; what is chosen stays, whether it fits or not', () => {
  expect(measuringOf({}).course.over).toBe(0);
  // Eight cells for five pupils take two goes.
  expect(measuringOf({}, 8).course.over).toBe(0);
  expect(measuringOf({ measuring: 'once' }).way).toBe('once');
  expect(measuringOf({ minutes: 20 }).course.over).toBeGreaterThan(0);
});

test('every group has its turn whichever way the meters are shared, and no meter is in two hands', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 30 }),
      fc.integer({ min: 2, max: 8 }),
      fc.constantFrom(...MEASURING_WAYS),
      (groups, meters, measuring) => {
        const { queue } = measuringOf({ groups, meters, pupils: 400, measuring });
        expect(queue.turns.map(({ group }) => group)).toEqual(
          Array.from({ length: groups }, (_, index) => index),
        );
        const slots = queue.turns.map(({ round, meter }) => `${round} ${meter}`);
        // Two groups of a pair share one slot.
        expect(new Set(slots).size).toBe(measuring === 'pairs' ? Math.ceil(groups / 2) : groups);
        for (const { meter } of queue.turns) expect(meter).toBeLessThan(meters);
      },
    ),
  );
});

test('one meter and six groups by hand: five others before the next turn', () => {
  expect(meterQueue(6, 1, 15)).toMatchObject({ turnMinutes: 3, longestWaitMinutes: 15 });
  expect(meterQueue(6, 1, 8)).toMatchObject({ turnMinutes: 1.5, longestWaitMinutes: 7.5 });
  expect(meterQueue(6, 1, 3)).toMatchObject({
    turnMinutes: 1,
    longestWaitMinutes: 5,
    metersNeeded: 2,
  });
  expect(meterQueue(6, 6, 1)).toMatchObject({ longestWaitMinutes: 0 });
});

test('no meter is in two hands at once, every group has its turn, and the wait is kept where it can be', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 60 }),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 1, max: 30 }),
      (groups, meters, wait) => {
        const { turns, longestWaitMinutes, metersNeeded } = meterQueue(groups, meters, wait);
        expect(new Set(turns.map(({ round, meter }) => `${round} ${meter}`)).size).toBe(groups);
        expect(new Set(turns.map(({ group }) => group)).size).toBe(groups);
        if (meters >= metersNeeded) expect(longestWaitMinutes).toBeLessThanOrEqual(wait);
      },
    ),
  );
});

test('the lesson by hand: four cells, five pupils a group', () => {
  const course = lessonPhases(
    { cellsInGroup: 4, pupilsInGroup: { least: 5, most: 5 } },
    { one: 9, all: 9 },
    5,
    45,
  );
  // 4 + 5 + 9 + 5 + 9 + 4 + 5 + 6
  expect(course.minutes).toBe(47);
  expect(course.over).toBe(2);
});

const gateOf = (plan: Plan) => evaluatePlan(plan).inLesson.gate;
const recipe = (id: Plan['cell']['recipe'], body: string): Partial<Plan> => ({
  cell: { ...newPlan('x').cell, recipe: id, body },
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
});

test('gates (common practice, no source): strong acid, volts, age', () => {
  expect(gateOf(planWith()).verdict).toBe('class');
  expect(gateOf(planWith(recipe('dilute-sulfuric-acid', 'sulfuric-acid')))).toMatchObject({
    verdict: 'numbers-only',
    pupilSheet: false,
    preparing: false,
  });
  const long = (cellsInSeries: number): Plan =>
    planWith({ arrangement: { kind: 'own', cellsInSeries, strings: 1 } });
  expect(gateOf(long(30)).verdict).toBe('class');
  expect(gateOf(long(40)).verdict).toBe('adult-only');
  const magnesium = recipe('magnesium-graphite', 'epsom-salt');
  expect(
    gateOf(planWith({ ...magnesium, arrangement: { kind: 'own', cellsInSeries: 45, strings: 1 } }))
      .verdict,
  ).toBe('refused');
  expect(gateOf(planWith(magnesium, { ageBand: '11-to-13' })).verdict).toBe('older');
  expect(gateOf(planWith(magnesium, { ageBand: '14-and-over' })).verdict).toBe('class');
});

test('cautions say where they come from', () => {
  const plan = planWith(recipe('one-coin-pile', 'card-salt-vinegar'));
  const evaluation = evaluatePlan(plan);
  const cautions = cautionsOfPlan(evaluation, kitOfPlan(plan, evaluation));
  const of = (id: string) => cautions.find((one) => one.id === id)?.from.map(originWords);
  expect(of('dust')).toEqual(
    expect.arrayContaining(['recipe: Pile of half-sanded coins', 'material: sheet of sandpaper']),
  );
  expect(of('weak-acid')).toContain('step: mixing vinegar and salt');
});

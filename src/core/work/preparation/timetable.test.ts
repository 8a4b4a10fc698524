import fc from 'fast-check';
import { USUAL_LESSON, type Lesson } from '../../records/plan/lessonSchema';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../planning/evaluatePlan';
import { kitOfPlan } from './kitOfPlan';
import { lessonPhases } from './lessonPhases';
import { addMinutes, isWorkingDay, minutesBetween } from './localTime';
import { meterQueue } from './meterQueue';
import { cautionsOfPlan, originWords } from './cautionsOfPlan';
import { safetyGate } from './safetyGate';
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
  bodies: [],
  freeDays: [],
  ...change,
});
const EARLY = '2027-01-01T08:00:00';

test('backwards from a Friday at ten: everything done in order, before it, within working hours', () => {
  const { tasks, conflicts } = timetable(inputOf(planWith()), EARLY);
  expect(conflicts).toEqual([]);
  expect(tasks.map(({ id }) => id)).toEqual([
    'order',
    'buy',
    'test-loads',
    'trial-cell',
    'set-up',
    'lesson',
    'clear',
  ]);
  // By hand: 20 minutes of laying out end at ten, 15 of the trial cell before them.
  expect(tasks.find(({ id }) => id === 'set-up')?.start).toBe('2027-01-29T09:40:00');
  expect(tasks.find(({ id }) => id === 'trial-cell')?.start).toBe('2027-01-29T09:25:00');
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

test('what is past is told', () => {
  const { conflicts } = timetable(inputOf(planWith()), '2027-02-01T08:00:00');
  expect(conflicts.map(({ message }) => message)).toContain('The lesson lies in the past.');
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

const gateOf = (plan: Plan) => safetyGate(plan, evaluatePlan(plan));
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

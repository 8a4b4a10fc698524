import { readingEntry } from '../logbook/readingEntry';
import { newPlan } from '../plan/newPlan';
import { logged } from '../../../testing/core/logged';
import { SCHOOL_DOCUMENT } from '../../documents/tools/schoolDocument';
import { scoreOfLesson, scoreRows, withScore } from './lessonScores';
import { EMPTY_SCHOOL } from './schoolSchema';

const GROUPS = ['Curlew', 'Tern', 'Plover'];
const said = (group: string, value: number, revision = 1) => ({
  entryId: `${group} lights`,
  revision,
  group,
  entry: readingEntry({ kind: 'lights', turned: false }, value, '2027-01-29T14:40:00Z'),
  struck: false,
});

test('a lesson’s answers are kept with the promise that stood then, once a day', () => {
  const plan = newPlan('Lamp');
  expect(scoreOfLesson(plan, 'lamp', 0.97, GROUPS, [])).toBeNull();
  const lines = logged([said('Curlew', 1), said('Tern', 0)]);
  const score = scoreOfLesson(plan, 'lamp', 0.97, GROUPS, lines);
  expect(score).toMatchObject({ day: '2027-01-29', promised: 0.97, batteries: 2, lit: 1 });
  const later = scoreOfLesson(
    plan,
    'lamp',
    0.5,
    GROUPS,
    logged([said('Curlew', 1), said('Tern', 1), said('Plover', 1)]),
  );
  const school = withScore(withScore(EMPTY_SCHOOL, score!), later!);
  expect(school.scores).toEqual([{ ...later, promised: 0.97 }]);
});

/**
 * @check the uncertainty of a share that lit
 * @origin published: Wilson’s interval; 81 of 263 give 0.2553 to 0.3662 (R. G. Newcombe, Stat. Med. 17 (1998) 857, from memory)
 * @tolerance 5e-4
 */
test('promised against lit, by how much was promised', () => {
  const score = {
    lesson: 'a',
    title: 'A',
    day: '2027-01-29',
    promised: 0.9,
    batteries: 263,
    lit: 81,
  };
  const [row, ...more] = scoreRows([score]);
  expect(more).toEqual([]);
  expect(Math.abs((row?.low ?? 0) - 0.2553)).toBeLessThan(5e-4);
  expect(Math.abs((row?.high ?? 0) - 0.3662)).toBeLessThan(5e-4);
  const rows = scoreRows([
    { ...score, promised: 0.97, batteries: 10, lit: 10 },
    { ...score, promised: 0.95, batteries: 10, lit: 9 },
    { ...score, promised: 0.6, batteries: 5, lit: 3 },
  ]);
  expect(rows.map(({ lessons, batteries, lit }) => [lessons, batteries, lit])).toEqual([
    [1, 5, 0.6],
    [2, 20, 0.95],
  ]);
  expect(rows[1]?.promised).toBeCloseTo(0.96, 9);
});

test('a school’s file of the version before has no scores', () => {
  const old = { ...SCHOOL_DOCUMENT.fresh('School'), version: 1, state: { cells: [] } };
  expect(SCHOOL_DOCUMENT.parse(old)).toMatchObject({
    ok: true,
    value: { version: 2, state: EMPTY_SCHOOL },
  });
  expect(SCHOOL_DOCUMENT.parse({ ...old, state: 5 }).ok).toBe(false);
});

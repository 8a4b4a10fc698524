import { newPlan } from '@/core/records/plan/newPlan';
import { findFaults } from '@/core/work/diagnosis/findFaults';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import { benchFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { diagnoseCommand } from './diagnose';

const load = { kind: 'led', colour: 'red', brightness: 'dim' };
const battery = {
  cell: { emfVolts: 0.93, resistanceOhms: 650 },
  cellsInSeries: 4,
  strings: 1,
  load,
};
const volts = (to: number, value: number, built = 4) => ({
  measurement: { kind: 'volts' as const, string: 1, from: 1, to, built },
  value,
});

interface Judged {
  readonly headline: string;
  readonly causes: readonly {
    readonly kind: string;
    readonly string: number | null;
    readonly cell: number | null;
    readonly probability: number;
    readonly remedy: string;
  }[];
  readonly next: readonly { readonly informationBits: number }[];
}

function judged(input: unknown): Judged {
  const answer = diagnoseCommand.run(input);
  if (answer.status !== 'solved') throw new Error(JSON.stringify(answer));
  return answer.output as Judged;
}

test('a battery told in numbers: the cell that stands the wrong way round', () => {
  const { headline, causes, next } = judged({
    battery,
    readings: [volts(1, 0.93), volts(2, 1.86), volts(3, 0.93), volts(4, 1.86)],
  });
  expect(causes[0]).toMatchObject({ kind: 'reversed', string: 1, cell: 3 });
  expect(causes[0]!.probability).toBeGreaterThan(0.8);
  expect(headline).toMatch(/3/);
  expect(causes[0]!.remedy).not.toBe('');
  for (const { informationBits } of next) expect(informationBits).toBeGreaterThan(0);
});

test('a plan: the same judgement as on the bench', () => {
  const plan = newPlan('Lamp');
  const { nominal, words } = benchFacts(plan, evaluatePlan(plan));
  const length = nominal.strings[0]!.length;
  const readings = [volts(1, 0.9, length), volts(2, 0.02, length)];
  const found = findFaults(nominal, readings)!;
  const answer = judged({ plan, readings });
  expect(answer.headline).toBe(judgementOf(found, words, readings).headline);
  expect(answer.causes[0]).toMatchObject({
    kind: found.causes[0]!.kind,
    probability: found.causes[0]!.chance,
  });
});

test('a lead is told by what it joins, the last one by the device', () => {
  const stairs = [volts(1, 0.93), volts(2, 1.86)];
  const open = judged({ battery, readings: [...stairs, { ...volts(3, 0.01), confirmed: true }] });
  expect(open.causes[0]).toMatchObject({ kind: 'open', string: 1, between: [2, 3] });
  expect(open.headline).toBe('The lead between cells 2 and 3 has no contact');
  const sound = [...stairs, volts(3, 2.79), volts(4, 3.72)];
  const dark = judged({
    battery,
    readings: [
      ...sound,
      { measurement: { kind: 'short', string: 1, built: 4 }, value: 1.4e-3 },
      { measurement: { kind: 'lights', turned: false }, value: 0 },
      { measurement: { kind: 'load-volts' }, value: 0, confirmed: true },
    ],
  });
  expect(dark.causes[0]).toMatchObject({ kind: 'open', string: 1, between: [4, 'load'] });
});

test('nothing wrong is said as such', () => {
  const { headline, causes } = judged({
    battery,
    readings: [volts(1, 0.93), volts(2, 1.86), volts(3, 2.79), volts(4, 3.72)],
  });
  expect(headline).toBe('Nothing is wrong');
  expect(causes[0]).toMatchObject({ kind: 'none', string: null, cell: null });
});

test.each<[string, unknown, readonly (string | number)[]]>([
  ['neither plan nor battery', { readings: [volts(1, 0.9)] }, ['battery']],
  ['both', { plan: newPlan('Lamp'), battery, readings: [volts(1, 0.9)] }, ['battery']],
  ['no reading', { battery, readings: [] }, ['readings']],
  [
    'a value that is no number',
    { battery, readings: [{ ...volts(1, 0), value: '0.9 V' }] },
    ['readings', 0, 'value'],
  ],
  [
    'a place that is not there',
    { battery, readings: [volts(1, 0.9), volts(5, 0.9, 5)] },
    ['readings', 1, 'measurement'],
  ],
  [
    'a fault within the plan',
    { plan: { ...newPlan('Lamp'), minutes: -1 }, readings: [volts(1, 0.9)] },
    ['plan', 'minutes'],
  ],
  [
    'too many cells',
    { battery: { ...battery, cellsInSeries: 100, strings: 100 }, readings: [volts(1, 0.9)] },
    ['battery', 'strings'],
  ],
])('bad input is named by its place: %s', (_, input, path) => {
  expect(diagnoseCommand.run(input)).toMatchObject({
    status: 'bad-input',
    faults: expect.arrayContaining([
      expect.objectContaining({ path, message: expect.any(String) }),
    ]),
  });
});

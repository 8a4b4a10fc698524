import type { Measurement } from '../../records/logbook/measurement';
import { NO_FAULT } from './causes';
import type { Evidence } from './evidence';
import { rankByInformationGain } from './rankByInformationGain';

const volts = (to: number, built = to): Measurement => ({
  kind: 'volts',
  string: 1,
  from: 1,
  to,
  built,
});
const LIGHTS: Measurement = { kind: 'lights', turned: false };

/** A cause that says what each measurement will show. */
const cause = (name: string, predict: Evidence['predict']): Evidence => ({
  hypothesis: { ...NO_FAULT, cause: name },
  logLikelihood: 0,
  worst: () => null,
  predict,
});
const shows = (mean: number, deviation = 0.01): Evidence['predict'] => {
  return () => ({ mean, deviation });
};
const bits = (
  causes: readonly (readonly [Evidence, number])[],
  possible: readonly Measurement[],
): number[] =>
  rankByInformationGain(
    causes.map(([evidence, chance]) => ({ evidence, chance })),
    possible,
    [],
  ).map((one) => one.bits);

/**
 * @check what a measurement tells
 * @origin closed form: the entropy of the causes where the reading leaves no doubt (C. E. Shannon 1948)
 * @tolerance 1e-6 bits
 */
test.each([
  [[0.5, 0.5], 1],
  [[0.25, 0.75], 0.8112781244591328],
  [[0.25, 0.25, 0.25, 0.25], 2],
])('causes of chances %p that all show something else: %p bits', (chances, expected) => {
  const causes = chances.map(
    (chance, index) => [cause(`c${index}`, shows(index)), chance] as const,
  );
  const [told] = bits(causes, [volts(1)]);
  expect(told).toBeCloseTo(expected, 6);
});

/**
 * @check what eyes tell
 * @origin closed form: the entropy of a binary symmetric channel (T. M. Cover and J. A. Thomas, 2.8)
 * @tolerance nine digits
 */
test('whether it lights, seen right nine times in ten', () => {
  const causes = [
    [cause('runs', shows(0.9)), 0.5],
    [cause('dark', shows(0.1)), 0.5],
  ] as const;
  const doubt = -(0.9 * Math.log2(0.9) + 0.1 * Math.log2(0.1));
  expect(bits(causes, [LIGHTS])[0]).toBeCloseTo(1 - doubt, 9);
});

test('sizes of one cause are one cause: telling them apart tells nothing', () => {
  const sizes = [
    [cause('dry', shows(0.2)), 0.5],
    [cause('dry', shows(0.8)), 0.5],
  ] as const;
  expect(bits(sizes, [volts(1)])).toEqual([]);
});

test('what shows the same whatever is wrong is not asked for; more effort counts', () => {
  const here = (mean: number): Evidence['predict'] => {
    return (next) => ({ mean: next.kind === 'lights' ? 0.5 : mean, deviation: 0.01 });
  };
  const causes = [
    { evidence: cause('a', here(0)), chance: 0.5 },
    { evidence: cause('b', here(1)), chance: 0.5 },
  ];
  const alone: Measurement = { kind: 'cell-volts', string: 1, cell: 1 };
  const ranked = rankByInformationGain(causes, [alone, LIGHTS, volts(2)], []);
  expect(ranked.map(({ measurement }) => measurement)).toEqual([volts(2), alone]);
  expect(ranked[0]?.bits).toBeCloseTo(ranked[1]?.bits ?? 0, 9);
});

test('what was read is not asked for again, however many cells stand by now', () => {
  const causes = [
    { evidence: cause('a', shows(0)), chance: 0.5 },
    { evidence: cause('b', shows(1)), chance: 0.5 },
  ];
  const left = rankByInformationGain(
    causes,
    [volts(1, 3), volts(2, 3)],
    [{ measurement: volts(1), value: 0.9 }],
  );
  expect(left.map(({ measurement }) => measurement)).toEqual([volts(2, 3)]);
});

test('unlikely causes move no choice; without any cause nothing is asked', () => {
  const rare = { evidence: cause('rare', shows(9)), chance: 0.001 };
  const sure = { evidence: cause('sure', shows(0)), chance: 0.999 };
  expect(rankByInformationGain([sure, rare], [volts(1)], [])).toEqual([]);
  expect(rankByInformationGain([], [volts(1)], [])).toEqual([]);
});

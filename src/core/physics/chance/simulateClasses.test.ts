import { quantileOfSorted } from '../../numeric/robust';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { theveninCurve } from '../circuit/battery/sourceCurve';
import { ledModelOf } from '../circuit/load/ledPresets';
import { operatingPoint } from '../circuit/operatingPoint';
import { gridShape } from './drawnBattery';
import { randomStream } from './random';
import { CLASS_SCATTER } from './scatter';
import { mostChanceOfGrid } from './mostChance';
import { chanceOfClasses, simulateClasses, type ClassesInput } from './simulateClasses';

const kiwi = { emfVolts: 0.93, resistanceOhms: 654 };
const input: ClassesInput = {
  battery: gridShape(kiwi, 4, 3),
  typicalAmps: 2.2e-3,
  load: { kind: 'led', led: ledModelOf('amber') },
  wantedAmps: 1.5e-3,
  thermalVolts: ROOM_THERMAL_VOLTS,
  classes: 2000,
  seed: 7,
};
const exact = { ...CLASS_SCATTER, emfShare: 0, resistanceLog: 0, badJointChance: 0, ledMakes: 0 };

test('the same seed gives the same classes, another seed others', () => {
  const one = simulateClasses(input);
  expect(simulateClasses(input).gets()).toEqual(one.gets());
  expect(simulateClasses({ ...input, seed: 8 }).gets()).not.toEqual(one.gets());
});

test('without scatter every class gets the planned current', () => {
  const { gets, chance } = simulateClasses({ ...input, classes: 5, scatter: exact });
  expect(new Set(gets().sortedAmps).size).toBe(1);
  expect(chance).toBe(1);
});

test('an LED behind a resistor gets what the operating point says; a current short by rounding only is enough', () => {
  const led = ledModelOf('red');
  const source = theveninCurve({ emfVolts: 4 * 0.93, resistanceOhms: 4 * 654 });
  for (const resistor of [0, 330]) {
    const load = { kind: 'led', led, resistorOhms: resistor } as const;
    const point = operatingPoint(source, load, ROOM_THERMAL_VOLTS);
    if (point.status !== 'solved') throw new Error('nothing flows');
    const classesWanting = (wantedAmps: number) =>
      simulateClasses({
        ...input,
        battery: gridShape(kiwi, 4, 1),
        typicalAmps: point.amps,
        load,
        wantedAmps,
        scatter: exact,
        classes: 3,
      });
    const { gets, chance } = classesWanting(point.amps);
    const { sortedAmps, sortedVolts } = gets();
    expect(chance).toBe(1);
    for (const amps of sortedAmps) expect(amps / point.amps).toBeCloseTo(1, 6);
    for (const volts of sortedVolts) {
      expect(volts).toBeCloseTo(4 * 0.93 - 4 * 654 * point.amps, 6);
    }
    expect(classesWanting(point.amps * (1 + 1e-5)).chance).toBe(0);
  }
});

test('currents and volts of the classes come smallest first', () => {
  const { sortedAmps, sortedVolts } = simulateClasses({ ...input, classes: 50 }).gets();
  for (const sorted of [sortedAmps, sortedVolts]) {
    expect([...sorted].sort((a, b) => a - b)).toEqual([...sorted]);
    expect(new Set(sorted).size).toBe(50);
  }
});

test('scatter of the open volts: the mean stays, the spread falls with √n', () => {
  const scatter = { ...exact, emfShare: 0.05 };
  const load = { kind: 'resistor', ohms: 1e9 } as const;
  const spread = (cellsInSeries: number): { mean: number; deviation: number } => {
    const { sortedVolts } = simulateClasses({
      ...input,
      battery: gridShape(kiwi, cellsInSeries, 1),
      typicalAmps: 4e-9,
      load,
      scatter,
      classes: 8000,
    }).gets();
    const mean = sortedVolts.reduce((sum, volts) => sum + volts, 0) / sortedVolts.length;
    const variance =
      sortedVolts.reduce((sum, volts) => sum + (volts - mean) ** 2, 0) / sortedVolts.length;
    return { mean, deviation: Math.sqrt(variance) };
  };
  const four = spread(4);
  expect(four.mean).toBeCloseTo(4 * 0.93, 2);
  // Sum of independent normals: σ·√n.
  expect(four.deviation / (0.05 * 0.93 * 2)).toBeGreaterThan(0.95);
  expect(four.deviation / (0.05 * 0.93 * 2)).toBeLessThan(1.05);
});

test('one joint in thirty is bad: a string of n cells has n + 1 joints', () => {
  const scatter = {
    ...exact,
    badJointChance: 1 / 30,
    badJointLeastOhms: 1e9,
    badJointMostOhms: 1e9,
  };
  const { chance } = simulateClasses({
    ...input,
    battery: gridShape(kiwi, 4, 1),
    scatter,
    wantedAmps: 1e-5,
  });
  // (29/30)^5 of the strings have no bad joint; their number is not left to chance.
  expect(Math.abs(chance - (29 / 30) ** 5)).toBeLessThan(1 / 2000);
});

/**
 * @check the chance from the scatter of volts alone
 * @origin published: table of the normal distribution
 * @tolerance 5e-5
 */
test.each([
  [0, 0.5],
  [1.28155, 0.9],
  [1.64485, 0.95],
  [2.32635, 0.99],
])(
  'volts alone: %f standard deviations to spare are a chance of %f (table of the normal distribution)',
  (deviations, share) => {
    // Four cells of 0.93 V ± 5 % on a resistor of 10 kΩ: the deviation of their volts is 2 · 0.0465 V.
    const spareVolts = deviations * 2 * 0.05 * 0.93;
    const { chance } = simulateClasses({
      ...input,
      battery: gridShape(kiwi, 4, 1),
      load: { kind: 'resistor', ohms: 10_000 },
      wantedAmps: (4 * 0.93 - spareVolts) / (10_000 + 4 * 654),
      scatter: { ...exact, emfShare: 0.05 },
      classes: 10,
    });
    expect(chance).toBeCloseTo(share, 4);
  },
);

test.each([
  [5, 1, 0.5e-3],
  [4, 3, 1.5e-3],
  [5, 6, 5e-3],
])(
  '%i in series × %i: the chance is what counting very many classes gives, and few settle it better than counting',
  (cellsInSeries, strings, wantedAmps) => {
    const battery = { ...input, battery: gridShape(kiwi, cellsInSeries, strings), wantedAmps };
    const many = simulateClasses({ ...battery, classes: 20_000 });
    const counted =
      many.gets().sortedAmps.filter((amps) => amps >= wantedAmps).length / many.classes;
    // Three standard errors of a counted share.
    const open = 3 * Math.sqrt((counted * (1 - counted)) / many.classes);
    expect(Math.abs(many.chance - counted)).toBeLessThan(open);
    const few = Array.from(
      { length: 20 },
      (_, seed) => simulateClasses({ ...battery, classes: 600, seed }).chance,
    );
    const mean = few.reduce((sum, chance) => sum + chance, 0) / few.length;
    const variance = few.reduce((sum, chance) => sum + (chance - mean) ** 2, 0) / few.length;
    expect(Math.sqrt(variance)).toBeLessThan(0.8 * Math.sqrt((counted * (1 - counted)) / 600));
  },
);

test('quantiles of sorted values', () => {
  const sorted = Float64Array.of(1, 2, 3, 4, 5);
  expect([0, 0.5, 1].map((share) => quantileOfSorted(sorted, share))).toEqual([1, 3, 5]);
  expect(quantileOfSorted(new Float64Array(0), 0.5)).toBeNaN();
});

test('the random stream is normal: mean 0, variance 1, and uniform in [0, 1)', () => {
  const random = randomStream(3);
  const normals = Array.from({ length: 20000 }, () => random.normal());
  const mean = normals.reduce((sum, value) => sum + value, 0) / normals.length;
  const variance = normals.reduce((sum, value) => sum + value ** 2, 0) / normals.length;
  expect(Math.abs(mean)).toBeLessThan(0.03);
  expect(Math.abs(variance - 1)).toBeLessThan(0.05);
  const uniforms = Array.from({ length: 1000 }, () => random.uniform());
  expect(Math.min(...uniforms)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...uniforms)).toBeLessThan(1);
});

/**
 * @check what a grid’s chance is at most, without drawing classes
 * @origin closed form: many simulated classes
 * @tolerance never less than they give, and within 0.13, as several bad joints count as one
 */
test.each([
  [1, 1],
  [4, 1],
  [3, 4],
  [6, 6],
])('%p in series × %p: at most so many classes get what is wanted', (cellsInSeries, strings) => {
  for (const [wanted, ampsLog] of [
    [0.7, 0],
    [0.85, 0.2],
    [0.95, 0.2],
    [1.1, 0.3],
  ] as const) {
    const ohms = cellsInSeries * kiwi.resistanceOhms;
    const load = { kind: 'resistor', ohms } as const;
    const amps = (cellsInSeries * kiwi.emfVolts) / (ohms / strings + ohms);
    const asked = {
      load,
      wantedAmps: wanted * amps,
      thermalVolts: ROOM_THERMAL_VOLTS,
      level: { ampsLog, voltsShare: 0.02 },
    };
    const battery = gridShape(kiwi, cellsInSeries, strings);
    const chance = chanceOfClasses({ ...asked, battery, classes: 5000, seed: 3 });
    const most = mostChanceOfGrid({ cell: kiwi, cellsInSeries, strings }, asked);
    expect(most).toBeGreaterThan(chance - 0.003);
    if (chance > 0.8) expect(most).toBeLessThan(chance + 0.13);
  }
});

test('what cannot reach the wanted share is told as less, without the rest of the classes', () => {
  const { typicalAmps: _, ...asked } = { ...input, wantedAmps: 2.2e-3 };
  const chance = chanceOfClasses(asked);
  expect(chanceOfClasses(asked, chance - 0.01)).toBe(chance);
  const less = chanceOfClasses(asked, 0.95);
  expect(less).toBeGreaterThanOrEqual(chance);
  expect(less).toBeLessThan(0.95);
});

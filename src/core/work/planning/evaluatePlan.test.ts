import { laidOutGrid } from '../../physics/desk/deskEdits';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { deskNetwork } from '../../physics/desk/deskNetwork';
import { solveNetwork } from '../../physics/circuit/network/solveNetwork';
import { evaluatePlan } from './evaluatePlan';
import {
  explainChance,
  explainOpenVolts,
  explainOperatingPoint,
  explainResistance,
} from './explain';
import { wiringReason } from './wiringReason';
import { asPercentRounded, shortfallReason, verdictOf } from './verdict';

const lamp: Plan = {
  ...newPlan('Lamp'),
  target: { kind: 'led', colour: 'amber', brightness: 'clear' },
  cell: {
    recipe: 'copper-zinc-fruit',
    ownRecipe: null,
    body: 'kiwi',
    size: null,
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: null },
      loaded: [],
      kept: false,
    },
  },
};
const withGrid = (plan: Plan, cellsInSeries: number, strings: number): Plan => ({
  ...plan,
  arrangement: { kind: 'own', cellsInSeries, strings },
});
const verdict = (plan: Plan) => verdictOf(evaluatePlan(plan));
const sentence = (plan: Plan): string => {
  const { headline, details } = verdict(plan);
  return [headline, ...details].join(' · ').replaceAll('\u00a0', ' ');
};

test('the verdict carries what happens, the figures and the certainty', () => {
  expect(sentence(lamp)).toMatch(
    /^Lights the amber LED clearly · 2\.\d+ mA at 1\.\d\d V · works in \d+ of 100 classes$/,
  );
  expect(verdict(lamp).tone).toBe('fine');
});

test('own readings replace the typical values; readings that contradict themselves do not', () => {
  expect(evaluatePlan(lamp).cell).toMatchObject({ origin: 'own', model: { emfVolts: 0.93 } });
  const broken: Plan = {
    ...lamp,
    cell: {
      ...lamp.cell,
      own: {
        openCircuitVolts: 0.93,
        shortCircuit: { amps: 1, meterRange: '2 mA', secondsAfter: null },
        loaded: [],
        kept: true,
      },
    },
  };
  expect(evaluatePlan(broken).cell.origin).toBe('typical');
});

test('too few cells: short of volts; too few strings: short of current; each with its remedy', () => {
  expect(sentence(withGrid(lamp, 1, 3))).toMatch(/stays dark.*short of volts.*add cells in series/);
  expect(sentence(withGrid(lamp, 4, 1))).toMatch(/only dimly.*short of current.*add strings/);
  expect(shortfallReason(evaluatePlan(withGrid(lamp, 4, 1)))).toHaveLength(1);
});

test('over 30 V adults only, over 60 V refused (IEC 61140, from memory)', () => {
  expect(verdict(withGrid(lamp, 40, 1)).details.join()).toContain('adult only');
  const refused = verdict(
    withGrid(
      { ...lamp, cell: { ...lamp.cell, own: { ...lamp.cell.own!, openCircuitVolts: 1.1 } } },
      60,
      1,
    ),
  );
  expect(refused).toMatchObject({ tone: 'wrong', headline: 'Too many volts for a class' });
});

test('strong acid: numbers only, whatever it could light', () => {
  const acid = {
    ...lamp,
    cell: {
      recipe: 'dilute-sulfuric-acid' as const,
      ownRecipe: null,
      body: 'sulfuric-acid',
      size: null,
      own: null,
    },
  };
  expect(verdict(acid).tone).toBe('wrong');
  expect(sentence(acid)).toMatch(/^Demonstrator only.*fume hood/);
});

test('a battery that works on paper but not in class is not called fine', () => {
  const bare = withGrid(lamp, 4, 2);
  const { tone } = verdict({
    ...bare,
    target: { kind: 'led', colour: 'amber', brightness: 'clear' },
  });
  expect(tone).not.toBe('fine');
});

test('devices and resistors get their own wording', () => {
  const buzzer = {
    ...lamp,
    target: { kind: 'device' as const, device: 'piezo-buzzer' as const, leastVolts: 3, amps: 1e-3 },
  };
  expect(sentence(buzzer)).toMatch(/^Runs the piezo buzzer/);
  expect(sentence(withGrid(buzzer, 2, 1))).toMatch(/^The piezo buzzer does not start/);
  const resistor = { ...lamp, target: { kind: 'resistor' as const, ohms: 1000, wantedAmps: 1e-3 } };
  expect(sentence(resistor)).toMatch(/^Drives the wanted current through the 1 kΩ resistor/);
  const infrared = {
    ...lamp,
    target: { kind: 'led' as const, colour: 'infrared' as const, brightness: 'dim' as const },
  };
  expect(sentence(infrared)).toMatch(/only a camera sees/);
});

test('what cannot be done still shows the nearest battery, and says that it fails', () => {
  const radio: Plan = {
    ...newPlan('Radio'),
    target: { kind: 'device', device: 'pocket-radio', leastVolts: 3, amps: 20e-3 },
  };
  const evaluation = evaluatePlan(radio);
  expect(evaluation.wiringOptions.status).toBe('impossible');
  expect(evaluation.wiring.cellsInSeries * evaluation.wiring.strings).toBeGreaterThan(1);
  expect(verdictOf(evaluation).tone).toBe('wrong');
});

test('an edit that leaves cell and target alone reuses what depends on them', () => {
  const before = evaluatePlan(lamp);
  const after = evaluatePlan(withGrid(lamp, 5, 3), before);
  expect(after.wiringOptions).toBe(before.wiringOptions);
  expect(after.classes).not.toBe(before.classes);
  expect(after).toEqual(evaluatePlan(withGrid(lamp, 5, 3)));
  expect(evaluatePlan({ ...lamp, title: 'Other' }, before).classes).toBe(before.classes);
});

test('the reduced battery and the nodal solver give the same operating point', () => {
  const evaluation = evaluatePlan(lamp);
  const solved = solveNetwork(deskNetwork(evaluation.desk, evaluation.need.load));
  if (solved.status !== 'solved') throw new Error(solved.status);
  expect(solved.componentAmps['load']).toBeCloseTo(evaluation.amps, 8);
  expect(solved.nodeVolts['plus']).toBeCloseTo(evaluation.volts, 5);
});

test('every explanation shows a sum and where it comes from', () => {
  const evaluation = evaluatePlan(lamp);
  const all = [explainOpenVolts, explainResistance, explainOperatingPoint, explainChance].map(
    (explain) => explain(evaluation),
  );
  const text = all
    .flatMap(({ lines }) => lines)
    .join('\n')
    .replaceAll('\u00a0', ' ');
  expect(text).toContain('4 × 0.93 V = 3.72 V');
  expect(text).toContain('4 × 654 Ω ÷ 3 = 872 Ω');
  expect(text).toContain('0.93 V ÷ 1.4 mA − 10 Ω of the meter = 654 Ω');
  expect(all.every(({ origin }) => origin.length > 0)).toBe(true);
});

test('reasons follow the ratio of open volts to what the load holds', () => {
  const evaluation = evaluatePlan(lamp);
  const reason = (cellsInSeries: number, strings: number) =>
    wiringReason(
      { strings },
      { openVolts: cellsInSeries * evaluation.cell.model.emfVolts, need: evaluation.need },
    );
  expect(reason(4, 3)).toContain('best use');
  expect(reason(2, 9)).toContain('little to spare');
  expect(reason(8, 3)).toContain('steadier');
  expect(reason(3, 5)).toContain('shorter strings');
});

test('certainty is never overstated', () => {
  expect([0, 0.001, 0.5, 0.996, 1].map(asPercentRounded)).toEqual([0, 1, 50, 99, 100]);
});

test('a fault that is tried out leaves the chances of the battery as they are, another battery does not', () => {
  const plan = newPlan('x');
  const grid = { ...plan, arrangement: { kind: 'own' as const, cellsInSeries: 4, strings: 2 } };
  const sound = evaluatePlan(grid);
  const turned = { ...laidOutGrid(4, 2), loadReversed: true };
  const faulty = evaluatePlan({ ...grid, arrangement: turned }, sound);
  expect(faulty.wrong).toBe(1);
  expect(faulty.classes).toBe(sound.classes);
  expect(evaluatePlan({ ...grid, arrangement: turned }).classes).toEqual(sound.classes);
  const longer = { ...grid, arrangement: { ...grid.arrangement, cellsInSeries: 5 } };
  expect(evaluatePlan(longer, faulty).classes).not.toEqual(sound.classes);
});

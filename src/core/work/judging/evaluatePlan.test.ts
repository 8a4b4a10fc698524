import { RECIPES } from '../../physics/recipes/recipes';
import { laidOutGrid } from '../../physics/desk/deskEdits';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { deskNetwork } from '../../physics/desk/deskNetwork';
import { solveNetwork } from '../../physics/circuit/network/solveNetwork';
import { evaluatePlan, reaches } from './evaluatePlan';
import {
  explainChance,
  explainOpenVolts,
  explainOperatingPoint,
  explainResistance,
} from '../words/explain';
import { wiringReason } from '../search/wiringReason';
import { whatHelps } from './whatHelps';
import { asPercentRounded, shortfallReason, verdictOf } from './verdict';

const lamp: Plan = {
  ...newPlan('Lamp'),
  target: { kind: 'led', colour: 'amber', brightness: 'clear' },
  cell: {
    recipe: 'copper-zinc-fruit',
    ownRecipe: null,
    piece: 'whole',
    overhangMillimetres: 0,
    body: 'kiwi',
    size: RECIPES['copper-zinc-fruit'].usualSize,
    trialCells: [],
    school: null,
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
    /^Lights the amber LED clearly for 10 min, in \d+ of 100 classes, but takes \d+ of 45 minutes · with your kiwis, one read · \d+ kiwis in each group · \d\.\d+ mA at first, [12]\.\d+ mA at the end$/,
  );
  expect(verdict(lamp).tone).toBe('marginal');
  expect(verdict({ ...lamp, lesson: { ...lamp.lesson, minutes: 90 } }).tone).toBe('fine');
});

test('own readings move what is believed of the cells; readings that contradict themselves do not', () => {
  const typical = evaluatePlan({ ...lamp, cell: { ...lamp.cell, own: null } }).cell;
  const { cell } = evaluatePlan(lamp);
  expect(cell).toMatchObject({ origin: 'own', own: { model: { emfVolts: 0.93 } } });
  expect(cell.model.emfVolts).toBeGreaterThan(typical.model.emfVolts);
  expect(cell.model.emfVolts).toBeLessThan(0.93);
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
  expect(shortfallReason(evaluatePlan(withGrid(lamp, 4, 1)))).toEqual([
    expect.stringMatching(/; add strings$/),
  ]);
});

test('over 30 V adults only, over 60 V refused (IEC 61140, from memory)', () => {
  expect(verdict(withGrid(lamp, 40, 1)).details.join()).toContain('adult only');
  const refused = verdict(
    withGrid(
      { ...lamp, cell: { ...lamp.cell, own: { ...lamp.cell.own!, openCircuitVolts: 1.1 } } },
      64,
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
      piece: 'whole' as const,
      overhangMillimetres: 0,
      body: 'sulfuric-acid',
      size: null,
      trialCells: [],
      own: null,
      school: null,
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
  expect(sentence(buzzer)).toMatch(/^Sounds the piezo buzzer/);
  expect(sentence(withGrid(buzzer, 2, 1))).toMatch(/^The piezo buzzer stays silent/);
  const resistor = { ...lamp, target: { kind: 'resistor' as const, ohms: 1000, wantedAmps: 1e-3 } };
  expect(sentence(resistor)).toMatch(/^Drives the wanted current through the 1 kΩ resistor/);
  const infrared = {
    ...lamp,
    target: { kind: 'led' as const, colour: 'infrared' as const, brightness: 'dim' as const },
  };
  expect(sentence(infrared)).toMatch(/only a camera sees, for 10 min/);
});

test('a new plan and its promise: fine for the wanted time, and says on which cell it depends', () => {
  const fresh = newPlan('Fresh');
  expect(fresh.minutes).toBe(10);
  expect(verdict(fresh).tone).toBe('fine');
  expect(sentence(fresh)).toMatch(
    /^Lights the red LED dimly for 10 min, in 9[5-9] of 100 classes · with lemons nobody has read yet · .* at first, .* at the end$/,
  );
  expect(sentence(lamp)).toContain(' · with your kiwis, one read · ');
});

test('a plan is judged by the worse of its ends: clear at first, dim after some minutes', () => {
  const long = { ...withGrid(lamp, 4, 6), minutes: 240 };
  const evaluation = evaluatePlan(long);
  expect(evaluation.amps).toBeGreaterThan(evaluation.need.amps);
  expect(evaluation.atEnd.amps).toBeLessThan(evaluation.need.amps);
  expect(verdict(long).tone).toBe('wrong');
  expect(sentence(long)).toMatch(
    /^Clear at first, dim after \d.* · .* at first, .* at the end · 4 h wanted$/,
  );
  // The moment that it names is the one at which the current falls below.
  const seconds = evaluation.wantedUntilSeconds!;
  const at = (share: number) => evaluatePlan({ ...long, minutes: (share * seconds) / 60 });
  expect(reaches(at(0.95).atEnd.amps, evaluation.need)).toBe(true);
  expect(reaches(at(1.05).atEnd.amps, evaluation.need)).toBe(false);
});

test('what dries, is used up or spoils in the wanted time is told with its hour', () => {
  const pile: Plan = {
    ...newPlan('Pile'),
    minutes: 7 * 1440,
    cell: { ...newPlan('x').cell, recipe: 'coin-pile-brine', body: 'felt' },
    running: { ...newPlan('x').running, wrap: 'open' },
  };
  expect(sentence(withGrid(pile, 6, 2))).toMatch(
    /only \d+(\.\d)? h: a cell dries out · .* · 7 days wanted/,
  );
});

test('an LED that strong cells would burn gets a resistor; without it the plan is not fine', () => {
  const felt: Plan = {
    ...newPlan('Felt'),
    target: { kind: 'led', colour: 'red', brightness: 'bright' },
    cell: { ...newPlan('x').cell, recipe: 'zinc-carbon-felt', body: 'salt-foam' },
    arrangement: { kind: 'own', cellsInSeries: 4, strings: 1 },
  };
  const needed = evaluatePlan(felt);
  expect(needed.seriesResistorOhms).toBeGreaterThan(0);
  expect(needed.strong.amps).toBeLessThanOrEqual(20e-3 * 1.005);
  // R = (V at 20 mA of a strong class − V_LED) ÷ 20 mA, the next E12 value up (IEC 60063).
  const bare = evaluatePlan({ ...felt, seriesResistor: { kind: 'none' } });
  expect(bare.strong.amps).toBeGreaterThan(30e-3);
  expect(verdictOf(bare)).toMatchObject({
    tone: 'wrong',
    headline: expect.stringContaining('may be destroyed'),
  });
  const own = evaluatePlan({ ...felt, seriesResistor: { kind: 'own', ohms: 1000 } });
  expect(own.seriesResistorOhms).toBe(1000);
  expect(own.amps).toBeLessThan(needed.amps);
});

test('what would help: each press mends something, and says what it would do', () => {
  const weak = withGrid(newPlan('Weak'), 3, 1);
  expect(verdict(weak).tone).not.toBe('fine');
  const helps = whatHelps(weak);
  expect(helps.length).toBeGreaterThan(1);
  for (const { change, tone, effect } of helps) {
    expect(verdict({ ...weak, ...change }).tone).toBe(tone);
    expect(effect).not.toBe('');
  }
  expect(helps[0]?.tone).toBe('fine');
  expect(whatHelps(newPlan('Fine'))).toEqual([]);
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
  const anew = evaluatePlan(withGrid(lamp, 5, 3));
  // Functions are equal to themselves only: the wish holds some, and what classes get is one.
  const plainly = ({ classes, ...rest }: ReturnType<typeof evaluatePlan>) => ({
    ...rest,
    wish: null,
    classes: { ...classes, gets: classes.gets() },
  });
  expect(plainly(after)).toEqual(plainly(anew));
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
  expect(text).toContain('4 × 0.93 V = 3.71 V');
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
  expect(evaluatePlan({ ...grid, arrangement: turned }).classes.gets()).toEqual(
    sound.classes.gets(),
  );
  const longer = { ...grid, arrangement: { ...grid.arrangement, cellsInSeries: 5 } };
  expect(evaluatePlan(longer, faulty).classes.gets()).not.toEqual(sound.classes.gets());
});

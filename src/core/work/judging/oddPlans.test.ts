import { randomStream } from '@/core/physics/chance/random';
import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Plan } from '@/core/records/plan/planSchema';
import { PLAIN_CELL, type DeskArrangement } from '@/core/physics/desk/deskSchema';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import { mutatedPlan } from '@/testing/core/mutatedPlans';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf } from './verdict';

test('plans that pass the schema and that nobody would make are worked out all the same', () => {
  const random = randomStream(42);
  for (let index = 0; index < 60; index += 1) {
    const plan = mutatedPlan(random);
    const evaluation = evaluatePlan(plan);
    expect(verdictOf(evaluation).headline).not.toBe('');
    expect(Number.isFinite(evaluation.amps)).toBe(true);
    expect(Number.isFinite(evaluation.volts)).toBe(true);
  }
});

const deskOf = (...faults: DeskArrangement['strings'][number][number][]): DeskArrangement => ({
  kind: 'desk',
  strings: [faults],
  loadReversed: false,
});

test.each(LED_COLOURS)(
  'a clip off, one metal twice and metals that touch before an LED (%s): dark, not an error',
  (colour) => {
    const base = newPlan('Dark');
    const plan: Plan = {
      ...base,
      target: { kind: 'led', colour, brightness: 'dim' },
      cell: { ...base.cell, recipe: 'juice-cup', body: 'brine' },
      arrangement: deskOf(
        { ...PLAIN_CELL, faults: [{ kind: 'open' }] },
        PLAIN_CELL,
        { ...PLAIN_CELL, faults: [{ kind: 'same-metal' }] },
        { ...PLAIN_CELL, faults: [{ kind: 'shorted', ohms: 0.1 }] },
      ),
    };
    const { amps, volts } = evaluatePlan(plan);
    expect(amps).toBe(0);
    // Two cells are left: the open volts of both reach the LED, through the open joint, unused.
    expect(volts).toBeGreaterThan(0);
  },
);

test('contacts below a milliohm and metals that nobody can hold are refused by their place', () => {
  const base = newPlan('Thin');
  const faultOf = (plan: object): string => {
    const read = PLAN_DOCUMENT.parse(plan);
    return read.ok ? 'ok' : read.issues[0]!.path.join('.');
  };
  const contact = deskOf({ ...PLAIN_CELL, faults: [{ kind: 'poor-contact', ohms: 1e-9 }] });
  expect(faultOf({ ...base, arrangement: contact })).toBe('arrangement.strings.0.0.faults.0.ohms');
  const size = {
    shape: 'nail',
    widthMillimetres: 0.2,
    depthMillimetres: 40,
    gapMillimetres: 20,
    pairs: 1,
    extraPlus: 0,
    extraMinus: 0,
  };
  expect(faultOf({ ...base, cell: { ...base.cell, size } })).toBe('cell.size.widthMillimetres');
});

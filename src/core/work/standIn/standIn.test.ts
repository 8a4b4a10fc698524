import { OVERLOAD, readingOf, errorOf, STAND_IN_NAME } from '../../physics/instruments/scpi';
import { meterSettingsSchema } from '../../physics/instruments/meterSettings';
import { fullScale } from '../../physics/instruments/meter';
import { createStandIn, simulatedOf } from './standIn';
import { nominalBatteryOf } from '../diagnosis/nominalBattery';
import { newPlan } from '../../records/plan/newPlan';
import { evaluatePlan } from '../judging/evaluatePlan';

const code = (line: string): string | number => {
  const read = readingOf(line);
  return read.ok ? read.value : (read.issues[0]?.code ?? '');
};

test.each<[string, string | number]>([
  ['1.906E+00', 1.906],
  [' -0.5 ', -0.5],
  ['+9.9E37', 'over-range'],
  ['-9.9E+37', 'over-range'],
  ['9.91E37', 'garbage'],
  ['1,5', 'garbage'],
  ['', 'garbage'],
  ['OVLD', 'garbage'],
  ['0x10', 'garbage'],
  ['1.2.3', 'garbage'],
  ['1e999', 'garbage'],
])('a reading of %p is %p', (line, expected) => {
  expect(code(line)).toBe(expected);
});

test('errors are told, no error is none', () => {
  expect(errorOf('0,"No error"').ok).toBe(true);
  expect(errorOf('+0, "No error"').ok).toBe(true);
  const error = errorOf('-113,"Undefined header"');
  expect(!error.ok && error.issues[0]?.message).toContain('Undefined header');
  expect(errorOf('what?').ok).toBe(false);
});

test('the stand-in identifies itself, keeps errors in a queue and refuses what it does not know', () => {
  const answer = createStandIn(null);
  expect(answer('*idn?')).toMatch(new RegExp(`^${STAND_IN_NAME}`));
  expect(answer('CONF:TEMP')).toBeNull();
  expect(answer('CONF:VOLT:DC 5000')).toBeNull();
  expect(answer('SYST:ERR?')).toBe('-113,"Undefined header"');
  expect(answer('SYST:ERR?')).toBe('-222,"Data out of range"');
  expect(answer('SYST:ERR?')).toBe('0,"No error"');
  answer('SIM:PROB nonsense');
  expect(answer('SYST:ERR?')).toContain('-104');
  expect(answer('')).toBeNull();
});

test('the stand-in reads a scattered cell, over-range on too small a range, and its shunt', () => {
  const answer = createStandIn(null);
  answer('CONF:VOLT:DC');
  const volts = Number(answer('READ?'));
  expect(volts).toBeGreaterThan(0.7);
  expect(volts).toBeLessThan(1.15);
  answer('CONF:VOLT:DC 0.2');
  expect(code(answer('READ?') ?? '')).toBe('over-range');
  answer('SIM:PROB {"kind":"short","string":1,"built":1}');
  answer('CONF:CURR:DC 2e-3');
  const fine = Number(answer('READ?'));
  answer('CONF:CURR:DC 20e-3');
  const coarse = Number(answer('READ?'));
  // 100 Ω against 10 Ω in the circuit of a cell of some 650 Ω.
  expect(fine / coarse).toBeGreaterThan(0.75);
  expect(fine / coarse).toBeLessThan(0.95);
  answer('CONF:VOLT:DC');
  expect(Number(answer('READ?'))).toBe(0);
});

test('a hidden fault is there, and only where it was hidden', () => {
  const sound = createStandIn(null);
  const faulty = createStandIn({ kind: 'reversed', cell: 2 });
  const read = (answer: (line: string) => string | null, to: number): number => {
    answer(`SIM:PROB {"kind":"volts","string":1,"from":1,"to":${to},"built":${to}}`);
    answer('CONF:VOLT:DC');
    return Number(answer('READ?'));
  };
  expect(read(faulty, 1)).toBe(read(sound, 1));
  expect(read(faulty, 2)).toBeLessThan(0.2);
});

test('every group has cells of its own that stay the same', () => {
  const plan = newPlan('Lamp');
  const meant = nominalBatteryOf(evaluatePlan(plan));
  const read = (group: string): string | null => {
    const answer = createStandIn(null);
    answer(`SIM:BATT ${JSON.stringify(simulatedOf(meant, group))}`);
    answer('SIM:PROB {"kind":"load-amps"}');
    answer('CONF:CURR:DC');
    return answer('READ?');
  };
  expect(read('Knot')).toBe(read('Knot'));
  expect(read('Knot')).not.toBe(read('Tern'));
  expect(Number(read('Knot'))).toBeGreaterThan(0);
});

test('ranges end where they say, addresses are checked', () => {
  expect(fullScale('200 µA')).toBeCloseTo(200e-6, 12);
  expect(fullScale('20 V')).toBe(20);
  expect(OVERLOAD).toBe(9.9e37);
  const path = (settings: object): PropertyKey[] | undefined =>
    meterSettingsSchema.safeParse(settings).error?.issues.map(({ path: [field] }) => field ?? '');
  expect(path({ host: 'meter.local', port: 5025 })).toBeUndefined();
  expect(path({ host: 'a b', port: 0 })).toEqual(['host', 'port']);
  expect(path({ host: '-x', port: 1.5 })).toEqual(['host', 'port']);
});

import { newPlan } from '@/core/records/plan/newPlan';
import type { Command } from '../command';
import { chanceCommand } from './chance';
import { diagnoseCommand } from './diagnose';
import { evaluateCommand } from './evaluate';
import { fitCommand } from './fit';
import { haveCommand } from './have';
import { planCommand } from './plan';
import { prepareCommand } from './prepare';
import { simulateCommand } from './simulate';
import { netlistCommand, solveCommand } from './solve';

const TARGET = { kind: 'led', colour: 'red', brightness: 'clear' };
const CELL = { emfVolts: 0.9, resistanceOhms: 1500 };
const NETWORK = {
  components: [
    { type: 'cell', name: 'c', plus: 'p', minus: '0', ...CELL },
    { type: 'resistor', name: 'r', a: 'p', b: 'q', resistanceOhms: 1000 },
    { type: 'capacitor', name: 'k', a: 'q', b: '0', farads: 0.01 },
  ],
};
const DISCHARGE = { family: 'root-vegetable', cellsInSeries: 3, strings: 1, target: TARGET };

const INPUTS: [string, Command, unknown][] = [
  ['solve', solveCommand, { components: NETWORK.components.slice(0, 2) }],
  ['netlist', netlistCommand, NETWORK],
  ['simulate a network', simulateCommand, { network: NETWORK, atSeconds: [0, 5, 60] }],
  ['simulate a discharge', simulateCommand, { discharge: DISCHARGE, atSeconds: [0, 3600] }],
  ['evaluate', evaluateCommand, newPlan('Lamp')],
  ['prepare', prepareCommand, { plan: newPlan('Lamp'), today: '2027-01-29' }],
  [
    'chance',
    chanceCommand,
    { cell: CELL, cellsInSeries: 3, strings: 1, target: TARGET, classes: 20 },
  ],
  [
    'plan',
    planCommand,
    { target: TARGET, families: ['root-vegetable'], minutes: 10, mostCells: 6 },
  ],
  [
    'have',
    haveCommand,
    { parts: { 'galvanised-nail': 3, 'copper-strip': 3, potato: 3 }, minutes: 5 },
  ],
  [
    'fit',
    fitCommand,
    {
      points: [100, 470, 1000, 10_000].map((ohms) => ({
        ohms,
        volts: (0.9 * ohms) / (ohms + 500),
      })),
    },
  ],
  [
    'diagnose',
    diagnoseCommand,
    {
      plan: newPlan('Lamp'),
      readings: [
        { measurement: { kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, value: 0.9 },
      ],
    },
  ],
];

const ODD = [0, -1, 1e9, 1e300, 5e-324, null, '1,5', [], true];

/** The input with the value in one place of it exchanged, and whether it has such a place. */
function exchanged(
  input: unknown,
  at: number,
  value: unknown,
): { made: unknown; reached: boolean } {
  let left = at;
  const walk = (part: unknown): unknown => {
    left -= 1;
    if (left === -1) return value;
    if (Array.isArray(part)) return part.map(walk);
    return part !== null && typeof part === 'object'
      ? Object.fromEntries(Object.entries(part).map(([key, one]) => [key, walk(one)]))
      : part;
  };
  const made = walk(input);
  return { made, reached: left < 0 };
}

test.each(INPUTS)(
  '%s: an odd value anywhere is answered, and bad input names its path',
  (_, command, input) => {
    const wrong: string[] = [];
    for (const value of ODD) {
      for (let at = 0; ; at += 1) {
        const { made, reached } = exchanged(input, at, value);
        if (!reached) break;
        const answer = command.run(made);
        const named =
          answer.status === 'bad-input'
            ? answer.faults.length > 0 &&
              answer.faults.every(({ path, message }) => Array.isArray(path) && message !== '')
            : ['solved', 'no-solution'].includes(answer.status);
        if (!named) wrong.push(`place ${at}, ${JSON.stringify(value)}: ${JSON.stringify(answer)}`);
      }
    }
    expect(wrong).toEqual([]);
  },
);

test.each(INPUTS)('%s: the input itself is sound', (_, command, input) => {
  const answer = command.run(input);
  expect(answer.status === 'bad-input' ? answer.faults : []).toEqual([]);
});

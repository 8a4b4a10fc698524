import { PLAIN_CELL } from '@/core/physics/desk/deskSchema';
import { laidOutGrid } from '@/core/physics/desk/deskEdits';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';

const LED = { kind: 'led', colour: 'red', brightness: 'dim' } as const;
const own = (cellsInSeries: number, strings: number): Plan['arrangement'] => ({
  kind: 'own',
  cellsInSeries,
  strings,
});
/** The plan as it is made, but for what is changed. */
export const toldPlan = (change: Partial<Plan>): Plan => ({
  ...newPlan('Words'),
  target: LED,
  ...change,
});
/** Kiwis of which one was read. */
export const KIWI_READ: Plan['cell'] = {
  ...freshCell('copper-zinc-fruit', 'kiwi'),
  own: {
    openCircuitVolts: 0.93,
    shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: 20 },
    loaded: [
      { ohms: 1000, volts: 0.55, secondsAfter: null },
      { ohms: 220, volts: 0.24, secondsAfter: null },
    ],
    kept: false,
  },
};
/** Plans that between them are told everything. */
export const TOLD_PLANS: Readonly<Record<string, Plan>> = {
  'as it is made': toldPlan({}),
  'a cell that was read, left to the planner': toldPlan({ cell: KIWI_READ }),
  'more metal in each, warm, in pieces': toldPlan({
    cell: {
      ...freshCell('copper-zinc-fruit', 'lemon'),
      piece: 'half',
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 2, extraPlus: 1, extraMinus: 1 },
    },
    running: { ...USUAL_RUNNING, celsius: 28 },
  }),
  'read cells with more metal': toldPlan({
    cell: {
      ...KIWI_READ,
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 3, extraMinus: 2 },
    },
  }),
  'parts that are missing, for one group': toldPlan({
    arrangement: own(3, 3),
    have: { lemon: 12, 'galvanised-nail': 2, 'copper-strip': 9, 'clip-lead': 20, 'led-red': 3 },
    lesson: { ...newPlan('').lesson, groups: 1 },
  }),
  'parts that are missing, for three groups': toldPlan({
    arrangement: own(3, 3),
    have: { lemon: 12, 'galvanised-nail': 9, 'copper-strip': 9, 'clip-lead': 20, 'led-red': 3 },
    lesson: { ...newPlan('').lesson, groups: 3 },
  }),
  'enough of everything': toldPlan({
    have: { lemon: 99, 'galvanised-nail': 99, 'copper-strip': 99, 'clip-lead': 99, 'led-red': 9 },
    lesson: { ...newPlan('').lesson, groups: 1 },
  }),
  'too few volts': toldPlan({ arrangement: own(1, 2) }),
  'too few strings': toldPlan({
    target: { ...LED, brightness: 'bright' },
    arrangement: own(4, 1),
  }),
  'works on paper, hardly in class': toldPlan({ cell: KIWI_READ, arrangement: own(4, 1) }),
  'an adult only': toldPlan({ arrangement: own(36, 1) }),
  'too many volts for a class': toldPlan({
    arrangement: own(60, 1),
    cell: freshCell('magnesium-graphite'),
  }),
  'for trained staff': toldPlan({ cell: freshCell('dilute-sulfuric-acid') }),
  'a pile that dries': toldPlan({
    cell: { ...freshCell('coin-pile-brine', 'felt'), overhangMillimetres: 2 },
    minutes: 600,
  }),
  'a clock': toldPlan({
    target: { kind: 'device', device: 'lcd-clock', leastVolts: 1.3, amps: 1e-5 },
    cell: freshCell('one-coin-pile'),
  }),
  'a resistor': toldPlan({ target: { kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 } }),
  'a resistor that gets too little in the end': toldPlan({
    target: { kind: 'resistor', ohms: 1e6, wantedAmps: 4.5e-5 },
    arrangement: own(60, 1),
  }),
  'a buzzer that fades': toldPlan({
    target: { kind: 'device', device: 'piezo-buzzer', leastVolts: 1.5, amps: 4e-4 },
    arrangement: own(4, 2),
    minutes: 60,
  }),
  'one reading open, one shorted, odd and kept, in the warm': toldPlan({
    cell: {
      ...freshCell('copper-zinc-fruit', 'lemon'),
      size: { ...RECIPES['copper-zinc-fruit'].usualSize, pairs: 2 },
      own: {
        openCircuitVolts: 1.5,
        shortCircuit: { amps: 8e-3, meterRange: '20 mA', secondsAfter: 3 },
        loaded: [],
        kept: true,
      },
    },
    running: { ...USUAL_RUNNING, celsius: 30 },
  }),
  'a group of two, and a potato among lemons': toldPlan({
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: [
        [
          { kind: 'group', strings: [[PLAIN_CELL], [PLAIN_CELL, PLAIN_CELL]] },
          PLAIN_CELL,
          { ...PLAIN_CELL, mix: { recipe: 'root-vegetable', body: 'potato' } },
        ],
        [PLAIN_CELL, PLAIN_CELL, PLAIN_CELL, PLAIN_CELL],
      ],
    },
  }),
  'a clock that gets too many volts': toldPlan({
    target: { kind: 'device', device: 'lcd-clock', leastVolts: 1.3, amps: 1e-5 },
    arrangement: own(4, 1),
    seriesResistor: { kind: 'none' },
  }),
  'hard on the LED': toldPlan({
    cell: {
      ...freshCell('juice-cup', 'rhubarb-juice'),
      own: {
        openCircuitVolts: 0.93,
        shortCircuit: { amps: 45e-3, meterRange: '200 mA', secondsAfter: null },
        loaded: [],
        kept: true,
      },
    },
    arrangement: own(3, 1),
    seriesResistor: { kind: 'none' },
  }),
  'far too weak': toldPlan({ arrangement: own(2, 1), minutes: 60 }),
  'what no battery of it can do': toldPlan({
    target: { kind: 'led', colour: 'white', brightness: 'bright' },
    minutes: 2880,
  }),
  'laid out by hand, one cell the wrong way round': toldPlan({
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: [3, 4].map((length, string) =>
        Array.from({ length }, (_, index) => ({
          kind: 'cell' as const,
          mix: null,
          sharedBody: null,
          faults: string === 1 && index === 1 ? [{ kind: 'reversed' as const }] : [],
        })),
      ),
    },
  }),
  'laid out by hand, the LED the wrong way round': toldPlan({
    arrangement: { ...laidOutGrid(4, 2), loadReversed: true },
  }),
};

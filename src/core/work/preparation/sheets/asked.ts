import { cellAmpsAt } from '../../../physics/cell/cellModel';
import { nameOfTarget } from '../../../records/plan/loadRequirement';
import { roundTicks } from '../../../numeric/roundTicks';
import { formatNumber, formatVolts } from '../../../units';
import { placesOfString } from '../../diagnosis/placesOfString';
import type { LessonFacts } from './lessonFacts';

/** A quantity that pupils predict and measure, with the value that the plan expects. */
export interface Asked {
  readonly what: string;
  readonly unit: 'V' | 'mA';
  readonly expected: string;
}

/** Up to so many cells each has its row; of longer strings those that double. */
const EACH_UP_TO = 8;
const ROUND_COUNTS = [1, 2, 3, 6, 12, 24, 48, 96];

/** Cells after which a string is read. */
function readAfter(cells: number): number[] {
  const all = Array.from({ length: cells }, (_, index) => index + 1);
  return cells <= EACH_UP_TO
    ? all
    : all.filter((count) => count === cells || ROUND_COUNTS.includes(count));
}

/** A current in the unit that its column has. */
function inMilliamps(amps: number): string {
  return `${formatNumber(1000 * amps)} mA`;
}

/** What pupils predict and measure on this battery, in order. */
export function askedOf({ plan, evaluation }: LessonFacts): Asked[] {
  const { cell, source, amps, volts, desk, wiring, seriesResistorOhms } = evaluation;
  // Its resistor takes its share: the probes are put to the device itself.
  const deviceVolts = volts - amps * (seriesResistorOhms ?? 0);
  const { places } = placesOfString(desk, 0);
  const steps = readAfter(places.length).map((count): Asked => {
    const sum = places.slice(0, count).reduce((total, { emfVolts }) => total + emfVolts, 0);
    return {
      what: `${count === 1 ? 'one cell' : `cells 1 to ${count}`}, nothing connected`,
      unit: 'V',
      expected: formatVolts(sum),
    };
  });
  const shorted: Asked = {
    what: 'one cell, straight through the meter (shorted)',
    unit: 'mA',
    expected: inMilliamps(cellAmpsAt(cell.model, 0)),
  };
  const device = nameOfTarget(plan.target);
  return [
    ...steps.slice(0, 1),
    shorted,
    // One string alone is the whole battery.
    ...(wiring.strings === 1 ? steps.slice(1, -1) : steps.slice(1)),
    {
      what: 'the whole battery, nothing connected',
      unit: 'V',
      expected: formatVolts(source.emfVolts),
    },
    { what: `at the ${device}, connected`, unit: 'V', expected: formatVolts(deviceVolts) },
    { what: `through the ${device}`, unit: 'mA', expected: inMilliamps(amps) },
  ];
}

/** Lines of the axis at most. */
const MOST_LINES = 12;

/** Axes for the readings of the first string: a column for each reading and one with the device, and round volts. */
export function stairsAxes({ plan, evaluation }: LessonFacts): {
  readonly columns: string[];
  readonly volts: number[];
} {
  const { places } = placesOfString(evaluation.desk, 0);
  const total = places.reduce((sum, { emfVolts }) => sum + emfVolts, 0);
  const ticks = roundTicks(0, 1.1 * total, MOST_LINES);
  const [first = 0, second = first] = ticks;
  // One line above the highest step.
  const top = (ticks.at(-1) ?? 0) + second - first;
  return {
    columns: [
      ...readAfter(places.length).map((count) => (count === 1 ? '1 cell' : `${count} cells`)),
      `with the ${nameOfTarget(plan.target)}`,
    ],
    volts: [...ticks, Number(top.toPrecision(12))],
  };
}

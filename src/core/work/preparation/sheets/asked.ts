import { cellAmpsAt } from '../../../physics/cell/cellModel';
import { nameOfTarget } from '../../../records/plan/loadRequirement';
import { formatAmps, formatVolts } from '../../../units';
import { placesOfString } from '../../diagnosis/placesOfString';
import type { LessonFacts } from './lessonFacts';

/** A quantity that pupils predict and measure, with the value that the plan expects. */
export interface Asked {
  readonly what: string;
  readonly unit: 'V' | 'mA';
  readonly expected: string;
}

/** What pupils predict and measure on this battery, in order. */
export function askedOf({ plan, evaluation }: LessonFacts): Asked[] {
  const { cell, source, amps, volts, desk } = evaluation;
  const { places } = placesOfString(desk, 0);
  let sum = 0;
  const steps = places.map(({ emfVolts }, index): Asked => {
    sum += emfVolts;
    return {
      what: index === 0 ? 'one cell, open' : `cells 1 to ${index + 1}, open`,
      unit: 'V',
      expected: formatVolts(sum),
    };
  });
  const shorted: Asked = {
    what: 'one cell, shorted by the meter',
    unit: 'mA',
    expected: formatAmps(cellAmpsAt(cell.model, 0)),
  };
  const device = nameOfTarget(plan.target);
  return [
    ...steps.slice(0, 1),
    shorted,
    ...steps.slice(1),
    { what: 'the whole battery, open', unit: 'V', expected: formatVolts(source.emfVolts) },
    { what: `with the ${device}`, unit: 'V', expected: formatVolts(volts) },
    { what: `through the ${device}`, unit: 'mA', expected: formatAmps(amps) },
  ];
}

/** Half a volt to a line, and room above the highest step. */
const VOLTS_A_LINE = 0.5;

/** Axes for the readings of the first string: a column for each cell and one with the device. */
export function stairsAxes({ plan, evaluation }: LessonFacts): {
  readonly columns: string[];
  readonly mostVolts: number;
} {
  const { places } = placesOfString(evaluation.desk, 0);
  const total = places.reduce((sum, { emfVolts }) => sum + emfVolts, 0);
  return {
    columns: [
      ...places.map((_, index) => (index === 0 ? '1 cell' : `${index + 1} cells`)),
      `with the ${nameOfTarget(plan.target)}`,
    ],
    mostVolts: VOLTS_A_LINE * Math.ceil((1.1 * total) / VOLTS_A_LINE),
  };
}

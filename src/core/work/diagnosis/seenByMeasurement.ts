import type { Measurement } from '../../records/logbook/measurement';
import { NO_FAULT, RIGHT_METER, type Change, type Hypothesis } from './causes';

/**
 * What of a hypothesis a measurement can see: pairs are made of parts that were worked out already, and a reading that
 * went wrong by itself changes nothing of what should be read.
 */
export function ofMeasurement(measurement: Measurement, hypothesis: Hypothesis): Hypothesis {
  const { parts, kind } = hypothesis;
  if (kind === 'slip') return NO_FAULT;
  const [first, second] = parts;
  if (first?.kind === 'slip' && second !== undefined) return ofMeasurement(measurement, second);
  if (second?.kind === 'slip' && first !== undefined) return ofMeasurement(measurement, first);
  if (!('string' in measurement) || hypothesis.meter !== RIGHT_METER) return hypothesis;
  const { string } = measurement;
  return 'built' in measurement
    ? inString(string, measurement.built, hypothesis)
    : whereTouching(hypothesis, (one) => one.string === string && isInCell(one, measurement.cell));
}

/** Whether a change can be seen in a cell that is measured alone. */
function isInCell({ cell, sharesNext }: Change, measured: number): boolean {
  return cell === measured || (sharesNext && cell + 1 === measured);
}

/** The part of a hypothesis that changes a string up to a place; nothing wrong where it changes nothing there. */
export function inString(string: number, built: number, hypothesis: Hypothesis): Hypothesis {
  return whereTouching(hypothesis, (one) => one.string === string && one.cell <= built);
}

function whereTouching(hypothesis: Hypothesis, isSeen: (change: Change) => boolean): Hypothesis {
  const touches = ({ changes }: Hypothesis): boolean => changes.some(isSeen);
  if (!touches(hypothesis)) return NO_FAULT;
  const parts = hypothesis.parts.filter(touches);
  return parts.length === 1 ? (parts[0] ?? hypothesis) : hypothesis;
}

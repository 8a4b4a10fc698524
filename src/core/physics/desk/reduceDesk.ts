import { isLinearCell } from '../cell/cellModel';
import {
  theveninInParallel,
  theveninInSeries,
  type TheveninSource,
} from '../circuit/battery/sourceCurve';
import {
  faultyCell,
  OPEN_JOINT_OHMS,
  type SpecCell,
  type SpecItem,
} from '../circuit/faults/batterySpec';
import { specOf, type Desk } from './desk';

/** A desk whose faults are all local, as plain sources: every place of every string, every string, and the whole. */
export interface ReducedDesk {
  readonly places: readonly (readonly TheveninSource[])[];
  readonly strings: readonly TheveninSource[];
  readonly whole: TheveninSource;
}

/**
 * Thévenin's equivalent of a battery of straight cells, faults and all: sums in series, Millman's theorem in parallel,
 * a film or touching metals as a resistor across the cell. `null` where something is not a tree of sources: a
 * polarisation curve, a shared body, a drip past several cells.
 */
export function reduceDesk(desk: Desk): ReducedDesk | null {
  const places: TheveninSource[][] = [];
  for (const items of specOf(desk).strings) {
    const reduced = items.map(reduceItem);
    if (!reduced.every((one) => one !== null)) return null;
    places.push(reduced);
  }
  const strings = places.map(theveninInSeries);
  return { places, strings, whole: theveninInParallel(strings) };
}

function reduceItem(item: SpecItem): TheveninSource | null {
  if (!('strings' in item)) return reduceCell(item);
  const strings: TheveninSource[] = [];
  for (const items of item.strings) {
    const reduced = items.map(reduceItem);
    if (!reduced.every((one) => one !== null)) return null;
    strings.push(theveninInSeries(reduced));
  }
  return theveninInParallel(strings);
}

/** In the order in which things lie around a cell: metals that touch, the joint at its + end, the films outside. */
function reduceCell(spec: SpecCell): TheveninSource | null {
  const { cell, isReversed, touchingOhms, contactOhms, leaks } = faultyCell(spec);
  if (!isLinearCell(cell) || spec.body !== null || leaks.some(({ over }) => over > 1)) return null;
  const { resistanceOhms } = cell;
  const emfVolts = isReversed ? -cell.emfVolts : cell.emfVolts;
  const inner = across({ emfVolts, resistanceOhms }, touchingOhms);
  const joint = Math.min(contactOhms, OPEN_JOINT_OHMS);
  return leaks.reduce((source, { ohms }) => across(source, ohms), {
    ...inner,
    resistanceOhms: inner.resistanceOhms + joint,
  });
}

/** A source with a resistor across it. */
function across(source: TheveninSource, ohms: number): TheveninSource {
  if (ohms === Infinity) return source;
  const share = ohms / (source.resistanceOhms + ohms);
  return {
    emfVolts: source.emfVolts * share,
    resistanceOhms: source.resistanceOhms * share,
  };
}

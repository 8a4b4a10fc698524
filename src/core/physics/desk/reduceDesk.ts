import { isLinearCell } from '../chemistry/cellModel';
import {
  theveninInParallel,
  theveninInSeries,
  type TheveninSource,
} from '../circuit/battery/theveninSource';
import type { SpecCell, SpecItem } from '../circuit/faults/batterySpec';
import { OPEN_JOINT_OHMS } from '../circuit/faults/batteryNetwork';
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

/** In the order in which things lie around a cell: metals that touch, the joint at its + end, the film outside. */
function reduceCell({ cell, faults, body }: SpecCell): TheveninSource | null {
  if (!isLinearCell(cell) || body !== null) return null;
  let { emfVolts, resistanceOhms } = cell;
  let touchingOhms = Infinity;
  let jointOhms = 0;
  let filmOhms = Infinity;
  let sign = 1;
  for (const fault of faults) {
    switch (fault.kind) {
      case 'reversed':
        sign = -1;
        break;
      case 'same-metal':
        emfVolts = 0;
        break;
      case 'dry':
        resistanceOhms *= fault.factor;
        break;
      case 'shorted':
        touchingOhms = Math.min(touchingOhms, fault.ohms);
        break;
      case 'open':
        jointOhms = OPEN_JOINT_OHMS;
        break;
      case 'poor-contact':
        jointOhms += fault.ohms;
        break;
      case 'rim-leak':
        filmOhms = 1 / (1 / filmOhms + 1 / fault.ohms);
        break;
      case 'drip':
        return null;
    }
  }
  const inner = across({ emfVolts: sign * emfVolts, resistanceOhms }, touchingOhms);
  return across({ ...inner, resistanceOhms: inner.resistanceOhms + jointOhms }, filmOhms);
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

import type { CellFault, SpecCell, SpecItem } from '../../physics/circuit/faults/batterySpec';

/** A lead across the ends of a string or in the place of a cell, ohms (from memory). */
export const LEAD_OHMS = 0.1;

/** A lead in the place of a cell. */
export const LEAD: SpecCell = {
  cell: { emfVolts: 0, resistanceOhms: LEAD_OHMS },
  faults: [],
  body: null,
};

/** Faults that stay with a cell whose clips were taken off; all others lie outside it. */
const INNER_FAULTS: readonly CellFault['kind'][] = ['dry', 'shorted', 'same-metal'];

/** With its clips off nothing outside the cell matters, and the probes go to its own metals. */
export function clipsOff(item: SpecCell): SpecCell {
  return {
    ...item,
    body: null,
    faults: item.faults.filter(({ kind }) => INNER_FAULTS.includes(kind)),
  };
}

/** A string as far as it stands: a drip reaches only as far as there are cells. */
export function standingItems<Item extends SpecItem>(
  items: readonly Item[],
  built: number,
): Item[] {
  const standing = items.slice(0, built);
  return standing.map((item, index) => {
    if ('strings' in item) return item;
    const room = standing.length - index;
    const faults = item.faults.filter((fault) => fault.kind !== 'drip' || fault.over <= room);
    return faults.length === item.faults.length ? item : { ...item, faults };
  });
}

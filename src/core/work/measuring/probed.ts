import type { CellFault, SpecCell, SpecItem } from '../../physics/circuit/faults/batterySpec';

/** A lead across the ends of a string or in the place of a cell, ohms (from memory). */
export const LEAD_OHMS = 0.1;

/** A lead in the place of a cell. */
export const LEAD: SpecCell = {
  cell: { emfVolts: 0, resistanceOhms: LEAD_OHMS },
  faults: [],
  body: null,
};

/** Where a fault sits: what is inside stays with a cell whose clips were taken off. */
const SITES: Readonly<Record<CellFault['kind'], 'inside' | 'lead' | 'outside'>> = {
  weaker: 'inside',
  dry: 'inside',
  shorted: 'inside',
  'same-metal': 'inside',
  open: 'lead',
  'poor-contact': 'lead',
  reversed: 'outside',
  'rim-leak': 'outside',
  drip: 'outside',
};

/** With its clips off nothing outside the cell matters, and the probes go to its own metals. */
export function clipsOff(item: SpecCell): SpecCell {
  return {
    ...item,
    body: null,
    faults: item.faults.filter(({ kind }) => SITES[kind] === 'inside'),
  };
}

/** A lead that has something wrong with it. */
const isOfLead = ({ kind }: CellFault): boolean => SITES[kind] === 'lead';

/** A string as far as it stands: a drip reaches only as far as there are cells, and no lead leaves the last of them. */
export function standingItems<Item extends SpecItem>(
  items: readonly Item[],
  built: number,
): Item[] {
  const standing = items.slice(0, built);
  return standing.map((item, index): Item => {
    const room = standing.length - index;
    if ('strings' in item) return room === 1 ? { ...item, leadOhms: 0 } : item;
    const faults = item.faults.filter(
      (fault) => (fault.kind !== 'drip' || fault.over <= room) && !(room === 1 && isOfLead(fault)),
    );
    return faults.length === item.faults.length ? item : { ...item, faults };
  });
}

/** A string with a place lifted out: one new lead stands in for it and for the two that went to it. */
export function withoutPlace<Item extends SpecItem>(
  items: readonly Item[],
  place: number,
): (Item | SpecCell)[] {
  return items.map((item, index) => {
    if (index === place - 1) return LEAD;
    if (index !== place - 2) return item;
    return 'strings' in item
      ? { ...item, leadOhms: 0 }
      : { ...item, faults: item.faults.filter((fault) => !isOfLead(fault)) };
  });
}

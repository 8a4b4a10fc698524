import { PARTS, type Part, type PartId } from './parts';

/** Where things are bought, in the order of the list. */
export const AISLES = [
  'greengrocer',
  'grocer',
  'chemist',
  'hardware',
  'electronics',
  'science supplier',
  'at school',
] as const;
export type Aisle = (typeof AISLES)[number];

/** What a shop of each kind sells (common practice, no source). */
const AISLE_OF_KIND: Readonly<Record<Part['kind'], Aisle>> = {
  food: 'greengrocer',
  metal: 'hardware',
  liquid: 'chemist',
  cell: 'at school',
  wiring: 'electronics',
  load: 'electronics',
  safety: 'at school',
  tool: 'at school',
};

const ELSEWHERE: Readonly<Partial<Record<PartId, Aisle>>> = {
  'lemon-juice': 'grocer',
  vinegar: 'grocer',
  'table-salt': 'grocer',
  'citric-acid': 'grocer',
  'potassium-chloride': 'science supplier',
  'copper-sulfate': 'science supplier',
  'zinc-sulfate': 'science supplier',
  charcoal: 'science supplier',
  'magnesium-ribbon': 'science supplier',
  'graphite-rod': 'science supplier',
  'carbon-felt': 'science supplier',
  'graphite-foil': 'science supplier',
  'zinc-foil': 'science supplier',
  'zinc-plate': 'science supplier',
  'aluminium-foil': 'grocer',
  'copper-coin': 'at school',
  'nickel-coin': 'at school',
  'coin-to-sand': 'at school',
  'whole-coin': 'at school',
  cup: 'grocer',
  sponge: 'grocer',
  'kitchen-towel': 'grocer',
  'rubber-band': 'grocer',
  tape: 'hardware',
  'floral-foam': 'hardware',
  sandpaper: 'hardware',
  meter: 'electronics',
};

export function aisleOf(part: PartId): Aisle {
  return ELSEWHERE[part] ?? AISLE_OF_KIND[PARTS[part].kind];
}

/** Whether no shop nearby has it: it must be ordered in time. */
export function isOrdered(part: PartId): boolean {
  return aisleOf(part) === 'science supplier';
}

import type { CellModel } from '../../cell/cellModel';
import type { NetworkComponent } from '../network/networkSchema';
import {
  FAULT_DEFAULTS,
  faultyCell,
  OPEN_JOINT_OHMS,
  type BatterySpec,
  type SpecCell,
  type SpecItem,
} from './batterySpec';

/** Node names of a battery's ends. */
export const BATTERY_PLUS = 'plus';
export const BATTERY_MINUS = '0';

/** What stands where: `string 1 cell 2`, and within a group `string 1 cell 2, string 1 cell 1`. */
export function placeName(string: number, item: number, within: string | null = null): string {
  const own = `string ${string} cell ${item}`;
  return within === null ? own : `${within}, ${own}`;
}

/** Name of the ammeter at the − end of a string; of the whole battery where `within` is `null`. */
export function stringName(string: number, within: string | null = null): string {
  return within === null ? `string ${string}` : `${within}, string ${string}`;
}

/** Node above so many items of a string of the battery; 0 is the − end, the last the + end. */
export function nodeAfter(spec: BatterySpec, string: number, items: number): string {
  if (items === 0) return BATTERY_MINUS;
  const length = spec.strings[string - 1]?.length ?? 0;
  return items === length ? BATTERY_PLUS : innerNode(string, items, null);
}

/**
 * Node of the + metal of a place: a probe there reads before the lead to the next place, which begins at that metal and
 * ends at {@link nodeAfter}, the next − metal.
 */
export function plusMetal(spec: BatterySpec, string: number, place: number): string {
  const item = spec.strings[string - 1]?.[place - 1];
  return item !== undefined && leadOhmsOf(item) > 0
    ? behindContact(placeName(string, place))
    : nodeAfter(spec, string, place);
}

/** What the lead from the + metal of a place adds, ohms. */
function leadOhmsOf(item: SpecItem): number {
  return 'strings' in item ? (item.leadOhms ?? 0) : faultyCell(item).contactOhms;
}

function behindContact(name: string): string {
  return `${name} behind its contact`;
}

function innerNode(string: number, items: number, within: string | null): string {
  const own = `string ${string} after cell ${items}`;
  return within === null ? own : `${within}, ${own}`;
}

/** Which cell of a battery: its string and place, and within a group its string and place there. All from 1. */
export interface CellRef {
  readonly string: number;
  readonly item: number;
  readonly within: { readonly string: number; readonly cell: number } | null;
}

/** A component and the cell that it is a part of; `null` for joints, films, touching metals and ammeters. */
export interface BatteryPart {
  readonly component: NetworkComponent;
  readonly cell: CellRef | null;
}

/**
 * The battery with its faults as components of a network; the load is added by the caller between `plus` and `0`.
 * Every string begins with an ammeter. A cell in a shared body becomes two half-cells on the body's one electrolyte
 * node, so that whatever way the pairs are wired, the electrolyte joins them.
 */
export function batteryNetwork(spec: BatterySpec): NetworkComponent[] {
  return batteryParts(spec).map(({ component }) => component);
}

/** The same, each component with the cell that it is a part of. */
export function batteryParts(spec: BatterySpec): BatteryPart[] {
  return stringsAsParts(spec.strings, BATTERY_MINUS, BATTERY_PLUS, null);
}

/** A group that strings stand in: its name in the network, and where it stands. */
interface Within {
  readonly name: string;
  readonly string: number;
  readonly item: number;
}

function stringsAsParts(
  strings: readonly (readonly SpecItem[])[],
  minus: string,
  plus: string,
  group: Within | null,
): BatteryPart[] {
  const within = group?.name ?? null;
  return strings.flatMap((items, index) => {
    const string = index + 1;
    const start = `${stringName(string, within)} start`;
    const node = (place: number): string =>
      place === 0 ? start : place >= items.length ? plus : innerNode(string, place, within);
    const outside = (component: NetworkComponent): BatteryPart => ({ component, cell: null });
    const parts = [
      outside({ type: 'ammeter', name: stringName(string, within), a: minus, b: start }),
    ];
    items.forEach((item, place) => {
      const name = placeName(string, place + 1, within);
      const below = node(place);
      if ('strings' in item) {
        const inner = { name, string, item: place + 1 };
        const lead = leadOhmsOf(item);
        const top = lead === 0 ? node(place + 1) : behindContact(name);
        parts.push(...stringsAsParts(item.strings, below, top, inner));
        parts.push(...leadParts(name, top, node(place + 1), lead).map(outside));
        return;
      }
      const cell: CellRef =
        group === null
          ? { string, item: place + 1, within: null }
          : { string: group.string, item: group.item, within: { string, cell: place + 1 } };
      const { own, joints } = cellComponents(item, name, below, (over) => node(place + over));
      parts.push(...own.map((component) => ({ component, cell })), ...joints.map(outside));
    });
    return parts;
  });
}

function cellComponents(
  spec: SpecCell,
  name: string,
  below: string,
  nodeOver: (cells: number) => string,
): { readonly own: NetworkComponent[]; readonly joints: NetworkComponent[] } {
  const { cell, isReversed, touchingOhms, contactOhms, leaks } = faultyCell(spec);
  const above = nodeOver(1);
  const top = contactOhms === 0 ? above : behindContact(name);
  const [minus, plus] = isReversed ? [top, below] : [below, top];
  const own =
    spec.body === null
      ? [cellComponent(name, cell, minus, plus)]
      : halfCells(name, cell, minus, plus, `electrolyte of ${spec.body}`);
  const joints: NetworkComponent[] = [];
  if (touchingOhms < Infinity) joints.push(resistor(`${name} touching`, minus, plus, touchingOhms));
  joints.push(
    ...leadParts(name, top, above, contactOhms),
    ...leaks.map(({ kind, over, ohms }) =>
      resistor(`${name} ${kind}`, below, nodeOver(over), ohms),
    ),
  );
  return { own, joints };
}

/** A lead with something wrong; an open one is a branch that carries nothing, so that both of its sides keep a voltage. */
function leadParts(name: string, from: string, to: string, ohms: number): NetworkComponent[] {
  if (ohms === Infinity) return [resistor(`${name} open joint`, from, to, OPEN_JOINT_OHMS)];
  return ohms > 0 ? [resistor(`${name} contact`, from, to, ohms)] : [];
}

function cellComponent(
  name: string,
  cell: CellModel,
  minus: string,
  plus: string,
): NetworkComponent {
  return { type: 'cell', name, minus, plus, ...cell };
}

/**
 * One pair in a shared body: the copper side carries the voltage and the losses that limit the current (the cathode
 * does), the zinc side its half of the resistance.
 */
function halfCells(
  name: string,
  cell: CellModel,
  minus: string,
  plus: string,
  electrolyte: string,
): NetworkComponent[] {
  const plusOhms = cell.resistanceOhms * FAULT_DEFAULTS.bodyShare;
  return [
    cellComponent(`${name} +`, { ...cell, resistanceOhms: plusOhms }, electrolyte, plus),
    resistor(`${name} −`, minus, electrolyte, cell.resistanceOhms - plusOhms),
  ];
}

function resistor(name: string, a: string, b: string, resistanceOhms: number): NetworkComponent {
  return { type: 'resistor', name, a, b, resistanceOhms };
}

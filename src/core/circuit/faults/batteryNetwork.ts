import type { CellModel } from '../../chemistry/cellModel';
import type { NetworkComponent } from '../network/networkSchema';
import { FAULT_DEFAULTS, type BatterySpec, type CellFault, type SpecCell } from './batterySpec';

/** Node names of a battery's ends. */
export const BATTERY_PLUS = 'plus';
export const BATTERY_MINUS = '0';

/** Node above so many cells of a string; 0 is the − end, the last the + end. */
export function nodeAfter(spec: BatterySpec, string: number, cells: number): string {
  if (cells === 0) return BATTERY_MINUS;
  const length = spec.strings[string - 1]?.length ?? 0;
  return cells === length ? BATTERY_PLUS : `string ${string} after cell ${cells}`;
}

/**
 * The battery with its faults as components of a network; the load is added by the caller between `plus` and `0`.
 * A cell in a shared body becomes two half-cells on the body's one electrolyte node, so that whatever way the pairs
 * are wired, the electrolyte joins them.
 */
export function batteryNetwork(spec: BatterySpec): NetworkComponent[] {
  const components: NetworkComponent[] = [];
  spec.strings.forEach((cells, index) => {
    const string = index + 1;
    cells.forEach((cell, place) => {
      const below = nodeAfter(spec, string, place);
      const above = nodeAfter(spec, string, place + 1);
      components.push(...cellComponents(cell, `string ${string} cell ${place + 1}`, below, above));
    });
  });
  spec.leaks.forEach((leak, index) => {
    components.push({
      type: 'resistor',
      name: `leak ${index + 1}`,
      a: nodeAfter(spec, leak.string, leak.fromCell - 1),
      b: nodeAfter(spec, leak.string, leak.toCell),
      resistanceOhms: leak.ohms,
    });
  });
  return components;
}

function cellComponents(
  { cell, faults, body }: SpecCell,
  name: string,
  below: string,
  above: string,
): NetworkComponent[] {
  const reversed = faults.some(({ kind }) => kind === 'reversed');
  const contact = contactOhms(faults);
  const top = contact === 0 ? above : `${name} behind its contact`;
  const [minus, plus] = reversed ? [top, below] : [below, top];
  const faulty = faults.reduce(withFault, cell);
  const components =
    body === null
      ? [cellComponent(name, faulty, minus, plus)]
      : halfCells(name, faulty, minus, plus, `electrolyte of ${body}`);
  const short = faults.find((fault) => fault.kind === 'shorted');
  if (short?.kind === 'shorted') {
    components.push(resistor(`${name} touching`, minus, plus, short.ohms));
  }
  if (contact === Infinity) {
    // The open joint is a branch that carries nothing, so that both of its sides keep a voltage.
    components.push(resistor(`${name} open joint`, top, above, OPEN_JOINT_OHMS));
  } else if (contact > 0) components.push(resistor(`${name} contact`, top, above, contact));
  return components;
}

/** An open joint leaks through air and damp wood; far above a voltmeter, so that a meter reads nothing. */
const OPEN_JOINT_OHMS = 1e12;

function contactOhms(faults: readonly CellFault[]): number {
  return faults.reduce((sum, fault) => {
    if (fault.kind === 'open') return Infinity;
    return fault.kind === 'poor-contact' ? sum + fault.ohms : sum;
  }, 0);
}

function withFault(cell: CellModel, fault: CellFault): CellModel {
  switch (fault.kind) {
    case 'dry':
      return { ...cell, resistanceOhms: cell.resistanceOhms * fault.factor };
    case 'same-metal':
      return { ...cell, emfVolts: 0 };
    default:
      return cell;
  }
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

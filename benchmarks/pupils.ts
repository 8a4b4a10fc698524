import type { RandomStream } from '@/core/physics/chance/random';
import { ledModelOf } from '@/core/physics/circuit/load/ledPresets';
import { LEVEL_ONCE_READ } from '@/core/physics/readings/cellBelief';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import type { CauseKind } from '@/core/work/diagnosis/causes';
import type { NominalBattery } from '@/core/work/diagnosis/nominalBattery';
import { OPEN_OHMS, type BenchBattery, type BenchCell } from './benchBattery';

/** What a class builds: volts and ohms of a cell as the handbook tables them, and whether its curve bends. */
const FAMILIES = [
  { name: 'kiwi', volts: 0.93, ohms: 1300, bends: true, pile: false, bodies: true },
  { name: 'lemon', volts: 0.94, ohms: 2000, bends: true, pile: false, bodies: true },
  { name: 'vinegar cup', volts: 0.95, ohms: 600, bends: true, pile: false, bodies: true },
  { name: 'coin pile', volts: 0.75, ohms: 450, bends: false, pile: true, bodies: false },
  { name: 'brine sponge', volts: 0.75, ohms: 60, bends: false, pile: false, bodies: false },
  { name: 'magnesium', volts: 1.5, ohms: 110, bends: true, pile: false, bodies: true },
  { name: 'charcoal', volts: 0.8, ohms: 40, bends: false, pile: false, bodies: false },
] as const;

/** How a class differs from the plan, and its cells among each other: logarithms and shares. */
const SCATTER = {
  classOhms: 0.25,
  classVolts: 0.02,
  ohms: 0.36,
  volts: 0.045,
  pack: 0.06,
  led: 0.02,
};
/** How often each is met: half of them joints and slips (common practice, no source). */
const WEIGHTS: Partial<Readonly<Record<CauseKind, number>>> = {
  'poor-contact': 0.16,
  open: 0.14,
  slip: 0.14,
  reversed: 0.1,
  dry: 0.09,
  shorted: 0.06,
  'same-metal': 0.05,
  bridged: 0.03,
  'bridged-two': 0.015,
  'rim-leak': 0.04,
  drip: 0.02,
  'shared-body': 0.03,
  'string-reversed': 0.02,
  'load-reversed': 0.08,
  'load-broken': 0.02,
  'load-off': 0.05,
  'load-poor': 0.04,
  'load-shorted': 0.01,
  'load-misplaced': 0.02,
  'no-milliamps': 0.02,
  'no-volts': 0.02,
  'leads-swapped': 0.02,
  'flat-meter': 0.01,
};
const RED = ledModelOf('red');
export const GLIMMER_AMPS = 2e-5;
const GOOD_OHMS = 0.05;
/** A cell that was turned round is read by its metals, not at its free end, in one of three. */
const BY_METAL_CHANCE = 1 / 3;

/** Something wrong, and where. */
export interface Hidden {
  readonly kind: CauseKind;
  readonly string: number;
  readonly cell: number;
  /** Puts it into a battery. */
  readonly into: (battery: BenchBattery) => BenchBattery;
}

export interface Case {
  readonly nominal: NominalBattery;
  /** As it was built but for what is hidden. */
  readonly sound: BenchBattery;
  readonly hidden: readonly Hidden[];
  /** Milliamps that the plan expects of one cell, as amperes: the guide tells the range by it. */
  readonly meantAmps: number;
  readonly byMetal: boolean;
}

export const pick = (random: RandomStream, count: number): number =>
  Math.min(count - 1, Math.floor(random.uniform() * count));

/** A battery of one to three strings, sound or with so many things wrong. */
export function drawCase(random: RandomStream, faults: number): Case {
  const family = FAMILIES[pick(random, FAMILIES.length)]!;
  const strings = [1, 1, 1, 2, 2, 3][pick(random, 6)]!;
  const cells = Math.ceil(1.9 / family.volts) + pick(random, 3);
  const volts = family.volts * (1 + SCATTER.classVolts * random.normal());
  const ohms = family.ohms * Math.exp(SCATTER.classOhms * random.normal());
  const sound = Array.from({ length: strings }, () =>
    Array.from({ length: cells }, (): BenchCell => {
      const own = {
        volts: volts * (1 + SCATTER.volts * random.normal()),
        ohms: ohms * Math.exp(SCATTER.ohms * random.normal()),
      };
      return {
        ...own,
        tafelVolts: family.bends ? 0.03 : 0,
        turned: false,
        touching: null,
        across: null,
        acrossTwo: null,
        sharesNext: false,
        leadOhms: GOOD_OHMS,
      };
    }),
  );
  const make =
    (SCATTER.pack * random.normal() + SCATTER.led * random.normal()) /
    (RED.idealityFactor * 0.0257);
  const battery: BenchBattery = {
    strings: sound,
    reversedString: null,
    led: { ...RED, saturationAmps: RED.saturationAmps * Math.exp(make) },
    device: 'right',
    deviceLeadOhms: GOOD_OHMS,
    deviceOnCell: null,
  };
  const hidden: Hidden[] = [];
  while (hidden.length < faults) {
    const one = drawHidden(random, { strings, cells, ...family });
    const clash = hidden.some(
      (other) =>
        other.kind === one.kind || (other.string === one.string && other.cell === one.cell),
    );
    if (!clash) hidden.push(one);
  }
  const curve = family.bends
    ? { activation: { slopeVolts: 0.03, exchangeAmps: (0.05 * family.volts) / family.ohms } }
    : {};
  const meant = { emfVolts: family.volts, resistanceOhms: family.ohms, ...curve };
  return {
    sound: battery,
    hidden,
    meantAmps: (0.85 * family.volts) / family.ohms,
    byMetal: random.uniform() < BY_METAL_CHANCE,
    nominal: {
      strings: sound.map((items) => items.map(() => ({ cell: meant, faults: [], body: null }))),
      load: { kind: 'led', led: RED },
      runsFromAmps: GLIMMER_AMPS,
      level: LEVEL_ONCE_READ,
      pile: family.pile,
      bodies: family.bodies,
      meter: USUAL_CLASS_METER,
      isPolarised: true,
    },
  };
}

interface Shape {
  readonly strings: number;
  readonly cells: number;
  readonly ohms: number;
  readonly pile: boolean;
  readonly bodies: boolean;
}

function drawHidden(random: RandomStream, { strings, cells, ohms, pile, bodies }: Shape): Hidden {
  const string = 1 + pick(random, strings);
  const cell = 1 + pick(random, cells);
  const possible = (Object.entries(WEIGHTS) as [CauseKind, number][]).filter(([kind]) => {
    if (kind === 'rim-leak') return pile;
    if (kind === 'drip') return pile && cell < cells;
    if (kind === 'shared-body') return bodies && cell < cells;
    if (kind === 'bridged-two') return cell < cells;
    // From the last cell the lead goes to the others; where there are none it is one of the device's.
    if (kind === 'open' || kind === 'poor-contact') return cell < cells || strings > 1;
    if (kind === 'load-misplaced') return strings === 1;
    return kind !== 'string-reversed' || strings > 1;
  });
  let left = random.uniform() * possible.reduce((sum, [, weight]) => sum + weight, 0);
  const kind = possible.find(([, weight]) => (left -= weight) <= 0)?.[0] ?? 'slip';
  return { kind, string, cell, into: faultOf(kind, string, cell, ohms, random) };
}

/** A fault with its size drawn, to be put into any battery of that shape. */
function faultOf(
  kind: CauseKind,
  string: number,
  cell: number,
  ohms: number,
  random: RandomStream,
): Hidden['into'] {
  const changed =
    (change: (one: BenchCell) => Partial<BenchCell>): Hidden['into'] =>
    (battery) => ({
      ...battery,
      strings: battery.strings.map((items, index) =>
        index + 1 === string
          ? items.map((one, place) => (place + 1 === cell ? { ...one, ...change(one) } : one))
          : items,
      ),
    });
  const size = random.uniform();
  const between = (least: number, most: number): number => least * (most / least) ** size;
  const contact = between(4 * ohms, Math.max(20_000, 60 * ohms));
  const clip = (one: BenchCell): number => Math.min(between(0.05, 0.5), one.ohms / 20);
  switch (kind) {
    case 'reversed':
      return changed(() => ({ turned: true }));
    case 'open':
      return changed(() => ({ leadOhms: OPEN_OHMS }));
    case 'poor-contact':
      return changed(() => ({ leadOhms: contact }));
    case 'dry':
      return changed((one) => ({ ohms: one.ohms * between(6, 50) }));
    case 'shorted':
      return changed((one) => ({ touching: Math.min(between(0.3, 25), 0.4 * one.ohms) }));
    case 'same-metal':
      return changed(() => ({ volts: 0.03 * (2 * size - 1), tafelVolts: 0 }));
    case 'bridged':
      return changed((one) => ({ across: clip(one) }));
    case 'bridged-two':
      return changed((one) => ({ acrossTwo: clip(one) }));
    case 'rim-leak':
      return changed((one) => ({ across: one.ohms * between(0.8, 5) }));
    case 'drip':
      return changed((one) => ({ acrossTwo: one.ohms * between(1.5, 8) }));
    case 'shared-body':
      return changed(() => ({ sharesNext: true }));
    case 'string-reversed':
      return (battery) => ({ ...battery, reversedString: string });
    case 'load-reversed':
    case 'load-broken':
    case 'load-shorted':
      return (battery) => ({ ...battery, device: kind.slice(5) as BenchBattery['device'] });
    case 'load-off':
      return (battery) => ({ ...battery, deviceLeadOhms: OPEN_OHMS });
    case 'load-poor':
      return (battery) => ({ ...battery, deviceLeadOhms: contact });
    case 'load-misplaced':
      return (battery) => ({ ...battery, deviceOnCell: (battery.strings[0]?.length ?? 2) - 1 });
    default:
      return (battery) => battery;
  }
}

/** The battery as it lies there with so many of its faults. */
export function batteryWith({ sound }: Case, faults: readonly Hidden[]): BenchBattery {
  return faults.reduce((battery, { into }) => into(battery), sound);
}

import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { randomStream, type RandomStream } from '@/core/physics/chance/random';
import type { CellFault, SpecCell } from '@/core/physics/circuit/faults/batterySpec';
import { ledModelOf } from '@/core/physics/circuit/load/ledPresets';
import { diagnose, type Diagnosis } from '@/core/work/diagnosis/diagnose';
import type { Reading } from '@/core/work/diagnosis/evidence';
import { possibleMeasurements } from '@/core/work/diagnosis/possibleMeasurements';
import {
  scattered,
  shown as read,
  withFaultAt,
  type BuiltString,
} from '@/testing/core/diagnosisBattery';
import { printRow } from './print.mjs';

const SEED = 20_261_125;
const BATTERIES = 2000;
const SOUND_BATTERIES = 1000;
const FURTHER = 3;
const STEP_FINE_SHARE = 0.75;

interface Kind {
  readonly name: string;
  readonly pile: boolean;
  readonly bodies: boolean;
  readonly volts: number;
  readonly ohms: number;
}
/** Fruit, piles and cups with typical readings (common practice, no source). */
const KINDS: readonly Kind[] = [
  { name: 'fruit', pile: false, bodies: true, volts: 0.93, ohms: 650 },
  { name: 'pile', pile: true, bodies: false, volts: 0.75, ohms: 580 },
  { name: 'cups', pile: false, bodies: false, volts: 0.95, ohms: 320 },
];

interface Hidden {
  readonly cause: string;
  readonly string: BuiltString;
}

interface Case {
  readonly kind: Kind;
  readonly cells: number;
  readonly string: BuiltString;
  readonly cause: string;
}

function logUniform(random: RandomStream, least: number, most: number): number {
  return least * (most / least) ** random.uniform();
}

function hide(kind: Kind, sound: BuiltString, random: RandomStream): Hidden {
  const cells = sound.length;
  const cell = 1 + Math.floor(random.uniform() * cells);
  const r = kind.ohms;
  const faults: [string, () => CellFault][] = [
    ['reversed', () => ({ kind: 'reversed' })],
    ['open', () => ({ kind: 'open' })],
    ['dry', () => ({ kind: 'dry', factor: logUniform(random, 5, 50) })],
    ['poor-contact', () => ({ kind: 'poor-contact', ohms: logUniform(random, 4 * r, 40 * r) })],
    ['shorted', () => ({ kind: 'shorted', ohms: logUniform(random, 0.3, 30) })],
    ['bridged', () => ({ kind: 'rim-leak', ohms: 0.3 })],
    ['same-metal', () => ({ kind: 'same-metal' })],
  ];
  if (kind.pile) {
    faults.push(['rim-leak', () => ({ kind: 'rim-leak', ohms: logUniform(random, 500, 4000) })]);
    if (cell < cells) {
      faults.push([
        'drip',
        () => ({ kind: 'drip', over: 2, ohms: logUniform(random, 1000, 6000) }),
      ]);
    }
  }
  const shared = kind.bodies && cell < cells ? 1 : 0;
  const choice = Math.floor(random.uniform() * (faults.length + shared));
  const chosen = faults[choice];
  if (chosen === undefined) {
    return { cause: `shared-body 1 ${cell} `, string: withFaultAt(sound, cell, [], true) };
  }
  const [name, fault] = chosen;
  return { cause: `${name} 1 ${cell} `, string: withFaultAt(sound, cell, [fault()]) };
}

function drawCase(random: RandomStream, faulty: boolean): Case {
  const kind = KINDS[Math.floor(random.uniform() * KINDS.length)] ?? KINDS[0]!;
  const cells = 3 + Math.floor(random.uniform() * 4);
  // What the class built differs a little from the trial cell that was planned with.
  const planned = {
    emfVolts: kind.volts * (1 + 0.02 * random.normal()),
    resistanceOhms: kind.ohms * Math.exp(0.15 * random.normal()),
  };
  const sound = scattered(cells, planned, random);
  const { cause, string } = faulty ? hide(kind, sound, random) : { cause: 'none', string: sound };
  return { kind, cells, string, cause };
}

/** As the guide goes: volts and current of the first cell, volts after each further one until a step is missing, then the current of all. */
function guided({ string, cells, kind }: Case): Reading[] {
  const readings: Reading[] = [];
  let before = 0;
  for (let built = 1; built <= cells; built += 1) {
    const one = read(string, { kind: 'volts', string: 1, from: 1, to: built, built });
    readings.push(one);
    if (one.value - before < STEP_FINE_SHARE * kind.volts) return readings;
    if (built === 1) readings.push(read(string, { kind: 'short', string: 1, built: 1 }));
    before = one.value;
  }
  return [...readings, read(string, { kind: 'short', string: 1, built: cells })];
}

function judge({ kind, cells }: Case, readings: readonly Reading[]): Diagnosis {
  const built = Math.max(
    ...readings.map(({ measurement }) => ('built' in measurement ? measurement.built : 1)),
  );
  const sound: SpecCell = {
    cell: { emfVolts: kind.volts, resistanceOhms: kind.ohms },
    faults: [],
    body: null,
  };
  return diagnose({
    strings: [Array.from({ length: cells }, () => sound)],
    load: { kind: 'led', led: ledModelOf('amber') },
    runsFromAmps: 0.1e-3,
    measured: true,
    pile: kind.pile,
    bodies: kind.bodies,
    meter: USUAL_CLASS_METER,
    isPolarised: true,
    readings,
    possible: possibleMeasurements([{ string: 1, built }], false, true),
  });
}

/** Hidden faults and sound batteries, found by the fault finder from what the meter shows. */
export function benchDiagnosis(): void {
  const random = randomStream(SEED);
  const found = Array.from({ length: FURTHER + 1 }, () => 0);
  const missed = new Map<string, number>();
  let slowest = 0;
  for (let battery = 0; battery < BATTERIES; battery += 1) {
    const one = drawCase(random, true);
    const readings = guided(one);
    let diagnosis = judge(one, readings);
    for (let further = 0; further <= FURTHER; further += 1) {
      if (diagnosis.causes[0]?.cause === one.cause) {
        found[further] = (found[further] ?? 0) + 1;
        break;
      }
      const next = diagnosis.next[0];
      if (further === FURTHER || next === undefined) {
        const name = `${one.kind.name} ${one.cause.split(' ')[0]} as ${diagnosis.causes[0]?.kind}`;
        missed.set(name, (missed.get(name) ?? 0) + 1);
        break;
      }
      readings.push(read(one.string, next.measurement));
      const start = performance.now();
      diagnosis = judge(one, readings);
      slowest = Math.max(slowest, performance.now() - start);
    }
  }
  let called = 0;
  for (let battery = 0; battery < SOUND_BATTERIES; battery += 1) {
    const one = drawCase(random, false);
    if (judge(one, guided(one)).verdict !== 'fine') called += 1;
  }
  const percent = (count: number, of: number): string => `${((100 * count) / of).toFixed(1)} %`;
  let sum = 0;
  const shares = found.map((count) => percent((sum += count), BATTERIES));
  printRow(
    `hidden fault on top, ${BATTERIES} batteries, seed ${SEED}`,
    shares.join(', '),
    `after 0, 1, 2, 3 further measurements; at least 95 % after 3`,
  );
  printRow('sound batteries called faulty', percent(called, SOUND_BATTERIES), 'at most 3 %');
  printRow('slowest judgement', `${slowest.toFixed(0)} ms`);
  const worst = [...missed].sort((a, b) => b[1] - a[1]).slice(0, 5);
  printRow(
    'most often missed',
    worst.map(([name, count]) => `${name} ${count}`).join(', ') || 'none',
  );
}

import { USUAL_CLASS_METER } from '../../physics/instruments/classMeter';
import { diagnose, type Diagnosis } from '../diagnosis/diagnose';
import { isSame, type Measurement } from '../../records/logbook/measurement';
import type { DrillLevel, DrillMeans } from './levels';
import { DRILL_CELL, makeDrill, SOUND_CHANCE, type Drill, type DrillKey } from './makeDrill';
import { knownReading, probingFor, readDrill, type KnownReading, type Probing } from './probing';

/** The cells of a drill are told: hardly anything is common to them that is not. */
const DRILL_LEVEL = { ampsLog: 0.15, voltsShare: 0.02 };

/** A reading that was taken in a drill. */
export interface TakenReading {
  readonly probing: Probing;
  /** `null`: the display showed that it is over range. */
  readonly value: number | null;
}

/** Where the fault finder would put the probes next, and how much it expects to learn. */
export interface DrillHint {
  readonly probing: Probing;
  readonly bits: number;
}

/** The most telling next measurement; `null` once nothing is left to be told apart. */
export function drillHint(key: DrillKey, taken: readonly TakenReading[]): DrillHint | null {
  const drill = makeDrill(key);
  const hints = drill.built.flatMap((items, index) => {
    const found = ofString(drill, index + 1, readingsOf(drill, taken, index + 1));
    const best = found.next[0];
    if (best === undefined || settled(found)) return [];
    const probing = probingFor(best.measurement as KnownReading['measurement'], items.length);
    return probing === null ? [] : [{ probing, bits: best.bits }];
  });
  return hints.sort((first, second) => second.bits - first.bits)[0] ?? null;
}

/** Never quite 1, so that readings can still speak against it. */
const ALMOST_SURE = 0.999;
/** Chance from which on a cause counts as found. */
const FOUND_FROM = 0.9;
const MAX_MEASUREMENTS = 12;

/** What the fault finder itself needs, always taking the most telling next measurement. */
export interface DrillPar {
  readonly measurements: number;
  /** Whether it finds what is hidden; cells scatter, so that it can be misled. */
  readonly right: boolean;
}

export function drillPar(key: DrillKey): DrillPar {
  const drill = makeDrill(key);
  const strings = drill.built.map((_, index) => parOfString(drill, index + 1));
  return {
    measurements: strings.reduce((sum, { measurements }) => sum + measurements, 0),
    right: strings.every(({ right }) => right),
  };
}

function parOfString(drill: Drill, string: number): DrillPar {
  const readings: KnownReading[] = [];
  const { cells } = drill.level;
  let found = ofString(drill, string, readings);
  while (readings.length < MAX_MEASUREMENTS && !(readings.length > 0 && settled(found))) {
    const measurement = found.next[0]?.measurement as KnownReading['measurement'] | undefined;
    const probing = measurement === undefined ? null : probingFor(measurement, cells);
    const display = probing === null ? null : readDrill(drill, probing);
    if (measurement === undefined || display?.status !== 'reads') break;
    readings.push({ measurement, value: display.value });
    found = ofString(drill, string, readings);
  }
  const truth = drill.hidden.find((one) => one.string === string) ?? null;
  const top = found.causes[0];
  const right =
    truth === null
      ? top?.kind === 'none'
      : top?.kind === truth.kind && top.hypothesis?.cell === truth.cell;
  return { measurements: readings.length, right };
}

/** What a reading after the matter is plain, and one that nothing can be made of, cost: parts of a measurement. */
const PLAIN_COSTS = 0.5;
const UNKNOWN_COSTS = 1;

/**
 * How many measurements' worth of information a learner left on the table: of each reading the share by which it told
 * less than the most telling one would have, expected before it was taken. The first look at each string is free.
 */
export function drillLoss(key: DrillKey, taken: readonly TakenReading[]): number {
  const drill = makeDrill(key);
  const looked = new Set<number>();
  return taken.reduce((sum, one, index) => {
    const { string } = one.probing.red;
    const isFirst = !looked.has(string);
    looked.add(string);
    return isFirst ? sum : sum + lossOf(drill, string, one, taken.slice(0, index));
  }, 0);
}

function lossOf(
  drill: Drill,
  string: number,
  { probing, value }: TakenReading,
  before: readonly TakenReading[],
): number {
  const known = value === null ? null : knownReading(drill.level.cells, probing, value);
  if (known === null) return UNKNOWN_COSTS;
  const measurement = { ...known.measurement, string: 1 };
  const found = ofString(drill, string, readingsOf(drill, before, string), [measurement]);
  const most = Math.max(0, ...found.next.map(({ bits }) => bits));
  if (settled(found) || most === 0) return PLAIN_COSTS;
  const own = found.next.find((one) => isSame(one.measurement, known.measurement));
  return 1 - (own?.bits ?? 0) / most;
}

function settled({ causes }: Diagnosis): boolean {
  return (causes[0]?.chance ?? 0) >= FOUND_FROM;
}

function readingsOf(drill: Drill, taken: readonly TakenReading[], string: number): KnownReading[] {
  return taken.flatMap(({ probing, value }) => {
    const known = value === null ? null : knownReading(drill.level.cells, probing, value);
    return known !== null && known.measurement.string === string ? [known] : [];
  });
}

/** The fault finder on one string alone: the strings of a drill are not joined. */
function ofString(
  drill: Drill,
  string: number,
  readings: readonly KnownReading[],
  extra: readonly Measurement[] = [],
): Diagnosis {
  const cells = drill.level.cells;
  const alone = { string: 1 } as const;
  const input = {
    strings: [Array.from({ length: cells }, () => ({ cell: DRILL_CELL, faults: [], body: null }))],
    load: { kind: 'resistor', ohms: 1000 } as const,
    meter: USUAL_CLASS_METER,
    runsFromAmps: 1e-3,
    level: DRILL_LEVEL,
    pile: false,
    bodies: false,
    isPolarised: false,
    readings: readings.map(({ measurement, value }) => ({
      measurement: { ...measurement, ...alone },
      value,
    })),
    possible: [...possibleOf(drill.level), ...extra],
    expected: {
      // A level that has a fault in each string says so; elsewhere one string in so many has it.
      anyFaultChance: drill.level.each ? ALMOST_SURE : (1 - SOUND_CHANCE) / drill.level.strings,
      kinds: drill.level.faults,
    },
  };
  const found = diagnose(input);
  return {
    ...found,
    next: found.next.map((one) => ({
      ...one,
      measurement: { ...one.measurement, string } as Measurement,
    })),
  };
}

/** What a drill lets one measure, as far as its level has the means: steps, single cells, currents, the joined string. */
function possibleOf({ cells: built, means }: DrillLevel): Measurement[] {
  const cells = Array.from({ length: built }, (_, index) => index + 1);
  const string = 1;
  const all: Measurement[] = [
    { kind: 'short', string, built },
    ...cells.map((to): Measurement => ({ kind: 'volts', string, from: 1, to, built })),
    ...cells.slice(1).map((cell): Measurement => ({
      kind: 'volts',
      string,
      from: cell,
      to: cell,
      built,
    })),
    ...cells.slice(0, -1).map((to): Measurement => ({ kind: 'shorted-volts', string, to, built })),
    ...cells.map((cell): Measurement => ({ kind: 'cell-short', string, cell })),
  ];
  return all.filter((one) => means.includes(meansOf(one)));
}

function meansOf({ kind }: Measurement): DrillMeans {
  if (kind === 'shorted-volts') return 'changes';
  return kind === 'volts' ? 'volts' : 'current';
}

import { risingRoot } from '../../numeric/risingRoot';
import { terminalVoltage } from '../cell/cellModel';
import { loadDifferentialOhms, loadVolts, type Load } from '../circuit/load/load';
import { addedOhms, DRY_BELOW, waterLeft, wettedShare } from './ageingCell';
import type { CellLeft, DischargeEnd, DischargeInput, DischargeSample } from './dischargeRun';
import { groupIdenticalCells } from './groupIdenticalCells';
import { differentialOhmsOf, filmStep, voltsOf, type FilmStep, type StringNow } from './stringNow';

/** A cell counts as soaked after this many of its times. */
const SOAKED_AFTER = 5;
/** Volts to which two ends agree. */
const TOLERANCE_VOLTS = 1e-8;
/** Numbers that describe one cell: volts of its two films, coulombs of metal used. */
const STATES_OF_CELL = 3;

/** All that changes; to go back to a moment. */
export interface CircuitState {
  readonly seconds: number;
  readonly cells: Float64Array;
  readonly stringAmps: readonly number[];
}

/**
 * A battery in time. Its films are linear in the current, so over a step in which the current changes in proportion
 * each has a closed form, and the current at the end is found together with it: an implicit exponential step of second
 * order (M. Hochbruck and A. Ostermann, Acta Numerica 19 (2010) 209). It is stable however long the step is.
 */
export class RunningCircuit {
  private readonly thermalVolts: number;
  private readonly strings: readonly StringNow[];
  private readonly stringCount: number;
  /** Before that, cells that began dry give little because they still soak, not because they are spent. */
  private readonly soakedAfter: number;
  /** Shortest time in which something in it changes, seconds. */
  readonly shortestSeconds: number;
  private load: Load | null;
  private now = 0;
  private cells: Float64Array;
  /** What the films of each cell come to in the step that is taken, at the places of their volts. */
  private readonly films: FilmStep[] = [];

  constructor({
    strings,
    load,
    thermalVolts,
  }: Pick<DischargeInput, 'strings' | 'load' | 'thermalVolts'>) {
    this.thermalVolts = thermalVolts;
    this.load = load;
    this.stringCount = strings.length;
    this.soakedAfter =
      SOAKED_AFTER * Math.max(0, ...strings.flat().map(({ soakSeconds }) => soakSeconds ?? 0));
    this.strings = groupIdenticalCells(strings, STATES_OF_CELL).map((grouped) => ({
      grouped,
      count: grouped.members.length,
      wetted: grouped.curves.map(() => 1),
      ohms: 0,
      filmVolts: 0,
      amps: 1e-4,
    }));
    const ageings = this.strings.flatMap(({ grouped }) =>
      grouped.cells.map(({ ageing }) => ageing),
    );
    this.shortestSeconds = Math.min(
      ...ageings.flatMap(({ fast, slow, soakSeconds }) => [
        fast.seconds,
        slow.seconds,
        soakSeconds ?? Infinity,
      ]),
    );
    const kinds = this.strings.reduce((sum, { grouped }) => sum + grouped.cells.length, 0);
    this.cells = new Float64Array(STATES_OF_CELL * kinds);
    this.solveNow();
  }

  get seconds(): number {
    return this.now;
  }

  get amps(): number {
    let sum = 0;
    for (const { count, amps } of this.strings) sum += count * amps;
    return sum;
  }

  /** What is connected from now on; `null`: nothing, the battery rests. */
  connect(load: Load | null): void {
    this.load = load;
    this.solveNow();
  }

  /** No current flows and none will: whatever the step, its closed form is exact. */
  get atRest(): boolean {
    return this.load === null && this.strings.length === 1;
  }

  /** Seconds in which some cell loses a given share of the water that it still has. */
  secondsToDry(share: number): number {
    let least = Infinity;
    for (const { grouped } of this.strings) {
      for (const { ageing } of grouped.cells) {
        const left = Math.max(waterLeft(ageing, this.now), DRY_BELOW / 2);
        least = Math.min(least, (share * left) / ageing.dryingPerSecond);
      }
    }
    return least;
  }

  state(): CircuitState {
    return {
      seconds: this.now,
      cells: this.cells.slice(),
      stringAmps: this.strings.map(({ amps }) => amps),
    };
  }

  restore({ seconds, cells, stringAmps }: CircuitState): void {
    this.now = seconds;
    this.cells = cells.slice();
    this.strings.forEach((string, index) => {
      string.amps = stringAmps[index]!;
    });
  }

  /** Goes on to a later moment, in one step. */
  advanceTo(later: number): void {
    const { cells, films } = this;
    const seconds = later - this.now;
    for (const string of this.strings) {
      let ohms = 0;
      let filmVolts = 0;
      for (const { ageing, times, at } of string.grouped.cells) {
        const fast = filmStep(ageing.fast, cells[at]!, string.amps, seconds);
        const slow = filmStep(ageing.slow, cells[at + 1]!, string.amps, seconds);
        films[at] = fast;
        films[at + 1] = slow;
        // Half of what is drawn belongs to the current at the beginning.
        cells[at + 2] =
          cells[at + 2]! + (Math.max(0, string.amps) / 2 + ageing.parasiticAmps) * seconds;
        ohms += times * (addedOhms(ageing, later) + fast.ohms + slow.ohms);
        filmVolts += times * (fast.volts + slow.volts);
      }
      this.setMoment(string, later, ohms, filmVolts);
    }
    this.solve();
    for (const { grouped, amps } of this.strings) {
      for (const { at } of grouped.cells) {
        cells[at] = films[at]!.volts + films[at]!.ohms * amps;
        cells[at + 1] = films[at + 1]!.volts + films[at + 1]!.ohms * amps;
        cells[at + 2] = cells[at + 2]! + (Math.max(0, amps) / 2) * seconds;
      }
    }
    this.now = later;
  }

  sample(): DischargeSample {
    const { now, cells } = this;
    const volts = this.solveNow();
    const stringAmps = new Array<number>(this.stringCount).fill(0);
    for (const { grouped, amps } of this.strings) {
      for (const member of grouped.members) stringAmps[member] = amps;
    }
    const cellVolts: number[] = [];
    for (const { grouped, amps } of this.strings) {
      for (const { ageing, at } of grouped.cells) {
        const wetted = wettedShare(ageing.soakSeconds, now);
        const lost = addedOhms(ageing, now) * amps + cells[at]! + cells[at + 1]!;
        cellVolts.push(terminalVoltage(ageing.cell, amps / wetted) - lost);
      }
    }
    return { seconds: now, volts, amps: this.amps, stringAmps, cellVolts };
  }

  /** Smallest of what is left: metal and water of each cell, current above the least; negative at the end. */
  remainingShare(minAmps: number): number {
    let least = Infinity;
    for (const { grouped } of this.strings) {
      for (const { ageing, at } of grouped.cells) {
        const metal = 1 - this.cells[at + 2]! / ageing.metalCoulombs;
        const fresh = ageing.spoilsSeconds === null ? 1 : 1 - this.now / ageing.spoilsSeconds;
        least = Math.min(least, metal, fresh, waterLeft(ageing, this.now) - DRY_BELOW);
      }
    }
    if (minAmps > 0 && this.load !== null && this.now >= this.soakedAfter) {
      least = Math.min(least, this.amps / minAmps - 1);
    }
    return least;
  }

  endReason(): DischargeEnd {
    let end: DischargeEnd = { reason: 'too-little-current' };
    let least = 1e-6;
    for (const left of this.left()) {
      const share = Math.min(left.metalShare, left.waterShare - DRY_BELOW, left.freshShare);
      if (share >= least) continue;
      least = share;
      end = { reason: left.endsBy, string: left.strings[0] ?? 1, cell: left.cells[0] ?? 1 };
    }
    return end;
  }

  /** What each kind of cell has left, and when it would end if the current stayed as it is. */
  left(): CellLeft[] {
    const { now } = this;
    return this.strings.flatMap(({ grouped, amps }) =>
      grouped.cells.map(({ ageing, places, at }): CellLeft => {
        const used = this.cells[at + 2]!;
        const rate = Math.max(0, amps) + ageing.parasiticAmps;
        const metalUntil =
          rate > 0 ? now + Math.max(0, ageing.metalCoulombs - used) / rate : Infinity;
        const { dryingPerSecond } = ageing;
        const waterUntil = dryingPerSecond > 0 ? (1 - DRY_BELOW) / dryingPerSecond : Infinity;
        const freshUntil = ageing.spoilsSeconds ?? Infinity;
        const endsSeconds = Math.min(metalUntil, waterUntil, freshUntil);
        return {
          strings: grouped.members.map((member) => member + 1),
          cells: places.map((place) => place + 1),
          metalShare: 1 - used / ageing.metalCoulombs,
          waterShare: waterLeft(ageing, now),
          freshShare: Math.max(0, 1 - now / freshUntil),
          endsSeconds,
          endsBy:
            endsSeconds === metalUntil
              ? 'metal-used-up'
              : endsSeconds === waterUntil
                ? 'dried-out'
                : 'spoilt',
        };
      }),
    );
  }

  /** Currents with the films as they stand; the volts between the battery's ends. */
  private solveNow(): number {
    for (const string of this.strings) {
      let ohms = 0;
      let filmVolts = 0;
      for (const { ageing, times, at } of string.grouped.cells) {
        ohms += times * addedOhms(ageing, this.now);
        filmVolts += times * (this.cells[at]! + this.cells[at + 1]!);
      }
      this.setMoment(string, this.now, ohms, filmVolts);
    }
    return this.solve();
  }

  private setMoment(string: StringNow, seconds: number, ohms: number, filmVolts: number): void {
    string.grouped.curves.forEach(({ soakSeconds }, index) => {
      string.wetted[index] = wettedShare(soakSeconds, seconds);
    });
    string.ohms = ohms;
    string.filmVolts = filmVolts;
  }

  /** Finds the terminal volts at which the strings give what the load takes; fills the string currents. */
  private solve(): number {
    const [only] = this.strings;
    if (only === undefined) throw new Error('a battery has at least one string');
    if (this.strings.length === 1) return this.solveEqual(only);
    return this.load === null ? this.solveResting() : this.solveUnequal(this.load);
  }

  /** All strings are alike: one unknown current. */
  private solveEqual(string: StringNow): number {
    const { load, thermalVolts } = this;
    const openVolts = voltsOf(string, 0);
    if (load === null || loadVolts(load, 0, thermalVolts) >= openVolts) {
      string.amps = 0;
      return openVolts;
    }
    const { count } = string;
    const { x } = risingRoot({
      valueAt: (amps) => loadVolts(load, count * amps, thermalVolts) - voltsOf(string, amps),
      slopeAt: (amps) =>
        count * loadDifferentialOhms(load, count * amps, thermalVolts) +
        differentialOhmsOf(string, amps),
      low: -Infinity,
      high: Infinity,
      start: string.amps,
      tolerance: TOLERANCE_VOLTS,
    });
    string.amps = x;
    return voltsOf(string, x);
  }

  private solveUnequal(load: Load): number {
    const { thermalVolts } = this;
    let slope = 1;
    const high = Math.max(0, ...this.strings.map((string) => voltsOf(string, 0)));
    const { x } = risingRoot({
      valueAt: (volts) => {
        const { given, siemens } = this.currentAtVolts(volts);
        const taken = Math.max(0, given);
        slope = loadDifferentialOhms(load, taken, thermalVolts) * siemens + 1;
        // In the current: the load's voltage at what the strings give, against their voltage.
        return volts - loadVolts(load, taken, thermalVolts);
      },
      slopeAt: () => slope,
      low: 0,
      high,
      start: Math.min(high, loadVolts(load, Math.max(0, this.amps), thermalVolts)),
      tolerance: 1e-9,
    });
    return x;
  }

  /** Nothing is connected: unequal strings settle where what one gives another takes. */
  private solveResting(): number {
    const open = this.strings.map((string) => voltsOf(string, 0));
    const [low, high] = [Math.min(...open), Math.max(...open)];
    let siemens = 1;
    const { x } = risingRoot({
      valueAt: (volts) => {
        const at = this.currentAtVolts(volts);
        siemens = at.siemens;
        return -at.given;
      },
      slopeAt: () => siemens,
      low,
      high,
      start: (low + high) / 2,
      tolerance: 1e-13,
    });
    return x;
  }

  /** Current of all strings whose ends stand at `volts`, and how fast it falls with them. */
  private currentAtVolts(volts: number): { given: number; siemens: number } {
    let given = 0;
    let siemens = 0;
    for (const string of this.strings) {
      const { x } = risingRoot({
        valueAt: (amps) => volts - voltsOf(string, amps),
        slopeAt: (amps) => differentialOhmsOf(string, amps),
        low: -Infinity,
        high: Infinity,
        start: string.amps,
        tolerance: TOLERANCE_VOLTS,
      });
      string.amps = x;
      given += string.count * x;
      siemens += string.count / differentialOhmsOf(string, x);
    }
    return { given, siemens };
  }
}

import { terminalVoltage } from '../chemistry/cellModel';
import { loadDifferentialOhms, loadVolts, type Load } from '../circuit/load/load';
import { addedOhms, DRY_BELOW, waterLeft, wettedShare, type QuasiSteady } from './ageingCell';
import type { CellLeft, DischargeEnd, DischargeInput, DischargeSample } from './dischargeRun';
import { groupIdenticalCells, STATES_OF_CELL } from './groupIdenticalCells';
import { risingRoot, slopeOf, voltsOf, type StringNow } from './stringNow';

const MAX_ITERATIONS = 100;
/** A cell counts as soaked after this many of its times. */
const SOAKED_AFTER = 5;

/** The circuit at a moment: which currents flow in which string. Keeps the last answer as the next start. */
export class RunningCircuit {
  private readonly thermalVolts: number;
  private readonly strings: readonly StringNow[];
  private readonly stringCount: number;
  /** Before that, cells that began dry give little because they still soak, not because they are spent. */
  private readonly soakedAfter: number;
  private load: Load | null;

  constructor({
    strings,
    load,
    thermalVolts,
  }: Omit<DischargeInput, 'seconds' | 'atSeconds' | 'leastAmps'>) {
    this.thermalVolts = thermalVolts;
    this.load = load;
    this.stringCount = strings.length;
    this.soakedAfter =
      SOAKED_AFTER * Math.max(0, ...strings.flat().map(({ soakSeconds }) => soakSeconds ?? 0));
    this.strings = groupIdenticalCells(strings).map((folded) => ({
      folded,
      count: folded.members.length,
      wetted: folded.curves.map(() => 1),
      ohms: 0,
      filmVolts: 0,
      amps: 1e-4,
    }));
  }

  /** What is connected from now on; `null`: nothing, the battery rests. */
  connect(load: Load | null): void {
    this.load = load;
  }

  /** A fresh battery's state. */
  fresh(): number[] {
    return this.strings.flatMap(({ folded }) =>
      folded.cells.flatMap(() => Array.from({ length: STATES_OF_CELL }, () => 0)),
    );
  }

  /** Longest time of the fast and of the slow film pairs, seconds. */
  filmSeconds(): { readonly fast: number; readonly slow: number } {
    const cells = this.strings.flatMap(({ folded }) => folded.cells.map(({ ageing }) => ageing));
    return {
      fast: Math.max(0, ...cells.map(({ fast }) => fast.seconds)),
      slow: Math.max(0, ...cells.map(({ slow }) => slow.seconds)),
    };
  }

  rates(seconds: number, state: readonly number[], settled: QuasiSteady): number[] {
    this.solve(seconds, state, settled);
    const rates = new Array<number>(state.length).fill(0);
    for (const { folded, amps } of this.strings) {
      for (const { ageing, at } of folded.cells) {
        const { fast, slow } = ageing;
        if (settled === 'none') rates[at] = (fast.ohms * amps - state[at]!) / fast.seconds;
        if (settled !== 'both') rates[at + 1] = (slow.ohms * amps - state[at + 1]!) / slow.seconds;
        rates[at + 2] = Math.max(0, amps) + ageing.parasiticAmps;
      }
    }
    return rates;
  }

  sample(seconds: number, state: readonly number[], settled: QuasiSteady): DischargeSample {
    const volts = this.solve(seconds, state, settled);
    const stringAmps = new Array<number>(this.stringCount).fill(0);
    for (const { folded, amps } of this.strings) {
      for (const member of folded.members) stringAmps[member] = amps;
    }
    const cellVolts = this.strings.flatMap(({ folded, amps }) =>
      folded.cells.map(({ ageing, at }) => {
        const wetted = wettedShare(ageing.soakSeconds, seconds);
        const films =
          (settled === 'none' ? state[at]! : 0) + (settled === 'both' ? 0 : state[at + 1]!);
        const ohms = addedOhms(ageing, seconds, settled);
        return terminalVoltage(ageing.cell, amps / wetted) - ohms * amps - films;
      }),
    );
    return { seconds, volts, amps: this.totalAmps(), stringAmps, cellVolts };
  }

  /** The state with the pairs that have caught up set to what the current makes of them. */
  settle(seconds: number, state: readonly number[], settled: QuasiSteady): number[] {
    this.solve(seconds, state, settled);
    const next = [...state];
    for (const { folded, amps } of this.strings) {
      for (const { ageing, at } of folded.cells) {
        if (settled !== 'none') next[at] = ageing.fast.ohms * amps;
        if (settled === 'both') next[at + 1] = ageing.slow.ohms * amps;
      }
    }
    return next;
  }

  /** Smallest of what is left: metal and water of each cell, current above the least; negative at the end. */
  remainingShare(
    seconds: number,
    state: readonly number[],
    settled: QuasiSteady,
    leastAmps: number,
  ): number {
    let least = Infinity;
    for (const { folded } of this.strings) {
      for (const { ageing, at } of folded.cells) {
        const metal = 1 - state[at + 2]! / ageing.metalCoulombs;
        least = Math.min(least, metal, waterLeft(ageing, seconds) - DRY_BELOW);
      }
    }
    if (leastAmps > 0 && this.load !== null && seconds >= this.soakedAfter) {
      this.solve(seconds, state, settled);
      least = Math.min(least, this.totalAmps() / leastAmps - 1);
    }
    return least;
  }

  endReason(seconds: number, state: readonly number[]): DischargeEnd {
    let end: DischargeEnd = { reason: 'too-little-current' };
    let least = 1e-6;
    for (const left of this.left(seconds, state)) {
      const water = left.waterShare - DRY_BELOW;
      if (Math.min(left.metalShare, water) >= least) continue;
      least = Math.min(left.metalShare, water);
      const reason = left.metalShare < water ? 'metal-used-up' : 'dried-out';
      end = { reason, string: left.strings[0] ?? 1, cell: left.cells[0] ?? 1 };
    }
    return end;
  }

  /** What each kind of cell has left, and when it would end if the current stayed as it is. */
  left(seconds: number, state: readonly number[]): CellLeft[] {
    return this.strings.flatMap(({ folded, amps }) =>
      folded.cells.map(({ ageing, places, at }): CellLeft => {
        const used = state[at + 2]!;
        const rate = Math.max(0, amps) + ageing.parasiticAmps;
        const metalUntil =
          rate > 0 ? seconds + Math.max(0, ageing.metalCoulombs - used) / rate : Infinity;
        const { dryingPerSecond } = ageing;
        const waterUntil = dryingPerSecond > 0 ? (1 - DRY_BELOW) / dryingPerSecond : Infinity;
        return {
          strings: folded.members.map((member) => member + 1),
          cells: places.map((place) => place + 1),
          metalShare: 1 - used / ageing.metalCoulombs,
          waterShare: waterLeft(ageing, seconds),
          endsSeconds: Math.min(metalUntil, waterUntil),
          endsBy: metalUntil < waterUntil ? 'metal-used-up' : 'dried-out',
        };
      }),
    );
  }

  private totalAmps(): number {
    let sum = 0;
    for (const { count, amps } of this.strings) sum += count * amps;
    return sum;
  }

  /** Brings what has built up beside the curves up to this moment. */
  private bringTo(seconds: number, state: readonly number[], settled: QuasiSteady): void {
    for (const string of this.strings) {
      const { cells, curves } = string.folded;
      let ohms = 0;
      let filmVolts = 0;
      for (const { ageing, times, at } of cells) {
        ohms += times * addedOhms(ageing, seconds, settled);
        if (settled === 'none') filmVolts += times * state[at]!;
        if (settled !== 'both') filmVolts += times * state[at + 1]!;
      }
      curves.forEach(({ soakSeconds }, index) => {
        string.wetted[index] = wettedShare(soakSeconds, seconds);
      });
      string.ohms = ohms;
      string.filmVolts = filmVolts;
    }
  }

  /** Finds the terminal volts at which the strings give what the load takes; fills the string currents. */
  private solve(seconds: number, state: readonly number[], settled: QuasiSteady): number {
    this.bringTo(seconds, state, settled);
    const [only] = this.strings;
    if (only === undefined) throw new Error('a battery has at least one string');
    if (this.strings.length === 1) return this.solveEqual(only);
    return this.load === null ? this.solveResting() : this.solveUnequal(this.load);
  }

  /** All strings are alike: one unknown current. */
  private solveEqual(string: StringNow): number {
    const { load, thermalVolts } = this;
    if (load === null) {
      string.amps = 0;
      return voltsOf(string, 0);
    }
    const gapAt = (amps: number): number =>
      loadVolts(load, string.count * amps, thermalVolts) - voltsOf(string, amps);
    if (gapAt(0) >= 0) {
      string.amps = 0;
      return voltsOf(string, 0);
    }
    const slopeAt = (amps: number): number =>
      string.count * loadDifferentialOhms(load, string.count * amps, thermalVolts) +
      slopeOf(string, amps);
    string.amps = risingRoot(gapAt, slopeAt, string.amps);
    return voltsOf(string, string.amps);
  }

  private solveUnequal(load: Load): number {
    const { thermalVolts } = this;
    let low = 0;
    let high = Math.max(0, ...this.strings.map((string) => voltsOf(string, 0)));
    const start = loadVolts(load, Math.max(0, this.totalAmps()), thermalVolts);
    let volts = Math.min(high, start);
    for (let iteration = 0; iteration < MAX_ITERATIONS; iteration += 1) {
      const { given, siemens } = this.currentAtVolts(volts);
      // In the current: the load's voltage at what the strings give, against their voltage.
      const gap = loadVolts(load, Math.max(0, given), thermalVolts) - volts;
      if (gap > 0) low = volts;
      else high = volts;
      if (Math.abs(gap) <= 1e-9 || high - low <= 1e-12) break;
      const slope = loadDifferentialOhms(load, Math.max(0, given), thermalVolts) * siemens + 1;
      const next = volts + gap / slope;
      volts = next > low && next < high ? next : (low + high) / 2;
    }
    return volts;
  }

  /** Nothing is connected: unequal strings settle where what one gives another takes. */
  private solveResting(): number {
    const open = this.strings.map((string) => voltsOf(string, 0));
    let low = Math.min(...open);
    let high = Math.max(...open);
    let volts = (low + high) / 2;
    for (let iteration = 0; iteration < MAX_ITERATIONS; iteration += 1) {
      const { given, siemens } = this.currentAtVolts(volts);
      if (given > 0) low = volts;
      else high = volts;
      if (Math.abs(given) <= 1e-13 || high - low <= 1e-12) break;
      const next = volts + given / siemens;
      volts = next > low && next < high ? next : (low + high) / 2;
    }
    return volts;
  }

  /** Current of all strings whose ends stand at `volts`, and how fast it falls with them. */
  private currentAtVolts(volts: number): { given: number; siemens: number } {
    let given = 0;
    let siemens = 0;
    for (const string of this.strings) {
      string.amps = risingRoot(
        (amps) => volts - voltsOf(string, amps),
        (amps) => slopeOf(string, amps),
        string.amps,
      );
      given += string.count * string.amps;
      siemens += string.count / slopeOf(string, string.amps);
    }
    return { given, siemens };
  }
}

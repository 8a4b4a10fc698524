import { loadSlopeOhms, loadVolts } from '../circuit/load/load';
import {
  ageingRates,
  ageingSlopeOhms,
  ageingVolts,
  DRY_BELOW,
  type AgeingCell,
  type CellState,
  type Settled,
} from './ageingCell';
import type { DischargeEnd, DischargeInput, DischargeSample } from './dischargeRun';

/** Numbers that describe one cell: two film voltages, metal used, water left. */
const STATES = 4;
const MOST_ITERATIONS = 100;

/** The circuit at a moment: which currents flow in which string. Keeps the last answer as the next start. */
export class RunningCircuit {
  private readonly input: DischargeInput;
  private readonly offsets: number[] = [];
  private readonly stringAmps: number[];

  constructor(input: DischargeInput) {
    this.input = input;
    let offset = 0;
    for (const string of input.strings) {
      this.offsets.push(offset);
      offset += STATES * string.length;
    }
    this.stringAmps = input.strings.map(() => 1e-4);
  }

  rates(state: readonly number[], settled: Settled): number[] {
    this.solve(state, settled);
    const rates = new Array<number>(state.length);
    this.eachCell((cell, at, string) => {
      const rate = ageingRates(cell, stateAt(state, at), settled, this.stringAmps[string]!);
      rates[at] = rate.fastVolts;
      rates[at + 1] = rate.slowVolts;
      rates[at + 2] = rate.usedCoulombs;
      rates[at + 3] = rate.water;
    });
    return rates;
  }

  sample(seconds: number, state: readonly number[], settled: Settled): DischargeSample {
    const volts = this.solve(state, settled);
    const stringAmps = [...this.stringAmps];
    return { seconds, volts, amps: stringAmps.reduce((sum, amps) => sum + amps, 0), stringAmps };
  }

  /** The state with the pairs that have caught up set to what the current makes of them. */
  settle(state: readonly number[], settled: Settled): number[] {
    this.solve(state, settled);
    const next = [...state];
    this.eachCell((cell, at, string) => {
      next[at] = cell.fast.ohms * this.stringAmps[string]!;
      if (settled === 'both') next[at + 1] = cell.slow.ohms * this.stringAmps[string]!;
    });
    return next;
  }

  /** Smallest of what is left: metal and water of each cell, current above the least; negative at the end. */
  reserve(state: readonly number[], settled: Settled): number {
    let least = Infinity;
    this.eachCell((cell, at) => {
      least = Math.min(least, 1 - state[at + 2]! / cell.metalCoulombs, state[at + 3]! - DRY_BELOW);
    });
    if (this.input.leastAmps > 0) {
      const { amps } = this.sample(0, state, settled);
      least = Math.min(least, amps / this.input.leastAmps - 1);
    }
    return least;
  }

  endReason(state: readonly number[]): DischargeEnd {
    let end: DischargeEnd = { reason: 'too-little-current' };
    let least = 1e-6;
    this.input.strings.forEach((cells, string) => {
      cells.forEach((cell, index) => {
        const at = this.offsets[string]! + STATES * index;
        const metal = 1 - state[at + 2]! / cell.metalCoulombs;
        const water = state[at + 3]! - DRY_BELOW;
        if (Math.min(metal, water) >= least) return;
        least = Math.min(metal, water);
        const reason = metal < water ? 'metal-used-up' : 'dried-out';
        end = { reason, string: string + 1, cell: index + 1 };
      });
    });
    return end;
  }

  private eachCell(visit: (cell: AgeingCell, at: number, string: number) => void): void {
    this.input.strings.forEach((cells, string) => {
      cells.forEach((cell, index) => visit(cell, this.offsets[string]! + STATES * index, string));
    });
  }

  /** Finds the terminal volts at which the strings give what the load takes; fills the string currents. */
  private solve(state: readonly number[], settled: Settled): number {
    const { load, thermalVolts, strings } = this.input;
    if (strings.length === 1) return this.solveOneString(state, settled);
    let low = 0;
    let high = 0;
    strings.forEach(
      (_, string) => (high = Math.max(high, this.stringVolts(state, settled, string, 0))),
    );
    let loadAmps = this.stringAmps.reduce((sum, amps) => sum + amps, 0);
    let volts = Math.min(high, Math.max(low, loadVolts(load, Math.max(0, loadAmps), thermalVolts)));
    for (let iteration = 0; iteration < MOST_ITERATIONS; iteration += 1) {
      let given = 0;
      let siemens = 0;
      for (let string = 0; string < strings.length; string += 1) {
        given += this.solveString(state, settled, string, volts);
        siemens += 1 / this.stringSlope(state, settled, string, this.stringAmps[string]!);
      }
      // In the current: the load's voltage at what the strings give, against their voltage.
      const gap = loadVolts(load, Math.max(0, given), thermalVolts) - volts;
      if (gap > 0) low = volts;
      else high = volts;
      if (Math.abs(gap) <= 1e-9 || high - low <= 1e-12) break;
      const slope = loadSlopeOhms(load, Math.max(0, given), thermalVolts) * siemens + 1;
      const next = volts + gap / slope;
      volts = next > low && next < high ? next : (low + high) / 2;
      loadAmps = given;
    }
    return volts;
  }

  private solveOneString(state: readonly number[], settled: Settled): number {
    const { load, thermalVolts } = this.input;
    const gapAt = (amps: number): number =>
      loadVolts(load, amps, thermalVolts) - this.stringVolts(state, settled, 0, amps);
    const slopeAt = (amps: number): number =>
      loadSlopeOhms(load, amps, thermalVolts) + this.stringSlope(state, settled, 0, amps);
    if (gapAt(0) >= 0) {
      this.stringAmps[0] = 0;
      return this.stringVolts(state, settled, 0, 0);
    }
    this.stringAmps[0] = risingRoot(gapAt, slopeAt, this.stringAmps[0]!);
    return this.stringVolts(state, settled, 0, this.stringAmps[0]);
  }

  /** Current of a string whose ends stand at `volts`. */
  private solveString(
    state: readonly number[],
    settled: Settled,
    string: number,
    volts: number,
  ): number {
    const amps = risingRoot(
      (at) => volts - this.stringVolts(state, settled, string, at),
      (at) => this.stringSlope(state, settled, string, at),
      this.stringAmps[string]!,
    );
    this.stringAmps[string] = amps;
    return amps;
  }

  private stringVolts(
    state: readonly number[],
    settled: Settled,
    string: number,
    amps: number,
  ): number {
    return this.sumOver(state, string, (cell, now) => ageingVolts(cell, now, settled, amps));
  }

  private stringSlope(
    state: readonly number[],
    settled: Settled,
    string: number,
    amps: number,
  ): number {
    return this.sumOver(state, string, (cell, now) => ageingSlopeOhms(cell, now, settled, amps));
  }

  private sumOver(
    state: readonly number[],
    string: number,
    valueOf: (cell: AgeingCell, now: CellState) => number,
  ): number {
    const cells = this.input.strings[string]!;
    let sum = 0;
    for (let index = 0; index < cells.length; index += 1) {
      sum += valueOf(cells[index]!, stateAt(state, this.offsets[string]! + STATES * index));
    }
    return sum;
  }
}

function stateAt(state: readonly number[], at: number): CellState {
  return {
    fastVolts: state[at]!,
    slowVolts: state[at + 1]!,
    usedCoulombs: state[at + 2]!,
    water: state[at + 3]!,
  };
}

/** Zero of a rising function, by Newton from a start that is close, kept inside a bracket that grows as needed. */
function risingRoot(
  valueAt: (x: number) => number,
  slopeAt: (x: number) => number,
  start: number,
): number {
  let low = -Infinity;
  let high = Infinity;
  let x = start;
  for (let iteration = 0; iteration < MOST_ITERATIONS; iteration += 1) {
    const value = valueAt(x);
    if (Math.abs(value) <= 1e-11) break;
    if (value > 0) high = x;
    else low = x;
    const next = x - value / slopeAt(x);
    if (next > low && next < high) x = next;
    else if (Number.isFinite(low) && Number.isFinite(high)) x = (low + high) / 2;
    else x = Number.isFinite(low) ? low + Math.abs(low) + 1e-6 : high - Math.abs(high) - 1e-6;
    if (high - low <= 1e-15 * Math.abs(x)) break;
  }
  return x;
}

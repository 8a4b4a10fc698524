import { SparseLdl } from '../sparse/sparseLdl';
import type { Branch } from './branch';
import type { TieForest } from './ties';

export interface NewtonOutcome {
  readonly status: 'solved' | 'singular' | 'not-converged';
  readonly iterations: number;
  /** Largest difference between a branch's voltage and its law, volts; where a current of nothing makes it is left out. */
  readonly residualVolts: number;
  /** Branch with that difference, or the one at a vanishing pivot; −1 where there is none. */
  readonly worstBranch: number;
  /** Volts of each group's first node. */
  readonly groupVolts: Float64Array;
  /** Amperes of every branch but the ties. */
  readonly branchAmps: Float64Array;
}

export const NEWTON_DEFAULTS = { maxIterations: 200, toleranceVolts: 1e-12 } as const;

/** A few units in the last place of a double. */
const ROUNDING = 8 * Number.EPSILON;
/** Currents are not told apart below this, amperes: a thousandth of what SPICE asks for (ABSTOL, 1 pA). */
const NOTHING_AMPS = 1e-15;
/** Longest search along one step; each try at least halves the bracket. */
const LINE_SEARCH_TRIES = 40;
/** A step is long enough once the slope along it has fallen to this share of its start. */
const LINE_SEARCH_SHARE = 0.1;

/**
 * Newton iteration in the branch currents. Each step replaces every curve by its tangent, which gives a symmetric
 * positive definite nodal matrix. All laws rise, so the currents that obey Kirchhoff's current law and minimise the
 * network's *content* (W. Millar, Phil. Mag. 42 (1951) 1150) are the solution; a step that overshoots that convex
 * minimum is shortened, which makes the iteration converge from any start.
 */
export function newton(branches: readonly Branch[], forest: TieForest): NewtonOutcome {
  const matrix = new NodalMatrix(branches, forest);
  let amps: Float64Array = Float64Array.from(branches, ({ law }) =>
    law.kind === 'curve' ? law.startAmps : 0,
  );
  for (let iteration = 1; ; iteration += 1) {
    const step = matrix.solveTangents(amps);
    if (step.singularBranch !== null) {
      return outcome('singular', iteration, Infinity, step.singularBranch, step.groupVolts, amps);
    }
    const { residual, branch, tolerable } = residualOf(branches, step.branchVolts, step.amps);
    if (tolerable) {
      return outcome('solved', iteration, residual, branch, step.groupVolts, step.amps);
    }
    if (iteration === NEWTON_DEFAULTS.maxIterations) {
      return outcome('not-converged', iteration, residual, branch, step.groupVolts, step.amps);
    }
    // The start does not obey Kirchhoff's current law, so the first step is taken whole.
    const length = iteration === 1 ? 1 : stepLength(branches, step.branchVolts, amps, step.amps);
    amps = length === 1 ? step.amps : mix(amps, step.amps, length);
  }
}

function curvesOf(branches: readonly Branch[]): number[] {
  return branches.flatMap(({ law }, index) => (law.kind === 'curve' ? [index] : []));
}

function outcome(
  status: NewtonOutcome['status'],
  iterations: number,
  residualVolts: number,
  worstBranch: number,
  groupVolts: Float64Array,
  branchAmps: Float64Array,
): NewtonOutcome {
  return { status, iterations, residualVolts, worstBranch, groupVolts, branchAmps };
}

function residualOf(
  branches: readonly Branch[],
  branchVolts: Float64Array,
  amps: Float64Array,
): { residual: number; branch: number; tolerable: boolean } {
  let residual = 0;
  let worst = -1;
  let tolerable = true;
  for (let index = 0; index < branches.length; index += 1) {
    const { law } = branches[index]!;
    if (law.kind !== 'curve') continue;
    const volts = branchVolts[index]!;
    const difference = Math.abs(law.voltsAt(amps[index]!) - volts);
    if (difference > NEWTON_DEFAULTS.toleranceVolts * (1 + Math.abs(volts))) {
      // On a steep curve the last digit of the current alone is worth more than the tolerance.
      const lastDigitVolts =
        law.differentialOhmsAt(amps[index]!) * Math.abs(amps[index]!) * ROUNDING;
      if (difference > lastDigitVolts) {
        // A diode behind an open joint: its current is nothing, its volts are what the others leave.
        if (isNothingOff(law, amps[index]!, volts)) continue;
        tolerable = false;
      }
    }
    if (difference > residual) {
      residual = difference;
      worst = index;
    }
  }
  return { residual, branch: worst, tolerable };
}

/** Whether the law's own current at these volts differs by nothing; laws rise, so it lies between the two tried. */
function isNothingOff(
  law: Extract<Branch['law'], { kind: 'curve' }>,
  amps: number,
  volts: number,
): boolean {
  return law.voltsAt(amps - NOTHING_AMPS) <= volts && volts <= law.voltsAt(amps + NOTHING_AMPS);
}

function mix(from: Float64Array, to: Float64Array, share: number): Float64Array {
  return from.map((value, index) => value + share * (to[index]! - value));
}

/**
 * Length of the step from `start` towards `end`: 1 unless the content rises again before its end, then a point close
 * to the minimum, found by bisection on the slope.
 */
function stepLength(
  branches: readonly Branch[],
  endVolts: Float64Array,
  start: Float64Array,
  end: Float64Array,
): number {
  const slopeAt = (share: number): number => {
    let slope = 0;
    for (let index = 0; index < branches.length; index += 1) {
      const { law } = branches[index]!;
      const change = end[index]! - start[index]!;
      if (law.kind === 'curve') {
        slope += (law.voltsAt(start[index]! + share * change) - endVolts[index]!) * change;
      } else if (law.kind === 'ohmic') {
        slope -= (1 - share) * law.ohms * change * change;
      }
    }
    return slope;
  };
  if (slopeAt(1) <= 0) return 1;
  const steepest = slopeAt(0);
  let low = 0;
  let high = 1;
  for (let tries = 0; tries < LINE_SEARCH_TRIES; tries += 1) {
    const middle = (low + high) / 2;
    const slope = slopeAt(middle);
    if (Math.abs(slope) <= LINE_SEARCH_SHARE * Math.abs(steepest)) return middle;
    if (slope > 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** The nodal matrix of the tangents: its pattern, and all that no current changes, are worked out once. */
class NodalMatrix {
  private readonly ldl: SparseLdl;
  /** Amperes into each row of what no current changes, and of everything. */
  private readonly fixedRight: Float64Array;
  private readonly right: Float64Array;
  /** Slots of a branch's two diagonal entries and its off-diagonal one; −1 where ground takes its place. */
  private readonly slots: Int32Array;
  private readonly branches: readonly Branch[];
  private readonly forest: TieForest;
  private readonly curves: readonly number[];
  /** Of each branch its resistance, and its volts where no current flows: of a curve those of its tangent. */
  private readonly ohms: Float64Array;
  private readonly restVolts: Float64Array;

  constructor(branches: readonly Branch[], forest: TieForest) {
    this.branches = branches;
    this.forest = forest;
    const unknowns = forest.groupCount - 1;
    const row = (node: number): number => forest.groupOfNode[node]! - 1;
    const conducting = branches.map(({ from, to, law }) =>
      law.kind === 'source' || row(from) === row(to) ? null : ([row(from), row(to)] as const),
    );
    const pairs = conducting.filter((pair) => pair !== null && pair[0] >= 0 && pair[1] >= 0);
    this.ldl = new SparseLdl(unknowns, pairs as (readonly [number, number])[]);
    this.right = new Float64Array(unknowns);
    this.slots = new Int32Array(3 * branches.length).fill(-1);
    conducting.forEach((pair, index) => {
      if (pair === null) return;
      const [from, to] = pair;
      if (from >= 0) this.slots[3 * index] = this.ldl.slot(from, from);
      if (to >= 0) this.slots[3 * index + 1] = this.ldl.slot(to, to);
      if (from >= 0 && to >= 0) this.slots[3 * index + 2] = this.ldl.slot(from, to);
    });
    this.ohms = new Float64Array(branches.length);
    this.restVolts = new Float64Array(branches.length);
    this.curves = curvesOf(branches);
    branches.forEach(({ law }, index) => {
      if (law.kind === 'source') this.feed(index, law.amps);
      else if (law.kind === 'ohmic') this.put(index, law.ohms, law.volts);
    });
    this.ldl.keep();
    this.fixedRight = this.right.slice();
  }

  /** One linear solve with every curve replaced by its tangent at `amps`. */
  solveTangents(amps: Float64Array): {
    groupVolts: Float64Array;
    branchVolts: Float64Array;
    amps: Float64Array;
    singularBranch: number | null;
  } {
    const { branches, forest, ldl, right } = this;
    ldl.clear();
    right.set(this.fixedRight);
    for (const index of this.curves) {
      const { law } = branches[index]!;
      if (law.kind !== 'curve') continue;
      const at = amps[index]!;
      const ohms = law.differentialOhmsAt(at);
      this.put(index, ohms, law.voltsAt(at) - ohms * at);
    }
    const badRow = ldl.factor();
    const groupVolts = new Float64Array(forest.groupCount);
    if (badRow >= 0) {
      const singularBranch = branches.findIndex(
        ({ from }) => forest.groupOfNode[from] === badRow + 1,
      );
      return { groupVolts, branchVolts: new Float64Array(branches.length), amps, singularBranch };
    }
    ldl.solve(right);
    groupVolts.set(right, 1);
    return { groupVolts, ...this.branchState(groupVolts), singularBranch: null };
  }

  /** Joins the ends of a branch by a resistance with volts behind it. */
  private put(index: number, ohms: number, restVolts: number): void {
    const { slots, ldl } = this;
    const { offsetVolts } = this.forest;
    const { from, to } = this.branches[index]!;
    this.ohms[index] = ohms;
    this.restVolts[index] = restVolts;
    const siemens = 1 / ohms;
    if (slots[3 * index]! >= 0) ldl.add(slots[3 * index]!, siemens);
    if (slots[3 * index + 1]! >= 0) ldl.add(slots[3 * index + 1]!, siemens);
    if (slots[3 * index + 2]! >= 0) ldl.add(slots[3 * index + 2]!, -siemens);
    this.feed(index, (offsetVolts[from]! - offsetVolts[to]! - restVolts) * siemens);
  }

  /** Takes a current out of the first end of a branch into the other. */
  private feed(index: number, amps: number): void {
    const { right } = this;
    const { groupOfNode } = this.forest;
    const { from, to } = this.branches[index]!;
    const fromRow = groupOfNode[from]! - 1;
    const toRow = groupOfNode[to]! - 1;
    if (fromRow >= 0) right[fromRow] = right[fromRow]! - amps;
    if (toRow >= 0) right[toRow] = right[toRow]! + amps;
  }

  private branchState(groupVolts: Float64Array): {
    branchVolts: Float64Array;
    amps: Float64Array;
  } {
    const { ohms, restVolts } = this;
    const { groupOfNode, offsetVolts } = this.forest;
    const branchVolts = new Float64Array(ohms.length);
    const amps = new Float64Array(ohms.length);
    for (let index = 0; index < ohms.length; index += 1) {
      const { from, to, law } = this.branches[index]!;
      const volts =
        groupVolts[groupOfNode[from]!]! -
        groupVolts[groupOfNode[to]!]! +
        (offsetVolts[from]! - offsetVolts[to]!);
      branchVolts[index] = volts;
      if (law.kind === 'source') amps[index] = law.amps;
      else if (law.kind !== 'tie') amps[index] = (volts - restVolts[index]!) / ohms[index]!;
    }
    return { branchVolts, amps };
  }
}

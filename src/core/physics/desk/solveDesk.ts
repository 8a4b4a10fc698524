import { cellAmpsAt, isLinearCell } from '../cell/cellModel';
import { gridCurve, linearizeAt } from '../circuit/battery/gridCurve';
import type { TheveninSource } from '../circuit/battery/theveninSource';
import { nodeAfter, stringName } from '../circuit/faults/batteryNetwork';
import { isLedLoad, type Load } from '../circuit/load/load';
import { solveNetwork, type NetworkOutcome } from '../circuit/network/solveNetwork';
import { theveninCurve, type SourceCurve } from '../circuit/battery/sourceCurve';
import { operatingPoint, type OperatingPoint } from '../circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { formatAmps } from '../../units';
import { cellsOf, specOf, type Desk, type EqualCells } from './desk';
import { deskNetwork, LOAD } from './deskNetwork';
import { reduceDesk, type ReducedDesk } from './reduceDesk';

/** Volts and amperes of one string. */
export interface StringState {
  /** Volts above the − end after each of its cells or groups, nothing connected. */
  readonly openVolts: readonly number[];
  /** The same with the load connected. */
  readonly loadedVolts: readonly number[];
  /** Current out of its + end under load, amperes; negative where the others drive it backwards. */
  readonly amps: number;
  /** The same with nothing connected. */
  readonly openAmps: number;
}

export interface DeskSolution {
  /** The whole battery as one source; on a curve, as it acts at the operating point. */
  readonly source: TheveninSource;
  readonly point: OperatingPoint;
  /** Through the load; 0 where none flows. */
  readonly amps: number;
  /** Across the load; the open-circuit volts where no current flows. */
  readonly volts: number;
  readonly strings: readonly StringState[];
  /** Strings that the others drive backwards, in words. */
  readonly warnings: readonly string[];
}

/** Currents smaller than this share of the largest count as none. */
const NOTHING_SHARE = 1e-3;
const NOTHING_AMPS = 1e-6;

/** Volts and currents everywhere on the desk, with the load and with nothing connected. */
export function solveDesk(desk: Desk, load: Load): DeskSolution {
  if (desk.grid !== null) return solveGrid(desk.grid, desk, load);
  const reduced = reduceDesk(desk);
  return reduced !== null && reduced.whole.emfVolts > 0 && reduced.whole.resistanceOhms > 0
    ? solveReduced(reduced, desk, load)
    : solveLaidOut(desk, load);
}

/** Current through the load and volts across it alone: of equal cells one equation, of a desk laid out by hand half the work. */
export function loadOnDesk(desk: Desk, load: Load): { amps: number; volts: number } {
  if (desk.grid !== null) return loadOnGrid(desk.grid, pointOf(curveOf(desk.grid), desk, load));
  if (reduceDesk(desk) !== null) return solveDesk(desk, load);
  const loaded = solved(solveNetwork(deskNetwork(desk, load)));
  return { amps: Math.max(0, loadAmps(load, loaded)), volts: loaded.nodeVolts['plus'] ?? 0 };
}

function loadOnGrid(
  { cell, cellsInSeries }: EqualCells,
  point: OperatingPoint,
): { amps: number; volts: number } {
  return point.status === 'solved'
    ? { amps: point.amps, volts: point.volts }
    : { amps: 0, volts: cellsInSeries * cell.model.emfVolts };
}

function curveOf({ cell, cellsInSeries, strings }: EqualCells): SourceCurve {
  return gridCurve(cell.model, cellsInSeries, strings);
}

/** Where nothing but local faults is wrong with straight cells, the short formulas hold for every string. */
function solveReduced(
  { places, strings, whole }: ReducedDesk,
  desk: Desk,
  load: Load,
): DeskSolution {
  const point = pointOf(theveninCurve(whole), desk, load);
  const through = point.status === 'solved' ? point.amps : 0;
  const amps = through > NOTHING_AMPS / 1000 ? through : 0;
  const volts = whole.emfVolts - through * whole.resistanceOhms;
  const states = strings.map(({ emfVolts, resistanceOhms }, index): StringState => {
    const ampsAt = (ends: number): number => (emfVolts - ends) / resistanceOhms;
    const stepsOf = (through: number): number[] => {
      let at = 0;
      return (places[index] ?? []).map(
        (place) => (at += place.emfVolts - through * place.resistanceOhms),
      );
    };
    const openAmps = ampsAt(whole.emfVolts);
    const loadedAmps = ampsAt(volts);
    return {
      openVolts: stepsOf(openAmps),
      loadedVolts: stepsOf(loadedAmps),
      amps: loadedAmps,
      openAmps,
    };
  });
  return {
    source: whole,
    point: amps > 0 ? point : { status: 'no-current', openVolts: whole.emfVolts },
    amps,
    volts: amps > 0 ? volts : whole.emfVolts,
    strings: states,
    warnings: warningsOf(states),
  };
}

function solveGrid(grid: EqualCells, desk: Desk, load: Load): DeskSolution {
  const { cell, cellsInSeries, strings } = grid;
  const { model } = cell;
  const curve = curveOf(grid);
  const point = pointOf(curve, desk, load);
  const { amps, volts } = loadOnGrid(grid, point);
  const emfVolts = cellsInSeries * model.emfVolts;
  // On a curve the internal resistance depends on the current: volts lost per ampere at this one.
  const resistanceOhms =
    isLinearCell(model) || !(amps > 0)
      ? (cellsInSeries / strings) * linearizeAt(model, 0).resistanceOhms
      : (emfVolts - curve.voltsAt(amps)) / amps;
  const stepsTo = (end: number): number[] =>
    Array.from({ length: cellsInSeries }, (_, index) => (end * (index + 1)) / cellsInSeries);
  const state: StringState = {
    openVolts: stepsTo(emfVolts),
    loadedVolts: stepsTo(volts),
    amps: amps / strings,
    openAmps: 0,
  };
  return {
    source: { emfVolts, resistanceOhms },
    point,
    amps,
    volts,
    strings: Array.from({ length: strings }, () => state),
    warnings: [],
  };
}

/** An LED the wrong way round carries nothing. */
function pointOf(curve: SourceCurve, { loadReversed }: Desk, load: Load): OperatingPoint {
  return loadReversed && isLedLoad(load)
    ? { status: 'no-current', openVolts: curve.voltsAt(0) }
    : operatingPoint(curve, load, ROOM_THERMAL_VOLTS);
}

function solveLaidOut(desk: Desk, load: Load): DeskSolution {
  const open = solved(solveNetwork(deskNetwork(desk, null)));
  const loaded = solved(solveNetwork(deskNetwork(desk, load)));
  const spec = specOf(desk);
  const voltsAfter = ({ nodeVolts }: Solved, string: number): number[] =>
    desk.strings[string - 1]?.map(
      (_, index) => nodeVolts[nodeAfter(spec, string, index + 1)] ?? 0,
    ) ?? [];
  const strings = desk.strings.map((_, index): StringState => {
    const name = stringName(index + 1);
    return {
      openVolts: voltsAfter(open, index + 1),
      loadedVolts: voltsAfter(loaded, index + 1),
      amps: loaded.componentAmps[name] ?? 0,
      openAmps: open.componentAmps[name] ?? 0,
    };
  });
  const openVolts = open.nodeVolts['plus'] ?? 0;
  const volts = loaded.nodeVolts['plus'] ?? 0;
  const through = loadAmps(load, loaded);
  const amps = through > NOTHING_AMPS / 1000 ? through : 0;
  const resistanceOhms = amps > 0 ? (openVolts - volts) / amps : tangentOhms(desk, openVolts);
  return {
    source: { emfVolts: openVolts, resistanceOhms },
    point:
      amps > 0
        ? {
            status: 'solved',
            volts,
            amps,
            iterations: loaded.iterations,
            residualVolts: loaded.residualVolts,
          }
        : { status: 'no-current', openVolts },
    amps,
    volts: amps > 0 ? volts : openVolts,
    strings,
    warnings: warningsOf(strings),
  };
}

type Solved = Extract<NetworkOutcome, { status: 'solved' }>;

/** A desk always has a solution: every branch has resistance, and everything hangs together. */
function solved(outcome: NetworkOutcome): Solved {
  if (outcome.status !== 'solved') {
    throw new Error(`the desk has no solution: ${outcome.status} ${outcome.components.join()}`);
  }
  return outcome;
}

function loadAmps(load: Load, { componentAmps }: Solved): number {
  const amps = componentAmps[LOAD] ?? 0;
  return load.kind === 'led' ? Math.max(0, amps) : amps;
}

/** Open volts over the current when shorted, where no current tells the resistance otherwise. */
function tangentOhms(desk: Desk, openVolts: number): number {
  const shorted = solved(solveNetwork(deskNetwork(desk, SHORT)));
  const amps = shorted.componentAmps[LOAD] ?? 0;
  return amps > 0 ? openVolts / amps : Infinity;
}

/** As good as a short for cells of an ohm and more. */
const SHORT: Load = { kind: 'resistor', ohms: 1e-6 };

function warningsOf(strings: readonly StringState[]): string[] {
  const warnings: string[] = [];
  const say = (currents: readonly number[], when: string): void => {
    const most = Math.max(...currents.map(Math.abs));
    currents.forEach((amps, index) => {
      if (amps > -Math.max(NOTHING_AMPS, NOTHING_SHARE * most)) return;
      const strongest = currents.indexOf(Math.max(...currents)) + 1;
      warnings.push(
        `String ${strongest} pushes ${formatAmps(-amps)} back through string ${index + 1} ${when}.`,
      );
    });
  };
  const loaded = strings.map(({ amps }) => amps);
  say(loaded, 'even while the load runs');
  if (warnings.length === 0) {
    say(
      strings.map(({ openAmps }) => openAmps),
      'while nothing is connected: the battery runs down by itself',
    );
  }
  return warnings;
}

/** Current of the battery shorted, amperes. */
export function deskShortAmps(desk: Desk): number {
  if (desk.grid !== null) return desk.grid.strings * cellAmpsAt(desk.grid.cell.model, 0);
  const reduced = reduceDesk(desk);
  return reduced === null
    ? (solved(solveNetwork(deskNetwork(desk, SHORT))).componentAmps[LOAD] ?? 0)
    : reduced.whole.emfVolts / reduced.whole.resistanceOhms;
}

/** Points of the battery's curve from nothing connected to shorted: volts and amperes. */
export function deskCurve(desk: Desk, points: number): { volts: number; amps: number }[] {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    return Array.from({ length: points + 1 }, (_, index) => {
      const cellVolts = cell.model.emfVolts * (1 - index / points);
      return {
        volts: cellsInSeries * cellVolts,
        amps: strings * cellAmpsAt(cell.model, cellVolts),
      };
    });
  }
  const open = solved(solveNetwork(deskNetwork(desk, null))).nodeVolts['plus'] ?? 0;
  if (cellsOf(desk).every(({ model }) => isLinearCell(model))) {
    // Straight cells make a straight battery, whatever its shape and whatever leaks.
    const shortAmps = deskShortAmps(desk);
    return Array.from({ length: points + 1 }, (_, index) => ({
      volts: open * (1 - index / points),
      amps: (shortAmps * index) / points,
    }));
  }
  const ohms = Math.max(1e-3, tangentOhms(desk, open));
  const solves = Math.min(points, solvesFor(cellsOf(desk).length));
  const curve = Array.from({ length: solves }, (_, index) => {
    // Resistors from far above to far below the battery's own resistance.
    const load = ohms * 10 ** (2 - (4 * index) / (solves - 1));
    const { nodeVolts } = solved(solveNetwork(deskNetwork(desk, { kind: 'resistor', ohms: load })));
    const volts = nodeVolts['plus'] ?? 0;
    return { volts, amps: volts / load };
  });
  return [{ volts: open, amps: 0 }, ...curve];
}

/** Points that are solved one by one: the fewer, the more cells there are, so that a picture keeps up with an edit. */
function solvesFor(cells: number): number {
  return Math.max(10, Math.min(40, Math.round(1500 / cells)));
}

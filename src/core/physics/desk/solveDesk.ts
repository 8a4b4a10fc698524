import {
  type DeskSolution,
  solveNetworkOfDesk,
  loadOnNetwork,
  NOTHING_AMPS,
  type StringState,
  shortAmpsOnNetwork,
  openVoltsOnNetwork,
} from './deskNetwork';
import { pointOnSource } from '../circuit/operatingPoint';
import { cellAmpsAt, isLinearCell } from '../cell/cellModel';
import {
  gridCurve,
  linearizeAt,
  type SourceCurve,
  theveninCurve,
} from '../circuit/battery/sourceCurve';
import type { Load } from '../circuit/load/load';
import { formatAmps } from '../../units';
import { cellsOf, type Desk, type EqualCells } from './desk';
import { reduceDesk, type ReducedDesk } from './reduceDesk';

/** Currents smaller than this share of the largest count as none. */
const NOTHING_SHARE = 1e-3;

/** Volts and currents everywhere on the desk, with the load and with nothing connected. */
export function solveDesk(desk: Desk, load: Load): DeskSolution {
  if (desk.grid !== null) return solveGrid(desk.grid, desk, load);
  const reduced = reduceDesk(desk);
  return reduced !== null && reduced.whole.emfVolts > 0 && reduced.whole.resistanceOhms > 0
    ? solveReduced(reduced, desk, load)
    : withWarnings(solveNetworkOfDesk(desk, load));
}

/** Current through the load and volts across it alone: of equal cells one equation, of a desk laid out by hand half the work. */
export function loadOnDesk(desk: Desk, load: Load): { amps: number; volts: number } {
  if (desk.grid !== null) {
    const point = pointOnSource(curveOf(desk.grid), load, desk.loadReversed);
    return point.status === 'solved' ? point : { amps: 0, volts: openVoltsOf(desk.grid) };
  }
  return reduceDesk(desk) === null ? loadOnNetwork(desk, load) : solveDesk(desk, load);
}

function openVoltsOf({ cell, cellsInSeries }: EqualCells): number {
  return cellsInSeries * cell.model.emfVolts;
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
  const point = pointOnSource(theveninCurve(whole), load, desk.loadReversed);
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
  const point = pointOnSource(curve, load, desk.loadReversed);
  const emfVolts = openVoltsOf(grid);
  const amps = point.status === 'solved' ? point.amps : 0;
  const volts = point.status === 'solved' ? point.volts : emfVolts;
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

function withWarnings(solution: Omit<DeskSolution, 'warnings'>): DeskSolution {
  return { ...solution, warnings: warningsOf(solution.strings) };
}

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
    ? shortAmpsOnNetwork(desk)
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
  const open = openVoltsOnNetwork(desk);
  if (cellsOf(desk).every(({ model }) => isLinearCell(model))) {
    // Straight cells make a straight battery, whatever its shape and whatever leaks.
    const shortAmps = deskShortAmps(desk);
    return Array.from({ length: points + 1 }, (_, index) => ({
      volts: open * (1 - index / points),
      amps: (shortAmps * index) / points,
    }));
  }
  const ohms = Math.max(1e-3, open / shortAmpsOnNetwork(desk));
  const solves = Math.min(points, solvesFor(cellsOf(desk).length));
  const curve = Array.from({ length: solves }, (_, index) => {
    // Resistors from far above to far below the battery's own resistance.
    const load = ohms * 10 ** (2 - (4 * index) / (solves - 1));
    const { volts } = loadOnNetwork(desk, { kind: 'resistor', ohms: load });
    return { volts, amps: volts / load };
  });
  return [{ volts: open, amps: 0 }, ...curve];
}

/** Points that are solved one by one: the fewer, the more cells there are, so that a picture keeps up with an edit. */
function solvesFor(cells: number): number {
  return Math.max(10, Math.min(40, Math.round(1500 / cells)));
}

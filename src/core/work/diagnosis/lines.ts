import {
  cellAmpsAt,
  type CellModel,
  isLinearCell,
  terminalVoltage,
} from '../../physics/cell/cellModel';
import type { SpecCell, SpecItem } from '../../physics/circuit/faults/batterySpec';

/** Share of the short-circuit current below which a curve’s line is no longer followed. */
const LEAST_SHARE = 0.01;

/** Resistance of the line from a cell’s open-circuit volts to its short-circuit current, ohms. */
export function chordOhms(model: CellModel): number {
  if (isLinearCell(model)) return model.resistanceOhms;
  const amps = cellAmpsAt(model, 0);
  return amps > 0 ? model.emfVolts / amps : model.resistanceOhms;
}

/**
 * The line from a cell’s open-circuit volts to its curve at a current: right with nothing connected, and there.
 * @param amps current in the cell, amperes; `null`: its short-circuit current.
 */
function lineAt(model: CellModel, amps: number | null): CellModel {
  if (isLinearCell(model)) return model;
  const { emfVolts } = model;
  const short = cellAmpsAt(model, 0);
  if (!(short > 0)) return { emfVolts, resistanceOhms: model.resistanceOhms };
  const at = amps === null ? short : Math.max(LEAST_SHARE * short, Math.min(Math.abs(amps), short));
  return { emfVolts, resistanceOhms: (emfVolts - terminalVoltage(model, at)) / at };
}

/** The same cells as lines. A dry cell’s curve is that of its larger resistance. */
export function asLines(items: readonly SpecItem[], amps: number | null): SpecItem[] {
  return items.map((item): SpecItem => {
    if (!('strings' in item)) return lineOf(item, amps);
    const share = amps === null ? null : amps / item.strings.length;
    return { strings: item.strings.map((cells) => asLines(cells, share)) };
  });
}

function lineOf(item: SpecCell, amps: number | null): SpecCell {
  if (isLinearCell(item.cell)) return item;
  const dry = item.faults.find((fault) => fault.kind === 'dry');
  const factor = dry?.kind === 'dry' ? dry.factor : 1;
  const resistanceOhms = item.cell.resistanceOhms * factor;
  return {
    ...item,
    cell: lineAt({ ...item.cell, resistanceOhms }, amps),
    faults: item.faults.filter((fault) => fault !== dry),
  };
}

/** Whether any cell is a curve. */
export function hasCurves(items: readonly SpecItem[]): boolean {
  return items.some((item) =>
    'strings' in item ? item.strings.some(hasCurves) : !isLinearCell(item.cell),
  );
}

/** Step of the logarithm of currents that lines are drawn for. */
const AMPS_STEP_LOG = 0.02;

/** Lines for currents so near each other are as good as one, so that strings which a hypothesis leaves alone are solved once. */
export function nearby(amps: number): number {
  return Math.exp(AMPS_STEP_LOG * Math.round(Math.log(Math.abs(amps)) / AMPS_STEP_LOG));
}

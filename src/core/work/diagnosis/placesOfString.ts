import type { CellModel } from '../../physics/cell/cellModel';
import type { BenchPlace } from './judgeReadings';
import { cellsOf, withoutFaults, type Desk } from '../../physics/desk/desk';
import { solveDesk } from '../../physics/desk/solveDesk';

/**
 * What each place of a string should add with nothing connected, volts, and the most it could, with everything that
 * is wrong on purpose taken out: how the string is meant.
 */
export function placesOfString(
  desk: Desk,
  string: number,
): { readonly places: BenchPlace[]; readonly firstCell: CellModel } {
  const items = withoutFaults(desk).strings[string] ?? [];
  const [first] = cellsOf({ strings: [items] });
  if (first === undefined) throw new Error(`the desk has no string ${string}`);
  const alone = { strings: [items], loadReversed: false, grid: null };
  // Any load will do: the open-circuit volts are read.
  const { strings } = solveDesk(alone, { kind: 'resistor', ohms: 1e9 });
  const openVolts = strings[0]?.openVolts ?? [];
  const places = items.map((item, index) => {
    const cells = item.kind === 'cell' ? [[item]] : item.strings;
    const ceilings = cells.map((one) =>
      one.reduce((sum, { recipe }) => sum + recipe.ceilingVolts, 0),
    );
    return {
      emfVolts: (openVolts[index] ?? 0) - (openVolts[index - 1] ?? 0),
      ceilingVolts: Math.max(...ceilings),
    };
  });
  return { places, firstCell: first.model };
}

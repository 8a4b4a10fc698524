import { cellAmpsAt } from '../../physics/cell/cellModel';
import { conductivity } from '../../physics/cell/conductivity';
import { maxPowerWatts } from '../../physics/cell/maxPower';
import { gridDesk, type Desk, type StandingCell } from '../../physics/desk/desk';
import { deskShortAmps, solveDesk } from '../../physics/desk/solveDesk';
import { formatAmps, formatNumber, formatVolts, formatWatts } from '../../units';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { Explanation } from './explain';

interface Given {
  readonly cell: PlannedCell;
  readonly wiring: { readonly cellsInSeries: number };
}

/** So high a resistance that the battery does not notice it. */
const VOLTMETER = { kind: 'resistor', ohms: 10e6 } as const;

/** “All pairs in one fruit add up”: the string of the plan, each pair in its own body and all in one. */
export function pairsInOneBody({ cell, wiring }: Given): Explanation {
  const pairs = Math.max(2, wiring.cellsInSeries);
  const apart = gridDesk(cell, pairs, 1);
  const together = allInOneBody(apart);
  const read = (desk: Desk): string =>
    `${formatVolts(solveDesk(desk, VOLTMETER).source.emfVolts)} with nothing connected, ${formatAmps(deskShortAmps(desk))} shorted`;
  return {
    title: 'Pairs in one body do not add up in series',
    lines: [
      `${pairs} pairs, each in its own ${cell.body.name}: ${read(apart)}.`,
      `The same ${pairs} pairs in one ${cell.body.name}, wired “in series”: ${read(together)}.`,
      'The liquid joins all the metals inside, so each link between two pairs is shorted through it: one body of electrolyte is one cell. Side by side the pairs do add up, in current.',
    ],
    origin: 'Solved as a network in which all electrodes of a body see one electrolyte.',
    sources: ['cell-readings', 'faults'],
  };
}

/** “Volts × amps is the power”: the two readings never occur together. */
export function voltsTimesAmps({ cell }: Given): Explanation {
  const { model } = cell;
  const shortAmps = cellAmpsAt(model, 0);
  const product = model.emfVolts * shortAmps;
  const most = maxPowerWatts(model);
  return {
    title: 'You cannot multiply these two readings',
    lines: [
      `One cell reads ${formatVolts(model.emfVolts)} with nothing connected and ${formatAmps(shortAmps)} shorted. Multiplied: ${formatWatts(product)}.`,
      `But with nothing connected there is no current, and shorted there are no volts. The most it ever gives is ${formatWatts(most)}, ${formatNumber(product / most, 2)} times less.`,
      'For an ideal source with resistance it is exactly a quarter: E² ÷ 4r, at half the open-circuit voltage.',
    ],
    origin: 'The cell’s own curve; the greatest product of volts and amps along it.',
    sources: ['cell-readings'],
  };
}

/** “The largest cell wins in parallel”: a strong string beside one of half its cells. */
export function largestWins({ cell, wiring }: Given): Explanation {
  const long = Math.max(2, wiring.cellsInSeries);
  const short = Math.max(1, Math.floor(long / 2));
  const [first = []] = gridDesk(cell, long, 1).strings;
  const [second = []] = gridDesk(cell, short, 2).strings.slice(1);
  const desk: Desk = { strings: [first, second], loadReversed: false, grid: null };
  const solution = solveDesk(desk, VOLTMETER);
  return {
    title: 'In parallel the largest does not win',
    lines: [
      `${long} cells in series alone: ${formatVolts(long * cell.model.emfVolts)}. ${short} in series alone: ${formatVolts(short * cell.model.emfVolts)}.`,
      `Side by side they settle at ${formatVolts(solution.source.emfVolts)}, in between: each string counts by how easily it gives current (Millman: Σ(E ÷ r) ÷ Σ(1 ÷ r)).`,
      `Meanwhile ${formatAmps(Math.abs(solution.strings[1]?.openAmps ?? 0))} runs backwards through the weaker string, with nothing connected: the stronger one empties itself. Only join strings that are alike.`,
    ],
    origin: 'Solved as a network; Millman’s theorem (Proc. IRE 28 (1940) 413).',
    sources: ['cell-readings'],
  };
}

/** “Salt kills the acid”: what it does to the conductivity instead. */
export function saltKillsAcid(): Explanation {
  const vinegar = 10 * conductivity('acetic acid', 5).siemensPerMetre;
  const brine = 10 * conductivity('NaCl', 10).siemensPerMetre;
  return {
    title: 'Ordinary salt does not neutralise an acid',
    lines: [
      'Neutralising takes a base, such as baking soda. Table salt only falls apart into its ions; the acid stays as sour as it was.',
      `Vinegar of 5 % conducts about ${formatNumber(vinegar, 2)} mS/cm; with a tenth of salt in it about ${formatNumber(brine, 2)} mS/cm, a hundred times more.`,
      'So salt and acid together are the usual best: the salt carries the current, the acid keeps the zinc clean.',
    ],
    origin:
      'Conductivities: CRC Handbook, “Electrical Conductivity of Aqueous Solutions”, from memory.',
    sources: ['conductivity'],
  };
}

function allInOneBody(desk: Desk): Desk {
  const shared = (cell: StandingCell): StandingCell => ({ ...cell, sharedBody: 'one' });
  return {
    ...desk,
    grid: null,
    strings: desk.strings.map((items) =>
      items.map((item) => (item.kind === 'cell' ? shared(item) : item)),
    ),
  };
}

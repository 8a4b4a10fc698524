import { isLinearCell, LIMIT_KNEE, type CellModel } from '../../cell/cellModel';
import { COLD_SHARE, type BulbModel } from '../load/bulb';
import { DEVICE_STEEPNESS } from '../load/device';
import type { NetworkComponent, NetworkDocument } from '../network/networkSchema';
import { solveNetwork } from '../network/solveNetwork';

/** A SPICE deck and how its short names belong to the network's. */
export interface Netlist {
  readonly text: string;
  /** Network node → name in the deck. */
  readonly nodeNames: ReadonlyMap<string, string>;
  /**
   * Component → voltage source of the deck through which its current can be read, and the sign that turns the
   * source's current into the component's. Only where there is such a source.
   */
  readonly currentProbes: ReadonlyMap<string, { readonly source: string; readonly sign: 1 | -1 }>;
}

/** Tight enough to compare to a millionth and better; junctions without the usual leakage. */
const OPTIONS = 'reltol=1e-9 abstol=1e-16 vntol=1e-12 gmin=1e-15 itl1=500';

/**
 * The network as a netlist for ngspice: an operating point whose node voltages and source currents are printed.
 * Curves that SPICE has no element for become behavioural sources of the same formula. The simulator often fails to
 * find the point of such sources from nothing, so with them Grozer's node voltages are handed over as a first guess
 * (`.nodeset`); without them a guess would only do harm.
 */
export function netlistOf(network: NetworkDocument, title = 'Grozer network'): Netlist {
  const nodeNames = new Map<string, string>([['0', '0']]);
  const currentProbes = new Map<string, { source: string; sign: 1 | -1 }>();
  const deck = new DeckWriter(nodeNames, currentProbes);
  network.components.forEach((component, index) => deck.write(component, index + 1));
  const { temperatureCelsius } = network;
  const names = [...nodeNames].map(([node, name]) => `* node ${name} is ${oneLine(node)}`);
  const prints = [
    ...[...nodeNames.values()].filter((name) => name !== '0').map((name) => `print v(${name})`),
    ...[...currentProbes.values()].map(({ source }) => `print i(${source})`),
  ];
  const text = [
    `* ${oneLine(title)}`,
    ...names,
    ...deck.lines,
    ...(hasCurve(network) ? guesses(network, nodeNames) : []),
    `.options ${OPTIONS} temp=${temperatureCelsius} tnom=${temperatureCelsius}`,
    '.control',
    'set numdgt=15',
    'op',
    ...prints,
    '.endc',
    '.end',
    '',
  ].join('\n');
  return { text, nodeNames, currentProbes };
}

class DeckWriter {
  readonly lines: string[] = [];
  private readonly nodeNames: Map<string, string>;
  private readonly probes: Map<string, { source: string; sign: 1 | -1 }>;

  constructor(
    nodeNames: Map<string, string>,
    probes: Map<string, { source: string; sign: 1 | -1 }>,
  ) {
    this.nodeNames = nodeNames;
    this.probes = probes;
  }

  write(component: NetworkComponent, number: number): void {
    this.lines.push(`* ${component.type} ${oneLine(component.name)}`);
    switch (component.type) {
      case 'cell':
        this.writeCell(component, number);
        break;
      case 'resistor':
        // SPICE takes a resistor of 0 Ω for a slip; a source of 0 V joins the nodes.
        if (component.resistanceOhms === 0) this.writeAmmeter(component, number);
        else this.line(`R${number}`, component.a, component.b, value(component.resistanceOhms));
        break;
      case 'led':
        this.line(`D${number}`, component.anode, component.cathode, `led${number}`);
        this.lines.push(
          `.model led${number} D(IS=${value(component.saturationAmps)} N=${value(component.idealityFactor)} RS=${value(component.seriesOhms)})`,
        );
        break;
      case 'currentSource':
        this.line(`I${number}`, component.from, component.to, `DC ${value(component.amps)}`);
        break;
      case 'ammeter':
        this.writeAmmeter(component, number);
        break;
      case 'capacitor':
        this.line(
          `C${number}`,
          component.a,
          component.b,
          `${value(component.farads)} IC=${value(component.initialVolts)}`,
        );
        break;
      case 'bulb':
        this.writeBulb(component, number);
        break;
      case 'device': {
        const volts = `v(${this.node(component.plus)},${this.node(component.minus)})`;
        const share = `${volts}/${value(component.leastVolts)}`;
        this.line(
          `B${number}`,
          component.plus,
          component.minus,
          `I=${value(component.amps)}*(${share}<1 ? ${share} : 1+(${share}-1)/${value(DEVICE_STEEPNESS)})`,
        );
        break;
      }
    }
  }

  private writeCell(cell: Extract<NetworkComponent, { type: 'cell' }>, number: number): void {
    const loss = lossFormula(cell, `(-i(V${number}))`);
    const { afterSource, afterLoss } = innerNodes(number);
    const end = cell.plus;
    const sourceEnd = loss === null && cell.resistanceOhms === 0 ? end : afterSource;
    this.line(`V${number}`, sourceEnd, cell.minus, `DC ${value(cell.emfVolts)}`);
    this.probes.set(cell.name, { source: `V${number}`, sign: -1 });
    const lossEnd = cell.resistanceOhms === 0 ? end : afterLoss;
    if (loss !== null) this.line(`B${number}`, afterSource, lossEnd, `V=${loss}`);
    if (cell.resistanceOhms > 0) {
      this.line(
        `R${number}`,
        loss === null ? afterSource : afterLoss,
        end,
        value(cell.resistanceOhms),
      );
    }
  }

  private writeAmmeter(component: { name: string; a: string; b: string }, number: number): void {
    this.line(`V${number}`, component.a, component.b, 'DC 0');
    this.probes.set(component.name, { source: `V${number}`, sign: 1 });
  }

  private writeBulb(
    bulb: BulbModel & { name: string; a: string; b: string },
    number: number,
  ): void {
    const sensed = `bulb ${number} sensed`;
    const amps = `i(V${number})`;
    const hotOhms = value(bulb.ratedVolts / bulb.ratedAmps);
    this.line(`V${number}`, bulb.a, sensed, 'DC 0');
    this.line(
      `B${number}`,
      sensed,
      bulb.b,
      `V=${hotOhms}*(${COLD_SHARE}+${value((1 - COLD_SHARE) / bulb.ratedAmps)}*abs(${amps}))*${amps}`,
    );
    this.probes.set(bulb.name, { source: `V${number}`, sign: 1 });
  }

  private line(name: string, from: string, to: string, rest: string): void {
    this.lines.push(`${name} ${this.node(from)} ${this.node(to)} ${rest}`);
  }

  private node(name: string): string {
    const known = this.nodeNames.get(name);
    if (known !== undefined) return known;
    const made = `n${this.nodeNames.size}`;
    this.nodeNames.set(name, made);
    return made;
  }
}

function hasCurve(network: NetworkDocument): boolean {
  return network.components.some(
    (component) => component.type === 'cell' && !isLinearCell(component),
  );
}

/** First guesses for all nodes, those between the elements of one cell included. */
function guesses(network: NetworkDocument, nodeNames: ReadonlyMap<string, string>): string[] {
  const solved = solveNetwork(network);
  if (solved.status !== 'solved') return [];
  const { nodeVolts, componentAmps } = solved;
  const volts = new Map(Object.entries(nodeVolts));
  network.components.forEach((component, index) => {
    if (component.type !== 'cell') return;
    const names = innerNodes(index + 1);
    const amps = componentAmps[component.name] ?? 0;
    volts.set(names.afterSource, (nodeVolts[component.minus] ?? 0) + component.emfVolts);
    volts.set(names.afterLoss, (nodeVolts[component.plus] ?? 0) + amps * component.resistanceOhms);
  });
  return [...nodeNames]
    .filter(([node, name]) => name !== '0' && volts.has(node))
    .map(([node, name]) => `.nodeset v(${name})=${value(volts.get(node) ?? 0)}`);
}

/** Names of the nodes between the elements that make up a cell. */
function innerNodes(number: number): { afterSource: string; afterLoss: string } {
  return { afterSource: `cell ${number} source`, afterLoss: `cell ${number} loss` };
}

/**
 * Loss beyond the ohmic one as a formula of a current, or `null` for a straight line. The odd extension is written as
 * the difference of both directions: `sgn` and `abs` have no slope at zero, which would stop the simulator's Newton.
 */
function lossFormula(cell: CellModel, amps: string): string | null {
  if (cell.activation === undefined && cell.limitingAmps === undefined) return null;
  return `${oneWayLoss(cell, `max(${amps},0)`)}-${oneWayLoss(cell, `max(-(${amps}),0)`)}`;
}

function oneWayLoss(cell: CellModel, amps: string): string {
  const terms: string[] = [];
  if (cell.activation !== undefined) {
    const { slopeVolts, exchangeAmps } = cell.activation;
    terms.push(`${value(slopeVolts)}*ln(1+${amps}/${value(exchangeAmps)})`);
  }
  if (cell.limitingAmps !== undefined) {
    const size = value(cell.concentrationVolts ?? 0);
    const share = `${amps}/${value(cell.limitingAmps)}`;
    const knee = value(LIMIT_KNEE);
    const steep = value(1 / (1 - LIMIT_KNEE));
    terms.push(`${size}*(-ln(1-min(${share},${knee}))+max(${share}-${knee},0)*${steep})`);
  }
  return `(${terms.join('+')})`;
}

/** A number as SPICE reads it: an exponent, never a unit suffix. */
function value(number: number): string {
  return number.toExponential(16).replace('e+', 'e');
}

/** Names may hold anything; a comment must stay on its line. */
function oneLine(text: string): string {
  return text.replace(/[\r\n]+/g, ' ');
}

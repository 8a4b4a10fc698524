import { bandOf } from '../../physics/readings/cellBelief';
import { inWords } from '../../words';
import { quantileOfSorted } from '../../numeric/robust';
import { originWords } from '../../records/school/schoolWords';
import { isLinearCell } from '../../physics/cell/cellModel';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { SourceId } from '../../sourceIds';
import { maxPowerOfDesk } from '../../physics/desk/maxPowerOfDesk';
import {
  formatAmps,
  formatCount,
  formatMinutes,
  formatNumber,
  formatOhms,
  formatVolts,
  formatWatts,
} from '../../units';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import { basisWording, outOfHundred } from '../judging/verdict';

/** The sum behind a figure, line by line, and where its inputs come from. */
export interface Explanation {
  readonly title: string;
  readonly lines: readonly string[];
  readonly origin: string;
  /** Groups of constants that it rests on, to be looked up. */
  readonly sources: readonly SourceId[];
}

/** Open-circuit volts of the battery. */
export function explainOpenVolts(evaluation: PlanEvaluation): Explanation {
  const { cell, wiring, source, desk } = evaluation;
  if (desk.grid === null) return explainLaidOut(evaluation, 'Open-circuit voltage');
  return {
    title: 'Open-circuit voltage',
    lines: [
      'Cells in series add their volts; strings side by side do not.',
      `${wiring.cellsInSeries} × ${formatVolts(cell.model.emfVolts)} = ${formatVolts(source.emfVolts)}`,
    ],
    origin: originOfCell(evaluation),
    sources: sourcesOfCell(evaluation),
  };
}

/** A battery laid out by hand has no short formula: the network solver is named, with what each string gives. */
function explainLaidOut(evaluation: PlanEvaluation, title: string): Explanation {
  const { source, strings, amps, volts } = evaluation;
  return {
    title,
    lines: [
      'Laid out by hand: Kirchhoff’s laws are solved for every cell and joint.',
      ...strings.map(
        (string, index) =>
          `String ${index + 1}: ${formatVolts(string.openVolts.at(-1) ?? 0)} with nothing connected, ${formatAmps(string.amps)} under load.`,
      ),
      `With nothing connected: ${formatVolts(source.emfVolts)}. With the load: ${formatVolts(volts)} at ${formatAmps(amps)}, so ${formatOhms(source.resistanceOhms)} inside.`,
    ],
    origin: originOfCell(evaluation),
    sources: sourcesOfCell(evaluation),
  };
}

/** Internal resistance of the battery. */
export function explainResistance(evaluation: PlanEvaluation): Explanation {
  const { cell, wiring, source, amps, volts, desk } = evaluation;
  if (desk.grid === null) return explainLaidOut(evaluation, 'Internal resistance');
  if (!isLinearCell(cell.model)) {
    return {
      title: 'Internal resistance',
      lines: [
        'A cell follows a polarisation curve, so its resistance depends on the current.',
        flows(evaluation)
          ? `At ${formatAmps(amps)}: (${formatVolts(source.emfVolts)} − ${formatVolts(volts)}) ÷ ${formatAmps(amps)} = ${formatOhms(source.resistanceOhms)}`
          : `Nothing flows now; the first trace of a current would meet ${formatOhms(source.resistanceOhms)}.`,
        ...resistanceOfCell(evaluation),
      ],
      origin: originOfCell(evaluation),
      sources: sourcesOfCell(evaluation),
    };
  }
  return {
    title: 'Internal resistance',
    lines: [
      'In series the resistances add; equal strings side by side share the current.',
      `${wiring.cellsInSeries} × ${formatOhms(cell.model.resistanceOhms)} ÷ ${wiring.strings} = ${formatOhms(source.resistanceOhms)}`,
      ...resistanceOfCell(evaluation),
    ],
    origin: originOfCell(evaluation),
    sources: sourcesOfCell(evaluation),
  };
}

/** Current and voltage at the operating point. */
export function explainOperatingPoint(evaluation: PlanEvaluation): Explanation {
  const { source, need, amps, volts, cell, desk } = evaluation;
  const most = maxPowerOfDesk(desk);
  const where =
    desk.grid !== null && isLinearCell(cell.model)
      ? ' (E² ÷ 4r, at half the open-circuit voltage)'
      : '';
  return {
    title: 'Operating point',
    lines: [
      `The battery gives ${formatVolts(source.emfVolts)} − I × ${formatOhms(source.resistanceOhms)}.`,
      ...(flows(evaluation)
        ? [
            `The ${need.name} takes ${formatVolts(volts)} at ${formatAmps(amps)}: there both agree.`,
            `Check: ${formatVolts(source.emfVolts)} − ${formatAmps(amps)} × ${formatOhms(source.resistanceOhms)} = ${formatVolts(volts)}.`,
            ...resistorLine(evaluation),
          ]
        : [
            `The ${need.name} takes nothing of it: ${desk.loadReversed ? 'it is the wrong way round' : 'the volts are too few'}.`,
          ]),
      `Power: ${formatWatts(volts * amps)} of at most ${formatWatts(most)}${where}.`,
    ],
    origin: `${originOfCell(evaluation)} ${originOfLoad(evaluation)}`,
    sources: [...sourcesOfCell(evaluation), ...sourcesOfLoad(evaluation)],
  };
}

/** Whether there is a current that a meter would show. */
function flows({ amps }: PlanEvaluation): boolean {
  return formatAmps(amps) !== formatAmps(0);
}

/** How the volts are shared where a resistor stands in series. */
function resistorLine({ seriesResistorOhms, amps, volts, need }: PlanEvaluation): string[] {
  if (seriesResistorOhms === null) return [];
  const lost = amps * seriesResistorOhms;
  return [
    `Of these ${formatVolts(lost)} stand at the resistor (${formatAmps(amps)} × ${formatOhms(seriesResistorOhms)}), ${formatVolts(volts - lost)} at the ${need.name}.`,
  ];
}

/** Chance that a class gets it to work. */
export function explainChance(evaluation: PlanEvaluation): Explanation {
  const { classes, need, minutes, metalChance } = evaluation;
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  return {
    title: 'How sure is that?',
    lines: [
      `${formatCount(classes.classes)} classes were simulated: after ${formatMinutes(minutes)} the current still reaches ${formatAmps(need.amps)}${metalChance < 1 ? ' and no metal is used up' : ''} in ${outOfHundred(classes.chance)} of 100.`,
      `Each cell’s volts scatter by ${percent(CLASS_SCATTER.emfShare)}, its resistance by ${percent(CLASS_SCATTER.resistanceLog)}, and one joint in ${Math.round(1 / CLASS_SCATTER.badJointChance)} is bad.`,
      levelOf(evaluation),
      `Nine classes in ten get ${nineInTen(evaluation)}.`,
    ],
    origin: 'Scatter of home-made cells: common practice, no source. Same simulation each time.',
    sources: ['scatter'],
  };
}

/** How surely the level of the class is known, and what of the LED is not. */
function levelOf({ cell, need }: PlanEvaluation): string {
  const [low, high] = bandOf(cell.belief);
  const led = need.load.kind === 'led' ? ' Packs of LEDs differ too.' : '';
  return `An average cell of the class, one pair shorted, is drawn ${basisWording({ cell })}: ${formatAmps(low)} to ${formatAmps(high)} in 95 of 100.${led}`;
}

/** What nine classes in ten get: currents, or volts where the load fixes the current. */
export function nineInTen({ classes, need }: PlanEvaluation): string {
  const fixed = need.load.kind === 'device';
  const { sortedVolts, sortedAmps } = classes.gets();
  const sorted = fixed ? sortedVolts : sortedAmps;
  const format = fixed ? formatVolts : formatAmps;
  return `${format(quantileOfSorted(sorted, 0.05))} to ${format(quantileOfSorted(sorted, 0.95))}`;
}

/** `Cells of one class differ by a third: with one read an average one is taken to give 0.74 mA shorted.` */
function averageOf({ belief: { cellsRead, shortAmps } }: PlanEvaluation['cell']): string {
  return `Cells of one class differ by a third: with ${inWords(cellsRead)} read, an average one is taken to give ${formatAmps(shortAmps)} shorted.`;
}

function resistanceOfCell({ cell, basis }: PlanEvaluation): string[] {
  const read = basis.cell.own;
  if (cell.own?.status !== 'used' || read === null) return [];
  const { openCircuitVolts, shortCircuit, loaded } = read;
  if (openCircuitVolts === null || shortCircuit === null || loaded.length > 0) {
    return [
      `One cell: fitted through ${cell.own.points.length} readings. ${cell.own.fits?.statement ?? ''}`.trim(),
    ];
  }
  const shuntOhms = basis.meter.shuntOhms[shortCircuit.meterRange];
  const { asRead, secondsAfter } = cell.own;
  const lines = [
    `One pair: ${formatVolts(openCircuitVolts)} ÷ ${formatAmps(shortCircuit.amps)} − ${formatOhms(shuntOhms)} of the meter = ${formatOhms(asRead.resistanceOhms)}`,
  ];
  if (secondsAfter > 0) {
    lines.push(
      `Read ${formatNumber(secondsAfter, 2)} s after connecting, when part of its films had built up: ${formatOhms(cell.own.model.resistanceOhms)} at once.`,
    );
  }
  return [...lines, averageOf(cell)];
}

function originOfCell({ cell }: PlanEvaluation): string {
  const odd = cell.own?.status === 'used' && cell.own.doubts.length > 0;
  return `Cell: ${originWords(cell)}${odd ? ', kept although something about them is unusual' : ''}.`;
}

function originOfLoad({ target }: PlanEvaluation): string {
  switch (target.kind) {
    case 'led':
    case 'leds':
      return 'LED: diode curve through two points of typical datasheets, from memory.';
    case 'motor':
      return 'Motor: judged as it stands still, so that it starts at any moment; figures typed, or of a toy motor (common practice).';
    case 'bulb':
      return 'Bulb: what is printed on it; a cold filament has a tenth of the hot resistance (common practice).';
    case 'capacitor':
      return 'Capacitor: C·V over the wanted time, as much as must still flow at the end; before that more flows.';
    case 'resistor':
      return 'Resistor: Ohm’s law.';
    case 'device':
      return 'Device: typical current and least voltage, common practice.';
  }
}

/** Own readings need no table but the meter's. */
export function sourcesOfCell({ cell }: PlanEvaluation): SourceId[] {
  return cell.own?.status === 'used' ? ['meter'] : ['cell-readings'];
}

function sourcesOfLoad({ target }: PlanEvaluation): SourceId[] {
  switch (target.kind) {
    case 'led':
    case 'leds':
      return ['led', 'brightness', 'constants'];
    case 'motor':
    case 'bulb':
    case 'device':
      return ['devices'];
    case 'capacitor':
    case 'resistor':
      return [];
  }
}

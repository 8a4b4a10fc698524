import { RECIPES } from '../../physics/recipes/recipes';
import { conductivity } from '../../physics/cell/conductivity';
import { SOLUTE_FACTS, SOLUTES, SPOON_MILLILITRES } from '../../physics/recipes/mixing';
import {
  coulombsPerGram,
  DEFAULT_UTILISATION,
  PRACTICAL_CEILING_VOLTS,
  STANDARD_POTENTIAL_VOLTS,
  ZINC_COATING_METRES,
} from '../../physics/cell/potentials';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { BRIGHTNESS_FROM_AMPS } from '../../physics/circuit/brightness';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { FAULT_DEFAULTS } from '../../physics/circuit/faults/batterySpec';
import { ledModelOf, LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { ledVolts } from '../../physics/circuit/load/led';
import {
  CURRENT_RANGE_FACTS,
  CURRENT_RANGES,
  METER_ACCURACY,
  VOLTMETER_OHMS,
} from '../../physics/instruments/meter';
import {
  ADULT_ONLY_ABOVE_VOLTS,
  BOLTZMANN_J_PER_K,
  ELEMENTARY_CHARGE_C,
  FARADAY_C_PER_MOL,
  GAS_J_PER_MOL_K,
  REFUSED_ABOVE_VOLTS,
  ROOM_THERMAL_VOLTS,
} from '../../constants';
import { AA_CELL } from '../../physics/readings/referenceCells';
import { filmShareAfter } from '../../physics/cell/films';
import { DRYING_FACTS, saturationGramsPerCubicMetre } from '../../physics/time/ageingCell';
import type { SourceId } from '../../sourceIds';
import { formatAmps, formatNumber, formatOhms, formatVolts } from '../../units';

/** A figure that something rests on, as it stands in the program. */
export interface SourceValue {
  readonly what: string;
  readonly value: string;
}

/** Where a group of figures comes from, and how far to trust it. */
export interface SourceGroup {
  /** `published`: can be looked up; `trade`: common practice; `memory`: a round figure to be corrected. */
  readonly trust: 'published' | 'trade' | 'memory';
  readonly source: string;
  readonly values: readonly SourceValue[];
}

const percent = (share: number): string => `${formatNumber(100 * share)} %`;
const range = ([low, high]: readonly [number, number], format: (value: number) => string): string =>
  `${format(low)} to ${format(high)}`;

/** Every group of constants, its values read from where they are used, so that the list cannot drift. */
export const SOURCES: Readonly<Record<SourceId, SourceGroup>> = {
  constants: {
    trust: 'published',
    source:
      'E. Tiesinga et al., “CODATA recommended values of the fundamental physical constants: 2018”.',
    values: [
      { what: 'Faraday constant', value: `${FARADAY_C_PER_MOL} C/mol` },
      { what: 'gas constant', value: `${GAS_J_PER_MOL_K} J/(mol K)` },
      { what: 'Boltzmann constant', value: `${BOLTZMANN_J_PER_K} J/K` },
      { what: 'elementary charge', value: `${ELEMENTARY_CHARGE_C} C` },
    ],
  },
  'cell-readings': {
    trust: 'trade',
    source:
      'Common practice, no source: typical classroom readings, ± 10 % in volts, a factor of two in current. Your own readings replace them.',
    values: Object.values(RECIPES).map(({ name, typical: one }) => ({
      what: name,
      value: `${range([one.openVoltsLow, one.openVoltsHigh], formatVolts)}, ${range([one.shortAmpsLow, one.shortAmpsHigh], formatAmps)} shorted`,
    })),
  },
  scatter: {
    trust: 'trade',
    source: 'Common practice, no source; what a bad joint adds is from memory.',
    values: [
      { what: 'volts of a cell, standard deviation', value: percent(CLASS_SCATTER.emfShare) },
      { what: 'its resistance, logarithmic', value: percent(CLASS_SCATTER.resistanceLog) },
      { what: 'bad joints', value: `1 in ${Math.round(1 / CLASS_SCATTER.badJointChance)}` },
      {
        what: 'what a bad joint adds',
        value: range([CLASS_SCATTER.badJointLeastOhms, CLASS_SCATTER.badJointMostOhms], formatOhms),
      },
    ],
  },
  potentials: {
    trust: 'published',
    source:
      'CRC Handbook of Chemistry and Physics, “Electrochemical Series”; values from memory, to be checked there.',
    values: Object.entries(STANDARD_POTENTIAL_VOLTS).map(([couple, volts]) => ({
      what: couple,
      value: `${volts} V`,
    })),
  },
  ceilings: {
    trust: 'trade',
    source: 'Common practice, no source.',
    values: Object.entries(PRACTICAL_CEILING_VOLTS).map(([pair, volts]) => ({
      what: pair.replace('-', '–'),
      value: formatVolts(volts),
    })),
  },
  metal: {
    trust: 'published',
    source:
      'Faraday’s law, zF/M, with IUPAC atomic weights; coatings by ASTM F1941/B633 and ASTM A153 class D (from memory). How much of it does useful work: common practice, no source.',
    values: [
      ...(['Zn', 'Mg', 'Al'] as const).map((metal) => ({
        what: `a gram of ${metal}`,
        value: `${formatNumber(coulombsPerGram(metal) / 3.6, 4)} mAh`,
      })),
      ...Object.entries(ZINC_COATING_METRES).map(([coating, metres]) => ({
        what: `zinc coating, ${coating}`,
        value: `${formatNumber(1e6 * metres)} µm`,
      })),
      { what: 'share that does useful work', value: percent(DEFAULT_UTILISATION) },
    ],
  },
  conductivity: {
    trust: 'published',
    source:
      'CRC Handbook, “Electrical Conductivity of Aqueous Solutions”; values from memory, to be checked there.',
    values: (
      [
        ['NaCl', 5],
        ['NaCl', 10],
        ['KCl', 5],
        ['acetic acid', 5],
        ['citric acid', 5],
      ] as const
    ).map(([solute, massPercent]) => ({
      what: `${solute}, ${massPercent} %`,
      value: `${formatNumber(10 * conductivity(solute, massPercent).siemensPerMetre)} mS/cm`,
    })),
  },
  mixing: {
    trust: 'published',
    source:
      'US customary spoons: NIST Handbook 44, appendix C; metric: common practice. Solubility: CRC Handbook; bulk densities: both from memory.',
    values: [
      ...Object.entries(SPOON_MILLILITRES).map(([spoon, millilitres]) => ({
        what: spoon,
        value: `${formatNumber(millilitres, 4)} mL`,
      })),
      ...SOLUTES.map((solute) => ({
        what: `${solute} in 100 g of water`,
        value: `${formatNumber(SOLUTE_FACTS[solute].gramsPer100Water)} g`,
      })),
    ],
  },
  led: {
    trust: 'memory',
    source:
      'Diode curve (Shockley 1949) through two points of typical datasheets, from memory; type your own data in the plan.',
    values: LED_COLOURS.map((colour) => ({
      what: `${colour}, at 1 mA and 20 mA`,
      value: [1e-3, 20e-3]
        .map((amps) => formatVolts(ledVolts(ledModelOf(colour), amps, ROOM_THERMAL_VOLTS)))
        .join(' and '),
    })),
  },
  brightness: {
    trust: 'trade',
    source: 'Common practice, no source; for a 3 mm high-efficiency LED.',
    values: Object.entries(BRIGHTNESS_FROM_AMPS).map(([band, amps]) => ({
      what: band,
      value: `from ${formatAmps(amps)}`,
    })),
  },
  devices: {
    trust: 'trade',
    source: 'Common practice, no source; editable in a plan.',
    values: Object.values(DEVICE_PRESETS).map(({ name, leastVolts, amps }) => ({
      what: name,
      value: `${formatAmps(amps)} from ${formatVolts(leastVolts)} on`,
    })),
  },
  meter: {
    trust: 'trade',
    source: 'Common practice, no source.',
    values: [
      { what: 'resistance of the volts ranges', value: formatOhms(VOLTMETER_OHMS) },
      ...CURRENT_RANGES.map((one) => ({
        what: `shunt of the ${one} range`,
        value: formatOhms(CURRENT_RANGE_FACTS[one].shuntOhms),
      })),
      {
        what: 'accuracy',
        value: `± (${percent(METER_ACCURACY.share)} + ${METER_ACCURACY.digits} digits)`,
      },
    ],
  },
  films: {
    trust: 'memory',
    source:
      'That a shorted cell falls to about half within minutes and rebounds: common practice. How fast and how much: from memory; three readings over time in the logbook replace it.',
    values: Object.values(RECIPES)
      .filter(({ films }) => filmShareAfter(films, 3600) > 0)
      .map(({ name, films }) => ({
        what: `${name}: fast and slow film, shares of r`,
        value: `${percent(films.fastShare)} in ${films.fastSeconds} s, ${percent(films.slowShare)} in ${films.slowSeconds} s`,
      })),
  },
  drying: {
    trust: 'memory',
    source:
      'Diffusion into still air, 4π·radius·D·Δc (Maxwell); D: CRC Handbook, from memory; saturation: Alduchov and Eskridge 1996. What covers let through: from memory.',
    values: [
      {
        what: 'diffusion of water in air',
        value: `${formatNumber(1e6 * DRYING_FACTS.diffusionSquareMetresPerSecond)} mm²/s`,
      },
      {
        what: 'water in saturated air, 20 °C',
        value: `${formatNumber(saturationGramsPerCubicMetre(20))} g/m³`,
      },
      ...Object.entries(DRYING_FACTS.wrapShare).map(([wrap, share]) => ({
        what: `let through, ${wrap}`,
        value: percent(share),
      })),
    ],
  },
  faults: {
    trust: 'memory',
    source:
      'Metals that touch and drying: common practice, no source. The other sizes: from memory.',
    values: [
      { what: 'metals that touch', value: formatOhms(FAULT_DEFAULTS.shortedOhms) },
      { what: 'poor contact', value: formatOhms(FAULT_DEFAULTS.poorContactOhms) },
      { what: 'dry: resistance times', value: String(FAULT_DEFAULTS.dryFactor) },
      { what: 'wet rim', value: formatOhms(FAULT_DEFAULTS.rimLeakOhms) },
    ],
  },
  bought: {
    trust: 'memory',
    source: 'Common practice: 2 to 3 Wh.',
    values: [
      { what: 'volts', value: formatVolts(AA_CELL.model.emfVolts) },
      { what: 'energy', value: `${AA_CELL.joules} J` },
    ],
  },
  limits: {
    trust: 'published',
    source:
      'Extra-low voltage without further protection: IEC 61140 and IEC 60364-4-41, from memory. Adults only: common practice, no source. Local rules come first.',
    values: [
      { what: 'adults only above', value: formatVolts(ADULT_ONLY_ABOVE_VOLTS) },
      { what: 'no class plan above', value: formatVolts(REFUSED_ABOVE_VOLTS) },
    ],
  },
};

export const TRUST_WORDS: Readonly<Record<SourceGroup['trust'], string>> = {
  published: 'published',
  trade: 'common practice',
  memory: 'from memory',
};

import * as z from 'zod/mini';
import {
  FARADAY_C_PER_MOL,
  GAS_J_PER_MOL_K,
  ROOM_CELSIUS,
  ZERO_CELSIUS_IN_KELVIN,
} from '../../constants';
import { formatVolts } from '../../units';
import { METAL_FACT, METALS, practicalPotential, tableVolts, type Metal } from './metals';
import { STANDARD_POTENTIAL_VOLTS } from './potentials';

/** What is wet between the metals. */
export const MEDIA = ['fruit', 'salt-water', 'own-salts'] as const;
export type Medium = (typeof MEDIA)[number];

export const metalPairSchema = z.strictObject({
  first: z.enum(METALS),
  second: z.enum(METALS),
  medium: z.enum(MEDIA),
  wording: z.enum(['school', 'university']),
});
export type MetalPairQuestion = z.infer<typeof metalPairSchema>;

/** One electrode at work, in both wordings. */
export interface ElectrodeAtWork {
  readonly metal: Metal;
  readonly school: readonly string[];
  readonly university: readonly string[];
}

export type MetalPairAnswer =
  /** The same metal twice. */
  | { readonly status: 'identical'; readonly why: string }
  | {
      readonly status: 'cell';
      /** + is the cathode, − the anode. */
      readonly plus: ElectrodeAtWork;
      readonly minus: ElectrodeAtWork;
      /** The whole reaction, each way that it goes here. */
      readonly overall: readonly string[];
      /** Most volts that thermodynamics allows, each for one reaction at the + side that is possible here. */
      readonly allowed: readonly { readonly reaction: string; readonly volts: number }[];
      /** What such a cell reads in a classroom. */
      readonly practical: { readonly low: number; readonly high: number; readonly source: string };
      /** Why the two differ. */
      readonly reasons: readonly string[];
    };

/** In which a metal stands with a skin that costs it its table’s volts. */
function standsByTable(metal: Metal, medium: Medium): boolean {
  return medium === 'own-salts' && METAL_FACT[metal].losesItsVolt !== true;
}

/** Acidity of lemon juice (2 to 2.6; common practice, no source); salt water is taken as neutral. */
const PH: Readonly<Record<Exclude<Medium, 'own-salts'>, number>> = { fruit: 2.5, 'salt-water': 7 };

/** Volts a decade of hydrogen ions shifts a potential at room temperature: RT·ln10/F (Nernst). */
const VOLTS_PER_PH =
  (GAS_J_PER_MOL_K * (ROOM_CELSIUS + ZERO_CELSIUS_IN_KELVIN) * Math.LN10) / FARADAY_C_PER_MOL;

/** Readings of pairs that classes build: common practice, no source. */
const READ_IN_CLASS: readonly {
  readonly metals: readonly [plus: Metal, minus: Metal];
  readonly medium: Medium;
  readonly volts: readonly [number, number];
}[] = [
  { metals: ['copper', 'zinc'], medium: 'fruit', volts: [0.85, 1] },
  { metals: ['copper', 'zinc'], medium: 'salt-water', volts: [0.7, 0.8] },
  { metals: ['copper', 'zinc'], medium: 'own-salts', volts: [1.08, 1.1] },
  { metals: ['nickel', 'zinc'], medium: 'fruit', volts: [0.5, 0.6] },
  { metals: ['graphite', 'aluminium'], medium: 'salt-water', volts: [0.8, 0.95] },
  { metals: ['graphite', 'magnesium'], medium: 'salt-water', volts: [1.3, 1.55] },
  { metals: ['graphite', 'zinc'], medium: 'salt-water', volts: [0.9, 1.1] },
];

const GRAPHITE_HAS_NO_SALT =
  'There is no salt of graphite: it is treated as standing in salt water.';

/** Which is + and what happens at each; what the tables allow and what a class reads. */
export function solveMetalPair(question: Omit<MetalPairQuestion, 'wording'>): MetalPairAnswer {
  const { first, second } = question;
  if (first === second) {
    return {
      status: 'identical',
      why: `Nothing happens. Both sides hold their electrons equally tightly: ${METAL_FACT[first].name} pushes as hard from the left as from the right, so no current flows through the wire. A few millivolts may show where one piece is dirtier or wetter; they light nothing.`,
    };
  }
  const graphite = [first, second].includes('graphite');
  const medium = graphite && question.medium === 'own-salts' ? 'salt-water' : question.medium;
  const rank = (metal: Metal): number => standing(metal, medium);
  const [plus, minus] = rank(first) >= rank(second) ? [first, second] : [second, first];
  return {
    status: 'cell',
    plus: cathode(plus, minus, medium),
    minus: anode(minus, medium),
    overall: overallOf(plus, minus, medium),
    allowed: allowedVolts(plus, minus, medium).filter(({ volts }) => volts > 0),
    practical: practicalVolts(plus, minus, medium),
    reasons: [
      ...(medium === question.medium ? [] : [GRAPHITE_HAS_NO_SALT]),
      ...reasonsFor(plus, minus, medium),
    ],
  };
}

/** Where a metal stands in this liquid: the higher one becomes +. */
function standing(metal: Metal, medium: Medium): number {
  const table = tableVolts(metal);
  if (standsByTable(metal, medium) && table !== null) return table;
  const [low, high] = practicalPotential(metal, medium === 'fruit' ? 'fruit' : 'salt-water');
  return (low + high) / 2;
}

function hydrogenVolts(medium: keyof typeof PH): number {
  return STANDARD_POTENTIAL_VOLTS['2H+/H2'] - VOLTS_PER_PH * PH[medium];
}

function oxygenVolts(medium: keyof typeof PH): number {
  return STANDARD_POTENTIAL_VOLTS['O2/H2O'] - VOLTS_PER_PH * PH[medium];
}

function allowedVolts(
  plus: Metal,
  minus: Metal,
  medium: Medium,
): { reaction: string; volts: number }[] {
  const anodeVolts = tableVolts(minus);
  const own = METAL_FACT[plus].own;
  if (anodeVolts === null) return [];
  const nobler =
    own === null
      ? []
      : [
          {
            reaction: `if ${own.ion} ions were there to be taken up`,
            volts: STANDARD_POTENTIAL_VOLTS[own.couple] - anodeVolts,
          },
        ];
  // A skin keeps a metal from taking up its own ions: in its salt hydrogen and oxygen react at it.
  if (medium === 'own-salts' && METAL_FACT[plus].losesItsVolt !== true) return nobler;
  const liquid = medium === 'own-salts' ? 'salt-water' : medium;
  return [
    { reaction: 'if only hydrogen formed', volts: hydrogenVolts(liquid) - anodeVolts },
    ...(medium === 'own-salts' ? [] : nobler),
    { reaction: 'if oxygen reacted freely', volts: oxygenVolts(liquid) - anodeVolts },
  ];
}

function practicalVolts(
  plus: Metal,
  minus: Metal,
  medium: Medium,
): { low: number; high: number; source: string } {
  const read = READ_IN_CLASS.find(
    (one) => one.metals[0] === plus && one.metals[1] === minus && one.medium === medium,
  );
  if (read !== undefined) {
    return {
      low: read.volts[0],
      high: read.volts[1],
      source: 'common practice, no source',
    };
  }
  const most = Math.max(...allowedVolts(plus, minus, medium).map(({ volts }) => volts));
  if (medium === 'own-salts') {
    const volts = Math.min(most, standing(plus, medium) - standing(minus, medium));
    return {
      low: 0.9 * volts,
      high: volts,
      source: 'table value less the losses of a bridge and of skins, from memory',
    };
  }
  const [plusLow, plusHigh] = practicalPotential(plus, medium);
  const [minusLow, minusHigh] = practicalPotential(minus, medium);
  const high = Math.min(most, plusHigh - minusLow);
  return {
    low: Math.min(high, Math.max(0, plusLow - minusHigh)),
    high,
    source:
      medium === 'fruit'
        ? 'metals in acid fruit, from memory; a guide only'
        : 'galvanic series in sea water (ASTM G82), in a still cup, from memory; a guide only',
  };
}

function reasonsFor(plus: Metal, minus: Metal, medium: Medium): string[] {
  const facts = [METAL_FACT[plus], METAL_FACT[minus]];
  const reasons = facts.flatMap(({ film }) => (film === null ? [] : [film]));
  if (medium === 'own-salts') {
    return [
      'Each metal stands in its own ions, so the table applies almost as it is: the voltage follows the Nernst equation.',
      ...reasons,
    ];
  }
  const { name, own } = METAL_FACT[plus];
  const minusVolts = tableVolts(minus);
  const noHydrogen = minusVolts !== null && hydrogenVolts(medium) <= minusVolts;
  return [
    'Each metal sits at its mixed potential: it dissolves a little by itself, and where that balances the hydrogen ions or the oxygen that take up the electrons, it stays. The meter reads the difference of the two, somewhere between nothing and the most that the tables allow.',
    own === null
      ? 'Graphite itself does not react: it only hands over electrons, to oxygen and hydrogen ions.'
      : `There are hardly any ${own.ion} ions in the liquid, so ${name} only hands over electrons: to hydrogen ions and to the oxygen dissolved in it. The table’s figure for ${own.ion} does not apply.`,
    noHydrogen
      ? `No hydrogen forms here: ${METAL_FACT[minus].name} does not give its electrons up to hydrogen ions. Only oxygen takes them.`
      : 'Both are slow at such a surface, so the volts sag as soon as current flows.',
    ...reasons,
  ];
}

/** The smallest whole numbers of metal and acceptor that exchange the same electrons. */
function balanced(electrons: number, taken: number): readonly [given: number, accepted: number] {
  let common = electrons;
  while (common % taken !== 0) common += electrons;
  return [common / electrons, common / taken];
}

const times = (count: number): string => (count === 1 ? '' : `${count} `);
const HYDROXIDES: Partial<Readonly<Record<number, string>>> = { 2: '(OH)₂', 3: '(OH)₃' };

/** What the cell does as a whole: the − metal dissolves, and hydrogen ions, oxygen or the ions of the + metal are used up. */
function overallOf(plus: Metal, minus: Metal, medium: Medium): string[] {
  const given = METAL_FACT[minus].own;
  if (given === null) return [];
  const { symbol, ion, electrons, couple } = given;
  const taker = METAL_FACT[plus].own;
  if (medium === 'own-salts') {
    if (taker === null || METAL_FACT[plus].losesItsVolt === true) {
      return overallOf(plus, minus, 'salt-water');
    }
    const [a, b] = balanced(electrons, taker.electrons);
    return [
      `${times(a)}${symbol} + ${times(b)}${taker.ion} → ${times(a)}${ion} + ${times(b)}${taker.symbol}`,
    ];
  }
  const [a, b] = balanced(electrons, 4);
  const oxide = HYDROXIDES[electrons];
  const withOxygen =
    medium === 'fruit'
      ? `${times(a)}${symbol} + ${times(b)}O₂ + ${4 * b} H⁺ → ${times(a)}${ion} + ${2 * b} H₂O`
      : oxide === undefined
        ? `${times(a)}${symbol} + ${times(b)}O₂ + ${2 * b} H₂O → ${times(a)}${ion} + ${4 * b} OH⁻`
        : `${times(a)}${symbol} + ${times(b)}O₂ + ${2 * b} H₂O → ${times(a)}${symbol}${oxide}`;
  if (STANDARD_POTENTIAL_VOLTS[couple] >= hydrogenVolts(medium)) return [withOxygen];
  const [c, d] = balanced(electrons, 2);
  const withHydrogen =
    medium === 'fruit'
      ? `${times(c)}${symbol} + ${2 * d} H⁺ → ${times(c)}${ion} + ${times(d)}H₂`
      : `${times(c)}${symbol} + ${2 * d} H₂O → ${times(c)}${symbol}${oxide ?? ''} + ${times(d)}H₂`;
  // In neutral water only magnesium gives off hydrogen that one sees.
  return medium === 'fruit' || minus === 'magnesium' ? [withHydrogen, withOxygen] : [withOxygen];
}

function anode(metal: Metal, medium: Medium): ElectrodeAtWork {
  const { name, own, bubblesIn } = METAL_FACT[metal];
  const bubbles = medium !== 'own-salts' && bubblesIn?.includes(medium) === true;
  if (own === null) {
    return {
      metal,
      school: ['Graphite does not dissolve.'],
      university: ['No anode reaction of its own.'],
    };
  }
  return {
    metal,
    school: [
      `Atoms of ${name} go into the liquid as ions and leave their electrons behind in the metal. The metal is eaten away; the electrons set out through the wire.`,
      ...(bubbles
        ? [
            `It also dissolves by itself, without giving current: bubbles of hydrogen rise at the ${name} itself.`,
          ]
        : []),
    ],
    university: [
      `${own.symbol}(s) → ${own.ion}(aq) + ${own.electrons === 1 ? '' : `${own.electrons} `}e⁻  (oxidation; E° of the couple ${formatVolts(STANDARD_POTENTIAL_VOLTS[own.couple])})`,
    ],
  };
}

/** `E = E° − 0.059·pH = 0 V − 0.059 V · 2.5 = −0.15 V`. */
function atPh(standardVolts: number, volts: number, ph: number): string {
  return `E = E° − 0.059 V·pH = ${formatVolts(standardVolts)} − 0.059 V · ${ph} ≈ ${formatVolts(volts)}`;
}

function cathode(metal: Metal, minus: Metal, medium: Medium): ElectrodeAtWork {
  const { name, own } = METAL_FACT[metal];
  if (medium === 'own-salts' && own !== null && METAL_FACT[metal].losesItsVolt !== true) {
    return {
      metal,
      school: [
        `Electrons arrive through the wire; ions of ${name} from the solution take them up and settle on the metal, which grows.`,
      ],
      university: [
        `${own.ion}(aq) + ${own.electrons === 1 ? '' : `${own.electrons} `}e⁻ → ${own.symbol}(s)  (reduction; E° = ${formatVolts(STANDARD_POTENTIAL_VOLTS[own.couple])})`,
      ],
    };
  }
  const acid = medium === 'fruit';
  const giving = tableVolts(minus);
  const hydrogen = giving === null || giving < hydrogenVolts('fruit');
  return {
    metal,
    school: [
      acid
        ? `Electrons arrive through the wire; ${hydrogen ? 'hydrogen ions of the acid and ' : ''}oxygen from the air take them up at the ${name}. It is not used up itself${hydrogen ? '; small bubbles of hydrogen may show' : ''}.`
        : `Electrons arrive through the wire; oxygen dissolved in the water takes them up at the ${name}. It is not used up itself.`,
    ],
    university: acid
      ? [
          ...(hydrogen
            ? [`2 H⁺(aq) + 2 e⁻ → H₂(g)  (${atPh(0, hydrogenVolts('fruit'), PH.fruit)})`]
            : []),
          `O₂(g) + 4 H⁺(aq) + 4 e⁻ → 2 H₂O(l)  (${atPh(1.229, oxygenVolts('fruit'), PH.fruit)})`,
        ]
      : [
          `O₂(g) + 2 H₂O(l) + 4 e⁻ → 4 OH⁻(aq)  (${atPh(1.229, oxygenVolts('salt-water'), PH['salt-water'])})`,
        ],
  };
}

import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS } from '../../constants';

/** The usual cautions (common practice, no source), by the hazard they belong to. */
const CAUTIONS = {
  food: 'Food with metal in it is waste: nobody eats it, and it is not composted. Label it and wash hands.',
  sharp:
    'Nails, cut metal and knives: work on a board, goggles when cutting wire, an adult cuts for young pupils.',
  'hot-water': 'Warm tap water is enough for the brine; an adult pours what is hotter.',
  coins:
    'Altering coins may be restricted where you live: check local law, or use washers and blanks. Small parts are a choking hazard, and zinc coins are dangerous if swallowed: count them back.',
  dust: 'Sand wet or with ventilation, goggles on, no dust in the mouth; power tools are for adults.',
  'weak-acid':
    'Juice, vinegar and citric acid sting, in the eye most of all: goggles, also when squeezing; rinse splashes; never mix with chlorine cleaners.',
  hydrogen:
    'Metal in acid or water gives off hydrogen: keep it open to the air, never close it airtight, no flames.',
  allergies: 'Ask about allergies beforehand: to any food in use, nickel and latex.',
  carbon: 'Carbon dust conducts and stains; wear a mask when grinding.',
  magnesium:
    'Magnesium ribbon burns white-hot: no flames or sparks near it. Dry sand puts it out, never water; do not look into the flame. Keep it dry, count the pieces back. Older pupils.',
  'short-circuit':
    'These cells give enough current to heat a wire: never leave them shorted. More than 200 mA is read in the 10 A socket.',
  'metal-salts':
    'Copper and zinc sulfate: goggles and gloves, older pupils. They damage eyes and are harmful if swallowed; toxic to water life, so collect them as waste by local rules.',
  'strong-acid':
    'Dilute sulfuric acid, about 1 mol/L: trained staff, a fume hood, full protection. What pupils may do with it is for your rules; Grozer makes no pupil sheet of it.',
  galvanised: 'Never heat, solder or dry-grind galvanised metal: the fume of zinc makes ill.',
  foam: 'Floral foam: cut it wet, keep its dust out of eyes and lungs, never put it in an oven. Felt is better.',
  rhubarb: 'Rhubarb leaves are poisonous: bring the stalks only.',
  capacitors:
    'Capacitors: an adult’s work. Mind + and − and the rated voltage, discharge through a resistor, goggles on; shorting a bank makes sparks and hot metal.',
  sparks:
    'Sparks and fire: an adult, outdoors or on a bench with a sand tray. Grozer only does the arithmetic.',
  devices:
    'Never wire home-made cells to a phone, a USB device or anything on the mains, and never recharge or open a bought battery that is not made for it. A device is tried on a bought battery only through 220 Ω, never on a lithium or button cell.',
  'over-30': `Over ${ADULT_ONLY_ABOVE_VOLTS} V d.c. with nothing connected: adult only, insulate the ends.`,
  'over-60': `Above ${REFUSED_ABOVE_VOLTS} V d.c. Grozer offers no class plan: shorten the strings.`,
} as const;
export type CautionId = keyof typeof CAUTIONS;
export const CAUTION_IDS = Object.keys(CAUTIONS) as CautionId[];

/** A usual caution; where it applies is said by what carries its id. */
export interface Caution {
  readonly id: CautionId;
  readonly text: string;
}

export function cautionsOf(ids: readonly CautionId[]): Caution[] {
  return ids.map((id) => ({ id, text: CAUTIONS[id] }));
}

/** The same for a cell, whose food is named where it has any: `Ask about allergies beforehand: to kiwi, nickel and latex.` */
export function cautionsWithFood(ids: readonly CautionId[], food: string | null): Caution[] {
  const named = food === null ? '' : `${food}, `;
  return cautionsOf(ids).map((one) =>
    one.id === 'allergies' ? { ...one, text: one.text.replace('any food in use, ', named) } : one,
  );
}

/**
 * What pupils are told, most dangerous first, short, and where it differs what small children are told (common practice, no
 * source); hazards that only adults act on are left out.
 */
const FOR_PUPILS: readonly (readonly [CautionId, string, small?: string])[] = [
  ['magnesium', 'No flames: magnesium burns white-hot.'],
  ['metal-salts', 'Goggles and gloves on: these salts are poisonous.'],
  ['short-circuit', 'Never join + and − with a wire: it gets hot.'],
  ['hydrogen', 'No flames, no lids: the bubbles are a gas that burns.', 'No flames, no lids.'],
  ['weak-acid', 'Goggles on: acid stings.', 'Goggles on: it stings in the eyes.'],
  ['sharp', 'An adult cuts.'],
  ['dust', 'Sand wet: no dust in your nose.', 'An adult sands.'],
  ['coins', 'Nothing goes into your mouth.'],
  ['carbon', 'Carbon makes black hands: wash them.'],
  ['rhubarb', 'Rhubarb leaves are poisonous.'],
  [
    'food',
    'Nobody eats it afterwards. Wash your hands.',
    'Nothing goes into the mouth. Wash your hands.',
  ],
];

/** Cautions in words for pupils, ranked by hazard. */
export function cautionsForPupils(ids: readonly CautionId[], areSmall = false): Caution[] {
  return FOR_PUPILS.flatMap(([id, text, small = text]) =>
    ids.includes(id) ? [{ id, text: areSmall ? small : text }] : [],
  );
}

/** Ids of the cautions of a battery's open-circuit voltage. */
function cautionIdsOfVolts(openVolts: number): CautionId[] {
  if (openVolts > REFUSED_ABOVE_VOLTS) return ['over-60'];
  return openVolts > ADULT_ONLY_ABOVE_VOLTS ? ['over-30'] : [];
}

/** Current from which a short heats a wire (common practice, no source). */
export const HEATS_WIRES_FROM_AMPS = 0.1;

/** Ids of the cautions of a battery, whatever its cells are: of its open-circuit volts, and of its amperes when shorted. */
export function cautionIdsOfBattery(openVolts: number, shortAmps: number): CautionId[] {
  const ofVolts = cautionIdsOfVolts(openVolts);
  return shortAmps > HEATS_WIRES_FROM_AMPS ? [...ofVolts, 'short-circuit'] : ofVolts;
}

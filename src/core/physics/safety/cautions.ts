import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS } from '../../constants';

/** Carried by every plan and every print. */
export const DEFERRAL =
  'Check your school’s risk assessment, local codes and the supplier’s safety sheets; work that these reserve to trained or licensed people stays with them.';

/** The usual cautions (common practice, no source), by the hazard they belong to. */
const CAUTIONS = {
  food: 'Food with metal in it is waste: nobody eats it, and it is not composted. Label it and wash hands.',
  sharp:
    'Nails, cut metal and knives: work on a board, goggles when cutting wire, an adult cuts for young pupils.',
  'hot-water': 'Hot water for the brine: an adult pours.',
  coins:
    'Altering coins may be restricted where you live: check local law, or use washers and blanks. Small parts are a choking hazard.',
  dust: 'Sand wet or with ventilation, goggles on, no dust in the mouth; power tools are for adults.',
  'weak-acid':
    'Juice, vinegar and citric acid sting: goggles, rinse splashes, never mix with chlorine cleaners.',
  hydrogen:
    'Metal in acid or water gives off hydrogen: keep it open to the air, never seal a bubbling cell, no flames.',
  allergies: 'Ask about citrus, nickel and latex allergies beforehand.',
  carbon: 'Carbon dust conducts and stains; wear a mask when grinding.',
  magnesium:
    'Magnesium ribbon burns white-hot: no flames or sparks near it, keep it dry, count the pieces back. Older pupils.',
  'short-circuit': 'This cell gives enough current to heat a wire: do not leave it shorted.',
  'metal-salts':
    'Copper and zinc sulfate: goggles and gloves, older pupils; toxic to water life, so collect them as waste by local rules.',
  'strong-acid':
    'Sulfuric acid: trained staff only, in a fume hood, with full protection. Never a pupil experiment.',
  capacitors:
    'Capacitors: an adult’s work. Mind + and − and the rated voltage, discharge through a resistor, goggles on; shorting a bank makes sparks and hot metal.',
  sparks:
    'Sparks and fire: an adult, outdoors or on a bench with a sand tray. Grozer only does the arithmetic.',
  devices:
    'Never wire home-made cells to a phone, a USB device or anything on the mains, and never recharge a bought battery that is not made for it.',
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

/** Ids of the cautions of a battery's open-circuit voltage. */
export function cautionIdsOfVolts(openVolts: number): CautionId[] {
  if (openVolts > REFUSED_ABOVE_VOLTS) return ['over-60'];
  return openVolts > ADULT_ONLY_ABOVE_VOLTS ? ['over-30'] : [];
}

/** Cautions of a battery's open-circuit voltage. */
export function cautionsOfVolts(openVolts: number): Caution[] {
  return cautionsOf(cautionIdsOfVolts(openVolts));
}

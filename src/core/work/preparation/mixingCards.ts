import { capital } from '../../words';
import {
  ELECTROLYTE_RECIPES,
  mixLiquid,
  type ElectrolyteId,
} from '../../physics/recipes/mixingBench';
import { MIXING_SPARE_SHARE } from '../../physics/recipes/mixingBench';
import { SOLUTE_FACTS, type Solute } from '../../physics/recipes/mixing';
import type { CautionId } from '../../physics/safety/cautions';
import { formatNumber } from '../../units';
import {
  type CellLiquid,
  LIQUID_PARTS,
  saltGrams,
  SOLUTE_PARTS,
} from '../../physics/recipes/liquids';
import { PARTS, type PartId } from '../../physics/recipes/parts';

/** One liquid for the class: what goes in, in which order, what is written on the bottle, where it goes afterwards. */
export interface MixingCard {
  readonly title: string;
  readonly millilitres: number;
  readonly ingredients: readonly {
    readonly part: PartId | null;
    readonly amount: number;
    readonly words: string;
  }[];
  readonly order: string;
  readonly label: string;
  readonly storage: string;
  readonly disposal: string;
  readonly cautions: readonly CautionId[];
  readonly minutes: number;
  /** Why it cannot be mixed; then there are no ingredients. */
  readonly refused: string | null;
}

const ACIDIC: readonly ElectrolyteId[] = ['vinegar-and-salt', 'citric-and-potassium'];

const ACID_DISPOSAL =
  'Dilute it, neutralise it with baking soda where local rules allow, and pour it away; what has metal in it goes where local rules say.';
const SALT_DISPOSAL =
  'Unused, down the sink with plenty of water where local rules allow; what stood in cells holds some of their metal: collect it by local rules.';
const METAL_DISPOSAL = 'Collect it as metal-salt waste by local rules; never into the sink.';
const MIX_MINUTES = 10;

/** A card for each different liquid, for so many cells that take it. */
export function mixingCards(
  wanted: readonly { readonly liquid: CellLiquid; readonly cells: number }[],
): MixingCard[] {
  return wanted.map(({ liquid, cells }) => {
    switch (liquid.kind) {
      case 'mixed':
        return mixedCard(liquid, cells);
      case 'plain':
        return plainCard(liquid, cells);
      case 'salt':
        return saltCard(liquid, cells);
    }
  });
}

function mixedCard(
  { electrolyte, strength, millilitres }: Extract<CellLiquid, { kind: 'mixed' }>,
  cells: number,
): MixingCard {
  return electrolyteCard(electrolyte, strength, cells * millilitres * (1 + MIXING_SPARE_SHARE));
}

/** The card for a volume of an electrolyte in millilitres. */
export function electrolyteCard(
  electrolyte: ElectrolyteId,
  strength: number,
  millilitres: number,
): MixingCard {
  const recipe = ELECTROLYTE_RECIPES[electrolyte];
  const mixed = mixLiquid(electrolyte, strength, millilitres);
  const facts = {
    title: strength > 1 ? `${recipe.name}, nearly saturated` : recipe.name,
    order: recipe.order,
    storage: 'In a closed, labelled bottle, out of the reach of children; it keeps for weeks.',
    disposal: ACIDIC.includes(electrolyte) ? ACID_DISPOSAL : SALT_DISPOSAL,
    cautions: recipe.cautions,
    minutes: MIX_MINUTES,
  };
  if (!mixed.ok) {
    const refused = mixed.issues[0]?.message ?? 'It cannot be mixed.';
    return { ...facts, millilitres: 0, ingredients: [], label: '', refused };
  }
  const { liquidMillilitres, portions } = mixed.value;
  return {
    ...facts,
    millilitres: liquidMillilitres,
    ingredients: [
      {
        part: LIQUID_PARTS[electrolyte],
        amount: liquidMillilitres,
        words: `${formatNumber(liquidMillilitres)} mL of ${recipe.liquid}`,
      },
      ...portions.map(({ solute, grams, tablespoons }) => ({
        part: SOLUTE_PARTS[solute],
        amount: grams,
        words: `${formatNumber(grams)} g of ${solute} (${spoonWords(grams, solute, tablespoons)})`,
      })),
    ],
    label: `${facts.title}, ${formatNumber(liquidMillilitres)} mL. Not for drinking. Date: ________`,
    refused: null,
  };
}

function spoonWords(grams: number, solute: Solute, tablespoons: number): string {
  const teaspoons = grams / SOLUTE_FACTS[solute].gramsPerMillilitre / 5;
  return tablespoons >= 1
    ? `about ${formatNumber(tablespoons, 2)} level tablespoons of 15 mL`
    : `about ${formatNumber(teaspoons, 2)} level teaspoons of 5 mL`;
}

function plainCard(
  { part, millilitres }: Extract<CellLiquid, { kind: 'plain' }>,
  cells: number,
): MixingCard {
  const amount = cells * millilitres * (1 + MIXING_SPARE_SHARE);
  const { name, cautions } = PARTS[part];
  return {
    title: `${capital(name)}, as it is`,
    millilitres: amount,
    ingredients: [{ part, amount, words: `${formatNumber(amount)} mL of ${name}` }],
    order: `Pour out ${formatNumber(millilitres)} mL for each cell.`,
    label: `${name}, for cells. Not for drinking. Date: ________`,
    storage: 'Cool and closed; juice spoils within days.',
    disposal: ACID_DISPOSAL,
    cautions,
    minutes: 5,
    refused: null,
  };
}

function saltCard(
  { salt, molPerLitre, millilitres }: Extract<CellLiquid, { kind: 'salt' }>,
  cells: number,
): MixingCard {
  const amount = cells * millilitres * (1 + MIXING_SPARE_SHARE);
  const grams = saltGrams(salt, molPerLitre, amount);
  const name = salt === 'copper-sulfate' ? 'copper sulfate' : 'zinc sulfate';
  return {
    title: `${capital(name)}, ${formatNumber(molPerLitre)} mol/L`,
    millilitres: amount,
    ingredients: [
      { part: 'distilled-water', amount, words: `${formatNumber(amount)} mL of distilled water` },
      { part: salt, amount: grams, words: `${formatNumber(grams)} g of ${PARTS[salt].name}` },
    ],
    order:
      'Goggles and gloves on; stir the crystals into about two thirds of the water, then fill up.',
    label: `${name} ${formatNumber(molPerLitre)} mol/L. Harmful; toxic to water life. Date: ________`,
    storage: 'Locked away, in a closed and labelled bottle; never in one for drinks.',
    disposal: METAL_DISPOSAL,
    cautions: ['metal-salts'],
    minutes: MIX_MINUTES,
    refused: null,
  };
}

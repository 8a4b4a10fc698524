import { MF } from 'mf-parser';
import { FARADAY_C_PER_MOL } from '../../constants';
import { SOLUTE_FACTS } from '../recipes/mixing';
import { METAL_SALTS, saltGrams } from '../recipes/liquids';
import { ANODE_METALS, coulombsPerGram, METAL_FACTS } from './potentials';

const massOf = (formula: string): number => new MF(formula).getInfo().mass;

/**
 * @check molar masses of the metals, and the charge in a gram of them
 * @origin library: mf-parser, atomic masses averaged over the isotopes by itself
 * @tolerance 0.02 %
 */
test.each(ANODE_METALS)('a mole of %s', (metal) => {
  const { gramsPerMol, electrons } = METAL_FACTS[metal];
  expect(Math.abs(gramsPerMol / massOf(metal) - 1)).toBeLessThan(2e-4);
  expect(coulombsPerGram(metal) / ((electrons * FARADAY_C_PER_MOL) / massOf(metal))).toBeCloseTo(
    1,
    3,
  );
});

/**
 * @check grams of crystals in a solution
 * @origin library: mf-parser, from the formulas of the crystals with their water
 * @tolerance 0.02 %
 */
test('crystals with their water for a litre of a molar solution', () => {
  const formulas = { 'copper-sulfate': 'CuSO4(H2O)5', 'zinc-sulfate': 'ZnSO4(H2O)7' };
  for (const salt of METAL_SALTS) {
    expect(Math.abs(saltGrams(salt, 1, 1000) / massOf(formulas[salt]) - 1)).toBeLessThan(2e-4);
  }
  // 33.7 g of anhydrous salt in 100 g of water (CRC Handbook, from memory); of the crystals their own water counts as water.
  const crystals = (33.7 * massOf('MgSO4(H2O)7')) / massOf('MgSO4');
  const addedWater = 100 - (crystals - 33.7);
  const per100 = (100 * crystals) / addedWater;
  expect(Math.abs(SOLUTE_FACTS['Epsom salt'].gramsPer100Water / per100 - 1)).toBeLessThan(2e-4);
});

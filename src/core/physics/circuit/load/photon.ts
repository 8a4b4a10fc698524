import { ELEMENTARY_CHARGE_C, LIGHT_M_PER_S, PLANCK_J_S } from '../../../constants';

/** Energy of one photon in electronvolts at a wavelength in nanometres: `hc/λ`. */
export function photonElectronvolts(wavelengthNm: number): number {
  return (PLANCK_J_S * LIGHT_M_PER_S) / (wavelengthNm * 1e-9) / ELEMENTARY_CHARGE_C;
}

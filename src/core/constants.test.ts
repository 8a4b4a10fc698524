import { networkThermalVolts } from './physics/circuit/network/solveNetwork';
import { GAS_J_PER_MOL_K, FARADAY_C_PER_MOL, thermalVoltage } from './constants';
import { photonElectronvolts } from './physics/circuit/load/photon';

/**
 * @check the thermal voltage
 * @origin published: RT/F with the constants of CODATA 2018
 * @tolerance 0.0005 mV
 */
test('thermal voltage: RT/F = 25.693 mV at 25 °C (CODATA 2018)', () => {
  expect(1000 * thermalVoltage(25)).toBeCloseTo(25.693, 3);
  // k/e and R/F are the same constant.
  expect(thermalVoltage(25)).toBeCloseTo((GAS_J_PER_MOL_K * 298.15) / FARADAY_C_PER_MOL, 10);
});

/**
 * @check the thermal voltage of network documents
 * @origin library: ngspice 39.3
 * @tolerance 5e-14 V
 */
test('network documents use the thermal voltage of the reference simulator, ngspice 39.3', () => {
  expect(networkThermalVolts(27)).toBeCloseTo(0.025864917007157463, 13);
  expect(Math.abs(thermalVoltage(27) / networkThermalVolts(27) - 1)).toBeLessThan(4e-7);
});

test.each([
  [630, 1.97],
  [590, 2.1],
  [525, 2.36],
  [465, 2.67],
])('photon of %p nm has %p eV (hc/λ, CODATA 2018)', (wavelength, electronvolts) => {
  expect(photonElectronvolts(wavelength)).toBeCloseTo(electronvolts, 2);
});

import { ZERO_CELSIUS_IN_KELVIN } from '../../../constants';

/**
 * Volts per kelvin, k/e from CODATA 2014, which circuit simulators still carry. Against the exact value of 2018 it
 * is 0.3 millionths low; an LED on a stiff source multiplies that by about thirty, enough to spoil a comparison to
 * 1e-6. See docs/adr/0004-network-documents.md.
 */
const SIMULATOR_VOLTS_PER_KELVIN = 1.38064852e-23 / 1.6021766208e-19;

/** Thermal voltage of network documents, volts. */
export function networkThermalVolts(celsius: number): number {
  return SIMULATOR_VOLTS_PER_KELVIN * (celsius + ZERO_CELSIUS_IN_KELVIN);
}

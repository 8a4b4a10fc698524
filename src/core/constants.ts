/**
 * Physical constants, CODATA 2018 (exact since the 2019 revision of the SI).
 * Source: E. Tiesinga et al., "CODATA recommended values of the fundamental physical constants: 2018".
 */
export const BOLTZMANN_J_PER_K = 1.380649e-23;
export const ELEMENTARY_CHARGE_C = 1.602176634e-19;
export const FARADAY_C_PER_MOL = 96485.33212;
export const GAS_J_PER_MOL_K = 8.314462618;
export const PLANCK_J_S = 6.62607015e-34;
export const LIGHT_M_PER_S = 299792458;

export const ZERO_CELSIUS_IN_KELVIN = 273.15;
/** Room temperature assumed where the user gives none. */
export const ROOM_CELSIUS = 20;

/** Thermal voltage kT/e in volts at a temperature in °C (25.865 mV at 27 °C). */
export function thermalVoltage(celsius: number): number {
  return (BOLTZMANN_J_PER_K * (celsius + ZERO_CELSIUS_IN_KELVIN)) / ELEMENTARY_CHARGE_C;
}

export const ROOM_THERMAL_VOLTS = thermalVoltage(ROOM_CELSIUS);

/**
 * Highest open-circuit voltage of a class plan, in volts: extra-low voltage without further protection,
 * IEC 61140 / IEC 60364-4-41 (60 V d.c., from memory). Above it no class plan is offered.
 */
export const REFUSED_ABOVE_VOLTS = 60;
/** Open-circuit volts above which only an adult handles the battery (common practice, no source). */
export const ADULT_ONLY_ABOVE_VOLTS = 30;

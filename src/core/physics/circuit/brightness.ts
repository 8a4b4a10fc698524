/** How an LED looks, from nothing to bright. */
export const BRIGHTNESS_BANDS = ['dark', 'glimmer', 'dim', 'clear', 'bright'] as const;
export type BrightnessBand = (typeof BRIGHTNESS_BANDS)[number];

/** The bands somebody can ask for. */
export const WANTED_BRIGHTNESSES = ['glimmer', 'dim', 'clear', 'bright'] as const;
export type WantedBrightness = (typeof WANTED_BRIGHTNESSES)[number];

/**
 * Least current of each band in amperes, for a 3 mm high-efficiency LED (common practice, no source).
 * Glimmer shows in a darkened room only; dim is visible on the desk; clear is seen from the back of the class.
 */
export const BRIGHTNESS_FROM_AMPS: Readonly<Record<BrightnessBand, number>> = {
  dark: 0,
  glimmer: 0.02e-3,
  dim: 0.2e-3,
  clear: 1.5e-3,
  bright: 4e-3,
};

/** What is drawn with the widest glow: the steady current of a bright 3 mm LED, amperes (common practice, no source). */
const FULL_GLOW_AMPS = 10e-3;
/** Perceived brightness goes with the cube root of light (S. S. Stevens, Psychological Review 64, 1957; the exponent from memory). */
const STEVENS_EXPONENT = 1 / 3;

/** How bright an LED of so many amperes looks, from 0 (dark) to 1: light goes with current, what the eye makes of it does not. */
export function glowOf(amps: number): number {
  return amps < BRIGHTNESS_FROM_AMPS.glimmer
    ? 0
    : Math.min(1, (amps / FULL_GLOW_AMPS) ** STEVENS_EXPONENT);
}

/** Band of an LED current in amperes. */
export function brightnessOf(amps: number): BrightnessBand {
  let band: BrightnessBand = 'dark';
  for (const candidate of BRIGHTNESS_BANDS) {
    if (amps >= BRIGHTNESS_FROM_AMPS[candidate]) band = candidate;
  }
  return band;
}

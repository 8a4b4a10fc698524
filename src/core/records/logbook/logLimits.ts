/** Largest values that a reading may have; anything beyond is a slip of the unit. */
export const READING_LIMITS = { volts: 100, amps: 20 } as const;
export const LONGEST_NOTE = 600;
/** Longest name of a meter that is kept. */
export const LONGEST_METER = 120;
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export type PhotoType = (typeof PHOTO_TYPES)[number];

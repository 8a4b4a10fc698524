/** A month: longer than any classroom battery is watched. */
export const HORIZON_SECONDS = 30 * 86_400;

/** Longest use in turns that is worked out: three days. */
export const TURNS_HORIZON_SECONDS = 3 * 86_400;

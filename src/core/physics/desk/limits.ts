/** Largest battery that a plan can hold. */
export const MAX_CELLS = 200;
/** Longest string: 60 cells of 1 V reach the limit above which no class plan is made. */
export const LONGEST_STRING = 60;

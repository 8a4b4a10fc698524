/** How much home-made cells and joints differ from the one that was planned with. */
export interface Scatter {
  /** Standard deviation of the open-circuit voltage, as a share of it. */
  readonly emfShare: number;
  /** Standard deviation of the logarithm of the internal resistance. */
  readonly resistanceLog: number;
  /** Chance that a joint between two clips is bad. */
  readonly badJointChance: number;
  /** A bad joint adds a resistance spread evenly over the decades between these two, ohms. */
  readonly badJointLeastOhms: number;
  readonly badJointMostOhms: number;
}

/**
 * Real classes: E ± 5 %, r ± 30 %, one joint in thirty is bad (common practice, no source). What a bad joint adds is
 * from memory: a corroded clip reads a few hundred ohms to a few kilohms.
 */
export const CLASS_SCATTER: Scatter = {
  emfShare: 0.05,
  resistanceLog: 0.3,
  badJointChance: 1 / 30,
  badJointLeastOhms: 100,
  badJointMostOhms: 10_000,
};

import { FRUIT_FILMS } from '@/core/physics/cell/films';
import { filmPairs, type AgeingCell } from '../../core/physics/time/ageingCell';

const KIWI = { emfVolts: 0.93, resistanceOhms: 654 };

/** A cell to test with: the demo scenario’s kiwi with plenty of metal, and no drying. */
export const ageing = (change: Partial<AgeingCell> = {}): AgeingCell => ({
  cell: KIWI,
  ...filmPairs(KIWI, 1.42e-3, FRUIT_FILMS),
  metalCoulombs: 50,
  parasiticAmps: 0,
  dryingPerSecond: 0,
  soakSeconds: null,
  spoilsSeconds: null,
  ...change,
});

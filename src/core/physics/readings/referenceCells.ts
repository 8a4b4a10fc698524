import type { CellModel } from '../cell/cellModel';

/** A fresh bought AA cell: 1.5 V, a few amps shorted, about 2.5 Wh (common practice; the figures are from memory). */
export const AA_CELL = {
  model: { emfVolts: 1.5, resistanceOhms: 0.3 } satisfies CellModel,
  joules: 2.5 * 3600,
} as const;

/** The demonstration's kiwi with copper strip and galvanised nail, as it was read. */
export const DEMO_KIWI = { emfVolts: 0.93, resistanceOhms: 654 } as const satisfies CellModel;

import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import type { ToolState } from '@/core/documents/tools/toolDocument';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';

/** The club's cupboard in the invented scenario. */
export const DEMO_CUPBOARD: ToolState<CupboardState> = {
  ...CUPBOARD_DOCUMENT.fresh('Cupboard'),
  state: {
    currency: '',
    taken: [],
    entries: {
      'copper-strip': { stock: 60, pack: 10, packPrice: 12 },
      'clip-lead': { stock: 80, pack: 10, packPrice: 5 },
      'galvanised-nail': { stock: 40, pack: 100, packPrice: 4 },
      led: { stock: 12, pack: 20, packPrice: 4 },
      'copper-coin': { stock: 30, pack: 1, packPrice: 0.05 },
      goggles: { stock: 25, pack: 1, packPrice: 3 },
      scissors: { stock: 8, pack: 1, packPrice: 2 },
      tray: { stock: 6, pack: 1, packPrice: 2 },
      meter: { stock: 2, pack: 1, packPrice: 12 },
      knife: { stock: 1, pack: 1, packPrice: 3 },
      'table-salt': { stock: 500, pack: 500, packPrice: 1 },
    },
  },
};

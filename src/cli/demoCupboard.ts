import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import type { ToolState } from '@/core/documents/tools/toolDocument';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';

/** The club's cupboard in the invented scenario: enough for its plans, with the prices of its village shop. */
export const DEMO_CUPBOARD: ToolState<CupboardState> = {
  ...CUPBOARD_DOCUMENT.fresh('Cupboard'),
  state: {
    currency: '',
    taken: [],
    rules: '',
    freeDays: [{ from: '2027-02-08', to: '2027-02-12' }],
    entries: {
      kiwi: { stock: 0, pack: 6, packPrice: 3 },
      lemon: { stock: 4, pack: 4, packPrice: 2 },
      potato: { stock: 9, pack: 12, packPrice: 3 },
      'rhubarb-juice': { stock: 500, pack: 1000, packPrice: 4 },
      vinegar: { stock: 750, pack: 750, packPrice: 1 },
      'table-salt': { stock: 500, pack: 500, packPrice: 1 },
      'copper-strip': { stock: 60, pack: 10, packPrice: 12 },
      'galvanised-nail': { stock: 40, pack: 100, packPrice: 4 },
      'zinc-strip': { stock: 20, pack: 10, packPrice: 14 },
      'copper-coin': { stock: 30, pack: 1, packPrice: 0.05 },
      'zinc-washer': { stock: 50, pack: 50, packPrice: 3 },
      'felt-sheet': { stock: 2, pack: 1, packPrice: 1 },
      cup: { stock: 50, pack: 50, packPrice: 3 },
      'kitchen-towel': { stock: 40, pack: 50, packPrice: 2 },
      'rubber-band': { stock: 50, pack: 50, packPrice: 1 },
      'clip-lead': { stock: 80, pack: 10, packPrice: 5 },
      tape: { stock: 3, pack: 1, packPrice: 1.5 },
      'led-red': { stock: 3, pack: 20, packPrice: 4 },
      'led-amber': { stock: 12, pack: 20, packPrice: 4 },
      'led-blue': { stock: 1, pack: 20, packPrice: 6 },
      'lcd-clock': { stock: 1, pack: 1, packPrice: 5 },
      'piezo-buzzer': { stock: 6, pack: 1, packPrice: 4 },
      'series-resistor': { stock: 20, pack: 20, packPrice: 2 },
      goggles: { stock: 25, pack: 1, packPrice: 3 },
      scissors: { stock: 8, pack: 1, packPrice: 2 },
      tray: { stock: 6, pack: 1, packPrice: 2 },
      meter: { stock: 2, pack: 1, packPrice: 12 },
      knife: { stock: 1, pack: 1, packPrice: 3 },
      'paper-towel': { stock: 100, pack: 100, packPrice: 2 },
      label: { stock: 60, pack: 100, packPrice: 2 },
    },
  },
};

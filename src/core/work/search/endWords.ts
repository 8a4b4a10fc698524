import type { CellEnd } from '../../physics/time/dischargeRun';

/** What ends a cell, as a clause. */
export const END_WORDS: Readonly<Record<CellEnd, string>> = {
  'metal-used-up': 'the − metal is used up',
  'dried-out': 'a cell dries out',
  spoilt: 'mould and browning end a cell',
};

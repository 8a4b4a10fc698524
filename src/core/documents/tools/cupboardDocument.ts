import { isRecord } from '../../formats/json';
import {
  cupboardSchema,
  EMPTY_CUPBOARD,
  type CupboardState,
} from '../../records/cupboard/cupboardSchema';
import { toolDocument } from './toolDocument';

export const CUPBOARD_DOCUMENT = toolDocument<CupboardState>(
  'cupboard',
  cupboardSchema,
  EMPTY_CUPBOARD,
  { version: 2, migrations: { 1: withColoursAndHolidays } },
);

/** Parts of version 1 that were of no colour or kind, and what they count as since. */
const SPLIT = { led: 'led-red', device: 'lcd-clock' } as const;

/** 1 → 2: LEDs by colour and devices by kind (what was there counts as red LEDs and clocks); days without school. */
function withColoursAndHolidays(
  document: Readonly<Record<string, unknown>>,
): Record<string, unknown> {
  const { state } = document;
  if (!isRecord(state)) return { ...document };
  const { entries, taken } = state;
  return {
    ...document,
    state: {
      ...state,
      freeDays: [],
      entries: isRecord(entries) ? renamed(entries) : entries,
      taken: Array.isArray(taken)
        ? taken.map((one: unknown) =>
            isRecord(one) && isRecord(one['parts'])
              ? { ...one, parts: renamed(one['parts']) }
              : one,
          )
        : taken,
    },
  };
}

function renamed(parts: Readonly<Record<string, unknown>>): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(parts).map(([part, value]) => [
      part === 'led' || part === 'device' ? SPLIT[part] : part,
      value,
    ]),
  );
}

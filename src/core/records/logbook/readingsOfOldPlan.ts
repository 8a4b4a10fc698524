import { logEntrySchema, type LoggedReading } from './logEntry';

/** Readings that a plan of version 5 or older carried, as entries of the log; none where there are none. */
export function readingsOfOldPlan(text: string): LoggedReading[] {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return [];
  }
  const carried = isRecord(document) ? document['readings'] : null;
  if (!Array.isArray(carried)) return [];
  return carried.flatMap((one: unknown) => {
    if (!isRecord(one)) return [];
    const measurement =
      one['kind'] === 'open-circuit'
        ? { kind: 'volts', string: 1, from: 1, to: one['cells'], built: one['cells'] }
        : { kind: 'short', string: 1, built: 1 };
    const parsed = logEntrySchema.safeParse({
      kind: 'reading',
      measurement,
      value: one['volts'] ?? one['amps'],
      range: null,
      source: 'file',
      typed: null,
      meter: null,
      takenAt: one['takenAt'],
    });
    return parsed.success && parsed.data.kind === 'reading' ? [parsed.data] : [];
  });
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null;
}

import type { LogEntry } from './logEntry';
import { measurementName } from './measurement';
import { readingText } from './readingEntry';

/** An entry in a few words: “cell 1, nothing connected: 0.93 V”. */
export function entryText(entry: LogEntry): string {
  switch (entry.kind) {
    case 'reading': {
      const typed = entry.typed === null ? '' : `, typed “${entry.typed}”`;
      const range = entry.range === null ? '' : `, range ${entry.range}`;
      return `${measurementName(entry.measurement)}: ${readingText(entry.measurement, entry.value)}${range}${typed}`;
    }
    case 'note':
      return entry.text;
    case 'photo':
      return `photo ${entry.caption}`;
    case 'step':
      return `${entry.step}: ${entry.state}`;
    case 'prediction':
      return `expected, ${measurementName(entry.measurement)}: ${readingText(entry.measurement, entry.value)}`;
    case 'meter':
      return entry.wanted ? 'waits for a meter' : 'has a meter';
    case 'help':
      return entry.wanted ? 'asked for help' : 'needs no help any more';
  }
}

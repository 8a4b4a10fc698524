import { csvText } from '../../formats/csv';
import type { LogLine } from './logEntry';
import { foldLog } from './foldLog';
import { photosOfLog } from './logFile';
import { resultsCsv, RESULT_COLUMNS, type ResultColumn } from './resultsCsv';

/** Files of a class, but its photos, as a tabular data package (Frictionless Data, Tabular Data Package specification, version 1). */
export function dataPackage(
  title: string,
  id: string,
  lines: readonly LogLine[],
): Readonly<Record<string, string>> {
  const descriptor = {
    profile: 'tabular-data-package',
    name: `grozer-${id}`.toLowerCase().replace(/[^a-z0-9._-]+/g, '-'),
    title,
    resources: [
      resource(
        'readings',
        'Readings of all groups; volts and milliamps as the unit says.',
        RESULT_COLUMNS.map((name) => ({ name, ...RESULT_TYPES[name] })),
      ),
      resource('notes', 'What the groups noted.', [
        { name: 'group', type: 'string' },
        { name: 'note', type: 'string' },
        { name: 'taken at', type: 'datetime' },
      ]),
      resource('photos', 'Photos of the groups, which lie beside this file.', [
        { name: 'group', type: 'string' },
        { name: 'file', type: 'string' },
        { name: 'caption', type: 'string' },
        { name: 'taken at', type: 'datetime' },
      ]),
    ],
  };
  return {
    'datapackage.json': `${JSON.stringify(descriptor, null, 2)}\n`,
    'readings.csv': resultsCsv(lines),
    'notes.csv': notesCsv(lines),
    'photos.csv': csvText(
      ['group', 'file', 'caption', 'taken at'],
      photosOfLog(lines).map(({ group, path, caption, takenAt }) => [
        group,
        path,
        caption,
        takenAt,
      ]),
    ),
  };
}

function resource(name: string, description: string, fields: readonly object[]): object {
  return {
    profile: 'tabular-data-resource',
    name,
    path: `${name}.csv`,
    description,
    format: 'csv',
    mediatype: 'text/csv',
    encoding: 'utf-8',
    schema: { fields, missingValues: [''] },
  };
}

const RESULT_TYPES: Readonly<
  Record<ResultColumn, { readonly type: string; readonly description?: string }>
> = {
  group: { type: 'string' },
  measured: { type: 'string', description: 'What the probes were put to.' },
  string: { type: 'integer' },
  'from cell': { type: 'integer' },
  'to cell': { type: 'integer' },
  'cells built': { type: 'integer' },
  value: { type: 'number' },
  unit: {
    type: 'string',
    description: 'V or mA; empty where it was seen whether the device runs.',
  },
  range: { type: 'string' },
  source: { type: 'string' },
  meter: { type: 'string' },
  'taken at': { type: 'datetime' },
  stands: { type: 'string', description: '`replaced`: it was read again later.' },
};

function notesCsv(lines: readonly LogLine[]): string {
  return csvText(
    ['group', 'note', 'taken at'],
    foldLog(lines).flatMap(({ current: { group, entry, struck } }) =>
      struck || entry.kind !== 'note' ? [] : [[group, entry.text, entry.takenAt]],
    ),
  );
}

import { strToU8, zipSync } from 'fflate';
import { dataPackage } from '@/core/records/logbook/dataPackage';
import { resultsCsv } from '@/core/records/logbook/resultsCsv';
import type { BenchContext } from './benchContext';

export const RESULT_FORMATS = ['csv', 'package'] as const;

export interface ResultFile {
  readonly name: string;
  readonly type: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** What a class read, as CSV or as a zipped tabular data package; `null` where there is no such plan. */
export function exportResults(
  { documents, log }: Pick<BenchContext, 'documents' | 'log'>,
  planId: string,
  format: (typeof RESULT_FORMATS)[number],
): ResultFile | null {
  const found = documents('plans').find(planId);
  if (found === null) return null;
  const title = found.document.ok ? found.document.value.title : planId;
  const name =
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'plan';
  const lines = log.linesAfter(planId, 0);
  if (format === 'csv') {
    const bytes = new Uint8Array(strToU8(resultsCsv(lines)));
    return { name: `${name}.readings.csv`, type: 'text/csv; charset=utf-8', bytes };
  }
  const files = Object.entries(dataPackage(title, planId, lines));
  const zipped = zipSync(Object.fromEntries(files.map(([path, text]) => [path, strToU8(text)])));
  return { name: `${name}.zip`, type: 'application/zip', bytes: new Uint8Array(zipped) };
}

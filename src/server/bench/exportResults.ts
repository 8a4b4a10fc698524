import { strToU8, zipSync } from 'fflate';
import { dataPackage } from '@/core/records/logbook/dataPackage';
import { logFileOf, photosOfLog } from '@/core/records/logbook/logFile';
import { resultsCsv } from '@/core/records/logbook/resultsCsv';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { BenchContext } from './benchContext';
import { readPhoto } from './photos';
import { LOG_PATH, PHOTOS_PATH, PLAN_PATH } from './planArchive';

export const RESULT_FORMATS = ['csv', 'package', 'plan'] as const;
type ResultFormat = (typeof RESULT_FORMATS)[number];

export interface ResultFile {
  readonly name: string;
  readonly type: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/**
 * What a class read: as CSV, as a zipped tabular data package with its photos, or as the plan itself with logbook and
 * photos, which can be imported again. `null` where there is no such plan.
 * @param photos folder of the photos.
 */
export function exportResults(
  { documents, log }: Pick<BenchContext, 'documents' | 'log'>,
  planId: string,
  format: ResultFormat,
  photos: string,
): ResultFile | null {
  const found = documents('plans').find(planId);
  if (found === null || (format === 'plan' && !found.document.ok)) return null;
  const plan = found.document.ok ? found.document.value : null;
  const title = plan?.title ?? planId;
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
  const texts =
    plan === null || format === 'package'
      ? dataPackage(title, planId, lines)
      : {
          [PLAN_PATH]: PLAN_DOCUMENT.text(plan),
          [LOG_PATH]: `${JSON.stringify(logFileOf(lines), null, 1)}\n`,
        };
  const files = Object.entries(texts).map(([path, text]) => [path, strToU8(text)] as const);
  // A photo whose file is gone is named in the list all the same.
  const pictures = photosOfLog(lines).flatMap(({ photo, path }) => {
    const bytes = readPhoto(photos, photo)?.bytes;
    const at = format === 'package' ? path : `${PHOTOS_PATH}${photo}`;
    // They are compressed already.
    return bytes === undefined ? [] : [[at, [bytes, { level: 0 }]] as const];
  });
  const zipped = zipSync(Object.fromEntries([...files, ...pictures]));
  return {
    name: format === 'plan' ? `${name}.with-log.grozer.zip` : `${name}.zip`,
    type: 'application/zip',
    bytes: new Uint8Array(zipped),
  };
}

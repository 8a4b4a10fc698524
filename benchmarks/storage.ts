import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_PLANS } from '@/cli/demoPlans';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase } from '@/data/openDatabase';
import { listShelf } from '@/server/listShelf';
import { openBackup } from '@/server/safekeeping/openBackup';
import { restoreBackup } from '@/server/safekeeping/restoreBackup';
import { writeBackup } from '@/server/safekeeping/writeBackup';
import { printRow } from './print.mjs';

const PLANS = 300;
const READINGS = 20_000;
const PHOTOS = 200;
/** A photo as phones send it after it was drawn anew. */
const PHOTO_BYTES = 600_000;
/** What a PNG of 1600 × 1200 begins with (W3C): a restored photo is looked at. */
const HEAD = Buffer.from('89504e470d0a1a0a0000000d4948445200000640000004b0', 'hex');
const NOW = Date.parse('2027-01-29T14:00:00Z');

/** A school after some years: how long its shelf, its backup and the way back take. */
async function benchStorage(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'grozer-bench-'));
  try {
    const databaseFile = join(folder, 'grozer.db');
    const db = openDatabase(databaseFile);
    const photosFolder = join(folder, 'photos');
    mkdirSync(photosFolder);
    const plans = createDocumentRepository(db, 'plans');
    const log = createLogRepository(db);
    for (let index = 0; index < PLANS; index += 1) {
      const { plan } = DEMO_PLANS[index % DEMO_PLANS.length] ?? {};
      if (plan === undefined) continue;
      // Each its own, so that nothing worked out for one serves another.
      plans.insert(`p${index}`, { ...plan, title: `Plan ${index}`, minutes: 5 + index / 10 }, NOW);
      const lines = Array.from({ length: READINGS / PLANS }, (_, at) =>
        reading(`${index} ${at}`, at),
      );
      log.appendAll(`p${index}`, lines, 'teacher', NOW);
    }
    for (let index = 0; index < PHOTOS; index += 1) {
      const photo = randomUUID();
      writeFileSync(join(photosFolder, photo), Buffer.concat([HEAD, randomBytes(PHOTO_BYTES)]));
      log.append('p0', photoLine(photo), 'teacher', NOW);
    }
    const documents = ((kind) => createDocumentRepository(db, kind)) as Parameters<
      typeof listShelf
    >[0]['documents'];
    const shelf = timed(() => listShelf({ documents, now: () => NOW }));
    printRow(
      `the shelf of ${PLANS} plans, nothing worked out before`,
      `${shelf.toFixed(0)} ms`,
      'budget 500 ms',
      shelf <= 500,
    );
    const backup = join(folder, 'backup.zip');
    const kept = { db, photosFolder, now: NOW };
    const out = await timedAsync(() => writeBackup(kept, backup));
    printRow(
      `backup of ${PLANS} plans, ${READINGS} readings, ${PHOTOS} photos`,
      `${(out / 1000).toFixed(1)} s`,
      'budget 10 s',
      out <= 10_000,
    );
    const back = await timedAsync(async () => {
      const opened = await openBackup(backup);
      if (!opened.ok) throw new Error(opened.issues[0]?.message);
      await restoreBackup(
        { ...kept, databaseFile, backupsFolder: join(folder, 'backups') },
        opened.value,
      );
      await opened.value.close();
    });
    printRow('checked, the present state kept, put back', `${(back / 1000).toFixed(1)} s`);
    db.$client.close();
  } finally {
    rmSync(folder, { recursive: true });
  }
}

function reading(entryId: string, at: number): LogRequest {
  const measurement = { kind: 'volts', string: 1, from: 1, to: 1, built: 1 } as const;
  const group = createHash('sha1').update(entryId).digest('hex').slice(0, 6);
  const entry = readingEntry(measurement, 0.9 + at / 1000, '2027-01-29T14:00:00Z');
  return { entryId, revision: 1, group, entry, struck: false };
}

function photoLine(photo: string): LogRequest {
  const takenAt = '2027-01-29T14:00:00Z';
  const entry = {
    kind: 'photo',
    photo,
    type: 'image/png',
    bytes: 1,
    caption: '',
    takenAt,
  } as const;
  return { entryId: photo, revision: 1, group: 'Knot', entry, struck: false };
}

function timed(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

async function timedAsync(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

await benchStorage();

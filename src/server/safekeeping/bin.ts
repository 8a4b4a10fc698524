import { DOCUMENT_FORMATS } from '@/core/documents/documentKinds';
import { BIN_DAYS, BIN_KINDS, type Binned } from '@/core/records/bin';
import type { ServerContext } from '../context';

const DAY_MS = 86_400_000;

/** What was deleted and can still be put back, last first. */
export function listBin({ documents, now }: Pick<ServerContext, 'documents' | 'now'>): Binned[] {
  return BIN_KINDS.flatMap((kind) =>
    documents(kind)
      .deleted()
      // A server that runs for weeks empties the bin only when it starts again.
      .filter(({ at }) => at >= oldestOf(now()))
      .map(({ id, title, at }) => ({ kind, noun: DOCUMENT_FORMATS[kind].noun, id, title, at })),
  ).sort((one, other) => other.at - one.at);
}

/** Deletes for good what has lain in the bin for its time. */
export function emptyBin({ documents, now }: Pick<ServerContext, 'documents' | 'now'>): void {
  for (const kind of BIN_KINDS) documents(kind).purge(oldestOf(now()));
}

function oldestOf(now: number): number {
  return now - BIN_DAYS * DAY_MS;
}

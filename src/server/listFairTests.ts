import { analyseFairTest } from '@/core/records/fairTest/analyseFairTest';
import type { FairTest } from '@/core/records/fairTest/fairTestSchema';
import type { ServerContext } from './context';
import { listDocuments, type UnreadableDocument } from './listDocuments';

/** Fair tests, last changed first, and those that cannot be read. */
export function listFairTests(context: Pick<ServerContext, 'documents'>): {
  readonly tests: readonly { readonly id: string; readonly test: FairTest }[];
  readonly unreadable: readonly UnreadableDocument[];
} {
  const { readable, unreadable } = listDocuments(context, 'fair-tests', analyseFairTest);
  return { tests: readable.map(({ id, document }) => ({ id, test: document })), unreadable };
}

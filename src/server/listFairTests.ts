import { cardOfFairTest, type FairTestCard } from '@/core/records/fairTest/cardOfFairTest';
import type { ServerContext } from './context';
import { listDocuments, type UnreadableDocument } from './listDocuments';

/** Fair tests, last changed first, and those that cannot be read. */
export function listFairTests(context: Pick<ServerContext, 'documents'>): {
  readonly tests: readonly { readonly id: string; readonly card: FairTestCard }[];
  readonly unreadable: readonly UnreadableDocument[];
} {
  const { readable, unreadable } = listDocuments(context, 'fair-tests', cardOfFairTest);
  return { tests: readable.map(({ id, worked }) => ({ id, card: worked })), unreadable };
}

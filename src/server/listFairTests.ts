import type { FairTest } from '@/core/records/fairTest/fairTestSchema';
import type { ServerContext } from './context';

/** Fair tests that can be read, last changed first. */
export function listFairTests({ documents }: Pick<ServerContext, 'documents'>): {
  id: string;
  test: FairTest;
}[] {
  return documents('fair-tests')
    .list()
    .flatMap(({ id, document }) => (document.ok ? [{ id, test: document.value }] : []));
}

import { connection } from 'next/server';
import { Shelf } from '@/features/shelf/Shelf';
import { serverContext } from '@/server/context';
import { listShelf } from '@/server/listShelf';

export default async function ShelfPage() {
  await connection();
  return <Shelf entries={listShelf(serverContext())} />;
}

import { cookies } from 'next/headers';
import { connection } from 'next/server';
import { Shelf } from '@/features/shelf/Shelf';
import { serverContext } from '@/server/context';
import { listShelf } from '@/server/listShelf';
import { backupState } from '@/server/safekeeping/keeper';
import { TOUR_COOKIE } from '@/ui/tour/tourSteps';

export default async function ShelfPage() {
  await connection();
  const tourSeen = (await cookies()).has(TOUR_COOKIE);
  return (
    <Shelf
      entries={listShelf(serverContext())}
      tourSeen={tourSeen}
      lessons={backupState().lessons}
    />
  );
}

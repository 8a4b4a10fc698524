import { cookies } from 'next/headers';
import { connection } from 'next/server';
import { z } from 'zod';
import { Shelf } from '@/features/shelf/Shelf';
import { serverContext } from '@/server/context';
import { listShelf, PLANS_AT_ONCE, SHELF_ORDERS } from '@/server/listShelf';
import { backupState } from '@/server/safekeeping/keeper';
import { TOUR_COOKIE } from '@/ui/tour/tourSteps';

const askedSchema = z.object({
  find: z.string().max(120).catch(''),
  sort: z.enum(SHELF_ORDERS).catch('changed'),
  past: z.literal('yes').optional().catch(undefined),
  show: z.coerce.number().int().min(PLANS_AT_ONCE).max(1000).catch(PLANS_AT_ONCE),
});

interface ShelfPageProps {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function ShelfPage({ searchParams }: ShelfPageProps) {
  await connection();
  const { find, sort, past, show } = askedSchema.parse(await searchParams);
  return (
    <Shelf
      shelf={listShelf(serverContext(), {
        most: show,
        find,
        sort,
        past: past !== undefined,
      })}
      find={find}
      sort={sort}
      past={past !== undefined}
      next={show + PLANS_AT_ONCE}
      tourSeen={(await cookies()).has(TOUR_COOKIE)}
      lessons={backupState().lessons}
    />
  );
}

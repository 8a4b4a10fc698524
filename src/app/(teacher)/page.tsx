import { cookies } from 'next/headers';
import { connection } from 'next/server';
import * as z from 'zod/mini';
import { Shelf } from '@/features/shelf/Shelf';
import { serverContext } from '@/server/context';
import { listShelf, PLANS_AT_ONCE, SHELF_ORDERS } from '@/server/listShelf';
import { backupState } from '@/server/safekeeping/keeper';
import { TOUR_COOKIE } from '@/ui/tour/tourSteps';

const askedSchema = z.object({
  find: z.catch(z.string().check(z.maxLength(120)), ''),
  sort: z.catch(z.enum(SHELF_ORDERS), 'changed'),
  past: z.catch(z.optional(z.literal('yes')), undefined),
  show: z.catch(
    z.coerce.number().check(z.int(), z.minimum(PLANS_AT_ONCE), z.maximum(1000)),
    PLANS_AT_ONCE,
  ),
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

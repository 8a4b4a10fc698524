import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import * as z from 'zod/mini';
import { JoinPage } from '@/features/group/JoinPage';
import { benchContext } from '@/server/bench/benchContext';
import { classOfSeat, SEAT_COOKIE } from '@/server/bench/groupSeats';

export const metadata: Metadata = { title: 'Join' };

const askedSchema = z.object({
  code: z.catch(z.string().check(z.maxLength(8)), ''),
  other: z.catch(z.optional(z.literal('1')), undefined),
});

interface JoinProps {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** Who has a seat already and wants another one is not asked for the code again. */
export default async function Join({ searchParams }: JoinProps) {
  const { code, other } = askedSchema.parse(await searchParams);
  const seated =
    other === undefined
      ? null
      : await classOfSeat(benchContext(), (await cookies()).get(SEAT_COOKIE)?.value);
  return <JoinPage initialCode={seated?.code ?? code} initialClass={seated?.shown ?? null} />;
}

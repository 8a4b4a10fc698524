import type { Metadata } from 'next';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { GroupPage } from '@/features/group/GroupPage';
import { benchContext } from '@/server/bench/benchContext';
import { SEAT_COOKIE, seatOf } from '@/server/bench/groupSeats';

export const metadata: Metadata = { title: 'Your group' };

export default async function Group() {
  const context = benchContext();
  const seat = await seatOf(context, (await cookies()).get(SEAT_COOKIE)?.value);
  if (seat === null) redirect('/join');
  const { planId, startedAt, group, plan } = seat;
  const initialLog = context.log.linesAfter(planId, 0, group);
  const facts = groupFacts(plan, evaluatePlan(plan));
  return (
    <GroupPage
      key={group}
      seat={{ planId, startedAt, group }}
      title={plan.title}
      facts={facts}
      initialLog={initialLog}
    />
  );
}

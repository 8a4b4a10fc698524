import { randomBytes } from 'node:crypto';
import { sealData, unsealData } from 'iron-session';
import { z } from 'zod';
import type { Plan } from '@/core/records/plan/planSchema';
import { joinCodeSchema } from '@/core/records/plan/joinCode';
import { groupNames } from '@/core/work/preparation/groupNames';
import { fail, succeed, type Result } from '@/core/result';
import type { BenchContext } from './benchContext';

/** Cookie of a group’s device. */
export const SEAT_COOKIE = 'grozer-group';
const SEAT_SECONDS = 8 * 60 * 60;
const SECRET_NAME = 'seats';

/** A seat is of one class: in the next one, also of the same plan with the same code, it is dead. */
const seatSchema = z.strictObject({
  planId: z.string(),
  startedAt: z.number(),
  group: z.string(),
});
type Seat = z.infer<typeof seatSchema>;

/** A group’s device in a running class. */
export interface SeatedGroup {
  readonly planId: string;
  /** When its class began, which names the class. */
  readonly startedAt: number;
  readonly group: string;
  readonly plan: Plan;
}

export const joinRequestSchema = z.strictObject({
  code: z
    .string('Type the code of the class.')
    .transform((text) => text.toUpperCase().replace(/[\s-]/g, ''))
    .pipe(joinCodeSchema),
  group: z.string().min(1).max(30).nullable(),
});

export interface JoinOutcome {
  readonly title: string;
  readonly groups: readonly string[];
  /** The sealed seat where a group was chosen. */
  readonly seat: string | null;
}

type SeatContext = Pick<BenchContext, 'classes' | 'documents' | 'now'>;

/** Looks a code up and, where a group is named, gives its device a seat. */
export async function joinClass(
  context: SeatContext,
  { code, group }: z.infer<typeof joinRequestSchema>,
): Promise<Result<JoinOutcome>> {
  const running = context.classes.findByCode(code, context.now());
  const found = running === null ? null : context.documents('plans').find(running.planId);
  if (running === null || found === null || !found.document.ok) {
    return fail({
      code: 'no-class',
      path: ['code'],
      message: 'No class with this code is running. Check the code with your teacher.',
    });
  }
  const plan = found.document.value;
  const groups = groupNames(plan.lesson.groups);
  if (group === null) return succeed({ title: plan.title, groups, seat: null });
  if (!groups.includes(group)) {
    return fail({ code: 'no-group', path: ['group'], message: 'Choose one of the groups.' });
  }
  const seat: Seat = { planId: running.planId, startedAt: running.startedAt, group };
  const sealed = await sealData(seat, { password: secretOf(context), ttl: SEAT_SECONDS });
  return succeed({ title: plan.title, groups, seat: sealed });
}

/** The class of a device that has a seat, to choose another group in it; `null` where it has none. */
export async function classOfSeat(
  context: SeatContext,
  sealed: string | undefined,
): Promise<{ readonly code: string; readonly shown: JoinOutcome } | null> {
  const seat = await seatOf(context, sealed);
  const code = seat === null ? null : context.classes.find(seat.planId, context.now())?.code;
  if (code == null) return null;
  const found = await joinClass(context, { code, group: null });
  return found.ok ? { code, shown: found.value } : null;
}

/** Who holds a seat, with the plan of the class; `null` where it is forged, too old, or its class has ended. */
export async function seatOf(
  context: SeatContext,
  sealed: string | undefined,
): Promise<SeatedGroup | null> {
  const place = await placeOf(context, sealed);
  const found = place === null ? null : context.documents('plans').find(place.planId);
  return place === null || found === null || !found.document.ok
    ? null
    : { ...place, plan: found.document.value };
}

/** Which group of which plan holds a seat, without a look at the plan; `null` as for {@link seatOf}. */
export async function placeOf(
  context: Pick<SeatContext, 'classes' | 'now'>,
  sealed: string | undefined,
): Promise<Omit<SeatedGroup, 'plan'> | null> {
  if (sealed === undefined || sealed === '') return null;
  const opened = seatSchema.safeParse(
    await unsealData<unknown>(sealed, { password: secretOf(context), ttl: SEAT_SECONDS }),
  );
  if (!opened.success) return null;
  const { planId, startedAt } = opened.data;
  const running = context.classes.find(planId, context.now());
  return running?.startedAt === startedAt ? opened.data : null;
}

/** Kept in the database, so that a restart leaves every group in its seat. */
function secretOf({ classes }: Pick<SeatContext, 'classes'>): string {
  return classes.secret(SECRET_NAME, () => randomBytes(32).toString('hex'));
}

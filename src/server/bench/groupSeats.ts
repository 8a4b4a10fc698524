import { randomBytes } from 'node:crypto';
import { sealData, unsealData } from 'iron-session';
import * as z from 'zod/mini';
import type { Plan } from '@/core/records/plan/planSchema';
import { joinCodeSchema } from '@/core/records/plan/joinCode';
import { groupNames } from '@/core/work/preparation/groupNames';
import { fail, succeed, type Result } from '@/core/result';
import type { AskingDevice } from './admissions';
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
  code: z.pipe(
    z.pipe(
      z.string('Type the code of the class.'),
      z.transform((text) => text.toUpperCase().replace(/[\s-]/g, '')),
    ),
    joinCodeSchema,
  ),
  group: z.nullable(z.string().check(z.minLength(1), z.maxLength(30))),
  asked: z
    .optional(z.uuid())
    .check(z.describe('Of a device that waits for the teacher: what it was told when it asked.')),
});

export interface JoinOutcome {
  readonly title: string;
  readonly groups: readonly string[];
  /** The sealed seat where a group was chosen. */
  readonly seat: string | null;
  /** The group is in use: the device waits until the teacher lets it in, and asks again with this. */
  readonly waiting: AskingDevice | null;
}

type SeatContext = Pick<BenchContext, 'classes' | 'documents' | 'now'>;
type JoinContext = SeatContext & Pick<BenchContext, 'log' | 'bus' | 'admissions'>;

/**
 * Looks a code up and, where a group is named, gives its device a seat. A group that is in use stays with its devices:
 * another one waits for the teacher’s word.
 * @param held the seat that the device has already, sealed.
 * @param address where the device asks from.
 */
export async function joinClass(
  context: JoinContext,
  { code, group, asked }: z.infer<typeof joinRequestSchema>,
  held?: string,
  address?: string,
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
  const shown = { title: plan.title, groups: groupNames(plan.lesson.groups) };
  if (group === null) return succeed({ ...shown, seat: null, waiting: null });
  if (!shown.groups.includes(group)) {
    return fail({ code: 'no-group', path: ['group'], message: 'Choose one of the groups.' });
  }
  const seat: Seat = { planId: running.planId, startedAt: running.startedAt, group };
  const waiting = await admitted(context, seat, { asked, held, address });
  if (!waiting.ok) return waiting;
  if (waiting.value !== null) return succeed({ ...shown, seat: null, waiting: waiting.value });
  const sealed = await sealData(seat, { password: secretOf(context), ttl: SEAT_SECONDS });
  return succeed({ ...shown, seat: sealed, waiting: null });
}

/** `null` where a device may take its seat at once; otherwise how it waits, or why it is turned away. */
async function admitted(
  context: JoinContext,
  seat: Seat,
  device: Readonly<Record<'asked' | 'held' | 'address', string | undefined>>,
): Promise<Result<AskingDevice | null>> {
  const { asked, held, address } = device;
  const { admissions, now } = context;
  const { planId, group } = seat;
  const state = asked === undefined ? null : admissions.state(planId, asked, group, now());
  if (state === 'let-in') return succeed(null);
  if (state === 'refused') {
    return fail({
      code: 'turned-away',
      path: ['group'],
      message: `Your teacher did not let this device into group ${group}. Choose your own group.`,
    });
  }
  if (!isInUse(context, seat)) return succeed(null);
  const has = await seatClaims(context, held);
  if (has?.planId === planId && has.group === group) return succeed(null);
  const waiting =
    admissions.waiting(planId, now()).find(({ id }) => id === asked) ??
    admissions.ask(planId, group, now(), address);
  return waiting === null
    ? fail({
        code: 'too-many-ask',
        path: ['group'],
        message: 'Too many devices wait for the teacher: try again in a minute.',
      })
    : succeed(waiting);
}

/** Whether a device follows the class as this group, or has written as it in this class. */
function isInUse({ bus, log }: JoinContext, { planId, startedAt, group }: Seat): boolean {
  return (
    (bus.present(planId).get(group)?.devices ?? 0) > 0 || log.hasWritten(planId, group, startedAt)
  );
}

/** The class of a device that has a seat, to choose another group in it; `null` where it has none. */
export async function classOfSeat(
  context: JoinContext,
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
  const place = await seatClaims(context, sealed);
  const found = place === null ? null : context.documents('plans').find(place.planId);
  return place === null || found === null || !found.document.ok
    ? null
    : { ...place, plan: found.document.value };
}

/** Which group of which plan holds a seat, without a look at the plan; `null` as for {@link seatOf}. */
export async function seatClaims(
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

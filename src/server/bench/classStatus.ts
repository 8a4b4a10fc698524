import 'server-only';
import { fail, succeed, type Result } from '@/core/result';
import {
  closeGateway,
  whyShut,
  openGatewayNow,
  openGateway,
  type OpenGateway,
} from '../lanGateway/gatewayKeeper';
import { passcodeOf, renewPasscode } from '../lanGateway/passcode';
import type { OpenClass } from '@/data/classRepository';
import type { BenchContext } from './benchContext';
import { storageProblem } from '../storageProblem';
import { clearOrphans, photosFolder } from './photos';
import { closeClass, openClass, runningClass } from './classes';

/** Time in which groups are told that their class has ended, before the gateway closes. */
const GOODBYE_MS = 2000;

/** What came in the last moment has its line by then, or never. */
const SWEEP_MS = 120_000;

/** A computer that slept has missed its timers: the clock is looked at this often. */
const LONGEST_LOOK_MS = 60_000;

const holder = globalThis as typeof globalThis & { grozerClassEnd?: NodeJS.Timeout };

/** Everything that the teacher’s class page shows about joining. */
export interface ClassStatus {
  readonly running: OpenClass | null;
  readonly gateway: OpenGateway | null;
  /** Only while the gateway is open. */
  readonly passcode: string | null;
  /** Why nobody can come in although the class runs; `null` where all is well. */
  readonly shut: string | null;
}

export function classStatus(context: BenchContext, planId: string): ClassStatus {
  const gateway = openGatewayNow();
  const running = runningClass(context, planId);
  return {
    running,
    gateway,
    passcode: gateway === null ? null : passcodeOf(context),
    shut: running === null || gateway !== null ? null : whyShut(),
  };
}

/** Starts a plan’s class and opens the gateway to the local network. */
export async function startClass(
  context: BenchContext,
  planId: string,
): Promise<Result<ClassStatus>> {
  if (openGatewayNow() === null) renewPasscode(context);
  const gateway = await openGateway();
  if (!gateway.ok) return gateway;
  const opened = openClass(context, planId);
  if (opened?.ok === true) {
    endInTime(context);
    return succeed(classStatus(context, planId));
  }
  closeUnusedGateway(context);
  return opened ?? fail({ code: 'no-plan', path: [], message: 'This plan is not here any more.' });
}

/** Nobody is let in where no class runs. */
function closeUnusedGateway(context: BenchContext): void {
  if (context.classes.running(context.now()).length === 0) closeGateway();
}

/** Groups are told when a class ends by its time, and the gateway closes with the last one. */
function endInTime(context: BenchContext): void {
  clearTimeout(holder.grozerClassEnd);
  const open = context.classes.running(context.now());
  const [next] = open.map(({ endsAt }) => endsAt).sort((a, b) => a - b);
  if (next === undefined) return;
  holder.grozerClassEnd = setTimeout(
    () => {
      for (const { planId, endsAt } of open) if (endsAt <= context.now()) endClass(context, planId);
      endInTime(context);
    },
    Math.min(Math.max(next - context.now(), 0), LONGEST_LOOK_MS),
  );
  holder.grozerClassEnd.unref();
}

/** Ends a plan’s class, where one runs; the gateway closes with the last one. */
export function endClass(context: BenchContext, planId: string): ClassStatus {
  closeClass(context, planId);
  later(GOODBYE_MS, () => closeUnusedGateway(context));
  later(SWEEP_MS, () => clearOrphans(context, photosFolder()));
  return classStatus(context, planId);
}

/** What is in the way of it is told in the terminal: nobody waits for an answer any more. */
function later(milliseconds: number, work: () => void): void {
  const timer = setTimeout(() => {
    try {
      work();
    } catch (error) {
      console.error(storageProblem(error) ?? error);
    }
  }, milliseconds);
  timer.unref();
}

/** Before everything that is stored is exchanged. */
export function endAllClasses(context: BenchContext): void {
  for (const { planId } of context.classes.running(context.now())) endClass(context, planId);
}

/** A plan that is deleted is no class any more. */
export function endClassOfDeleted(context: BenchContext, planId: string): void {
  if (runningClass(context, planId) !== null) endClass(context, planId);
}

/**
 * At the start of the app: goes on with classes that a stop of the app cut short. Where the gateway cannot be opened the
 * app goes on without it, and the class’s page says why.
 */
export async function reopenGateway(
  context: BenchContext,
  always: boolean,
): Promise<Result<OpenGateway> | null> {
  if (!always && context.classes.running(context.now()).length === 0) return null;
  endInTime(context);
  return openGateway();
}

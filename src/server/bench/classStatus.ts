import 'server-only';
import { fail, succeed, type Result } from '@/core/result';
import {
  closeGateway,
  openGatewayNow,
  openGateway,
  type OpenGateway,
} from '../lanGateway/gatewayKeeper';
import { passcodeOf, renewPasscode } from '../lanGateway/passcode';
import type { OpenClass } from '@/data/classRepository';
import type { BenchContext } from './benchContext';
import { closeClass, openClass, runningClass } from './classes';

/** Time in which groups are told that their class has ended, before the gateway closes. */
const GOODBYE_MS = 2000;

/** Everything that the teacher’s class page shows about joining. */
export interface ClassStatus {
  readonly running: OpenClass | null;
  readonly gateway: OpenGateway | null;
  /** Only while the gateway is open. */
  readonly passcode: string | null;
}

export function classStatus(context: BenchContext, planId: string): ClassStatus {
  const gateway = openGatewayNow();
  return {
    running: runningClass(context, planId),
    gateway,
    passcode: gateway === null ? null : passcodeOf(context),
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
  if (opened?.ok === true) return succeed(classStatus(context, planId));
  closeUnusedGateway(context);
  return opened ?? fail({ code: 'no-plan', path: [], message: 'This plan is not here any more.' });
}

/** Nobody is let in where no class runs. */
function closeUnusedGateway(context: BenchContext): void {
  if (context.classes.running(context.now()).length === 0) closeGateway();
}

/** Ends a plan’s class; the gateway closes with the last one. */
export function endClass(context: BenchContext, planId: string): ClassStatus {
  closeClass(context, planId);
  setTimeout(() => closeUnusedGateway(context), GOODBYE_MS);
  return classStatus(context, planId);
}

/** At the start of the app: goes on with classes that a stop of the app cut short. */
export async function reopenGateway(
  context: BenchContext,
  always: boolean,
): Promise<OpenGateway | null> {
  if (!always && context.classes.running(context.now()).length === 0) return null;
  const opened = await openGateway();
  if (!opened.ok) throw new Error(opened.issues[0]?.message ?? 'the gateway cannot be opened');
  return opened.value;
}

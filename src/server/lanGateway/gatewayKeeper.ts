import 'server-only';
import type { Server } from 'node:http';
import { fail, succeed, type Result } from '@/core/result';
import { benchContext } from '../bench/benchContext';
import { SEAT_COOKIE } from '../bench/groupSeats';
import { listenAsGroup } from '../bench/listenAsGroup';
import { logOfGroup } from '../bench/logOfGroup';
import { refused, type JsonAnswer } from '../jsonAnswer';
import { storageProblem } from '../storageProblem';
import { createLanGateway, localAddresses } from './lanGateway';
import { isTeacherCookie } from './passcode';

const DEFAULT_APP_PORT = 3000;

export interface OpenGateway {
  readonly port: number;
  readonly addresses: readonly string[];
}

const holder = globalThis as typeof globalThis & {
  grozerGateway?: { server: Server; port: number };
  /** What went wrong at the last try to open it. */
  grozerGatewayShut?: string | undefined;
};

function appPort(): number {
  return Number(process.env['PORT'] ?? DEFAULT_APP_PORT);
}

/** The gateway to the local network where it is open; `null` where everything stays on this machine. */
export function openGatewayNow(): OpenGateway | null {
  const { grozerGateway } = holder;
  return grozerGateway === undefined
    ? null
    : { port: grozerGateway.port, addresses: localAddresses() };
}

/** Where devices in the local network reach this app just now; `null` while no class is open. */
export function gatewayAddress(): string | null {
  const [address] = localAddresses();
  const open = openGatewayNow();
  return open === null || address === undefined ? null : `http://${address}:${open.port}`;
}

/** Where groups join once the gateway is open; `null` where this machine is in no local network. */
export function joinAddress(): string | null {
  const [address] = localAddresses();
  return address === undefined ? null : `http://${address}:${gatewayPort()}/join`;
}

function gatewayPort(): number {
  return Number(process.env['GROZER_GATEWAY_PORT'] ?? appPort() + 1);
}

/** Opens the gateway; does nothing where it is open. */
export async function openGateway(): Promise<Result<OpenGateway>> {
  const open = openGatewayNow();
  if (open !== null) return succeed(open);
  const port = gatewayPort();
  const host = process.env['GROZER_GATEWAY_HOST'] ?? '0.0.0.0';
  try {
    const server = await createLanGateway({
      appPort: appPort(),
      host,
      port,
      isTeacher: (cookies) => isTeacherCookie(benchContext(), cookies),
      direct: {
        logPath: '/api/class/log',
        eventsPath: '/api/class/events',
        seatCookie: SEAT_COOKIE,
        log: loggedOrTold,
        events: (sealed, address, after) =>
          listenAsGroup(benchContext(), { sealed, address, after }),
      },
    });
    holder.grozerGateway = { server, port };
    holder.grozerGatewayShut = undefined;
    return succeed({ port, addresses: localAddresses() });
  } catch (error) {
    const why = codeOf(error) === 'EADDRINUSE' ? 'another program uses it' : codeOf(error);
    const message = `Port ${port} cannot be opened for the class: ${why}. End that program, or start Grozer with GROZER_GATEWAY_PORT set to another number.`;
    holder.grozerGatewayShut = message;
    return fail({ code: 'no-gateway', path: [], message });
  }
}

/** A group’s line where the disk takes it; else its pupils are told, in words for them. */
async function loggedOrTold(sealed: string | undefined, body: unknown): Promise<JsonAnswer> {
  try {
    return await logOfGroup(benchContext(), sealed, body);
  } catch (error) {
    const problem = storageProblem(error);
    if (problem === null) throw error;
    console.error(problem);
    return refused(503, CANNOT_SAVE);
  }
}

/** The file’s name and what to do about it stand in the terminal and on the teacher’s pages. */
const CANNOT_SAVE =
  'Grozer’s computer cannot save just now: tell your teacher. What you typed is kept here and sent again.';

/** Why nobody can come in. */
export function whyShut(): string {
  return holder.grozerGatewayShut ?? 'The door for the class is shut: start the class anew.';
}

/** The system’s name of what went wrong, such as EADDRINUSE. */
function codeOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'code' in error
    ? String(error.code)
    : 'unknown';
}

/** Closes the gateway, and every connection that came through it. */
export function closeGateway(): void {
  holder.grozerGateway?.server.close();
  holder.grozerGateway?.server.closeAllConnections();
  delete holder.grozerGateway;
}

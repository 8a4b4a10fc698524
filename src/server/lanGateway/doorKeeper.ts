import 'server-only';
import type { Server } from 'node:http';
import { fail, succeed, type Result } from '@/core/result';
import { benchContext } from '../bench/benchContext';
import { createDoor, localAddresses } from './door';
import { isTeacherCookie } from './passcode';

const DEFAULT_APP_PORT = 3000;

export interface OpenDoor {
  readonly port: number;
  readonly addresses: readonly string[];
}

const holder = globalThis as typeof globalThis & { grozerDoor?: { server: Server; port: number } };

function appPort(): number {
  return Number(process.env['PORT'] ?? DEFAULT_APP_PORT);
}

/** The door to the local network where it is open; `null` where everything stays on this machine. */
export function openDoorNow(): OpenDoor | null {
  const { grozerDoor } = holder;
  return grozerDoor === undefined ? null : { port: grozerDoor.port, addresses: localAddresses() };
}

/** Opens the door; does nothing where it is open. */
export async function openTheDoor(): Promise<Result<OpenDoor>> {
  const open = openDoorNow();
  if (open !== null) return succeed(open);
  const port = Number(process.env['GROZER_DOOR_PORT'] ?? appPort() + 1);
  const host = process.env['GROZER_DOOR_HOST'] ?? '0.0.0.0';
  try {
    const server = await createDoor({
      appPort: appPort(),
      host,
      port,
      isTeacher: (cookies) => isTeacherCookie(benchContext(), cookies),
    });
    holder.grozerDoor = { server, port };
    return succeed({ port, addresses: localAddresses() });
  } catch (error) {
    const code = codeOf(error);
    return fail({
      code: 'no-door',
      path: [],
      message: `Port ${port} cannot be opened for the class (${code}). Choose another with GROZER_DOOR_PORT and start again.`,
    });
  }
}

/** The system’s name of what went wrong, such as EADDRINUSE. */
function codeOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'code' in error
    ? String(error.code)
    : 'unknown';
}

/** Closes the door, and every connection that came through it. */
export function closeTheDoor(): void {
  holder.grozerDoor?.server.close();
  holder.grozerDoor?.server.closeAllConnections();
  delete holder.grozerDoor;
}

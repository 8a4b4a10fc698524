import 'server-only';
import { closeDatabase } from '@/data/database';
import { closeGateway } from './lanGateway/gatewayKeeper';

/** What is under way is answered for so long before everything is closed, milliseconds. */
const GRACE_MS = 400;

/**
 * Ctrl+C, also in the middle of a class: the door is closed at once, streams end with the process, and the database is
 * written into its one file before. Without this the process waits for every open page.
 */
export function stopOnSignals(): void {
  // However the process ends by itself.
  process.once('exit', closeDatabase);
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.once(signal, () => {
      closeGateway();
      setTimeout(() => process.exit(0), GRACE_MS);
    });
  }
}

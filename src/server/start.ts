import 'server-only';
import { benchContext } from './bench/benchContext';
import { reopenGateway } from './bench/classStatus';
import { clearBrokenUploads, clearOrphans, photosFolder } from './bench/photos';
import { warmShelf } from './listShelf';
import { emptyBin } from './safekeeping/bin';
import { dropAllWaiting } from './safekeeping/keeper';
import { storageProblem } from './storageProblem';
import { closeDatabase } from '@/data/database';
import { closeGateway } from './lanGateway/gatewayKeeper';

/** What is done once when the app starts; what stands in the way is said in the terminal, and by the pages. */
export async function start(): Promise<void> {
  stopOnSignals();
  try {
    clearBrokenUploads(photosFolder(), Date.now());
    dropAllWaiting();
    clearOrphans(benchContext(), photosFolder());
    emptyBin(benchContext());
    await openDoor();
    await warmShelf(benchContext());
  } catch (error) {
    const problem = storageProblem(error);
    if (problem === null) throw error;
    console.error(`\n${problem}\n`);
  }
}

async function openDoor(): Promise<void> {
  const gateway = await reopenGateway(benchContext(), process.env['GROZER_LAN'] === '1');
  if (gateway === null) return;
  if (gateway.ok) {
    const { addresses, port } = gateway.value;
    const joins = addresses.map((address) => `http://${address}:${port}/join`);
    console.log(`Groups join at ${joins.join(' or ')}`);
  } else {
    console.error(gateway.issues.map(({ message }) => message).join(' '));
  }
}

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

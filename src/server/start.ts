import 'server-only';
import { benchContext } from './bench/benchContext';
import { reopenGateway } from './bench/classStatus';
import { clearBrokenUploads, photosFolder } from './bench/photos';
import { warmShelf } from './listShelf';
import { dropAllWaiting } from './safekeeping/keeper';
import { stopOnSignals } from './stopOnSignals';
import { storageProblem } from './storageProblem';

/** What is done once when the app starts; what stands in the way is said in the terminal, and by the pages. */
export async function start(): Promise<void> {
  stopOnSignals();
  try {
    clearBrokenUploads(photosFolder(), Date.now());
    dropAllWaiting();
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

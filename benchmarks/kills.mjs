import { printRow } from './print.mjs';
import { ask, freshDatabase, send, startServer } from './server.mjs';

const PORT = 3260;
const FILE = 'data/kills.db';
const KILLS = 30;
const WRITERS = 20;
/** Acknowledged lines before each kill: another moment every time. */
const LEAST_BEFORE = 40;
const STEP = 7;

/** Kills the app again and again while twenty write, and counts what was acknowledged and is not there. */
export async function benchKills(kills = KILLS) {
  freshDatabase(FILE);
  const app = `http://127.0.0.1:${PORT}`;
  let server = await startServer(PORT, FILE);
  const { id } = await ask(`${app}/api/plans`, 'POST', { title: 'Kills' });
  const log = `${app}/api/lessons/${id}/log`;
  const acknowledged = new Set();
  try {
    for (let kill = 0; kill < kills; kill += 1) {
      const wanted = acknowledged.size + LEAST_BEFORE + STEP * (kill % 9);
      let running = true;
      const gone = new Promise((resolve) => server.once('exit', resolve));
      await Promise.all(
        Array.from({ length: WRITERS }, async (_, writer) => {
          for (let index = 0; running; index += 1) {
            const entryId = `${kill} ${writer} ${index}`;
            try {
              const answer = await send(log, 'POST', lineOf(entryId));
              if (answer.status === 201) acknowledged.add(entryId);
            } catch {
              // Broken off: nobody was told that it is there.
              running = false;
            }
            if (running && acknowledged.size >= wanted) {
              running = false;
              server.kill('SIGKILL');
            }
          }
        }),
      );
      await gone;
      server = await startServer(PORT, FILE);
    }
    const stored = (await ask(log)).map(({ entryId }) => entryId);
    const known = new Set(stored);
    const lost = [...acknowledged].filter((entryId) => !known.has(entryId)).length;
    printRow(
      `${kills} kills while ${WRITERS} write`,
      `${acknowledged.size} acknowledged, ${lost} lost, ${stored.length - known.size} doubled`,
      'none lost or doubled',
      lost === 0 && stored.length === known.size,
    );
  } finally {
    server.kill('SIGKILL');
  }
}

function lineOf(entryId) {
  return {
    entryId,
    revision: 1,
    group: 'Tern',
    entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:00:00Z' },
    struck: false,
  };
}

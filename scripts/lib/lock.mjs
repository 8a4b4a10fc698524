import { mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { uptime } from 'node:os';
import { join } from 'node:path';
import { setTimeout as rest } from 'node:timers/promises';

const LOOK_AGAIN_MS = 300;

/**
 * Does work that two commands started at once must not do at the same time; the second waits. What a command left that was
 * killed holds nobody up.
 * @template T
 * @param {string} folder where the locks lie
 * @param {string} name
 * @param {() => Promise<T>} work
 * @returns {Promise<T>}
 */
export async function alone(folder, name, work) {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${name}.lock`);
  for (let told = false; !taken(file); told = true) {
    if (!told) console.log(`Another command of Grozer is busy with this (${name}); waiting …`);
    await rest(LOOK_AGAIN_MS);
  }
  const release = () => rmSync(file, { force: true });
  process.once('exit', release);
  try {
    return await work();
  } finally {
    process.off('exit', release);
    release();
  }
}

/** Takes the lock where it is free, or where whoever had it is gone. */
function taken(file) {
  try {
    writeFileSync(file, `${process.pid}`, { flag: 'wx' });
    return true;
  } catch (error) {
    if (error.code !== 'EEXIST') throw error;
  }
  if (!isGone(file)) return false;
  rmSync(file, { force: true });
  return false;
}

function isGone(file) {
  try {
    // Since the machine was started its number is another process’s, or nobody’s.
    if (statSync(file).mtimeMs < Date.now() - 1000 * uptime()) return true;
    process.kill(Number(readFileSync(file, 'utf8')), 0);
    return false;
  } catch (error) {
    // Given back in this moment, or nobody has that number; somebody else's process is one all the same.
    return error.code === 'ENOENT' || error.code === 'ESRCH';
  }
}

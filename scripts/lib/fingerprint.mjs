import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Hash over names and contents of files and folders; changes whenever one of them does.
 * @param {string} root
 * @param {string[]} entries paths below root; missing ones are skipped
 */
export function fingerprint(root, entries) {
  const hash = createHash('sha256');
  for (const entry of entries) addEntry(hash, root, entry);
  return hash.digest('hex');
}

function addEntry(hash, root, entry) {
  const path = join(root, entry);
  const stats = statSync(path, { throwIfNoEntry: false });
  if (stats === undefined) return;
  if (stats.isDirectory()) {
    for (const name of readdirSync(path).sort()) addEntry(hash, root, join(entry, name));
    return;
  }
  hash.update(entry).update('\0').update(readFileSync(path)).update('\0');
}

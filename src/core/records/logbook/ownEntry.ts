import type { LogLine, LogRequest } from './logEntry';

/** Entries that mark where a group is: its teacher and it write them alike. */
const SHARED: readonly LogRequest['entry']['kind'][] = ['step', 'help', 'meter'];
const STEP = 'step ';

/** The id of the entry that marks a step of a group. */
export function stepEntryId(group: string, step: string): string {
  return `${STEP}${group} ${step}`;
}

/**
 * Whether a group's device may write this line: new entries, and changes of what its own group wrote. Marks of its
 * steps bear the group's name, so that no other group can take their ids.
 * @param first the first line of the entry; `null` where it is new.
 */
export function isOwnEntry({ entryId, group, entry }: LogRequest, first: LogLine | null): boolean {
  if (entryId.startsWith(STEP) !== (entry.kind === 'step')) return false;
  if (entry.kind === 'step' && entryId !== stepEntryId(group, entry.step)) return false;
  if (first === null) return true;
  return (
    first.group === group &&
    first.entry.kind === entry.kind &&
    (first.author === 'group' || SHARED.includes(entry.kind))
  );
}

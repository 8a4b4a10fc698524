'use client';

import { Select } from '@/ui/plain/Select';
import { useBenchChoice } from '../../benchChoice';
import { useBenchFacts } from '../../useBenchFacts';

/** Which group the bench and the logbook show. */
export function GroupChoice() {
  const { groups } = useBenchFacts();
  const { group, choose } = useBenchChoice();
  // Whoever was chosen stays to be seen when fewer build.
  const names = groups.includes(group) ? groups : [...groups, group];
  if (names.length === 1) return null;
  return (
    <Select label="Group" value={group} onChange={(chosen) => choose({ group: chosen })}>
      {names.map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </Select>
  );
}

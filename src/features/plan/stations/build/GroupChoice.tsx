'use client';

import { Select } from '@/ui/plain/Select';
import { groupNames } from '@/core/work/preparation/groupNames';
import { usePlan } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';

/** Which group the bench and the logbook show. */
export function GroupChoice() {
  const plan = usePlan();
  const { group, choose } = useBenchChoice();
  return (
    <Select label="Group" value={group} onChange={(chosen) => choose({ group: chosen })}>
      {groupNames(plan.lesson.groups).map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </Select>
  );
}

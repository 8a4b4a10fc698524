'use client';

import { Selection } from '@/ui/TextInput';
import { groupNames } from '@/core/work/preparation/groupNames';
import { usePlan } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';

/** Which group the bench and the logbook show. */
export function GroupChoice() {
  const plan = usePlan();
  const { group, choose } = useBenchChoice();
  return (
    <Selection
      label="Group"
      value={group}
      onChange={(chosen) => choose({ group: chosen })}
      sx={{ minWidth: 130 }}
    >
      {groupNames(plan.lesson.groups).map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </Selection>
  );
}

'use client';

import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { groupNames } from '@/core/work/preparation/groupNames';
import { usePlan } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';

/** Which group the bench and the logbook show. */
export function GroupChoice() {
  const plan = usePlan();
  const { group, choose } = useBenchChoice();
  return (
    <TextField
      select
      size="small"
      label="Group"
      value={group}
      onChange={(event) => choose({ group: event.target.value })}
      sx={{ minWidth: 130 }}
    >
      {groupNames(plan.lesson.groups).map((name) => (
        <MenuItem key={name} value={name}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { calibratedPlan } from '@/core/work/guide/calibratedPlan';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { Card } from '@/ui/Card';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';
import { fetched } from '@/ui/fetched';

const CalibrateDialog = fetched(() =>
  import('./CalibrateDialog').then((module) => module.CalibrateDialog),
);

/** Takes the first cell’s readings for the plan’s cell, with the plan before and after side by side. */
export function CalibrateCard({ readings }: { readonly readings: readonly LoggedReading[] }) {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { group } = useBenchChoice();
  const [open, setOpen] = useState(false);
  const calibrated = useMemo(() => calibratedPlan(plan, readings), [plan, readings]);
  return (
    <Card title="Plan with this cell">
      <Typography variant="body2" color="textSecondary">
        {calibrated === null
          ? 'Read the volts and the milliamps of the first cell: then the whole plan can be worked out from it.'
          : `Group ${group} has read its first cell. The plan can be worked out from that instead of ${evaluation.cell.origin === 'own' ? 'the readings it has' : 'typical values'}.`}
      </Typography>
      <Button
        size="small"
        variant="outlined"
        disabled={calibrated === null}
        onClick={() => setOpen(true)}
        sx={{ mt: 1 }}
      >
        Compare before and after
      </Button>
      {open && calibrated !== null ? (
        <CalibrateDialog
          group={group}
          calibrated={calibrated}
          onUse={() => {
            edit((before) => calibratedPlan(before, readings) ?? before);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Card>
  );
}

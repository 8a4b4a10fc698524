'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useCallback, useState } from 'react';
import { stockOf } from '@/core/records/cupboard/cupboardSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { planOfThing } from '@/core/work/planning/planOfThing';
import { HaveList } from '@/ui/have/HaveList';
import { LitList } from '@/ui/have/LitList';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

const QUIET_MS = 250;

/** What can be lit with what there is, and whether this plan is to be made from it. */
export function HaveDialog({ onClose }: { onClose: () => void }) {
  const plan = usePlan();
  const edit = useEdit();
  const { cupboard } = usePlanContext();
  const [counts, setCounts] = useState(() => plan.have ?? stockOf(cupboard.state, isBatteryPart));
  const { minutes, running } = plan;
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.whatCanBeLit({ have: counts, minutes, running }),
      [counts, minutes, running],
    ),
    { worker: 'patient', quietMs: QUIET_MS },
  );
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="have-title">
      <DialogTitle id="have-title">What can I light with what I have?</DialogTitle>
      <DialogContent>
        <Box
          sx={{
            display: 'grid',
            gap: 2.5,
            gridTemplateColumns: { md: '360px minmax(0, 1fr)' },
            alignItems: 'start',
          }}
        >
          <Box>
            <HaveList counts={counts} onCounts={setCounts} />
          </Box>
          <Box component="section" aria-label="You can light">
            {job.status === 'answered' ? null : <JobStatus job={job} />}
            {job.latest === null ? null : (
              <LitList
                answer={job.latest}
                disabled={job.status !== 'answered'}
                onPlan={(thing) => {
                  edit((before) => planOfThing(before, thing, counts));
                  onClose();
                }}
              />
            )}
          </Box>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            edit((before) => ({ ...before, have: counts }));
            onClose();
          }}
        >
          Make this plan from these parts only
        </Button>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { stockOf } from '@/core/records/cupboard/cupboardSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { planOfThing } from '@/core/work/search/planOfThing';
import { HaveList } from '@/ui/have/HaveList';
import { LitList } from '@/ui/have/LitList';
import { JobStatus } from '@/ui/JobStatus';
import { useWhatCanBeLit } from '@/workers/useWhatCanBeLit';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** What can be lit with what there is, and whether this plan is to be made from it. */
export function HaveDialog({ onClose }: { onClose: () => void }) {
  const plan = usePlan();
  const edit = useEdit();
  const { cupboard } = usePlanContext();
  const [counts, setCounts] = useState(() => plan.have ?? stockOf(cupboard.state, isBatteryPart));
  const { minutes, running } = plan;
  const { job, found, current } = useWhatCanBeLit(counts, minutes, running);
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
            {found === null ? null : (
              <LitList
                answer={found}
                disabled={!current}
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

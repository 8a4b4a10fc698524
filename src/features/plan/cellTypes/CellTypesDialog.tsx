'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useCallback } from 'react';
import { freshCell } from '@/core/records/plan/newPlan';
import { withSchool } from '@/core/records/school/figuresOfSchool';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';
import { TypicalPrices } from '../TypicalPrices';
import { TypesTable } from './TypesTable';

/** All types of cells for the plan's wish, one row each. */
export function CellTypesDialog({ onClose }: { readonly onClose: () => void }) {
  const plan = usePlan();
  const edit = useEdit();
  const { cupboard, school } = usePlanContext();
  const { entries, currency } = cupboard.state;
  const job = useWorkerJob(
    useCallback((jobs) => jobs.cellTypes(plan, { entries }), [plan, entries]),
  );
  const rows = job.latest;
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="types-title">
      <DialogTitle id="types-title">All cell types for this wish</DialogTitle>
      <DialogContent>
        {rows === null || job.failure !== null ? (
          <JobStatus job={job}>Looking at every type …</JobStatus>
        ) : null}
        {rows === null ? null : (
          <>
            <TypicalPrices
              needed={rows.some(({ battery }) => battery !== null && battery.price === null)}
            />
            <TypesTable
              rows={rows}
              currency={currency}
              onChoose={({ recipe, battery }) => {
                edit((before) => ({
                  ...before,
                  arrangement: { kind: 'suggested' },
                  cell: withSchool(freshCell(recipe.id, battery?.cell.body.id), school.state),
                }));
                onClose();
              }}
            />
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

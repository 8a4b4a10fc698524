'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
import DialogTitle from '@mui/material/DialogTitle';
import { lessonCountsText, type LessonCounts } from '@/ui/bench/lessonData';

/** A plan with a logbook that is to go. */
export interface GoingPlan {
  readonly id: string;
  readonly title: string;
  readonly counts: LessonCounts;
}

interface DeletePlanDialogProps {
  readonly plan: GoingPlan | null;
  readonly onClose: () => void;
  readonly onRemove: (plan: GoingPlan, data: 'keep' | 'erase') => void;
}

/** What becomes of the logbook of a plan that is taken off the shelf. */
export function DeletePlanDialog({ plan, onClose, onRemove }: DeletePlanDialogProps) {
  return (
    <Dialog open={plan !== null} onClose={onClose} aria-labelledby="going-title">
      <DialogTitle id="going-title">Delete “{plan?.title}”?</DialogTitle>
      {plan === null ? null : (
        <>
          <DialogContent>
            <DialogContentText>
              Its lessons left {lessonCountsText(plan.counts)}. Kept, they come back when the plan
              does, by Undo. Deleted for good, they are gone.
            </DialogContentText>
            <Button
              component="a"
              href={`/api/lessons/${plan.id}/results?format=plan`}
              download
              sx={{ mt: 1.5 }}
              variant="outlined"
            >
              Save plan, logbook and photos first
            </Button>
          </DialogContent>
          <DialogActions>
            <Button onClick={onClose}>Cancel</Button>
            <Button color="error" onClick={() => onRemove(plan, 'erase')}>
              Delete plan and logbook for good
            </Button>
            <Button variant="contained" onClick={() => onRemove(plan, 'keep')}>
              Delete plan, keep logbook
            </Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}

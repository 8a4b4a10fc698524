'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TextInput } from '@/ui/TextInput';
import { useState, type FormEvent } from 'react';
import { planSchema } from '@/core/records/plan/planSchema';
import { createRemote } from '@/ui/document/documentApi';

interface NewPlanDialogProps {
  readonly onClose: () => void;
  readonly onCreated: (id: string) => void;
}

/** Asks for the one thing that a new plan needs: a title. */
export function NewPlanDialog({ onClose, onCreated }: NewPlanDialogProps) {
  const [title, setTitle] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [making, setMaking] = useState(false);
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const checked = planSchema.shape.title.safeParse(title);
    setProblem(checked.success ? null : (checked.error.issues[0]?.message ?? null));
    if (!checked.success || making) return;
    setMaking(true);
    const answer = await createRemote('plans', checked.data);
    setMaking(false);
    if (answer.ok) onCreated(answer.id);
    else setFailure(answer.message);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="new-plan-title">
      <form onSubmit={(event) => void submit(event)} noValidate>
        <DialogTitle id="new-plan-title">New plan</DialogTitle>
        <DialogContent>
          <TextInput
            name="title"
            label="Name of the plan"
            placeholder="Lamp for the model lighthouse"
            value={title}
            onChange={(event) => {
              setTitle(event.target.value);
              setProblem(null);
            }}
            autoFocus
            fullWidth
            error={problem !== null}
            helperText={problem ?? ' '}
          />
          {failure === null ? null : <Alert severity="error">{failure}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={making}>
            Make the plan
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

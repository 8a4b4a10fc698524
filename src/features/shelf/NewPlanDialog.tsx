'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { planSchema } from '@/core/records/plan/planSchema';
import { createRemote } from '@/ui/document/documentApi';

const formSchema = z.object({ title: planSchema.shape.title });

interface NewPlanDialogProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onCreated: (id: string) => void;
}

/** Asks for the one thing that a new plan needs: a title. */
export function NewPlanDialog({ open, onClose, onCreated }: NewPlanDialogProps) {
  const [failure, setFailure] = useState<string | null>(null);
  const form = useForm({ resolver: zodResolver(formSchema), defaultValues: { title: '' } });
  const { errors, isSubmitting } = form.formState;
  const submit = form.handleSubmit(async ({ title }) => {
    const answer = await createRemote('plans', title);
    if (answer.ok) onCreated(answer.id);
    else setFailure(answer.message);
  });
  return (
    <Dialog open={open} onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="new-plan-title">
      <form onSubmit={(event) => void submit(event)} noValidate>
        <DialogTitle id="new-plan-title">New plan</DialogTitle>
        <DialogContent>
          <TextField
            {...form.register('title')}
            label="What is it for?"
            placeholder="Lamp for the model lighthouse"
            autoFocus
            fullWidth
            margin="dense"
            error={errors.title !== undefined}
            helperText={errors.title?.message ?? ' '}
          />
          {failure === null ? null : <Alert severity="error">{failure}</Alert>}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={isSubmitting}>
            Make the plan
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

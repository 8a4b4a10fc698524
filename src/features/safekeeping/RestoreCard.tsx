'use client';

import { clockOfMoment, dateOfMoment } from '@/core/formats/dates';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import * as z from 'zod/mini';
import { holdsText } from '@/core/records/backup';
import { askJson, type Refusal } from '@/ui/askJson';
import { Card } from '@/ui/Card';
import { RefusalAlert } from '@/ui/document/RefusalAlert';

const waitingSchema = z.object({
  id: z.string(),
  manifest: z.object({
    madeAt: z.string(),
    holds: z.object({
      plans: z.number(),
      others: z.number(),
      lines: z.number(),
      photos: z.number(),
    }),
  }),
});
type Waiting = z.infer<typeof waitingSchema>;
const restoredSchema = z.object({ keptAs: z.string() });
const droppedSchema = z.object({ dropped: z.boolean() });

const NO_ANSWER: Refusal = { message: 'Grozer’s server does not answer.', details: [] };

/** A backup is chosen, looked at, and put back. */
export function RestoreCard() {
  const input = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [keptAs, setKeptAs] = useState<string | null>(null);
  const look = async (file: File): Promise<void> => {
    setBusy('Looking it through …');
    setKeptAs(null);
    const answer = await askJson('/api/restore', waitingSchema, file);
    setBusy(null);
    setRefusal(answer.ok ? null : (answer.refusal ?? NO_ANSWER));
    setWaiting(answer.ok ? answer.value : null);
    if (input.current !== null) input.current.value = '';
  };
  const putBack = async ({ id }: Waiting): Promise<void> => {
    setBusy('Putting it back …');
    const answer = await askJson(`/api/restore/${id}`, restoredSchema, {});
    setBusy(null);
    setWaiting(null);
    setRefusal(answer.ok ? null : (answer.refusal ?? NO_ANSWER));
    if (answer.ok) setKeptAs(answer.value.keptAs);
  };
  const drop = async ({ id }: Waiting): Promise<void> => {
    setWaiting(null);
    await askJson(`/api/restore/${id}`, droppedSchema, undefined, { method: 'DELETE' });
  };
  return (
    <Card title="Put a backup back">
      <RefusalAlert refusal={refusal} onClose={() => setRefusal(null)} />
      {waiting === null ? (
        <>
          <Typography sx={{ mb: 1.5 }}>
            Choose the file. You see what is in it before anything changes.
          </Typography>
          <Button
            variant="outlined"
            disabled={busy !== null}
            onClick={() => input.current?.click()}
          >
            Choose a backup
          </Button>
          <input
            ref={input}
            type="file"
            accept=".zip,application/zip"
            hidden
            aria-label="Backup to put back"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file !== undefined) void look(file);
            }}
          />
        </>
      ) : (
        <Box data-testid="waiting-backup">
          <Typography sx={{ fontWeight: 700 }}>
            Backup of {dateOfMoment(waiting.manifest.madeAt)},{' '}
            {clockOfMoment(waiting.manifest.madeAt)}
          </Typography>
          <Typography sx={{ mb: 1 }}>{holdsText(waiting.manifest.holds)}. It is whole.</Typography>
          <Alert severity="warning" sx={{ mb: 1.5 }}>
            It takes the place of everything that is here now. What is here is backed up first, and
            can be put back the same way. Running classes end. Another window that still shows how
            it was asks before it saves.
          </Alert>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              disabled={busy !== null}
              onClick={() => void putBack(waiting)}
            >
              Put it back
            </Button>
            <Button disabled={busy !== null} onClick={() => void drop(waiting)}>
              Leave everything as it is
            </Button>
          </Box>
        </Box>
      )}
      <Typography role="status" variant="body2" sx={{ mt: 1 }}>
        {busy}
      </Typography>
      {keptAs === null ? null : (
        <Alert severity="success" sx={{ mt: 1.5 }} data-testid="restored">
          Everything stands as in the backup. What was here before is in {keptAs}.
        </Alert>
      )}
    </Card>
  );
}

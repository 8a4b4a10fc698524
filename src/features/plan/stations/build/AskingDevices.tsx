'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import * as z from 'zod/mini';
import { askJson } from '@/ui/askJson';
import type { AskingDevice } from '@/ui/bench/LogProvider';

const decided = z.object({ letIn: z.boolean() });

/** Second devices of groups, each to be let in or turned away; wherever the class is looked at. */
export function AskingDevices({
  planId,
  asking,
}: {
  readonly planId: string;
  readonly asking: readonly AskingDevice[];
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const decide = async (device: string, letIn: boolean): Promise<void> => {
    const answer = await askJson(`/api/lessons/${planId}/admissions`, decided, { device, letIn });
    setProblem(answer.ok ? null : answer.message);
  };
  return (
    <>
      {asking.map(({ id, group, number }) => (
        <Alert
          key={id}
          severity="warning"
          data-testid="asking"
          sx={{ mb: 1 }}
          action={
            <Box sx={{ display: 'flex', gap: 1 }}>
              <Button size="small" variant="contained" onClick={() => void decide(id, true)}>
                Add it
              </Button>
              <Button size="small" onClick={() => void decide(id, false)}>
                Refuse it
              </Button>
            </Box>
          }
        >
          Another device asks to join group {group}. It shows the number <strong>{number}</strong>.
        </Alert>
      ))}
      {problem === null ? null : (
        <Alert severity="error" sx={{ mb: 1 }} onClose={() => setProblem(null)}>
          {problem}
        </Alert>
      )}
    </>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { dateOfMoment } from '@/core/formats/dates';
import { BIN_DAYS, type Binned } from '@/core/records/bin';
import { capital } from '@/core/words';
import { Card } from '@/ui/Card';
import { restoreRemote } from '@/ui/document/documentApi';

/** What was deleted lately, each to be put back. */
export function BinCard({ binned }: { readonly binned: readonly Binned[] }) {
  const [back, setBack] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const left = binned.filter(({ id }) => !back.includes(id));
  const putBack = async ({ kind, id }: Binned): Promise<void> => {
    const answer = await restoreRemote({ kind, id });
    setProblem(answer.ok ? null : answer.message);
    if (answer.ok) setBack((before) => [...before, id]);
  };
  return (
    <Card title="Deleted">
      <Typography variant="body2" sx={{ mb: 1 }}>
        {left.length === 0
          ? 'Nothing lies here. '
          : `It waits here for ${BIN_DAYS} days, then it is gone for good.`}
        {back.length > 0 ? ' What you put back is where it was.' : null}
      </Typography>
      <Box
        component="ul"
        aria-label="Deleted"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}
      >
        {left.map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
          >
            <Typography variant="body2" sx={{ flex: '1 1 200px' }}>
              {one.title ?? `A ${one.noun} that cannot be read`} · {capital(one.noun)}, deleted on{' '}
              {dateOfMoment(one.at)}
            </Typography>
            <Button
              size="small"
              aria-label={`Put back: ${one.title ?? one.noun}`}
              onClick={() => void putBack(one)}
            >
              Put back
            </Button>
          </Box>
        ))}
      </Box>
      {problem === null ? null : <Alert severity="error">{problem}</Alert>}
    </Card>
  );
}

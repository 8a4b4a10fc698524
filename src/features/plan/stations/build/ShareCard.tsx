'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { QRCodeSVG } from 'qrcode.react';
import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import { askJson } from '@/ui/askJson';
import { Card } from '@/ui/Card';
import { usePlanContext } from '../../PlanProvider';

const statusSchema = z.object({
  running: z.object({ code: z.string(), endsAt: z.number() }).nullable(),
  gateway: z.object({ port: z.number(), addresses: z.array(z.string()) }).nullable(),
  passcode: z.string().nullable(),
});
type Status = z.infer<typeof statusSchema>;

/** Lets groups join from their own devices: off until it is started, and off again when the lesson ends. */
export function ShareCard() {
  const { open } = usePlanContext();
  const url = `/api/lessons/${open.id}/class`;
  const [status, setStatus] = useState<Status | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const ask = useCallback(
    async (running: boolean | null): Promise<void> => {
      setBusy(true);
      const answer = await askJson(url, statusSchema, running === null ? undefined : { running });
      setBusy(false);
      setProblem(answer.ok ? null : answer.message);
      if (answer.ok) setStatus(answer.value);
    },
    [url],
  );
  useEffect(() => {
    const first = setTimeout(() => void ask(null));
    return () => clearTimeout(first);
  }, [ask]);
  const running = status?.running ?? null;
  const address = status?.gateway?.addresses[0] ?? null;
  const join =
    running === null || status?.gateway == null
      ? null
      : `http://${address ?? '127.0.0.1'}:${status.gateway.port}/join?code=${running.code}`;
  return (
    <Card title="Groups on their own devices">
      {running === null || join === null ? (
        <>
          <Typography variant="body2">
            Off. One laptop is enough: choose a group and type what it reads. Or let the groups join
            from tablets and phones in your own network; nothing leaves it, and no names are asked.
          </Typography>
          <Button
            variant="contained"
            sx={{ mt: 1 }}
            disabled={busy || status === null}
            onClick={() => void ask(true)}
          >
            Start the class
          </Button>
        </>
      ) : (
        <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
          <Typography variant="body2">
            Groups scan this, or open the address and type the code.
          </Typography>
          <Box sx={{ p: 1, bgcolor: '#fff', borderRadius: 1 }}>
            <QRCodeSVG value={join} size={168} title={`Join at ${join}`} />
          </Box>
          <Typography
            data-testid="join-code"
            sx={{ fontSize: '1.7rem', fontWeight: 700, letterSpacing: 3 }}
          >
            {running.code}
          </Typography>
          <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
            {join.replace(/\?.*/, '')}
          </Typography>
          {address === null ? (
            <Alert severity="warning">
              This computer is in no network now, so nobody else can reach it.
            </Alert>
          ) : null}
          <Typography variant="body2" color="textSecondary">
            Your own tablet needs the passcode <strong>{status?.passcode}</strong>. Everything ends
            by itself at {timeOf(running.endsAt)}.
          </Typography>
          <Button variant="outlined" color="error" disabled={busy} onClick={() => void ask(false)}>
            End the class
          </Button>
        </Box>
      )}
      {problem === null ? null : (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem}
        </Alert>
      )}
    </Card>
  );
}

function timeOf(milliseconds: number): string {
  return new Date(milliseconds).toLocaleTimeString(undefined, {
    hour: '2-digit',
    minute: '2-digit',
  });
}

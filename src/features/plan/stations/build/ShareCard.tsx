'use client';

import { clockOfMoment } from '@/core/formats/dates';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { Card } from '@/ui/Card';
import { usePlanContext } from '../../PlanProvider';
import { useClassStatus } from './useClassStatus';

/**
 * Lets groups join from their own devices: off until it is started, and off again when the lesson ends. Where no class may be
 * started it says why.
 */
export function ShareCard({ withheld }: { readonly withheld: string | null }) {
  const { open } = usePlanContext();
  const { status, join, problem, busy, start, end } = useClassStatus(open.id);
  const [asking, setAsking] = useState<'end' | 'passcode' | null>(null);
  const close = (): void => setAsking(null);
  return (
    <Card title="Groups on their own devices">
      {status?.running == null && withheld !== null ? (
        <Typography variant="body2">{withheld}</Typography>
      ) : status?.running == null || join === null ? (
        <>
          <Typography variant="body2">
            Off. One laptop is enough: choose a group and type what it reads. Or let the groups join
            from tablets and phones in your own network; nothing leaves it, and no names are asked.
          </Typography>
          <Button
            variant="contained"
            sx={{ mt: 1 }}
            disabled={busy || status === null}
            onClick={start}
          >
            Start the class
          </Button>
        </>
      ) : (
        <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
          <Typography variant="body2">
            Groups scan this, or open the address and type the code.
          </Typography>
          <Box data-keeps-colours="white" sx={{ p: 1, bgcolor: '#fff', borderRadius: 1 }}>
            <QRCodeSVG value={join} size={168} title={`Join at ${join}`} />
          </Box>
          <Typography
            data-testid="join-code"
            sx={{ fontSize: '1.7rem', fontWeight: 700, letterSpacing: 3 }}
          >
            {status.running.code}
          </Typography>
          <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
            {join.replace(/\?.*/, '')}
          </Typography>
          {status.gateway?.addresses[0] === undefined ? (
            <Alert severity="warning">
              This computer is not on a network now, so nobody else can reach it.
            </Alert>
          ) : null}
          <Typography variant="body2" color="textSecondary">
            Everything ends by itself at {clockOfMoment(status.running.endsAt)}.
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button size="small" onClick={() => setAsking('passcode')}>
              My own tablet
            </Button>
            <Button
              variant="outlined"
              color="error"
              disabled={busy}
              onClick={() => setAsking('end')}
            >
              End the class
            </Button>
          </Box>
        </Box>
      )}
      {problem === null && status?.shut == null ? null : (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem ?? status?.shut}
        </Alert>
      )}
      <Dialog open={asking === 'passcode'} onClose={close} aria-labelledby="own-tablet">
        <DialogTitle id="own-tablet">Your own tablet</DialogTitle>
        <DialogContent>
          <DialogContentText>
            Open the address of the class on it, choose “For the teacher” and type this passcode.
            Not while the class sees your screen.
          </DialogContentText>
          <Typography
            data-testid="passcode"
            sx={{ fontSize: '1.7rem', fontWeight: 700, letterSpacing: 3, mt: 1.5 }}
          >
            {status?.passcode}
          </Typography>
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>Close</Button>
        </DialogActions>
      </Dialog>
      <Dialog open={asking === 'end'} onClose={close} aria-labelledby="end-class">
        <DialogTitle id="end-class">End the class?</DialogTitle>
        <DialogContent>
          <DialogContentText>
            The groups’ devices are disconnected and can log nothing more. What they read stays.
          </DialogContentText>
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>Go on with the class</Button>
          <Button
            variant="contained"
            color="error"
            onClick={() => {
              end();
              close();
            }}
          >
            End the class
          </Button>
        </DialogActions>
      </Dialog>
    </Card>
  );
}

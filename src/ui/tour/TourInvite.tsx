'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import NextLink from 'next/link';
import { useState, useSyncExternalStore } from 'react';
import { TOUR_START } from './tourSteps';
import { rememberTour, tourSeen } from './useTour';

const noChanges = (): (() => void) => () => undefined;

/** On the first visit: a minute round a plan, to be taken or declined. */
export function TourInvite() {
  // The server does not know, so nothing is shown until the browser has said.
  const seen = useSyncExternalStore(noChanges, tourSeen, () => true);
  const [declined, setDeclined] = useState(false);
  if (seen || declined) return null;
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mb: 2 }}
      action={
        <>
          <Button color="inherit" size="small" component={NextLink} href={TOUR_START}>
            Show me
          </Button>
          <Button
            color="inherit"
            size="small"
            onClick={() => {
              rememberTour();
              setDeclined(true);
            }}
          >
            No, thanks
          </Button>
        </>
      }
    >
      New here? One minute shows you round a plan. Help has it again whenever you like.
    </Alert>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PageLink } from '../PageLink';
import { tourHref } from './tourSteps';
import { rememberTour } from './useTour';

interface TourInviteProps {
  /** The plan that is shown; `null` while there is none. */
  readonly planId: string | null;
  /** Makes a plan to be shown round, where there is none. */
  readonly onBegin: () => void;
}

/** On the first visit: a minute round a plan, to be taken or declined. */
export function TourInvite({ planId, onBegin }: TourInviteProps) {
  const [declined, setDeclined] = useState(false);
  if (declined) return null;
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mb: 2 }}
      action={
        <>
          {planId === null ? (
            <Button color="inherit" size="small" onClick={onBegin}>
              Show me
            </Button>
          ) : (
            <Button color="inherit" size="small" component={PageLink} href={tourHref(planId)}>
              Show me
            </Button>
          )}
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

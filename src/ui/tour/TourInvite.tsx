'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PageLink } from '../PageLink';
import { tourHref } from './tourSteps';
import { rememberTour } from './useTour';

/** On the first visit: a minute round a plan, to be taken or declined. */
export function TourInvite({ planId }: { readonly planId: string }) {
  const [declined, setDeclined] = useState(false);
  if (declined) return null;
  return (
    <Alert
      severity="info"
      icon={false}
      sx={{ mb: 2 }}
      action={
        <>
          <Button color="inherit" size="small" component={PageLink} href={tourHref(planId)}>
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

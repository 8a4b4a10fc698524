import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

interface JobStatusProps {
  readonly job: { readonly failure: string | null; readonly retry: () => void };
  /** What is shown while it is worked out. */
  readonly children?: ReactNode;
}

/** In the place of an answer: that it is being worked out, or that this failed and can be tried again. */
export function JobStatus({ job, children = 'Working it out …' }: JobStatusProps) {
  return job.failure === null ? (
    <Typography variant="body2" color="textSecondary" role="status">
      {children}
    </Typography>
  ) : (
    <Alert
      severity="error"
      action={
        <Button color="inherit" size="small" onClick={job.retry}>
          Try again
        </Button>
      }
    >
      This could not be worked out ({job.failure}). Nothing that you typed is lost.
    </Alert>
  );
}

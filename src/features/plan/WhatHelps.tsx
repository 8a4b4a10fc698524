'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { asPercentRounded, verdictOf } from '@/core/work/judging/verdict';
import { JobStatus } from '@/ui/JobStatus';
import { PageLink } from '@/ui/PageLink';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from './PlanProvider';

/** Rest after an edit before it is asked, milliseconds. */
const QUIET_MS = 250;

/** What would mend a plan that falls short, each as a press with its effect; nothing where the plan is fine. */
export function WhatHelps() {
  const { evaluation, open } = usePlanContext();
  const { cell, classes } = evaluation;
  const fine = verdictOf(evaluation).tone === 'fine';
  // What works in no class at all, or is not theirs to read, readings do not change.
  const readingHelps =
    cell.belief.cellsRead === 0 && !cell.recipe.restricted && asPercentRounded(classes.chance) > 0;
  if (fine && !readingHelps) return null;
  return (
    <Box component="section" aria-labelledby="helps-title" data-testid="helps">
      <Typography variant="h2" id="helps-title" gutterBottom>
        What would help
      </Typography>
      {fine ? null : <Helps />}
      {!readingHelps ? null : (
        <Button
          component={PageLink}
          href={`/plans/${open.id}/cell`}
          variant="outlined"
          size="small"
          sx={PRESS}
        >
          Read some cells: then you know
        </Button>
      )}
    </Box>
  );
}

const PRESS = { display: 'block', mb: 1, textAlign: 'left', textTransform: 'none' } as const;

function Helps() {
  const plan = usePlan();
  const edit = useEdit();
  const job = useWorkerJob(
    useCallback((jobs) => jobs.whatHelps(plan), [plan]),
    { quietMs: QUIET_MS },
  );
  const helps = job.latest;
  return (
    <>
      {helps === null || job.failure !== null ? <JobStatus job={job} /> : null}
      {helps?.length === 0 ? (
        <Typography variant="body2" color="textSecondary" gutterBottom>
          No single change fixes it. Try another cell, or ask for less.
        </Typography>
      ) : null}
      {helps?.map(({ id, what, effect, change }) => (
        <Button
          key={id}
          variant="outlined"
          size="small"
          onClick={() => edit((before) => ({ ...before, ...change }))}
          sx={PRESS}
        >
          <strong>{what}</strong>: {effect}
        </Button>
      ))}
    </>
  );
}

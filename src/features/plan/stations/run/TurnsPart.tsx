'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { USUAL_FACTORS } from '@/core/work/running/runBattery';
import { TURNS_HORIZON_SECONDS } from '@/core/work/running/horizons';
import type { IntermittentRun } from '@/core/work/running/intermittentRun';
import { turnsWords } from '@/core/work/running/runWords';
import { aboutTime } from '@/core/units';
import { Card } from '@/ui/Card';
import { mainAndSide } from '@/ui/mainAndSide';
import { JobStatus } from '@/ui/JobStatus';
import { SourceLinks } from '@/ui/SourceLinks';
import { useWorkerJob, type WorkerQuestion } from '@/workers/useWorkerJob';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { useBatteryRun } from '../../useBatteryRun';
import { TimeChart } from './TimeChart';

const stopRun = (jobs: Parameters<WorkerQuestion<unknown>>[0]) => jobs.stopIntermittentRun();

/** On for a while, resting for a while, again and again. */
export function TurnsPart() {
  const { running } = usePlan();
  const { desk, need } = usePlanContext().evaluation;
  const factors = useBatteryRun()?.fit?.factors ?? USUAL_FACTORS;
  const ask: WorkerQuestion<IntermittentRun> = useCallback(
    (jobs, onProgress) => jobs.intermittentRun(desk, need, running, factors, onProgress),
    [desk, need, running, factors],
  );
  const job = useWorkerJob(ask, { worker: 'patient', stop: stopRun });
  return (
    <Box sx={mainAndSide(330)}>
      <Card title="On and off in turns">
        {job.answer !== null ? (
          <TurnsResult run={job.answer} />
        ) : job.status === 'failed' ? (
          <JobStatus job={job} />
        ) : job.status === 'cancelled' ? (
          <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            <Typography variant="body2">Stopped.</Typography>
            <Button size="small" onClick={job.retry}>
              Work it out
            </Button>
          </Box>
        ) : (
          <Box role="status" sx={{ display: 'grid', gap: 1 }}>
            <Typography variant="body2">
              Three days are worked out, turn by turn: {Math.round(100 * job.progress)} %
            </Typography>
            <LinearProgress
              variant="determinate"
              value={100 * job.progress}
              aria-label="Turns worked out"
            />
            <Button size="small" onClick={job.cancel} sx={{ justifySelf: 'start' }}>
              Stop
            </Button>
          </Box>
        )}
      </Card>
      <TurnsFields />
    </Box>
  );
}

function TurnsResult({ run }: { readonly run: IntermittentRun }) {
  const { strings } = usePlanContext().evaluation;
  const { headline, detail } = turnsWords(run, strings.length);
  const lines = [
    {
      name: 'at its ends',
      unit: 'V' as const,
      points: run.samples.map(({ seconds, volts }) => [seconds, volts] as const),
    },
    {
      name: 'current',
      unit: 'mA' as const,
      points: run.samples.map(({ seconds, amps }) => [seconds, 1000 * amps] as const),
    },
  ];
  const course = [
    {
      name: 'at the start of each turn',
      unit: 'mA' as const,
      scattered: true,
      points: run.turns.map(({ seconds, firstAmps }) => [seconds, 1000 * firstAmps] as const),
    },
  ];
  return (
    <>
      <Typography data-testid="turns-headline" sx={{ fontWeight: 700 }}>
        {headline}
      </Typography>
      <Typography variant="body2" sx={{ mb: 1 }}>
        {detail}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        The first turns: dashed the volts, line the current
      </Typography>
      <TimeChart lines={lines} label={`The first turns of use. ${headline}`} height={210} />
      <Typography variant="body2" color="textSecondary">
        Current at the start of each turn, all {run.turns.length} of them
      </Typography>
      <TimeChart
        lines={course}
        label={`Current at the start of ${run.turns.length} turns. ${detail}`}
        height={150}
      />
    </>
  );
}

function TurnsFields() {
  const field = (key: 'onSeconds' | 'restSeconds', label: string) => (
    <PlanQuantity path={`running.turns.${key}`} factor={1 / 60} label={label} kind="minutes" />
  );
  return (
    <Card title="How it is used">
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, mt: 1.5 }}>
        {field('onSeconds', 'On for')}
        {field('restSeconds', 'Rest for')}
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
        At rest the films on the metals dissolve, so each turn starts brighter than the last one
        ended. Water dries all the same. Worked out for at most {aboutTime(TURNS_HORIZON_SECONDS)}.
      </Typography>
      <SourceLinks ids={['films', 'drying']} />
    </Card>
  );
}

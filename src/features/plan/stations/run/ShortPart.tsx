'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { USUAL_FACTORS } from '@/core/work/running/runBattery';
import type { ShortCircuitRecovery } from '@/core/work/running/shortCircuitRecovery';
import { cautionTextsOf } from '@/core/physics/recipes/recipe';
import type { CautionId } from '@/core/physics/safety/cautions';
import { cautionIdsOfPlan } from '@/core/work/preparation/cautionsOfPlan';
import { aboutTime, formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { mainAndSide } from '@/ui/mainAndSide';
import { SourceLinks } from '@/ui/SourceLinks';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { useBatteryRun } from '../../useBatteryRun';
import { TimeChart } from './TimeChart';

/** Cautions that a short touches. */
const OF_A_SHORT: readonly CautionId[] = ['short-circuit', 'hydrogen'];

/** The ends joined for a while by mistake, and how the battery comes back. */
export function ShortPart() {
  const { running } = usePlan();
  const { evaluation } = usePlanContext();
  const { desk, cell } = evaluation;
  const factors = useBatteryRun()?.fit?.factors ?? USUAL_FACTORS;
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.shortCircuitRecovery(desk, running, factors),
      [desk, running, factors],
    ),
    { worker: 'patient' },
  );
  const run = job.answer;
  return (
    <Box sx={mainAndSide(330)}>
      <Card title="Shorted, then left alone">
        {run === null ? <JobStatus job={job} /> : <ShortResult run={run} />}
      </Card>
      <Card title="The mistake">
        <PlanQuantity
          path="running.shortSeconds"
          label="Ends joined for"
          kind="seconds"
          fullWidth
          sx={{ mt: 1 }}
        />
        <Typography variant="body2" color="textSecondary" sx={{ my: 1.5 }}>
          A meter left on “current” across the battery is the same short. Nothing is broken: films
          have grown on the metals, and they dissolve again. Wait before you read it once more.
        </Typography>
        <SourceLinks ids={['films']} />
        <CautionList
          cautions={cautionTextsOf(cell.recipe, cell.body, cautionIdsOfPlan(evaluation)).filter(
            ({ id }) => OF_A_SHORT.includes(id),
          )}
        />
      </Card>
    </Box>
  );
}

function ShortResult({ run }: { readonly run: ShortCircuitRecovery }) {
  const { firstAmps, lastAmps, shortSeconds, freshVolts, lifted, recoveredSeconds } = run;
  const fallen = firstAmps > 0 ? lastAmps / firstAmps : 0;
  const back =
    recoveredSeconds === null
      ? 'It has not come back within half an hour.'
      : recoveredSeconds < 1
        ? 'It is back at once.'
        : `At nine tenths of its fresh volts again after ${aboutTime(recoveredSeconds)}.`;
  return (
    <>
      <Typography sx={{ fontWeight: 700 }} data-testid="short-headline">
        {back}
      </Typography>
      <Typography variant="body2" sx={{ mb: 1 }}>
        The current falls from {formatAmps(firstAmps)} to {formatAmps(lastAmps)} in{' '}
        {aboutTime(shortSeconds)} ({formatNumber(100 * fallen, 2)} %). Lifted, the battery reads{' '}
        {lifted
          .map(({ seconds, volts }) =>
            seconds === 0
              ? `${formatVolts(volts)} at once`
              : `${formatVolts(volts)} after ${aboutTime(seconds)}`,
          )
          .join(', ')}
        ; fresh it read {formatVolts(freshVolts)}.
      </Typography>
      <TimeChart
        label={`Current while shorted and volts afterwards. ${back}`}
        height={280}
        lines={[
          {
            name: 'at its ends',
            unit: 'V',
            points: run.samples.map(({ seconds, volts }) => [seconds, volts] as const),
          },
          {
            name: 'current',
            unit: 'mA',
            points: run.samples.map(({ seconds, amps }) => [seconds, 1000 * amps] as const),
          },
        ]}
      />
      <Typography variant="caption" color="textSecondary">
        Dashed: volts · line: current. The lead is lifted after {aboutTime(shortSeconds)}.
      </Typography>
    </>
  );
}

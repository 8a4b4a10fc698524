'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import type { CapacitorBankRun } from '@/core/work/running/capacitorBankRun';
import { FULL_SHARE } from '@/core/physics/circuit/load/capacitorBank';
import type { RunningBank } from '@/core/records/plan/runningSchema';
import { cautionsOf } from '@/core/physics/safety/cautions';
import {
  aboutTime,
  formatAmps,
  formatFarads,
  formatJoules,
  formatNumber,
  formatOhms,
  formatVolts,
} from '@/core/units';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { CountStepper } from '@/ui/CountStepper';
import { mainAndSide } from '@/ui/mainAndSide';
import { SourceLinks } from '@/ui/SourceLinks';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { TimeChart } from './TimeChart';

/** Capacitors on the battery: how long they fill, what they hold, how they let it go. */
export function BankPart() {
  const { bank } = usePlan().running;
  const { desk, need } = usePlanContext().evaluation;
  const job = useWorkerJob(
    useCallback((jobs) => jobs.capacitorBankRun({ desk, need }, bank), [desk, need, bank]),
    { worker: 'patient' },
  );
  const run = job.answer;
  return (
    <Box sx={mainAndSide(330)}>
      <Card title="A capacitor bank on this battery">
        {run === null ? <JobStatus job={job} /> : <BankResult run={run} bank={bank} />}
      </Card>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <BankFields bank={bank} />
        <Card title="Take care">
          <CautionList cautions={cautionsOf(['capacitors', 'sparks'])} />
          <SourceLinks ids={['led', 'brightness']} />
        </Card>
      </Box>
    </Box>
  );
}

function BankResult({ run, bank }: { readonly run: CapacitorBankRun; readonly bank: RunningBank }) {
  const { facts, openVolts, chargeSeconds, dischargeAmps, dischargeSeconds, flashes } = run;
  const full = FULL_SHARE * openVolts;
  return (
    <>
      <Typography sx={{ fontWeight: 700 }} data-testid="bank-headline">
        Full ({formatVolts(full)}) after {aboutTime(chargeSeconds)}; at {formatVolts(openVolts)} it
        holds {formatJoules(facts.joules)}
      </Typography>
      {facts.withinRating ? null : (
        <Alert severity="error" sx={{ my: 1 }}>
          {formatVolts(openVolts)} is more than the {formatVolts(facts.ratedVolts)} that this bank
          may have: a capacitor could burst. Put more in series, or take fewer cells.
        </Alert>
      )}
      <Box component="ul" sx={{ my: 1, pl: 2.5, '& li': { mb: 0.5 } }}>
        <li>
          The bank is {formatFarads(facts.farads)}
          {bank.inSeries > 1
            ? `: in series the capacity is divided by ${bank.inSeries}, the volts allowed are multiplied`
            : ''}
          . ½ × {formatFarads(facts.farads)} × ({formatVolts(openVolts)})² ={' '}
          {formatJoules(facts.joules)}. At half the volts it holds a quarter:{' '}
          {formatJoules(run.joulesAtHalf)}.
        </li>
        <li>
          It charges through the battery’s own resistance, quickly at first, then ever more slowly;
          half of what the battery gives is lost inside it, whatever that resistance is.
        </li>
        <li>
          Let go through {formatOhms(bank.dischargeOhms)}: {formatAmps(dischargeAmps)} at first, and
          95 % of the volts are gone after {aboutTime(dischargeSeconds)}.
        </li>
        {flashes === null ? null : (
          <li data-testid="bank-flashes">
            Through the LED and {formatOhms(bank.dischargeOhms)} it flashes{' '}
            {formatNumber(flashes.perHour, 2)} times an hour: {flashSpan(flashes.flashSeconds)} of
            light for {aboutTime(flashes.waitSeconds)} of waiting, {formatJoules(flashes.joules)}{' '}
            each time.
          </li>
        )}
      </Box>
      <TimeChart
        label={`Charging: ${formatVolts(full)} after ${aboutTime(chargeSeconds)}.`}
        lines={[
          {
            name: 'at the bank',
            unit: 'V',
            points: run.charging.map(({ seconds, volts }) => [seconds, volts] as const),
          },
        ]}
      />
    </>
  );
}

function flashSpan(seconds: number): string {
  return seconds < 1 ? `${formatNumber(1000 * seconds, 2)} ms` : aboutTime(seconds);
}

function BankFields({ bank }: { readonly bank: RunningBank }) {
  const edit = useEdit();
  const change = (part: Partial<RunningBank>, typing: string | null = null): void =>
    edit(
      (plan) => ({
        ...plan,
        running: { ...plan.running, bank: { ...plan.running.bank, ...part } },
      }),
      typing,
    );
  return (
    <Card title="The bank">
      <Box sx={{ display: 'grid', gap: 1.5, mt: 1.5 }}>
        <PlanQuantity path="running.bank.farads" label="One capacitor" kind="farads" />
        <PlanQuantity path="running.bank.ratedVolts" label="Rated for" kind="volts" />
        <CountStepper
          label="side by side"
          value={bank.inParallel}
          least={1}
          most={20}
          onChange={(inParallel) => change({ inParallel })}
        />
        <CountStepper
          label="in series"
          value={bank.inSeries}
          least={1}
          most={20}
          onChange={(inSeries) => change({ inSeries })}
        />
        <PlanQuantity path="running.bank.dischargeOhms" label="Let go through" kind="ohms" />
      </Box>
    </Card>
  );
}

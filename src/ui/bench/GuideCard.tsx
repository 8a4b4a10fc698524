'use client';

import BackIcon from '@mui/icons-material/ArrowBack';
import CheckIcon from '@mui/icons-material/Check';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { currentStep, type GuideStep } from '@/core/work/guide/guideOfPlan';
import { stepStates } from '@/core/records/logbook/foldLog';
import { isSame, quantityOf } from '@/core/records/logbook/measurement';
import { formatMinutes, formatNumber } from '@/core/units';
import { Card } from '../Card';
import { CautionList } from '../CautionList';
import { CellPortrait } from '../desk/CellPortrait';
import { now, useLog, useReadings } from './LogProvider';
import { ProbePicture } from './ProbePicture';
import { readingEntry, readingText } from '@/core/records/logbook/readingEntry';
import { ReadingField } from './ReadingField';

interface GuideCardProps {
  readonly facts: BenchFacts;
  readonly group: string;
  /** Whether the cautions stand elsewhere on the page. */
  readonly withoutCautions?: boolean;
  /** Why the step should wait; `null` where it need not. */
  readonly hold?: string | null;
}

/** The step that a group is at: what to do, where the probes go, what the meter should read. */
export function GuideCard({ facts, group, withoutCautions = false, hold = null }: GuideCardProps) {
  const { lines, log, markStep } = useLog();
  const readings = useReadings(group);
  const states = useMemo(() => stepStates(lines, group), [lines, group]);
  const { steps } = facts;
  const step = currentStep(steps, states);
  const at = step === null ? steps.length : steps.indexOf(step);
  const before = steps[at - 1];
  const settle = (state: 'done' | 'skipped'): void => {
    if (step !== null) markStep(group, step.id, state);
  };
  const back = (): void => {
    if (before !== undefined) markStep(group, before.id, 'open');
  };
  const read = readings.find(
    ({ measurement }) =>
      step?.measurement !== null &&
      step?.measurement !== undefined &&
      isSame(measurement, step.measurement),
  );
  return (
    <Card
      title={step === null ? 'All steps are done' : step.title}
      actions={
        <Typography variant="caption" color="textSecondary">
          step {Math.min(at + 1, steps.length)} of {steps.length}
          {step === null ? '' : ` · about ${formatMinutes(step.minutes)}`}
        </Typography>
      }
    >
      <LinearProgress
        variant="determinate"
        value={(100 * at) / steps.length}
        aria-label="Steps done"
        sx={{ mb: 1.25 }}
      />
      {step === null ? (
        <Typography>
          Watch how long it runs, and clear away: food with metal in it is waste.
        </Typography>
      ) : (
        <Box sx={{ display: 'grid', gap: 1.25 }}>
          {hold === null ? null : (
            <Alert severity="warning" sx={{ py: 0 }}>
              {hold}
            </Alert>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'flex-start' }}>
            <Typography data-testid="step-text" sx={{ flex: '1 1 260px' }}>
              {step.text}
            </Typography>
            {step.kind === 'build' ? (
              <Box sx={{ width: 150, mt: -2 }}>
                <CellPortrait {...facts.cell} />
              </Box>
            ) : null}
          </Box>
          {step.measurement === null ? null : (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
              {'string' in step.measurement ? (
                <ProbePicture measurement={step.measurement} built={Math.max(step.built, 1)} />
              ) : null}
              <Box sx={{ display: 'grid', gap: 0.75 }}>
                <MeterLine step={step} />
                <ReadingField
                  key={step.id}
                  measurement={step.measurement}
                  facts={facts}
                  value={read?.value ?? null}
                  label={`Reading: ${step.title}`}
                  onRead={(value, typed) => {
                    if (step.measurement === null) return;
                    const range = step.meter?.range ?? null;
                    log(group, [readingEntry(step.measurement, value, now(), { typed, range })]);
                    settle('done');
                  }}
                />
              </Box>
            </Box>
          )}
          {withoutCautions || step.cautions.length === 0 ? null : (
            <CautionList cautions={step.cautions} />
          )}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
        {step === null ? null : (
          <>
            <Button variant="contained" startIcon={<CheckIcon />} onClick={() => settle('done')}>
              Done
            </Button>
            <Button onClick={() => settle('skipped')}>Skip</Button>
          </>
        )}
        <Button startIcon={<BackIcon />} disabled={before === undefined} onClick={back}>
          Back
        </Button>
      </Box>
    </Card>
  );
}

function MeterLine({ step }: { readonly step: GuideStep }) {
  const { meter, expected, measurement } = step;
  if (measurement === null || expected === null) return null;
  if (quantityOf(measurement) === 'light') {
    return (
      <Typography variant="body2" color="textSecondary">
        Look closely, in a darkened corner if need be.
      </Typography>
    );
  }
  const isVolts = quantityOf(measurement) === 'volts';
  const scatter = `${formatNumber((isVolts ? 1 : 1000) * 2 * expected.deviation, 2)} ${isVolts ? 'V' : 'mA'}`;
  return (
    <Typography variant="body2">
      {meter === null ? null : (
        <>
          Meter: <strong>{isVolts ? 'DC volts' : 'DC current'}</strong>, range{' '}
          <strong>{meter.range}</strong>, red lead in <strong>{meter.socket}</strong>.
          <br />
        </>
      )}
      Should read about <strong>{readingText(measurement, expected.value)}</strong>, give or take{' '}
      {scatter}.
    </Typography>
  );
}

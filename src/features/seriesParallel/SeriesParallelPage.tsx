'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Step from '@mui/material/Step';
import StepButton from '@mui/material/StepButton';
import Stepper from '@mui/material/Stepper';
import Typography from '@mui/material/Typography';
import { useSearchParams } from 'next/navigation';
import * as z from 'zod/mini';
import { Card } from '@/ui/Card';
import { PageFrame } from '@/ui/PageFrame';
import { ProjectedPage } from '@/ui/ProjectedPage';
import { JoiningTable } from './JoiningTable';
import { STEPS, type GuideStep } from './steps';
import { WhichWins } from './WhichWins';

const stepSchema = z.catch(
  z.coerce.number().check(z.int(), z.minimum(1), z.maximum(STEPS.length)),
  1,
);

/** A short guided comparison: stiff bought cells, weak home-made ones, and why both schools are right. */
export function SeriesParallelPage() {
  const number = stepSchema.parse(useSearchParams().get('step') ?? 1);
  const step = STEPS[number - 1]!;
  return (
    <ProjectedPage>
      {(press) => (
        <PageFrame heading="Series or parallel?" actions={press} widest={1080}>
          <Box sx={{ display: 'grid', gap: 2 }}>
            <Stepper nonLinear activeStep={number - 1} alternativeLabel sx={{ overflowX: 'auto' }}>
              {STEPS.map(({ name }, index) => (
                <Step key={name}>
                  <StepButton onClick={() => showStep(index + 1)}>{name}</StepButton>
                </Step>
              ))}
            </Stepper>
            <Card
              title={step.question}
              actions={
                <Box sx={{ display: 'flex', gap: 1 }}>
                  <Button disabled={number === 1} onClick={() => showStep(number - 1)}>
                    Back
                  </Button>
                  <Button
                    variant="contained"
                    disabled={number === STEPS.length}
                    onClick={() => showStep(number + 1)}
                  >
                    Next
                  </Button>
                </Box>
              }
            >
              <Typography sx={{ mb: 2 }}>{step.before}</Typography>
              <StepBody step={step} />
              <Typography sx={{ mt: 2 }}>{step.after}</Typography>
            </Card>
          </Box>
        </PageFrame>
      )}
    </ProjectedPage>
  );
}

function showStep(number: number): void {
  window.history.replaceState(null, '', `?step=${number}`);
}

function StepBody({ step }: { readonly step: GuideStep }) {
  return step.show === 'table' ? (
    <JoiningTable key={step.name} cell={step.cell} lamp={step.lamp} lamping={step.lamping} />
  ) : (
    <WhichWins />
  );
}

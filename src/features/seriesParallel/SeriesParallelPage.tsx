'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Step from '@mui/material/Step';
import StepButton from '@mui/material/StepButton';
import Stepper from '@mui/material/Stepper';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useSearchParams } from 'next/navigation';
import { z } from 'zod';
import { DEFERRAL } from '@/core/safety/cautions';
import { Card } from '@/ui/Card';
import { ThemeSwitch } from '@/ui/ThemeSwitch';
import { JoiningTable } from './JoiningTable';
import { STEPS, type GuideStep } from './steps';
import { WhichWins } from './WhichWins';

const stepSchema = z.coerce.number().int().min(1).max(STEPS.length).catch(1);

/** A short guided comparison: stiff bought cells, weak home-made ones, and why both schools are right. */
export function SeriesParallelPage() {
  const number = stepSchema.parse(useSearchParams().get('step') ?? 1);
  const step = STEPS[number - 1]!;
  return (
    <Box sx={{ maxWidth: 1080, mx: 'auto', p: { xs: 2, md: 3 } }}>
      <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 2 }}>
        <Box sx={{ flex: 1 }}>
          <Link component={NextLink} href="/" color="inherit" variant="body2">
            Back to the shelf
          </Link>
          <Typography variant="h1">Series or parallel?</Typography>
        </Box>
        <ThemeSwitch />
      </Box>
      <Box component="main" sx={{ display: 'grid', gap: 2 }}>
        <Stepper nonLinear activeStep={number - 1} alternativeLabel sx={{ overflowX: 'auto' }}>
          {STEPS.map(({ name }, index) => (
            <Step key={name}>
              <StepButton onClick={() => showStep(index + 1)}>{name}</StepButton>
            </Step>
          ))}
        </Stepper>
        <Card title={step.question}>
          <Typography sx={{ mb: 2 }}>{step.before}</Typography>
          <StepBody step={step} />
          <Typography sx={{ mt: 2 }}>{step.after}</Typography>
          <Box sx={{ display: 'flex', gap: 1, mt: 2 }}>
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
        </Card>
      </Box>
      <Typography
        component="footer"
        variant="caption"
        color="textSecondary"
        sx={{ display: 'block', mt: 3, maxWidth: 760 }}
      >
        {DEFERRAL}
      </Typography>
    </Box>
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

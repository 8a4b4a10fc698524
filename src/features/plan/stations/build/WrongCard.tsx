'use client';

import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { wordsOfCause } from '@/core/work/diagnosis/causeWords';
import type { Diagnosis } from '@/core/work/diagnosis/diagnose';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { Card } from '@/ui/Card';
import { JobStatus } from '@/ui/JobStatus';
import type { WorkerJob } from '@/workers/useWorkerJob';

/** Causes below this chance are not listed. */
const MIN_CHANCE = 0.02;
const MAX_CAUSES = 4;

interface WrongCardProps {
  readonly diagnosis: Diagnosis | null;
  readonly job: Pick<WorkerJob<unknown>, 'status' | 'failure' | 'retry'>;
  readonly facts: BenchFacts;
  readonly readings: readonly LoggedReading[];
  /** The readings that the diagnosis is about. */
  readonly judged: readonly LoggedReading[];
}

/** Causes by how likely they are, the likeliest with its remedy. */
export function WrongCard({ diagnosis, job, facts, readings, judged }: WrongCardProps) {
  return (
    <Card title="What is wrong?">
      <Box aria-live="polite" aria-busy={job.status === 'working'} data-testid="causes">
        {job.failure !== null ? (
          <JobStatus job={job} />
        ) : diagnosis === null ? (
          <Typography variant="body2" color="textSecondary">
            {readings.length === 0
              ? 'Nothing was read yet. Build one cell and read its volts.'
              : 'Working it out …'}
          </Typography>
        ) : diagnosis.verdict === 'fine' ? (
          <Typography variant="body2">
            {judgementOf(diagnosis, facts.words, judged).remedy}
          </Typography>
        ) : (
          <Box sx={{ display: 'grid', gap: 1 }}>
            {diagnosis.causes
              .filter(({ chance }, index) => index === 0 || chance >= MIN_CHANCE)
              .slice(0, MAX_CAUSES)
              .map((cause, index) => {
                const { what, remedy } = wordsOfCause(cause, facts.words, judged);
                return (
                  <Paper
                    key={cause.cause}
                    variant="outlined"
                    sx={{
                      p: 1.25,
                      ...(index === 0 ? { borderColor: 'primary.main', borderWidth: 1.5 } : {}),
                    }}
                  >
                    <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
                      <Typography sx={{ fontWeight: 600, fontSize: '0.87rem' }}>{what}</Typography>
                      <Typography sx={{ fontSize: '0.87rem', whiteSpace: 'nowrap' }}>
                        {chanceText(cause.chance)}
                      </Typography>
                    </Box>
                    {index === 0 ? (
                      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
                        {remedy}
                      </Typography>
                    ) : null}
                  </Paper>
                );
              })}
          </Box>
        )}
      </Box>
    </Card>
  );
}

function chanceText(chance: number): string {
  const percent = Math.round(100 * chance);
  return percent >= 100 ? 'over 99 %' : percent < 1 ? 'under 1 %' : `${percent} %`;
}

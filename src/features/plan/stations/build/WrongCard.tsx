'use client';

import Box from '@mui/material/Box';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import { Card } from '@/ui/Card';

interface WrongCardProps {
  /** `null` before the readings were judged. */
  readonly judgement: BenchJudgement | null;
  readonly isRead: boolean;
}

/** Causes by how likely they are, the likeliest with its remedy. */
export function WrongCard({ judgement, isRead }: WrongCardProps) {
  const words = !isRead
    ? 'Nothing was read yet. Build one cell and read its volts.'
    : judgement === null
      ? 'Working it out …'
      : judgement.causes.length === 0
        ? judgement.remedy
        : null;
  return (
    <Card title="What is wrong?">
      <Box aria-live="polite" aria-busy={isRead && judgement === null} data-testid="causes">
        {words !== null || judgement === null ? (
          <Typography variant="body2">{words}</Typography>
        ) : (
          <Box sx={{ display: 'grid', gap: 1 }}>
            {judgement.causes.map(({ what, remedy, chance }, index) => (
              <Paper
                key={what}
                variant="outlined"
                sx={{
                  p: 1.25,
                  ...(index === 0 ? { borderColor: 'primary.main', borderWidth: 1.5 } : {}),
                }}
              >
                <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
                  <Typography sx={{ fontWeight: 600, fontSize: '0.87rem' }}>{what}</Typography>
                  <Typography sx={{ fontSize: '0.87rem', whiteSpace: 'nowrap' }}>
                    {chanceText(chance)}
                  </Typography>
                </Box>
                {index === 0 ? (
                  <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
                    {remedy}
                  </Typography>
                ) : null}
              </Paper>
            ))}
          </Box>
        )}
      </Box>
    </Card>
  );
}

function chanceText(chance: number): string {
  const percent = Math.round(100 * chance);
  return percent > 95 ? 'over 95 %' : percent < 1 ? 'under 1 %' : `${percent} %`;
}

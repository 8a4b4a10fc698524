import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { formatMinutes, formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';

/** Who has a meter when: one round of turns, as bars. */
export function MeterQueueCard({
  facts: { plan, queue, groupNames },
  children,
}: {
  facts: LessonFacts;
  children: ReactNode;
}) {
  const { lesson } = plan;
  const rounds = Math.max(...queue.turns.map(({ round }) => round)) + 1;
  return (
    <Card title="Who has the meter">
      <Box sx={{ maxWidth: 300, my: 1 }}>{children}</Box>
      <Typography variant="body2" sx={{ mb: 1 }} data-testid="queue-words">
        Turns of {formatMinutes(queue.turnMinutes)}; the longest wait between two turns is{' '}
        {formatMinutes(queue.longestWaitMinutes)}.
      </Typography>
      {queue.metersNeeded > lesson.meters ? (
        <Alert severity="warning" sx={{ mb: 1 }}>
          Nobody can wait at most {lesson.mostWaitMinutes} minutes with {lesson.meters}{' '}
          {lesson.meters === 1 ? 'meter' : 'meters'}: it takes {queue.metersNeeded}, or a longer
          wait.
        </Alert>
      ) : null}
      <Box
        component="table"
        aria-label="Turns with the meter"
        sx={{ borderCollapse: 'collapse', width: '100%', fontSize: '0.8rem', tableLayout: 'fixed' }}
      >
        <thead>
          <tr>
            <Box component="th" scope="col" sx={{ width: 92, textAlign: 'left', fontWeight: 600 }}>
              Group
            </Box>
            {Array.from({ length: rounds }, (_, round) => (
              <Box component="th" scope="col" key={round} sx={{ fontWeight: 400 }}>
                {formatNumber(round * queue.turnMinutes)}′
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {queue.turns.map(({ group, round: turn, meter }) => (
            <tr key={group}>
              <Box component="th" scope="row" sx={{ textAlign: 'left', fontWeight: 400, py: 0.2 }}>
                {groupNames[group]}
              </Box>
              {Array.from({ length: rounds }, (_, round) => (
                <Box
                  component="td"
                  key={round}
                  sx={{
                    border: 1,
                    borderColor: 'divider',
                    textAlign: 'center',
                    bgcolor: round === turn ? 'primary.light' : 'transparent',
                    fontWeight: 600,
                  }}
                >
                  {round === turn ? (lesson.meters === 1 ? 'meter' : `meter ${meter + 1}`) : ''}
                </Box>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Card>
  );
}

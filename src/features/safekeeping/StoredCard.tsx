'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { StoredLesson } from '@/core/records/backup';
import { eraseLessonData } from '@/ui/bench/lessonData';
import { Card } from '@/ui/Card';

/** Every class whose data are stored, each to be deleted for good, its plan there or not. */
export function StoredCard({ stored }: { readonly stored: readonly StoredLesson[] }) {
  const [asking, setAsking] = useState<string | null>(null);
  const [gone, setGone] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const left = stored.filter(({ planId }) => !gone.includes(planId));
  const erase = async (planId: string): Promise<void> => {
    const answer = await eraseLessonData(planId);
    setAsking(null);
    if (answer.ok) setGone((before) => [...before, planId]);
    else setProblem(answer.message);
  };
  return (
    <Card title="What classes have left here">
      {left.length === 0 ? (
        <Typography variant="body2">No class has left readings, notes or photos.</Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
          {left.map(({ planId, title, lines }) => (
            <Box
              component="li"
              key={planId}
              sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
            >
              <Typography variant="body2" sx={{ flex: '1 1 200px' }}>
                {title ?? 'A plan that was deleted'}: {lines === 1 ? '1 line' : `${lines} lines`}
              </Typography>
              {asking === planId ? (
                <>
                  <Button size="small" color="error" onClick={() => void erase(planId)}>
                    Delete for good
                  </Button>
                  <Button size="small" onClick={() => setAsking(null)}>
                    Keep
                  </Button>
                </>
              ) : (
                <Button size="small" onClick={() => setAsking(planId)}>
                  Delete its data …
                </Button>
              )}
            </Box>
          ))}
        </Box>
      )}
      {problem === null ? null : (
        <Alert severity="error" sx={{ mt: 1 }}>
          {problem}
        </Alert>
      )}
    </Card>
  );
}

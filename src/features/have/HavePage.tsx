'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PartCounts } from '@/core/records/plan/haveSchema';
import { newPlan, USUAL_MINUTES } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { USUAL_RUNNING } from '@/core/records/plan/runningSchema';
import { litTitle } from '@/core/work/words/litWords';
import { planOfThing } from '@/core/work/search/planOfThing';
import type { LitThing } from '@/core/work/search/whatCanBeLit';
import { Card } from '@/ui/Card';
import { importRemote } from '@/ui/document/documentApi';
import { HaveList } from '@/ui/have/HaveList';
import { LitList } from '@/ui/have/LitList';
import { JobStatus } from '@/ui/JobStatus';
import { PageFrame } from '@/ui/PageFrame';
import { UsualTimes } from '@/ui/UsualTimes';
import { useWhatCanBeLit } from '@/workers/useWhatCanBeLit';

/** Parts and counts in, what they can light out. */
export function HavePage({ stock }: { stock: PartCounts }) {
  const router = useRouter();
  const [counts, setCounts] = useState(stock);
  const [minutes, setMinutes] = useState(USUAL_MINUTES);
  const [planning, setPlanning] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const { job, found, current } = useWhatCanBeLit(counts, minutes, USUAL_RUNNING);
  const plan = async (thing: LitThing): Promise<void> => {
    setPlanning(true);
    const made = planOfThing(newPlan(litTitle(thing)), thing, counts);
    const answer = await importRemote('plans', PLAN_DOCUMENT.text(made));
    if (answer.ok) return router.push(`/plans/${answer.id}/arrange`);
    setPlanning(false);
    setFailure(answer.message);
  };
  return (
    <PageFrame
      heading="I have …"
      subtitle="From the cupboard; counts can be changed here without touching it."
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2.5,
          gridTemplateColumns: { md: '400px minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <Card title="Parts">
          <HaveList counts={counts} onCounts={setCounts} />
          <Typography variant="h3" sx={{ mt: 2.5 }}>
            It must run for
          </Typography>
          <UsualTimes minutes={minutes} onChoose={setMinutes} />
          <Typography variant="caption" color="textSecondary">
            Tap water, tape and rubber bands are taken to be there.
          </Typography>
        </Card>
        <Box component="section" aria-labelledby="lit-title" aria-busy={job.status === 'working'}>
          <Typography variant="h2" id="lit-title" sx={{ mb: 1, fontSize: '1.25rem' }}>
            You can light
          </Typography>
          {failure === null ? null : (
            <Alert severity="error" sx={{ mb: 1.5 }} onClose={() => setFailure(null)}>
              {failure}
            </Alert>
          )}
          {job.status === 'answered' ? null : <JobStatus job={job} />}
          {found === null ? null : (
            <LitList
              answer={found}
              disabled={planning || !current}
              onPlan={(thing) => void plan(thing)}
            />
          )}
        </Box>
      </Box>
    </PageFrame>
  );
}

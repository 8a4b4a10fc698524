'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useMemo } from 'react';
import { firstWrongRow } from '@/core/work/diagnosis/judgeReadings';
import { benchFacts } from '@/core/work/guide/benchFacts';
import { currentStep } from '@/core/work/guide/guideOfPlan';
import { foldLog, stepStates } from '@/core/records/logbook/foldLog';
import type { LogLine } from '@/core/records/logbook/logEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import { evaluatePlan } from '@/core/work/planning/evaluatePlan';
import { DEFERRAL } from '@/core/physics/safety/cautions';
import { formatAmps, formatVolts } from '@/core/units';
import { GuideCard } from '@/ui/bench/GuideCard';
import { LogProvider, now, useLiveLog, useLog, useReadings } from '@/ui/bench/LogProvider';
import { NoteFields } from '@/ui/bench/NoteFields';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';

interface GroupPageProps {
  readonly group: string;
  readonly plan: Plan;
  readonly initialLog: readonly LogLine[];
}

/** A group’s own page on its phone or tablet: the step it is at, its stairs, a word when a step is missing, and a call for help. */
export function GroupPage({ group, plan, initialLog }: GroupPageProps) {
  return (
    <LogProvider initial={initialLog} author="group" postUrl="/api/class/log">
      <GroupBench group={group} plan={plan} />
    </LogProvider>
  );
}

function GroupBench({ group, plan }: Omit<GroupPageProps, 'initialLog'>) {
  const facts = useMemo(() => benchFacts(plan, evaluatePlan(plan)), [plan]);
  const { refresh } = useRouter();
  // The page is rendered anew with the plan as it is now; what was typed stays.
  const { ended } = useLiveLog('/api/class/events', refresh);
  const { lines, waiting, problem, dismiss, log, revise } = useLog();
  const readings = useReadings(group);
  const step = currentStep(facts.steps, stepStates(lines, group));
  const string = step?.string ?? 1;
  const rows = facts.rows(string, readings);
  const wrong = firstWrongRow(rows);
  const help = foldLog(lines).findLast(({ current: { entry } }) => entry.kind === 'help');
  const calls = help?.current.entry.kind === 'help' && help.current.entry.wanted;
  const call = (wanted: boolean): void => {
    const entry = { kind: 'help', wanted, takenAt: now() } as const;
    if (help === undefined) log(group, [entry]);
    else revise(help.current, { entry });
  };
  return (
    <Box component="main" sx={{ maxWidth: 620, mx: 'auto', p: 1.5, display: 'grid', gap: 1.5 }}>
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', gap: 1 }}
      >
        <Typography variant="h1">Group {group}</Typography>
        <Typography variant="caption" color="textSecondary" role="status">
          {waiting === 0 ? 'all sent' : `${waiting} waiting to be sent`}
        </Typography>
      </Box>
      <Typography color="textSecondary">{plan.title}</Typography>
      {ended ? (
        <Alert severity="info">The class has ended. Thank you; you can close this page.</Alert>
      ) : null}
      {problem === null ? null : (
        <Alert severity="error" onClose={dismiss}>
          {problem}
        </Alert>
      )}
      {wrong === null || wrong.meaning === null || wrong.read === null ? null : (
        <Alert severity="warning" data-testid="group-wrong">
          <strong>{wrong.label}: </strong>
          {wrong.meaning.wording}. Expected{' '}
          {(wrong.kind === 'open-circuit' ? formatVolts : formatAmps)(wrong.expected)}, you read{' '}
          {(wrong.kind === 'open-circuit' ? formatVolts : formatAmps)(wrong.read)}. Look at that
          cell before you go on, and read again.
        </Alert>
      )}
      <GuideCard facts={facts} group={group} />
      <Button
        variant={calls ? 'contained' : 'outlined'}
        color={calls ? 'error' : 'primary'}
        onClick={() => call(!calls)}
        aria-pressed={calls}
      >
        {calls ? 'Your teacher is called: press when helped' : 'Call your teacher'}
      </Button>
      <ReadingStairs
        rows={rows}
        room="phone"
        title={facts.lengths.length > 1 ? `String ${string}` : 'Your stairs'}
      />
      <NoteFields group={group} photosUrl="/api/class/photos" />
      <Typography variant="caption" color="textSecondary">
        {DEFERRAL}
      </Typography>
    </Box>
  );
}

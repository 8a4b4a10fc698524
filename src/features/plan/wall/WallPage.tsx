'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { QRCodeSVG } from 'qrcode.react';
import { useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { measurementName, quantityOf } from '@/core/records/logbook/measurement';
import { readingText } from '@/core/records/logbook/readingEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import { median, quartiles } from '@/core/numeric/robust';
import { benchFacts, type BenchFacts } from '@/core/work/guide/benchFacts';
import {
  boardRows,
  classFigures,
  classPredictions,
  commonStep,
  type ClassFigure,
} from '@/core/work/guide/board';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { cellOfPlan } from '@/core/records/plan/cellOfPlan';
import { withFirstCells } from '@/core/work/guide/firstCellsOfClass';
import { firstCellsWords } from '@/core/work/words/firstCellsWords';
import { capital } from '@/core/words';
import { LogProvider, useLiveLog, useLog, useJudged } from '@/ui/bench/LogProvider';
import { PageLink } from '@/ui/PageLink';
import { PROJECTED_TEXT } from '@/ui/ProjectorFrame';
import { AskingDevices } from '../stations/build/AskingDevices';
import { ClassHistogram } from '../stations/build/ClassHistogram';
import { useClassStatus } from '../stations/build/useClassStatus';
import { GroupStanding, tileFrame } from './GroupStanding';
import { projected } from '@/ui/projected';
import { PredictedLines } from './PredictedLines';
import { useNow } from './useNow';

interface WallPageProps {
  readonly id: string;
  readonly plan: Plan;
  readonly initialLog: readonly LogLine[];
}

/** The class on the wall, for all to see: how every group stands, how to join, what was found so far. No passcode. */
export function WallPage({ id, plan, initialLog }: WallPageProps) {
  return (
    <LogProvider initial={initialLog} author="teacher" postUrl={`/api/lessons/${id}/log`}>
      <Wall id={id} plan={plan} />
    </LogProvider>
  );
}

function Wall({ id, plan }: Omit<WallPageProps, 'initialLog'>) {
  const router = useRouter();
  const back = `/plans/${id}/build?part=board`;
  useHotkeys('b, escape', () => router.push(back), [router, back]);
  const { present, asking } = useLiveLog(`/api/lessons/${id}/events`, router.refresh);
  const { lines } = useLog();
  const { status, join } = useClassStatus(id);
  const now = useNow();
  const facts = useMemo(() => benchFacts(plan, evaluatePlan(plan)), [plan]);
  const { groups } = facts;
  const said = useJudged();
  const judged = useMemo(() => new Map(Object.entries(said)), [said]);
  const rows = boardRows({ facts, groups, lines, judged, presence: present });
  const [figure] = classFigures(groups, lines);
  const predictions = classPredictions(facts, groups, lines);
  const next = commonStep(rows);
  const known = useMemo(() => withFirstCells(plan, groups, lines), [plan, groups, lines]);
  const startedAt = status?.running?.startedAt ?? null;
  const minute =
    startedAt === null || now === 0 ? null : Math.max(1, Math.ceil((now - startedAt) / 60_000));
  return (
    <Box
      component="main"
      id="content"
      tabIndex={-1}
      sx={{ minHeight: '100vh', p: projected(32), fontSize: projected(PROJECTED_TEXT) }}
    >
      <AskingDevices planId={id} asking={asking} />
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: join === null ? 'minmax(0, 1fr)' : `minmax(0, 1fr) ${projected(330)}`,
          },
          alignItems: 'start',
        }}
      >
        <Box sx={{ display: 'grid', gap: 3, minWidth: 0 }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'baseline' }}>
            <Typography variant="h1" sx={{ fontSize: projected(48) }}>
              {plan.title}
            </Typography>
            <Typography color="textSecondary" sx={{ fontSize: 'inherit' }}>
              {[
                minute === null ? '' : `minute ${minute} of ${plan.lesson.minutes}`,
                next === null ? '' : `next: ${next}`,
                known === null ? '' : firstCellsWords(cellOfPlan(known).belief),
              ]
                .filter((part) => part !== '')
                .join(' · ')}
            </Typography>
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: 2,
              gridTemplateColumns: {
                xs: `repeat(auto-fill, minmax(min(100%, ${projected(rows.length > 12 ? 300 : 400)}), 1fr))`,
                // No hole in the last row where it can be helped: six groups stand in two rows of three.
                ...(rows.length > 12
                  ? {}
                  : { md: `repeat(${columnsFor(rows.length)}, minmax(0, 1fr))` }),
              },
            }}
          >
            {rows.map((row) => (
              <Paper
                key={row.group}
                variant="outlined"
                data-testid={`wall-${row.group}`}
                sx={{ ...tileFrame(row), borderWidth: 3, p: projected(20) }}
              >
                <GroupStanding row={row} now={now} large />
              </Paper>
            ))}
          </Box>
        </Box>
        {join === null || status?.running == null ? null : (
          <Paper variant="outlined" sx={{ p: projected(24), textAlign: 'center' }}>
            <Box
              data-keeps-colours="white"
              sx={{ bgcolor: '#fff', p: 1, borderRadius: 1, display: 'inline-block' }}
            >
              <QRCodeSVG
                value={join}
                style={{ width: projected(250), height: projected(250) }}
                title={`Join at ${join}`}
              />
            </Box>
            <Typography sx={{ fontSize: projected(48), fontWeight: 700, letterSpacing: 6 }}>
              {status.running.code}
            </Typography>
            <Typography
              color="textSecondary"
              sx={{ fontSize: projected(26), overflowWrap: 'anywhere' }}
            >
              {join.replace(/\?.*/, '')}
            </Typography>
          </Paper>
        )}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          mt: 3,
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: predictions.length === 0 ? '1fr' : 'minmax(0, 1.9fr) minmax(0, 1fr)',
          },
        }}
      >
        {figure === undefined ? null : <Found figure={figure} facts={facts} />}
        {predictions.length === 0 ? null : <PredictedLines predictions={predictions} large />}
      </Box>
      <Button component={PageLink} href={back} sx={{ mt: 3, fontSize: projected(26) }}>
        Back to the plan (B)
      </Button>
    </Box>
  );
}

/** What the class has read of one thing so far, growing dot by dot. */
function Found({ figure, facts }: { readonly figure: ClassFigure; readonly facts: BenchFacts }) {
  const { measurement } = figure;
  const values = figure.values.map(({ value }) => value);
  const [lower, upper] = quartiles(values);
  const single =
    (measurement.kind === 'volts' && measurement.to === 1) ||
    (measurement.kind === 'short' && measurement.built === 1);
  const title = single
    ? `One ${facts.words.body} gives`
    : `${capital(measurementName(measurement))} give`;
  const text = (value: number): string => readingText(measurement, value);
  return (
    <Paper variant="outlined" sx={{ p: projected(24), maxWidth: 1320 }}>
      <Typography variant="h2" sx={{ fontSize: projected(34) }}>
        {title}{' '}
        <Typography component="span" sx={{ fontSize: projected(26) }} data-testid="wall-found">
          {text(median(values))}
          {middleWords(values.length, facts.groups.length)} so far
          {values.length < 4 ? '' : ` · half of them between ${text(lower)} and ${text(upper)}`}
          {quantityOf(measurement) === 'amps' ? ', read for a second or two' : ''}
        </Typography>
      </Typography>
      <ClassHistogram figure={figure} expected={facts.expected(measurement)} textScale={1.05} />
    </Paper>
  );
}

/** Of how many groups the middle is told; of one that is alone nothing need be said. */
function middleWords(read: number, groups: number): string {
  if (read > 1) return `, the middle of ${read} groups`;
  return groups === 1 ? '' : ' in one group';
}

/** Columns of the board for so many groups: at most four, and as few empty places as possible. */
function columnsFor(groups: number): number {
  if (groups <= 3) return Math.max(1, groups);
  return groups % 4 === 0 ? 4 : 3;
}

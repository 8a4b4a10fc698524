'use client';

import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Chip from '@mui/material/Chip';
import LinearProgress from '@mui/material/LinearProgress';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useState } from 'react';
import { boardRows, classFigures, type BoardRow } from '@/core/work/guide/board';
import { measurementName } from '@/core/records/logbook/measurement';
import { groupNames } from '@/core/work/preparation/groupNames';
import { useLog } from '@/ui/bench/LogProvider';
import { readingText } from '@/core/records/logbook/readingEntry';
import { showPart } from '@/ui/PartTabs';
import { mainAndSide } from '@/ui/mainAndSide';
import { usePlan } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';
import { useBenchFacts } from '../../useBenchFacts';
import { ClassFigures } from './ClassFigures';
import { ShareCard } from './ShareCard';

/** A group that wrote nothing for so long is perhaps stuck (common practice, no source). */
const QUIET_MS = 8 * 60_000;
const TICK_MS = 20_000;

/** All groups live: where each is, what it read last, who is stuck; averages and scatter of the class. */
export function BoardPart() {
  const plan = usePlan();
  const facts = useBenchFacts();
  const { lines } = useLog();
  const now = useNow();
  const groups = useMemo(() => groupNames(plan.lesson.groups), [plan.lesson.groups]);
  const rows = useMemo(() => boardRows(facts, groups, lines), [facts, groups, lines]);
  const figures = useMemo(() => classFigures(groups, lines), [groups, lines]);
  const calling = rows.filter(({ helpWanted }) => helpWanted).map(({ group }) => group);
  return (
    <Box sx={mainAndSide(330)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <Typography role="status" sx={{ fontWeight: 600 }}>
          {summaryOf(rows, calling)}
        </Typography>
        <Box
          sx={{
            display: 'grid',
            gap: 1,
            gridTemplateColumns: 'repeat(auto-fill, minmax(205px, 1fr))',
          }}
        >
          {rows.map((row) => (
            <GroupTile key={row.group} row={row} now={now} />
          ))}
        </Box>
        <ClassFigures figures={figures} facts={facts} />
      </Box>
      <ShareCard />
    </Box>
  );
}

function summaryOf(rows: readonly BoardRow[], calling: readonly string[]): string {
  const done = rows.filter(({ step }) => step === null).length;
  const wrong = rows.filter((row) => row.wrong !== null).map(({ group }) => group);
  const parts = [
    calling.length > 0
      ? `${calling.join(', ')} ${calling.length === 1 ? 'calls' : 'call'} for help.`
      : '',
    wrong.length > 0 ? `Something is wrong at ${wrong.join(', ')}.` : 'No reading is out of order.',
    `${done} of ${rows.length} groups are done.`,
  ];
  return parts.filter((one) => one !== '').join(' ');
}

function GroupTile({ row, now }: { readonly row: BoardRow; readonly now: number }) {
  const { choose } = useBenchChoice();
  const { group, step, done, total, last, wrong, helpWanted, lastAt } = row;
  const quiet = lastAt !== null && lastAt > 0 && step !== null && now - lastAt > QUIET_MS;
  const bad = wrong !== null || helpWanted;
  return (
    <Paper
      variant="outlined"
      data-testid={`board-${group}`}
      sx={{ borderColor: bad ? 'error.main' : 'divider', borderWidth: bad ? 1.5 : 1 }}
    >
      <ButtonBase
        onClick={() => {
          choose({ group });
          showPart('bench');
        }}
        sx={{
          display: 'block',
          width: '100%',
          textAlign: 'left',
          p: 1.25,
          fontFamily: 'inherit',
          '&:focus-visible': { outline: 2 },
        }}
      >
        <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>{group}</Typography>
          <Box sx={{ display: 'flex', gap: 0.5 }}>
            {helpWanted ? <Chip size="small" color="error" label="help" /> : null}
            {quiet ? <Chip size="small" label="quiet" /> : null}
          </Box>
        </Box>
        <Typography variant="body2" sx={{ minHeight: 40 }}>
          {step === null ? 'done' : step.title}
        </Typography>
        <LinearProgress
          variant="determinate"
          value={(100 * done) / total}
          aria-label={`${group}: ${done} of ${total} steps`}
          sx={{ my: 0.75 }}
        />
        <Typography variant="body2" color="textSecondary">
          {last === null
            ? 'nothing read yet'
            : `${measurementName(last.measurement)}: ${readingText(last.measurement, last.value)}`}
        </Typography>
        <Typography
          variant="body2"
          sx={{ color: wrong === null ? 'success.main' : 'error.main', fontWeight: 600 }}
        >
          {wrong?.meaning?.wording ?? (last === null ? '' : 'as it should be')}
        </Typography>
      </ButtonBase>
    </Paper>
  );
}

function useNow(): number {
  const [now, setNow] = useState(0);
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const first = setTimeout(tick);
    const timer = setInterval(tick, TICK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, []);
  return now;
}

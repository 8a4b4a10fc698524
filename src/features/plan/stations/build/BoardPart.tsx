'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Chip from '@mui/material/Chip';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import {
  type BoardRow,
  boardRows,
  boardSummary,
  type ClassFigure,
  classFigures,
  classPredictions,
} from '@/core/work/guide/board';
import { type Present, useJudged, useLog } from '@/ui/bench/LogProvider';
import { enterPart } from '@/ui/PartTabs';
import { mainAndSide } from '@/ui/mainAndSide';
import { PageLink } from '@/ui/PageLink';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';
import { useBenchFacts } from '../../useBenchFacts';
import { GroupStanding, tileFrame } from '../../wall/GroupStanding';
import { PredictedLines } from '../../wall/PredictedLines';
import { useNow } from '../../wall/useNow';
import { FirstCellsCard } from './FirstCellsCard';
import { ShareCard } from './ShareCard';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Card } from '@/ui/Card';
import { Selection } from '@/ui/TextInput';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { measurementKey, measurementName, quantityOf } from '@/core/records/logbook/measurement';
import { formatAmps, formatVolts } from '@/core/units';
import { ClassHistogram } from './ClassHistogram';

/** All groups live: where each is, what is wrong and what to try first, who calls; what the class has read. */
export function BoardPart({ present }: { readonly present: Present }) {
  const { open, evaluation } = usePlanContext();
  const { gate } = evaluation.inLesson;
  const facts = useBenchFacts();
  const { lines } = useLog();
  const now = useNow();
  const { groups } = facts;
  const said = useJudged();
  const judged = useMemo(() => new Map(Object.entries(said)), [said]);
  const rows = useMemo(
    () => boardRows({ facts, groups, lines, judged, presence: present }),
    [facts, groups, lines, judged, present],
  );
  const figures = useMemo(() => classFigures(groups, lines), [groups, lines]);
  const predictions = useMemo(() => classPredictions(facts, groups, lines), [facts, groups, lines]);
  return (
    <Box sx={mainAndSide(330)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
          <Typography role="status" sx={{ fontWeight: 600, flex: '1 1 260px' }}>
            {boardSummary(rows)}
          </Typography>
          <Button
            component={PageLink}
            href={`/wall/${open.id}`}
            variant="outlined"
            sx={{ display: { xs: 'none', sm: 'inline-flex' } }}
          >
            Board for the wall (B)
          </Button>
        </Box>
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
        {groups.length > 1 ? <ClassFigures figures={figures} facts={facts} /> : null}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
        <FirstCellsCard groups={groups} lines={lines} />
        <ShareCard withheld={gate.pupilSheet ? null : gate.reason} />
        {gate.pupilSheet ? <PredictSwitch /> : null}
        {predictions.length === 0 ? null : <PredictedLines predictions={predictions} />}
      </Box>
    </Box>
  );
}

function GroupTile({ row, now }: { readonly row: BoardRow; readonly now: number }) {
  const { choose } = useBenchChoice();
  const { group, helpWanted } = row;
  return (
    <Paper
      variant="outlined"
      data-testid={`board-${group}`}
      data-state={row.state}
      sx={tileFrame(row)}
    >
      <ButtonBase
        onClick={() => {
          choose({ group });
          enterPart('bench');
        }}
        sx={{
          display: 'block',
          width: '100%',
          textAlign: 'left',
          px: 1.25,
          py: { xs: 0.75, sm: 1.25 },
          fontFamily: 'inherit',
          '&:focus-visible': { outline: 2 },
        }}
      >
        <GroupStanding row={row} now={now} />
        {helpWanted ? (
          <Chip size="small" color="error" label="calls for help" sx={{ mt: 0.75 }} />
        ) : null}
      </ButtonBase>
    </Paper>
  );
}

/** Whether groups write down what they expect before they are told. */
export function PredictSwitch() {
  const { lesson } = usePlan();
  const edit = useEdit();
  return (
    <Card title="Predict, then measure">
      <FormControlLabel
        control={
          <Switch
            checked={lesson.predict}
            onChange={(_, predict) =>
              edit((plan) => ({ ...plan, lesson: { ...plan.lesson, predict } }))
            }
          />
        }
        label="Groups predict first"
      />
      <Typography variant="body2" color="textSecondary">
        On their own devices the expected value is hidden until they have written down theirs, or
        have read.
      </Typography>
    </Card>
  );
}

interface ClassFiguresProps {
  readonly figures: readonly ClassFigure[];
  readonly facts: BenchFacts;
}

/** What the class read of one measurement: average, scatter, and where everybody lies against the expected band. */
export function ClassFigures({ figures, facts }: ClassFiguresProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const figure =
    figures.find(({ measurement }) => measurementKey(measurement) === chosen) ?? figures[0];
  if (figure === undefined) return null;
  const { measurement, mean, deviation, values } = figure;
  const format = quantityOf(measurement) === 'volts' ? formatVolts : formatAmps;
  const expected = facts.expected(measurement);
  return (
    <Card
      title="The class together"
      actions={
        <Selection
          label="Reading"
          value={measurementKey(measurement)}
          onChange={(chosen) => setChosen(chosen)}
          sx={{ minWidth: 210 }}
          options={figures.map(
            (one) =>
              [
                measurementKey(one.measurement),
                `${nameOf(one, facts.stairs.length)} (${one.values.length})`,
              ] as const,
          )}
        />
      }
    >
      <ClassHistogram figure={figure} expected={expected} />
      <Box sx={{ mt: 0.5 }}>
        <Typography variant="body2" data-testid="class-average">
          {values.length} {values.length === 1 ? 'group' : 'groups'}, average{' '}
          <strong>{format(mean)}</strong>
          {deviation === null ? '' : `, scatter ${format(deviation)} (standard deviation)`};
          expected {format(expected.value)}.
        </Typography>
      </Box>
    </Card>
  );
}

function nameOf({ measurement }: ClassFigure, strings: number): string {
  const name = measurementName(measurement);
  return strings > 1 && 'string' in measurement ? `string ${measurement.string}, ${name}` : name;
}

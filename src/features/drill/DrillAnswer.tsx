'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useCallback, useState } from 'react';
import { faultName, judgementWords } from '@/core/work/drill/drillWords';
import { drillScore, judgeAnswer, type Named } from '@/core/work/drill/judgeAnswer';
import { DRILL_FAULT_NAMES } from '@/core/work/drill/levels';
import type { Drill } from '@/core/work/drill/makeDrill';
import type { DrillPar } from '@/core/work/drill/drillHints';
import { formatNumber } from '@/core/units';
import { capital } from '@/core/words';
import { Card } from '@/ui/Card';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import type { DrillRun, DrillStore } from './drillRun';

interface DrillAnswerProps {
  readonly drill: Drill;
  readonly run: DrillRun;
  readonly store: DrillStore;
}

/** Naming the fault, string by string; then whether it is so, and the score. */
export function DrillAnswer({ drill, run, store }: DrillAnswerProps) {
  const [told, setTold] = useState<string[]>([]);
  const strings = drill.built.map((_, index) => index);
  const named = strings.map((index) => run.named[index] ?? null);
  const change = (index: number, one: Named): void =>
    store.name(named.map((before, at) => (at === index ? one : before)));
  const judge = (): void => {
    const judgements = judgeAnswer(drill, named);
    if (judgements.every((one) => one === 'right')) {
      store.end('found');
      setTold([]);
    } else {
      store.wrong();
      setTold(judgements.map(judgementWords));
    }
  };
  return (
    <Card title="What is wrong?">
      {run.over !== 'no' ? (
        <DrillOver drill={drill} run={run} />
      ) : (
        <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
          {strings.map((index) => (
            <NamedFields
              key={index}
              drill={drill}
              title={strings.length > 1 ? `String ${index + 1}` : 'The string'}
              named={named[index] ?? null}
              onChange={(one) => change(index, one)}
            />
          ))}
          {told.length === 0 ? null : (
            <Alert severity="warning" role="status" data-testid="drill-told">
              {told
                .map((words, index) =>
                  told.length > 1 ? `String ${index + 1}: ${words}.` : `${capital(words)}.`,
                )
                .join(' ')}{' '}
              It counts as two measurements.
            </Alert>
          )}
          <Button variant="contained" onClick={judge}>
            Check my answer
          </Button>
          <Button size="small" onClick={() => store.end('shown')}>
            Give up and show me
          </Button>
        </Box>
      )}
    </Card>
  );
}

function NamedFields(props: {
  readonly drill: Drill;
  readonly title: string;
  readonly named: Named;
  readonly onChange: (named: Named) => void;
}) {
  const { drill, title, named, onChange } = props;
  const { faults, cells } = drill.level;
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Selection
        label={title}
        value={named?.kind ?? 'none'}
        onChange={(kind) => onChange(kind === 'none' ? null : { cell: named?.cell ?? 1, kind })}
        options={[
          ['none', 'nothing is wrong'] as const,
          ...faults.map((kind) => [kind, `a cell: ${DRILL_FAULT_NAMES[kind]}`] as const),
        ]}
      />
      {named === null ? null : (
        <Selection
          label={`Which cell of ${title.toLowerCase()}?`}
          value={named.cell}
          onChange={(cell) => onChange({ ...named, cell })}
          options={Array.from(
            { length: cells },
            (_, index) => [index + 1, `cell ${index + 1}`] as const,
          )}
        />
      )}
    </Box>
  );
}

/** What was hidden, and the score against what the fault finder itself needs, which is worked out only now. */
function DrillOver({ drill, run }: Pick<DrillAnswerProps, 'drill' | 'run'>) {
  const { key } = drill;
  const { taken } = run;
  const job = useWorkerJob(
    useCallback(
      async (jobs) => ({ par: await jobs.drillPar(key), lost: await jobs.drillLoss(key, taken) }),
      [key, taken],
    ),
    { worker: 'patient' },
  );
  const truth =
    drill.hidden.length === 0
      ? 'Nothing is wrong.'
      : `It is ${drill.hidden.map((one) => faultName(drill, one)).join('; ')}.`;
  return (
    <Box data-testid="drill-over" role="status">
      <Typography sx={{ fontWeight: 700, mb: 0.5 }}>
        {run.over === 'found' ? 'Right. ' : ''}
        {truth}
      </Typography>
      {run.over !== 'found' ? null : job.answer === null ? (
        <JobStatus job={job}>The score is being worked out …</JobStatus>
      ) : (
        <Score run={run} {...job.answer} />
      )}
    </Box>
  );
}

/** The score in words: how telling the readings were, and what else it cost. */
function Score({
  run: { taken, hints, wrongAnswers },
  par,
  lost,
}: {
  readonly run: DrillRun;
  readonly par: DrillPar;
  readonly lost: number;
}) {
  const measurements = `${taken.length} ${taken.length === 1 ? 'measurement' : 'measurements'}`;
  return (
    <Typography variant="body2">
      <strong>Score {drillScore({ lost, hints, wrongAnswers }, par.measurements)} of 100</strong>{' '}
      with {measurements}
      {hints > 0 ? `, ${hints} ${hints === 1 ? 'hint' : 'hints'} (one each)` : ''}
      {wrongAnswers > 0
        ? `, ${wrongAnswers} wrong ${wrongAnswers === 1 ? 'answer' : 'answers'} (two each)`
        : ''}
      .{' '}
      {lost < 0.05
        ? 'None could have told more.'
        : `More telling ones would have saved about ${formatNumber(lost, 2)}; the first look at a string is free.`}{' '}
      The fault finder needs {par.measurements}, always taking the reading that tells most
      {par.right ? '' : ', and is misled by the scatter of the cells here'}.
    </Typography>
  );
}

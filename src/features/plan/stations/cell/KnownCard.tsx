'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import {
  bandOf,
  beliefBeforeReading,
  type CellBelief,
  type CellReading,
  halfBandPercent,
  narrowedBelief,
} from '@/core/physics/readings/cellBelief';
import { readingsOf } from '@/core/physics/readings/plannedCell';
import { formatAmps } from '@/core/units';
import { inWords } from '@/core/words';
import { Card } from '@/ui/Card';
import { useCallback } from 'react';
import type { WiringChoice } from '@/core/work/judging/evaluatePlan';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { withOwnWiring } from '../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

interface Stage {
  readonly name: string;
  readonly belief: CellBelief;
  /** Currents that were read by then, amperes. */
  readonly read: readonly number[];
}

/** How the band of an average cell of this class narrows with every cell that is read. */
export function KnownCard() {
  const plan = usePlan();
  const { cell } = usePlanContext().evaluation;
  const before = beliefBeforeReading(cell, cell.school);
  const readings = readingsOf(cell);
  const stageAfter = (count: number): Stage => {
    const told = readings.slice(0, count);
    return {
      name: count === 0 ? 'nobody has read any' : `${inWords(count)} read`,
      belief: narrowedBelief(before, told),
      read: told.flatMap(({ shortAmps }) => (shortAmps === null ? [] : [shortAmps])),
    };
  };
  const stages = [...new Set([0, 1, readings.length])]
    .filter((count) => count <= readings.length)
    .map(stageAfter);
  const cells = cell.recipe.look === 'fruit' ? cell.body.plural : 'cells';
  const afterMore = (count: number): number =>
    halfBandPercent(narrowedBelief(cell.belief, new Array<CellReading>(count).fill(cell.belief)));
  return (
    <Card
      title={`What is known of your ${cells}`}
      actions={
        <Typography variant="body2" color="textSecondary">
          an average cell of your class, shorted
        </Typography>
      }
    >
      <Bands stages={stages} />
      {readings.length > 0 && plan.arrangement.kind === 'suggested' ? <WhatChanged /> : null}
      <Typography variant="body2" color="textSecondary">
        Cells of one class differ by a third, so one tells only part of it. Now the band is ±{' '}
        {halfBandPercent(cell.belief)} %; one more cell would narrow it to ± {afterMore(1)} %, six
        more to ± {afterMore(6)} %.
      </Typography>
    </Card>
  );
}

/** Another suggestion than without the readings, and one press to stay with that. */
function WhatChanged() {
  const plan = usePlan();
  const edit = useEdit();
  const { cell, wiring } = usePlanContext().evaluation;
  const before = useWorkerJob(
    useCallback((jobs) => jobs.wiringUnread(plan), [plan]),
    { quietMs: QUIET_MS },
  ).latest;
  if (before === null || wordsOf(before) === wordsOf(wiring)) return null;
  const usual = beliefBeforeReading(cell, cell.school).shortAmps;
  const how =
    cell.belief.shortAmps < usual ? 'weaker than usual, but known' : 'stronger than usual';
  return (
    <Alert
      severity="info"
      icon={false}
      data-testid="what-changed"
      sx={{ my: 1 }}
      action={
        <Button
          color="inherit"
          size="small"
          onClick={() => edit((now) => withOwnWiring(now, before))}
        >
          Stay with {wordsOf(before)}
        </Button>
      }
    >
      <strong>
        Was {wordsOf(before)}, now {wordsOf(wiring)}:
      </strong>{' '}
      an average cell gives {formatAmps(cell.belief.shortAmps)}, {how}.
    </Alert>
  );
}

/** Rest after an edit before it is asked, milliseconds. */
const QUIET_MS = 250;

const wordsOf = ({ cellsInSeries, strings }: WiringChoice): string =>
  `${cellsInSeries} × ${strings}`;

function Bands({ stages }: { readonly stages: readonly Stage[] }) {
  const shown = stages.flatMap(({ belief, read }) => [...bandOf(belief), ...read]);
  const [least, most] = [Math.log(Math.min(...shown)), Math.log(Math.max(...shown))];
  const at = (amps: number): string => `${2 + (96 * (Math.log(amps) - least)) / (most - least)}%`;
  const rangeOf = (belief: CellBelief): string => bandOf(belief).map(formatAmps).join(' to ');
  const told = stages.map(({ name, belief }) => `${name}: ${rangeOf(belief)}`).join('; ');
  return (
    <Box role="img" aria-label={told} data-testid="known-bands" sx={{ maxWidth: 560, mb: 1 }}>
      {stages.map(({ name, belief, read }, index) => {
        const [low, high] = bandOf(belief);
        const isLast = index === stages.length - 1;
        return (
          <Box key={name} sx={{ mb: 1, fontWeight: isLast ? 700 : 400, fontSize: '0.85rem' }}>
            <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
              <span>{name}</span>
              <span>{rangeOf(belief)}</span>
            </Box>
            <Box sx={{ position: 'relative', height: 22, '& > *': { position: 'absolute' } }}>
              <Box
                sx={{
                  left: at(low),
                  right: `calc(100% - ${at(high)})`,
                  top: 3,
                  height: 16,
                  borderRadius: 2,
                  bgcolor: 'success.main',
                  opacity: isLast ? 0.5 : 0.2,
                }}
              />
              <Box
                sx={{
                  left: at(belief.shortAmps),
                  width: '3px',
                  height: 22,
                  bgcolor: 'text.primary',
                }}
              />
              {read.map((amps, place) => (
                <Box
                  key={place}
                  sx={{
                    left: at(amps),
                    top: 5,
                    ml: '-6px',
                    width: 12,
                    height: 12,
                    borderRadius: '50%',
                    border: 2,
                    borderColor: 'background.paper',
                    bgcolor: 'primary.main',
                  }}
                />
              ))}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

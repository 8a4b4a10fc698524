'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  bandOf,
  beliefBeforeReading,
  type CellBelief,
  narrowedBelief,
} from '@/core/physics/readings/cellBelief';
import { readingsOf } from '@/core/physics/readings/plannedCell';
import { formatAmps } from '@/core/units';
import { inWords } from '@/core/words';
import { Card } from '@/ui/Card';
import { useRoles } from '@/ui/useRoles';
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
  const more = narrowedBelief(cell.belief, [
    { shortAmps: cell.belief.shortAmps, openVolts: cell.belief.openVolts },
  ]);
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
        Cells of one class differ by a third, so one reading tells less than half; one more would
        narrow the band to ± {halfWidth(more)} %, six first cells in class to ±{' '}
        {halfWidth(narrowedBelief(cell.belief, new Array(6).fill(cell.belief)))} %.
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

/** Half of the band as a share of its middle, in percent. */
function halfWidth({ level }: CellBelief): number {
  return Math.round(100 * Math.sinh(2 * level.ampsLog));
}

const WIDTH = 560;
const LEFT = 16;
const RIGHT = 150;
const ROW = 46;

function Bands({ stages }: { readonly stages: readonly Stage[] }) {
  const roles = useRoles();
  const shown = stages.flatMap(({ belief, read }) => [...bandOf(belief), ...read]);
  const [least, most] = [Math.log(Math.min(...shown)), Math.log(Math.max(...shown))];
  const at = (amps: number): number =>
    LEFT + ((Math.log(amps) - least) / (most - least)) * (WIDTH - LEFT - RIGHT);
  const told = stages
    .map(({ name, belief }) => `${name}: ${bandOf(belief).map(formatAmps).join(' to ')}`)
    .join('; ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${ROW * stages.length}`}
      role="img"
      aria-label={told}
      style={{ width: '100%', maxWidth: WIDTH, display: 'block' }}
      data-testid="known-bands"
    >
      {stages.map(({ name, belief, read }, index) => {
        const [low, high] = bandOf(belief);
        const y = ROW * index + 30;
        const isLast = index === stages.length - 1;
        return (
          <g key={name} fontSize={13} fill={roles.ink}>
            <text x={LEFT} y={y - 14} fontWeight={isLast ? 700 : 400}>
              {name}
            </text>
            <rect
              x={at(low)}
              y={y - 8}
              width={at(high) - at(low)}
              height={16}
              rx={8}
              fill={roles.leaf}
              opacity={isLast ? 0.5 : 0.2}
            />
            <line
              x1={at(belief.shortAmps)}
              x2={at(belief.shortAmps)}
              y1={y - 11}
              y2={y + 11}
              stroke={roles.ink}
              strokeWidth={2.5}
            />
            {read.map((amps, place) => (
              <circle
                key={place}
                cx={at(amps)}
                cy={y}
                r={5.5}
                fill={roles.copper}
                stroke={roles.card}
                strokeWidth={2}
              />
            ))}
            <text x={WIDTH - RIGHT + 14} y={y + 5}>
              {formatAmps(low)} to {formatAmps(high)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

'use client';

import Typography from '@mui/material/Typography';
import { type ScoreRow, scoreRows } from '@/core/records/school/lessonScores';
import type { LessonScore } from '@/core/records/school/schoolSchema';
import { Card } from '@/ui/Card';
import { useRoles } from '@/ui/useRoles';

const HEIGHT = 150;
const COLUMN = 150;
const TOP = 14;
const BOTTOM = 30;

const ofHundred = (share: number): number => Math.round(100 * share);
const y = (share: number): number => TOP + (1 - share) * (HEIGHT - TOP - BOTTOM);

/** What was promised over all lessons against what lit, with the uncertainty of so few. */
export function ScoreCard({ scores }: { readonly scores: readonly LessonScore[] }) {
  const roles = useRoles();
  const rows = scoreRows(scores);
  if (rows.length === 0) return null;
  const batteries = scores.reduce((sum, one) => sum + one.batteries, 0);
  return (
    <Card title="Did our promises hold?">
      <svg
        viewBox={`0 0 ${COLUMN * rows.length} ${HEIGHT}`}
        role="img"
        aria-label={rows.map(wordsOf).join(' ')}
        style={{ width: COLUMN * rows.length, maxWidth: '100%' }}
        data-testid="scores"
      >
        {rows.map((row, index) => {
          const x = COLUMN * (index + 0.5);
          return (
            <g key={row.promised}>
              <line
                x1={x}
                x2={x}
                y1={y(row.low)}
                y2={y(row.high)}
                stroke={roles.zinc}
                strokeWidth={4}
              />
              <circle cx={x} cy={y(row.lit)} r={7} fill={roles.zinc} />
              <line
                x1={x - 30}
                x2={x + 30}
                y1={y(row.promised)}
                y2={y(row.promised)}
                stroke={roles.copper}
                strokeWidth={2}
                strokeDasharray="5 3"
              />
              <text x={x} y={HEIGHT - 8} textAnchor="middle" fontSize={13} fill={roles.ink}>
                said {ofHundred(row.promised)}
              </text>
            </g>
          );
        })}
      </svg>
      <Typography variant="body2">
        {scores.length === 1 ? 'One lesson' : `${scores.length} lessons`}, {batteries} batteries.
        Dot: lit of a hundred, with the range that so few leave open; dashed: promised.{' '}
        {rows.map(wordsOf).join(' ')}
      </Typography>
    </Card>
  );
}

function wordsOf({ promised, lit, low, high, batteries }: ScoreRow): string {
  return `Promised ${ofHundred(promised)}: ${ofHundred(lit)} of 100 lit (${ofHundred(low)} to ${ofHundred(high)}, ${batteries} batteries).`;
}

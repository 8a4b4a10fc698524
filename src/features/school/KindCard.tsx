'use client';

import { dateWords } from '@/core/formats/dates';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { KindOfCells, SchoolLesson } from '@/core/records/school/kindsOfSchool';
import { schoolWords } from '@/core/records/school/schoolWords';
import { formatAmps, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import type { SchoolCell } from '@/core/records/school/schoolSchema';
import { useRoles } from '@/ui/useRoles';

interface KindCardProps {
  readonly kind: KindOfCells;
  readonly onCount: (id: string, counted: boolean) => void;
}

/** Cells of one kind: what the next plan is told, and every lesson with its dots. */
export function KindCard({ kind, onCount }: KindCardProps) {
  const { name, figures, lessons } = kind;
  const volts = lessons.flatMap(({ cells }) => cells.map(({ openVolts }) => openVolts));
  const ends = [Math.min(...volts), Math.max(...volts)] as const;
  return (
    <Card title={name}>
      <Typography data-testid="school-statement" sx={{ mb: 1.5 }}>
        {figures === null ? (
          'None of them counts at present.'
        ) : (
          <>
            The next plan starts from <strong>{schoolWords(figures)}</strong>.
          </>
        )}
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {lessons.map((lesson) => (
          <Lesson key={lesson.key} lesson={lesson} ends={ends} onCount={onCount} />
        ))}
      </Box>
    </Card>
  );
}

interface LessonProps {
  readonly lesson: SchoolLesson;
  /** Least and most volts of the kind. */
  readonly ends: readonly [number, number];
  readonly onCount: KindCardProps['onCount'];
}

function Lesson({ lesson, ends, onCount }: LessonProps) {
  const [open, setOpen] = useState(false);
  const { day, title, cells, count, mean, deviation, shortAmps } = lesson;
  const left = cells.length - count;
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          alignItems: 'center',
          gridTemplateColumns: { xs: '1fr', md: '190px 1fr 290px 110px' },
        }}
      >
        <Typography variant="body2">
          <strong>{dateWords(day)}</strong> {title}
        </Typography>
        <CellDots cells={cells} ends={ends} />
        <Typography variant="body2">
          {count} {count === 1 ? 'cell' : 'cells'}
          {mean === null ? '' : `, mean ${formatVolts(mean)}`}
          {deviation === null ? '' : `, scatter ${formatVolts(deviation)}`}
          {shortAmps === null ? '' : `, ${formatAmps(shortAmps)}`}
          {left === 0 ? '' : `; ${left} taken out`}
        </Typography>
        <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Fold away' : 'The cells'}
        </Button>
      </Box>
      {open ? (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
          {cells.map(({ id, group, string, cell, openVolts, shortAmps: amps, counted }) => (
            <FormControlLabel
              key={id}
              control={
                <Checkbox
                  size="small"
                  checked={counted}
                  onChange={(_, wanted) => onCount(id, wanted)}
                />
              }
              label={
                <Typography variant="body2" component="span">
                  {group}, {string === 1 ? '' : `string ${string}, `}cell {cell}:{' '}
                  {formatVolts(openVolts)}
                  {amps === null ? '' : `, ${formatAmps(amps)}`}
                </Typography>
              }
            />
          ))}
        </Box>
      ) : null}
    </Box>
  );
}

interface CellDotsProps {
  readonly cells: readonly SchoolCell[];
  /** Least and most volts on the line. */
  readonly ends: readonly [number, number];
}

const WIDTH = 320;
const HEIGHT = 30;
const INSET = 48;
const RADIUS = 4;

/** A lesson's cells as dots over their volts; those taken out are rings. */
export function CellDots({ cells, ends: [least, most] }: CellDotsProps) {
  const roles = useRoles();
  const span = most - least;
  const x = (volts: number): number =>
    span === 0 ? WIDTH / 2 : INSET + ((volts - least) / span) * (WIDTH - 2 * INSET);
  const label = { fontSize: 11, fill: roles.softInk, dominantBaseline: 'middle' } as const;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: 420 }}
      role="img"
      aria-label={`Cells from ${formatVolts(least)} to ${formatVolts(most)}: ${cells.map(({ openVolts }) => formatVolts(openVolts)).join(', ')}`}
    >
      <line x1={INSET} x2={WIDTH - INSET} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke={roles.rule} />
      <text x={0} y={HEIGHT / 2} {...label}>
        {formatVolts(least)}
      </text>
      <text x={WIDTH} y={HEIGHT / 2} textAnchor="end" {...label}>
        {formatVolts(most)}
      </text>
      {cells.map(({ id, openVolts, counted }) => (
        <circle
          key={id}
          cx={x(openVolts)}
          cy={HEIGHT / 2}
          r={RADIUS}
          fill={counted ? roles.copper : roles.card}
          fillOpacity={counted ? 0.65 : 1}
          stroke={roles.copper}
        />
      ))}
    </svg>
  );
}

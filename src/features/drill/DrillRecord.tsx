'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import type { TakenReading } from '@/core/work/drill/drillHints';
import type { Probing } from '@/core/work/drill/probing';
import { formatAmps, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { SourceLinks } from '@/ui/SourceLinks';
import { clipName } from './DrillDesk';

interface DrillRecordProps {
  readonly taken: readonly TakenReading[];
  /** Strings are named where there is more than one. */
  readonly named: boolean;
  readonly onStartOver: () => void;
  /** Brings back what starting over threw away; `null` where nothing was. */
  readonly onTakeBack: (() => void) | null;
}

/** Every reading that was taken: each counts. */
export function DrillRecord({ taken, named, onStartOver, onTakeBack }: DrillRecordProps) {
  return (
    <Card
      title={`Readings: ${taken.length}`}
      actions={
        <Box>
          {onTakeBack === null ? null : (
            <Button size="small" onClick={onTakeBack}>
              Undo that
            </Button>
          )}
          <Button size="small" disabled={taken.length === 0} onClick={onStartOver}>
            Start over
          </Button>
        </Box>
      }
    >
      {taken.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          Touch a clip with the black probe, another with the red one, choose a range and take the
          reading. A sound kiwi reads about 0.93 V and 1.4 mA; every cell is a little different.
        </Typography>
      ) : (
        <Table size="small" aria-label="Readings taken">
          <TableHead>
            <TableRow>
              <TableCell>how</TableCell>
              <TableCell align="right">reads</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {taken.map(({ probing, value }, index) => (
              <TableRow key={index}>
                <TableCell>{probingWords(probing, named)}</TableCell>
                <TableCell align="right" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
                  {displayWords(probing.range, value)}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
      <SourceLinks ids={['meter', 'scatter', 'faults']} />
    </Card>
  );
}

export function displayWords(range: Probing['range'], value: number | null): string {
  if (value === null) return 'over range';
  return range.endsWith('V') ? formatVolts(value) : formatAmps(value);
}

/** “red on the left clip of cell 3, black on the left clip of cell 1, 20 V” */
export function probingWords({ red, black, range, meanwhile }: Probing, named: boolean): string {
  const rest =
    meanwhile === 'nothing'
      ? ''
      : meanwhile === 'joined'
        ? ', ends joined by a lead'
        : `, lead after cell ${meanwhile} lifted`;
  return `red on the ${clipName(red, named)}, black on the ${clipName(black, named)}, ${range}${rest}`;
}

'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { BenchRow } from '@/core/diagnosis/judgeReadings';
import { formatAmps, formatFixed, formatVolts } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';
import { useEdit } from '../PlanProvider';
import { withReading } from './readingEdits';

const MOST_READ_VOLTS = 100;
const MOST_READ_AMPS = 20;

export function BenchTableRow({ row }: { row: BenchRow }) {
  const edit = useEdit();
  const isVolts = row.kind === 'open-circuit';
  const format = isVolts ? formatVolts : formatAmps;
  const most = isVolts ? MOST_READ_VOLTS : MOST_READ_AMPS;
  const wrong = row.meaning !== null && !row.meaning.fine;
  return (
    <TableRow
      sx={{ bgcolor: wrong ? 'error.light' : undefined }}
      data-testid={`bench-${row.label}`}
    >
      <TableCell component="th" scope="row" sx={{ whiteSpace: 'nowrap' }}>
        {row.label}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {isVolts ? `${formatFixed(row.expected)} V` : format(row.expected)}
      </TableCell>
      <TableCell sx={{ minWidth: 130 }}>
        <QuantityField
          label=""
          hiddenLabel
          size="small"
          kind={isVolts ? 'volts' : 'milliamps'}
          emptyAllowed
          value={row.read}
          format={format}
          check={(value) =>
            Math.abs(value) <= most ? null : `At most ${format(most)}; check the unit.`
          }
          onCommit={(value) =>
            edit((plan) => withReading(plan, row, value, new Date()), `reading ${row.label}`)
          }
          slotProps={{ htmlInput: { 'aria-label': `Read: ${row.label}` } }}
          sx={{ maxWidth: 150 }}
        />
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap', fontWeight: wrong ? 700 : 400 }}>
        {row.step === null || !isVolts ? '' : `${row.step >= 0 ? '+' : ''}${formatFixed(row.step)}`}
      </TableCell>
      <TableCell sx={{ fontWeight: wrong ? 700 : 400 }}>{row.meaning?.wording ?? ''}</TableCell>
    </TableRow>
  );
}

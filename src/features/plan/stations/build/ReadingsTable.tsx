'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import Box from '@mui/material/Box';
import type { BenchRow, ReadingMeaning } from '@/core/work/diagnosis/judgeReadings';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { measurementOfRow } from '@/core/work/guide/stairs';
import { standingOf } from '@/core/records/logbook/foldLog';
import {
  measurementKey,
  measurementName,
  type Measurement,
} from '@/core/records/logbook/measurement';
import { formatFixed } from '@/core/units';
import { now, useLog, useReadings } from '@/ui/bench/LogProvider';
import { readingEntry, readingText } from '@/core/records/logbook/readingEntry';
import { ReadingField } from '@/ui/bench/ReadingField';
import { Card } from '@/ui/Card';
import { useBenchChoice } from '../../benchChoice';

interface ReadingsTableProps {
  readonly facts: BenchFacts;
  readonly rows: readonly BenchRow[];
  /** What the fault finder wants read. */
  readonly next: Measurement | null;
  /** Whether a meter in the network is read from. */
  readonly inUse: boolean;
  /** All readings together were judged to be sound: no single one is shown as wrong. */
  readonly sound: boolean;
}

interface Line {
  readonly measurement: Measurement;
  readonly label: string;
  readonly expected: number;
  readonly read: number | null;
  readonly step: number | null;
  readonly meaning: ReadingMeaning | null;
}

/** Expected against read, row by row; every value can be typed over, and what it was stays in the logbook. */
export function ReadingsTable({ facts, rows, next, inUse, sound }: ReadingsTableProps) {
  const { group, string } = useBenchChoice();
  const { lines, log, revise } = useLog();
  const readings = useReadings(group);
  const stairs = rows.map((row): Line => ({
    ...row,
    measurement: measurementOfRow(string, row),
    step: row.step,
  }));
  const others = facts
    .others(string, readings)
    .map((row): Line => ({ ...row, expected: row.expected.value, step: null }));
  const listed = [...stairs, ...others];
  const wanted =
    next !== null &&
    !listed.some(({ measurement }) => measurementKey(measurement) === measurementKey(next))
      ? next
      : null;
  const record = (measurement: Measurement, value: number | null, typed: string): void => {
    const key = measurementKey(measurement);
    const standing = standingOf(lines, group).findLast(
      ({ current: { entry } }) =>
        entry.kind === 'reading' && measurementKey(entry.measurement) === key,
    );
    if (value === null) {
      if (standing !== undefined) revise(standing.current, { struck: true });
      return;
    }
    const entry = readingEntry(measurement, value, now(), { typed });
    if (standing === undefined) log(group, [entry]);
    else revise(standing.current, { entry });
  };
  return (
    <Card
      title="Readings"
      actions={
        <Typography variant="caption" color="textSecondary">
          type 0.94, 0,94 or 940 mV{inUse ? ', or press R to take one from the meter' : ''}
        </Typography>
      }
    >
      <Box sx={{ overflowX: 'auto' }}>
        <Table size="small" aria-label="Readings, expected against read">
          <TableHead>
            <TableRow>
              <TableCell>after</TableCell>
              <TableCell align="right">expected</TableCell>
              <TableCell>read</TableCell>
              <TableCell align="right">step</TableCell>
              <TableCell>what it means</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {listed.map((line) => (
              <ReadingRow
                key={measurementKey(line.measurement)}
                line={line}
                facts={facts}
                record={record}
                sound={sound}
              />
            ))}
            {wanted === null ? null : (
              <ReadingRow
                line={{
                  measurement: wanted,
                  label: measurementName(wanted),
                  expected: facts.expected(wanted).value,
                  read: null,
                  step: null,
                  meaning: { code: 'as-planned', fine: true, wording: 'read this next' },
                }}
                facts={facts}
                record={record}
                wanted
              />
            )}
          </TableBody>
        </Table>
      </Box>
    </Card>
  );
}

interface ReadingRowProps {
  readonly line: Line;
  readonly facts: BenchFacts;
  readonly record: (measurement: Measurement, value: number | null, typed: string) => void;
  readonly wanted?: boolean;
  readonly sound?: boolean;
}

function ReadingRow({ line, facts, record, wanted = false, sound = false }: ReadingRowProps) {
  const { measurement, label, expected, read, step, meaning } = line;
  const wrong = !sound && meaning !== null && !meaning.fine;
  return (
    <TableRow
      sx={{ bgcolor: wrong ? 'error.light' : wanted ? 'action.hover' : undefined }}
      data-testid={`bench-${label}`}
    >
      <TableCell component="th" scope="row" sx={{ whiteSpace: 'nowrap' }}>
        {label}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {measurement.kind === 'lights' ? '' : readingText(measurement, expected)}
      </TableCell>
      <TableCell sx={{ minWidth: 140 }}>
        <ReadingField
          measurement={measurement}
          expected={expected}
          stairs={facts.stairs}
          value={read}
          label={`Read: ${label}`}
          onRead={(value, typed) => record(measurement, value, typed)}
          onClear={() => record(measurement, null, '')}
        />
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap', fontWeight: wrong ? 700 : 400 }}>
        {step === null || measurement.kind !== 'volts'
          ? ''
          : `${step >= 0 ? '+' : ''}${formatFixed(step)}`}
      </TableCell>
      <TableCell sx={{ fontWeight: wrong ? 700 : 400 }}>
        {sound && meaning !== null && !meaning.fine ? 'fits the others' : (meaning?.wording ?? '')}
      </TableCell>
    </TableRow>
  );
}

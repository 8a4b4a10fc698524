'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useCallback, useMemo, useState } from 'react';
import type { Result } from '@/core/result';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { freshReadings } from '@/core/records/logbook/freshReadings';
import { measurementName } from '@/core/records/logbook/measurement';
import {
  NEEDED_COLUMNS,
  FILE_COLUMNS,
  type ColumnMapping,
  type FileRow,
  type ReadFile,
} from '@/core/records/logbook/resultsCsv';
import { now, useLog } from '@/ui/bench/LogProvider';
import { newEntryId } from '@/ui/bench/logStore';
import { readingText } from '@/core/records/logbook/readingEntry';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useBenchFacts } from '../../useBenchFacts';

const NONE = '(none)';
const MAX_SHOWN = 60;
const NO_ROWS: readonly FileRow[] = [];

/** Readings of a file: which column is what, what every row becomes, and what is wrong with which; nothing is taken before it is confirmed. */
export function ImportDialog({
  text,
  onClose,
}: {
  readonly text: string;
  readonly onClose: () => void;
}) {
  const { sendMany, lines } = useLog();
  const facts = useBenchFacts();
  const [chosen, setChosen] = useState<ColumnMapping | null>(null);
  const [time] = useState(now);
  const [problem, setProblem] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const reading = useWorkerJob<Result<ReadFile>>(
    useCallback(
      (jobs) => jobs.readResultsFile(text, chosen, time, facts.words.places),
      [text, chosen, time, facts],
    ),
  );
  const file = reading.latest?.ok === true ? reading.latest.value : null;
  const mapping = chosen ?? file?.mapping ?? null;
  const rows = file?.rows ?? NO_ROWS;
  const good = useMemo(() => rows.flatMap(({ reading: one }) => one ?? []), [rows]);
  const fresh = useMemo(() => freshReadings(lines, good, time), [lines, good, time]);
  const here = good.length - fresh.length;
  const bad = rows.filter(({ reading: one }) => one === null);
  const missing = mapping === null ? [] : NEEDED_COLUMNS.filter((one) => mapping[one] === null);
  const faults = reading.latest?.ok === false ? reading.latest.issues : [];
  const take = async (): Promise<void> => {
    setSending(true);
    const requests = fresh.map(({ group, entry }): LogRequest => ({
      entryId: newEntryId(),
      revision: 1,
      group,
      entry,
      struck: false,
    }));
    const result = await sendMany(requests);
    setSending(false);
    if (result.status === 'logged') onClose();
    else {
      setProblem(
        result.status !== 'unreachable'
          ? result.message
          : 'Grozer’s server does not answer; nothing was taken. Try again.',
      );
    }
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="import-title">
      <DialogTitle id="import-title">Readings from a file</DialogTitle>
      <DialogContent>
        {faults.length > 0 ? (
          <Alert severity="error">{faults.map(({ message }) => message).join(' ')}</Alert>
        ) : null}
        {file !== null && mapping !== null ? (
          <Box
            sx={{
              display: 'grid',
              gap: 1.25,
              gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
              pt: 1,
            }}
          >
            {FILE_COLUMNS.map((column) => (
              <Selection
                key={column}
                label={column}
                value={mapping[column] ?? NONE}
                error={NEEDED_COLUMNS.includes(column) && mapping[column] === null}
                onChange={(name) =>
                  setChosen({ ...mapping, [column]: name === NONE ? null : name })
                }
                options={[NONE, ...file.columns].map((name) => [name, name] as const)}
              />
            ))}
          </Box>
        ) : null}
        {reading.status === 'answered' ? null : (
          <JobStatus job={reading}>Reading the file …</JobStatus>
        )}
        {file !== null ? (
          <>
            <Typography sx={{ mt: 1.5 }} role="status">
              {fresh.length} {fresh.length === 1 ? 'row' : 'rows'} can be imported
              {here > 0 ? `, ${here} ${here === 1 ? 'is' : 'are'} here already` : ''}
              {bad.length > 0 ? `, ${bad.length} cannot` : ''}.
            </Typography>
            {missing.length > 0 ? (
              <Alert severity="warning">Choose the column for: {missing.join(', ')}.</Alert>
            ) : null}
            <PreviewTable rows={[...bad, ...rows.filter(({ reading: one }) => one !== null)]} />
          </>
        ) : null}
        {problem === null ? null : <Alert severity="error">{problem}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={fresh.length === 0 || sending || reading.status !== 'answered'}
          onClick={() => void take()}
        >
          {sending
            ? 'Importing …'
            : `Import ${fresh.length} ${fresh.length === 1 ? 'reading' : 'readings'}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function PreviewTable({ rows }: { readonly rows: readonly FileRow[] }) {
  return (
    <Box
      sx={{ maxHeight: 260, overflow: 'auto' }}
      tabIndex={0}
      role="region"
      aria-label="Rows of the file"
    >
      <Table size="small" stickyHeader aria-label="What the rows become">
        <TableHead>
          <TableRow>
            <TableCell>row</TableCell>
            <TableCell>group</TableCell>
            <TableCell>measured</TableCell>
            <TableCell>value</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.slice(0, MAX_SHOWN).map(({ row, reading, issues: faults, cells }) => (
            <TableRow key={row} sx={{ bgcolor: reading === null ? 'error.light' : undefined }}>
              <TableCell>{row}</TableCell>
              {reading === null ? (
                <TableCell colSpan={3}>
                  {faults.map(({ path, message }) => `“${path[2]}”: ${message}`).join(' ')}{' '}
                  <Typography component="span" variant="caption" color="textSecondary">
                    ({Object.values(cells).join(' · ')})
                  </Typography>
                </TableCell>
              ) : (
                <>
                  <TableCell>{reading.group}</TableCell>
                  <TableCell>{measurementName(reading.entry.measurement)}</TableCell>
                  <TableCell>
                    {readingText(reading.entry.measurement, reading.entry.value)}
                  </TableCell>
                </>
              )}
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {rows.length > MAX_SHOWN ? (
        <Typography variant="caption">… and {rows.length - MAX_SHOWN} more rows.</Typography>
      ) : null}
    </Box>
  );
}

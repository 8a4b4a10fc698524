'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMemo, useRef, useState } from 'react';
import { readingsOfGroup } from '@/core/records/logbook/foldLog';
import {
  type Measurement,
  measurementKey,
  measurementName,
} from '@/core/records/logbook/measurement';
import { LONGEST_TABLE } from '@/core/formats/csv';
import { useLog } from '@/ui/bench/LogProvider';
import { fileText } from '@/ui/fileText';
import { readingText } from '@/core/records/logbook/readingEntry';
import { Card } from '@/ui/Card';
import { DownloadIcon, UploadIcon } from '@/ui/icons';
import { usePlanContext } from '../../PlanProvider';
import { capital } from '@/core/words';
import { useBenchFacts } from '../../useBenchFacts';
import { ImportDialog } from './ImportDialog';
import { SchoolCard } from './SchoolCard';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
import DialogTitle from '@mui/material/DialogTitle';
import { countLessonData, eraseLessonData, lessonCountsText } from '@/ui/bench/lessonData';

const DOWNLOADS = [
  { format: 'csv', name: 'Export CSV' },
  { format: 'package', name: 'Data package' },
  { format: 'plan', name: 'Plan with log and photos' },
] as const;
/** In the widest encoding that is read. */
const LARGEST_FILE = 2 * LONGEST_TABLE;

/** Everything that the class read, group by group, as a table and as files; and readings from a file. */
export function ResultsPart() {
  const { groups: own, nameOf } = useBenchFacts();
  const { open } = usePlanContext();
  const { lines } = useLog();
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { groups, measurements, values } = useMemo(() => {
    const others = lines.map(({ group }) => group).filter((group) => !own.includes(group));
    const everyone = [...own, ...new Set(others)];
    const known = new Map<string, Measurement>();
    const read = new Map<string, string>();
    for (const group of everyone) {
      for (const { measurement, value } of readingsOfGroup(lines, group)) {
        const key = measurementKey(measurement);
        known.set(key, measurement);
        read.set(`${group} ${key}`, readingText(measurement, value));
      }
    }
    return { groups: everyone, measurements: known, values: read };
  }, [own, lines]);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Card
        title="Results"
        actions={
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button size="small" startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
              Import CSV
            </Button>
            {DOWNLOADS.map(({ format, name }) => (
              <Button
                key={format}
                size="small"
                startIcon={<DownloadIcon />}
                component="a"
                href={`/api/lessons/${open.id}/results?format=${format}`}
                download
              >
                {name}
              </Button>
            ))}
            <input
              ref={input}
              type="file"
              accept=".csv,text/csv"
              hidden
              aria-label="Readings as CSV: file"
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                if (chosen === undefined) return;
                void fileText(chosen, LARGEST_FILE).then((text) => {
                  setProblem(text.ok ? null : (text.issues[0]?.message ?? null));
                  if (text.ok) setFile(text.value);
                });
                event.target.value = '';
              }}
            />
          </Box>
        }
      >
        {problem === null ? null : <Alert severity="error">{problem}</Alert>}
        {measurements.size === 0 ? (
          <Typography variant="body2" color="textSecondary">
            Nothing was read yet.
          </Typography>
        ) : (
          <Box sx={{ overflowX: 'auto' }}>
            <Table size="small" aria-label="Readings of all groups">
              <TableHead>
                <TableRow>
                  <TableCell>group</TableCell>
                  {[...measurements].map(([key, measurement]) => (
                    <TableCell key={key} align="right">
                      {'string' in measurement && measurement.string > 1
                        ? `string ${measurement.string}, `
                        : ''}
                      {measurementName(measurement)}
                    </TableCell>
                  ))}
                </TableRow>
              </TableHead>
              <TableBody>
                {groups.map((group) => (
                  <TableRow key={group} data-testid={`results-${group}`}>
                    <TableCell component="th" scope="row">
                      {capital(nameOf(group))}
                    </TableCell>
                    {[...measurements.keys()].map((key) => (
                      <TableCell key={key} align="right" sx={{ whiteSpace: 'nowrap' }}>
                        {values.get(`${group} ${key}`) ?? ''}
                      </TableCell>
                    ))}
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Box>
        )}
        {file === null ? null : <ImportDialog text={file} onClose={() => setFile(null)} />}
      </Card>
      <SchoolCard groups={groups} />
      {lines.length === 0 ? null : <EraseCard />}
    </Box>
  );
}

/** Deletes for good what a class left: when the lesson is over and nobody needs it any more. */
export function EraseCard() {
  const { open } = usePlanContext();
  const [counts, setCounts] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const ask = async (): Promise<void> => {
    const answer = await countLessonData(open.id);
    setProblem(answer.ok ? null : answer.message);
    if (answer.ok) setCounts(lessonCountsText(answer.value));
  };
  const erase = async (): Promise<void> => {
    const answer = await eraseLessonData(open.id);
    // The page begins anew: it knows lines that are no more.
    if (answer.ok) window.location.reload();
    else setProblem(answer.message);
  };
  return (
    <Card title="This class’s data">
      <Typography variant="body2" sx={{ mb: 1 }}>
        No names are in it; readings, notes and photos are. They stay here until you delete them.
      </Typography>
      <Button size="small" color="error" onClick={() => void ask()}>
        Delete this class’s data …
      </Button>
      {problem === null ? null : <Alert severity="error">{problem}</Alert>}
      <Dialog open={counts !== null} onClose={() => setCounts(null)} aria-labelledby="erase-title">
        <DialogTitle id="erase-title">Delete this class’s data?</DialogTitle>
        <DialogContent>
          <DialogContentText>
            {counts}: all of it is deleted for good, what was deleted before too. This cannot be
            undone. A class that runs ends. The plan stays, and so does what your school’s cells
            learned from it.
          </DialogContentText>
          <Button
            component="a"
            href={`/api/lessons/${open.id}/results?format=plan`}
            download
            sx={{ mt: 1.5 }}
            variant="outlined"
          >
            Save a copy first
          </Button>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setCounts(null)}>Keep it</Button>
          <Button variant="contained" color="error" onClick={() => void erase()}>
            Delete for good
          </Button>
        </DialogActions>
      </Dialog>
    </Card>
  );
}

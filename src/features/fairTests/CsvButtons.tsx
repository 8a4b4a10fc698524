'use client';

import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useRef, useState } from 'react';
import { fairTestCsv, withCsvReadings } from '@/core/fairTest/fairTestCsv';
import type { FairTest } from '@/core/fairTest/fairTestSchema';
import type { Fault } from '@/core/result';
import { saveFile } from '@/ui/saveFile';

interface CsvButtonsProps {
  readonly test: FairTest;
  readonly onTest: (test: FairTest) => void;
}

/** The plan and its readings as a CSV file, and readings from one. */
export function CsvButtons({ test, onTest }: CsvButtonsProps) {
  const input = useRef<HTMLInputElement>(null);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const read = async (file: File): Promise<void> => {
    const next = withCsvReadings(test, await file.text());
    if (next.ok) onTest(next.value);
    else setFaults(next.faults);
    // The same file can be chosen again after it was mended.
    if (input.current !== null) input.current.value = '';
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="Readings as CSV: file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) void read(file);
        }}
      />
      <Button size="small" startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
        CSV in
      </Button>
      <Button
        size="small"
        startIcon={<DownloadIcon />}
        onClick={() =>
          saveFile(
            'fair-test.csv',
            new Blob([fairTestCsv(test)], { type: 'text/csv;charset=utf-8' }),
          )
        }
      >
        CSV out
      </Button>
      <Dialog
        open={faults.length > 0}
        onClose={() => setFaults([])}
        aria-labelledby="csv-faults"
        maxWidth="sm"
        fullWidth
      >
        <DialogTitle id="csv-faults">The file was not taken; nothing has changed.</DialogTitle>
        <DialogContent>
          <Alert severity="error" icon={false}>
            <Box component="ul" sx={{ pl: 2, m: 0 }}>
              {faults.map(({ path, message }) => (
                <li key={`${path.join(' ')} ${message}`}>
                  {whereIs(path)}
                  {message}
                </li>
              ))}
            </Box>
          </Alert>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setFaults([])}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

function whereIs(path: Fault['path']): string {
  const [kind, row, column] = path;
  return kind === 'row' && column !== undefined ? `Row ${row}, “${column}”: ` : '';
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useRef, useState } from 'react';
import type { Issue, Result } from '@/core/result';
import { fileText } from './fileText';
import { DownloadIcon, UploadIcon } from './icons';
import { saveFile } from './saveFile';

/** Files that are read at once, so only small ones: a cupboard is a few kilobytes. */
/** Faults of a file that are told one by one. */
const MOST_SHOWN = 20;

const FORMATS = {
  CSV: { accept: '.csv,text/csv', type: 'text/csv;charset=utf-8', mostBytes: 300e3 },
  JSON: { accept: '.json,application/json', type: 'application/json', mostBytes: 2e6 },
} as const;

interface CsvButtonsProps<T> {
  /** What the file holds: “Readings as CSV”. */
  readonly label: string;
  readonly fileName: string;
  readonly format?: keyof typeof FORMATS;
  readonly text: () => string;
  /** Reads a file; a refused one leaves everything as it is. */
  readonly read: (text: string) => Result<T>;
  readonly onRead: (value: T) => void;
}

/** Something as a file, and back from one. */
export function CsvButtons<T>({
  label,
  fileName,
  format = 'CSV',
  text,
  read,
  onRead,
}: CsvButtonsProps<T>) {
  const input = useRef<HTMLInputElement>(null);
  const [faults, setFaults] = useState<readonly Issue[]>([]);
  const take = async (file: File): Promise<void> => {
    const text = await fileText(file, FORMATS[format].mostBytes);
    const next = text.ok ? read(text.value) : text;
    if (next.ok) onRead(next.value);
    else setFaults(next.issues);
    // The same file can be chosen again after it was mended.
    if (input.current !== null) input.current.value = '';
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={FORMATS[format].accept}
        hidden
        aria-label={`${label}: file`}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) void take(file);
        }}
      />
      <Button size="small" startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
        Import {format}
      </Button>
      <Button
        size="small"
        startIcon={<DownloadIcon />}
        onClick={() => saveFile(fileName, new Blob([text()], { type: FORMATS[format].type }))}
      >
        Export {format}
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
              {faults.slice(0, MOST_SHOWN).map(({ path, message }) => (
                <li key={`${path.join(' ')} ${message}`}>
                  {whereIs(path)}
                  {message}
                </li>
              ))}
              {faults.length > MOST_SHOWN ? <li>{faults.length - MOST_SHOWN} more</li> : null}
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

function whereIs(path: Issue['path']): string {
  const [kind, row, column] = path;
  return kind === 'row' && column !== undefined ? `Row ${row}, “${column}”: ` : '';
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { drawPdf, type DrawnPage } from '@/workers/drawPdf';

/** While the sheets are made. */
export function Making() {
  return (
    <Box>
      <Typography variant="body2" sx={{ mb: 1 }}>
        Making the sheets …
      </Typography>
      <LinearProgress aria-label="Making the sheets" />
    </Box>
  );
}

interface Shown {
  readonly pages: readonly DrawnPage[];
  readonly done: boolean;
  readonly problem: string | null;
}

const NOTHING: Shown = { pages: [], done: false, problem: null };

/** The pages of the print as they will come out, drawn in the page itself. Give it the address as its key. */
export function PrintPreview({ address }: { address: string }) {
  const [{ pages, done, problem }, setShown] = useState(NOTHING);
  useEffect(() => {
    const stop = new AbortController();
    drawAll(address, stop.signal, (page) =>
      setShown((before) => ({ ...before, pages: [...before.pages, page] })),
    ).then(
      () => setShown((before) => ({ ...before, done: true })),
      (error: unknown) => {
        if (stop.signal.aborted) return;
        const reason = error instanceof Error ? error.message : String(error);
        setShown((before) => ({ ...before, done: true, problem: reason }));
      },
    );
    return () => stop.abort();
  }, [address]);
  return (
    <Box sx={{ minWidth: 0 }} data-testid="preview" aria-busy={!done}>
      {done ? null : <Making />}
      {problem === null ? null : (
        <Alert severity="error">
          The sheet could not be shown here ({problem}). “Open to print” may still work.
        </Alert>
      )}
      <Box sx={{ display: 'grid', gap: 2 }}>
        {pages.map(({ number, width, height, image }) => (
          <Box
            component="img"
            key={number}
            src={image}
            width={width}
            height={height}
            alt={`Page ${number} of the sheet`}
            sx={{
              width: '100%',
              maxWidth: 860,
              height: 'auto',
              border: 1,
              borderColor: 'divider',
              bgcolor: '#fff',
            }}
          />
        ))}
      </Box>
    </Box>
  );
}

async function drawAll(
  address: string,
  signal: AbortSignal,
  onPage: (page: DrawnPage) => void,
): Promise<void> {
  const answer = await fetch(address, { signal });
  if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
  const data = await answer.arrayBuffer();
  for await (const page of drawPdf(data, () => !signal.aborted)) {
    if (signal.aborted) return;
    onPage(page);
  }
}

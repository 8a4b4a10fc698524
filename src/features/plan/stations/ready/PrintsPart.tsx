'use client';

import { useSaveState } from '@/ui/document/useDocument';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import {
  SHEET_NAMES,
  type SheetId,
  type Wording,
  WORDING_NAMES,
  WORDING_OF_AGE,
  WORDINGS,
} from '@/core/work/preparation/sheets/sheet';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { sheetsAllowed } from '@/core/work/preparation/sheets/sheetsOfLesson';
import { Card } from '@/ui/Card';
import { Choice } from '@/ui/Choice';
import { useEdit, usePlanContext } from '../../PlanProvider';
import { withLesson } from './lessonEdits';
import { JOIN_CODE_LENGTH, joinCodeOf } from '@/core/records/plan/joinCode';
import LinearProgress from '@mui/material/LinearProgress';
import { useWayOfMeasuring } from '@/ui/useLocalUnits';
import { type DrawnPage, drawPdf } from '@/workers/drawPdf';

/** Sheets to hand out, made on the server as PDF and shown before they are printed. */
export function PrintsPart({ facts }: { facts: LessonFacts }) {
  const { open } = usePlanContext();
  const saved = useSaveState(open).status === 'saved';
  const edit = useEdit();
  const allowed = sheetsAllowed(facts);
  const [chosen, setChosen] = useState<SheetId | 'all'>('pupil');
  const { lesson } = facts.plan;
  const units = useWayOfMeasuring();
  // The age band’s wording until another one is chosen.
  const [other, setWording] = useState<Wording | null>(null);
  const wording = other ?? WORDING_OF_AGE[lesson.ageBand];
  const sheet = chosen === 'all' || allowed.includes(chosen) ? chosen : (allowed[0] ?? null);
  if (sheet === null) {
    return <Alert severity="error">No sheet is made for this class. {facts.gate.reason}</Alert>;
  }
  const address = `/api/lessons/${open.id}/print?sheet=${sheet}&wording=${wording}&paper=${lesson.paper}&units=${units}`;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '300px minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Card title="Which sheet?">
        <Selection
          fullWidth
          label="Sheet"
          value={sheet}
          onChange={setChosen}
          sx={{ my: 1 }}
          options={[
            ...allowed.map((id) => [id, SHEET_NAMES[id]] as const),
            ['all', 'All of them'] as const,
          ]}
        />
        <Selection
          fullWidth
          label="Wording for pupils"
          value={wording}
          onChange={setWording}
          sx={{ my: 1 }}
          options={WORDINGS.map((id) => [id, WORDING_NAMES[id]] as const)}
        />
        <Choice
          label="Paper"
          value={lesson.paper}
          options={[
            ['A4', 'A4'],
            ['Letter', 'US Letter'],
          ]}
          onChange={(paper) => edit((before) => withLesson(before, { paper }))}
        />
        <Typography variant="body2" sx={{ mb: 1 }}>
          Join code on the group cards: <strong>{lesson.joinCode ?? 'a blank'}</strong>
        </Typography>
        <Button
          size="small"
          onClick={() => edit((before) => withLesson(before, { joinCode: newJoinCode() }))}
        >
          {lesson.joinCode === null ? 'Make a code' : 'Make a new code'}
        </Button>
        <Box sx={{ mt: 2 }}>
          <Button
            variant="contained"
            component="a"
            href={address}
            target="_blank"
            disabled={!saved}
          >
            Open to print
          </Button>
        </Box>
        <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
          Black lines on white: a copier keeps copper plain, zinc hatched, carbon dotted.
        </Typography>
      </Card>
      {/* Made anew from what is saved, whenever something else is asked for. */}
      {saved ? (
        <PrintPreview key={`${address} ${JSON.stringify(facts.plan)}`} address={address} />
      ) : (
        <Making />
      )}
    </Box>
  );
}

/** A code that nobody guesses; the browser's own randomness. */
export function newJoinCode(): string {
  return joinCodeOf(crypto.getRandomValues(new Uint8Array(JOIN_CODE_LENGTH)));
}

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

'use client';

import { momentWords } from '@/core/formats/dates';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Collapse from '@mui/material/Collapse';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { foldLog, type Logged } from '@/core/records/logbook/foldLog';
import { entryText } from '@/core/records/logbook/entryText';
import type { LogEntry, LogLine } from '@/core/records/logbook/logEntry';
import { useLog } from '@/ui/bench/LogProvider';
import { Undelivered } from '@/ui/bench/Undelivered';
import { NoteFields } from '@/ui/bench/NoteFields';
import { Card } from '@/ui/Card';
import { HistoryIcon } from '@/ui/icons';
import { mainAndSide } from '@/ui/mainAndSide';
import { usePlanContext } from '../../PlanProvider';
import { GroupChoice } from './GroupChoice';
import { useBenchChoice, useBenchName } from '../../benchChoice';

/** Everything that a group has logged, newest first, each entry with what it was before. */
export function LogPart() {
  const { open } = usePlanContext();
  const { group } = useBenchChoice();
  const bench = useBenchName();
  const { lines, waiting } = useLog();
  const entries = useMemo(
    () =>
      foldLog(lines.filter((line) => line.group === group))
        .filter(({ current: { entry } }) => !['step', 'help', 'meter'].includes(entry.kind))
        .reverse(),
    [lines, group],
  );
  return (
    <Box sx={mainAndSide(314)}>
      <Card
        title={`Logbook of ${bench}`}
        actions={
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <Typography variant="caption" color="textSecondary" role="status">
              {waiting === 0 ? 'all saved' : `${waiting} waiting to be saved`}
            </Typography>
            <GroupChoice />
          </Box>
        }
      >
        <Undelivered />
        {entries.length === 0 ? (
          <Typography variant="body2" color="textSecondary">
            Nothing yet. Readings come from the bench, notes and photos from the right.
          </Typography>
        ) : (
          <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {entries.map((one) => (
              <LogItem key={one.current.entryId} logged={one} planId={open.id} />
            ))}
          </Box>
        )}
      </Card>
      <NoteFields group={group} photosUrl={`/api/lessons/${open.id}/photos`} />
    </Box>
  );
}

function LogItem({ logged, planId }: { readonly logged: Logged; readonly planId: string }) {
  const { current, history } = logged;
  const { revise } = useLog();
  const [open, setOpen] = useState(false);
  const { entry, struck } = current;
  return (
    <Box
      component="li"
      data-testid="log-entry"
      sx={{ py: 1, borderTop: 1, borderColor: 'divider' }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Typography variant="caption" color="textSecondary" sx={{ minWidth: 92 }}>
          {momentWords(entry.takenAt)}
        </Typography>
        <Box sx={{ flex: 1, minWidth: 200, textDecoration: struck ? 'line-through' : 'none' }}>
          {entry.kind === 'photo' ? (
            <LoggedPhoto planId={planId} entry={entry} />
          ) : (
            <Typography variant="body2">{entryText(entry)}</Typography>
          )}
        </Box>
        <Typography variant="caption" color="textSecondary">
          {sourceOf(current)}
        </Typography>
        {history.length > 1 ? (
          <Button
            size="small"
            startIcon={<HistoryIcon />}
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {history.length - 1} {history.length === 2 ? 'change' : 'changes'}
          </Button>
        ) : null}
        <Button size="small" onClick={() => revise(current, { struck: !struck })}>
          {struck ? 'Restore' : 'Delete'}
        </Button>
      </Box>
      <Collapse in={open}>
        <Box component="ul" sx={{ my: 0.5, pl: 14 }}>
          {history.map((line) => (
            <Typography key={line.revision} component="li" variant="body2" color="textSecondary">
              {line.struck ? 'deleted' : entryText(line.entry)} ({sourceOf(line)})
              {line.revision === current.revision ? (
                ' stands now'
              ) : (
                <Button
                  size="small"
                  onClick={() => revise(current, { entry: line.entry, struck: line.struck })}
                >
                  Use this value
                </Button>
              )}
            </Typography>
          ))}
        </Box>
      </Collapse>
    </Box>
  );
}

function LoggedPhoto(props: {
  readonly planId: string;
  readonly entry: Extract<LogEntry, { readonly kind: 'photo' }>;
}) {
  const { planId, entry } = props;
  const [missing, setMissing] = useState(false);
  return (
    <Box>
      {missing ? (
        <Typography variant="body2" color="error">
          The file of this photo is missing from the folder of the photos. A backup may have it.
        </Typography>
      ) : (
        // Photos are private to this machine: the image service of the framework is no use for them.
        // oxlint-disable-next-line nextjs/no-img-element
        <img
          src={`/api/lessons/${planId}/photos/${entry.photo}`}
          alt={entry.caption || 'Photo from the bench'}
          onError={() => setMissing(true)}
          style={{ maxWidth: 260, maxHeight: 180, borderRadius: 4, display: 'block' }}
        />
      )}
      <Typography variant="body2">{entry.caption}</Typography>
    </Box>
  );
}

function sourceOf({ entry, author, at }: LogLine): string {
  const who = author === 'group' ? 'the group' : 'the teacher';
  const by =
    entry.kind === 'reading' && entry.meter !== null
      ? entry.meter
      : entry.kind === 'reading' && entry.source === 'file'
        ? 'from a file'
        : who;
  return at === 0 ? `${by}, being saved` : by;
}

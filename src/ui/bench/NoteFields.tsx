'use client';

import PhotoIcon from '@mui/icons-material/AddAPhotoOutlined';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { z } from 'zod';
import { LONGEST_NOTE, PHOTO_TYPES } from '@/core/records/logbook/logEntry';
import { askJson } from '../askJson';
import { Card } from '../Card';
import { now, useLog } from './LogProvider';

interface NoteFieldsProps {
  readonly group: string;
  readonly photosUrl: string;
}

const storedSchema = z.object({
  photo: z.string(),
  type: z.enum(PHOTO_TYPES),
  bytes: z.number(),
});

/** A note or a photo for the logbook. Never of people: the page says so where the photo is chosen. */
export function NoteFields({ group, photosUrl }: NoteFieldsProps) {
  const { log } = useLog();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const note = (): void => {
    if (text.trim() === '') return;
    log(group, [{ kind: 'note', text: text.trim(), takenAt: now() }]);
    setText('');
  };
  const photo = async (file: File): Promise<void> => {
    setSending(true);
    setProblem(null);
    const stored = await askJson(photosUrl, storedSchema, file);
    setSending(false);
    if (!stored.ok) setProblem(stored.message);
    else {
      log(group, [
        { kind: 'photo', ...stored.value, caption: text.trim().slice(0, 120), takenAt: now() },
      ]);
      setText('');
    }
    if (input.current !== null) input.current.value = '';
  };
  return (
    <Card title="Note or photo">
      <Box sx={{ display: 'grid', gap: 1 }}>
        <TextField
          multiline
          minRows={2}
          size="small"
          label="What did you see?"
          value={text}
          onChange={(event) => setText(event.target.value)}
          helperText="Photograph the battery, not people; names are not needed."
          slotProps={{ htmlInput: { maxLength: LONGEST_NOTE } }}
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button variant="outlined" size="small" disabled={text.trim() === ''} onClick={note}>
            Add note
          </Button>
          <Button
            size="small"
            startIcon={<PhotoIcon />}
            disabled={sending}
            onClick={() => input.current?.click()}
          >
            {sending ? 'Sending …' : 'Add photo'}
          </Button>
        </Box>
        <input
          ref={input}
          type="file"
          accept={PHOTO_TYPES.join(',')}
          capture="environment"
          hidden
          aria-label="Photo for the logbook"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file !== undefined) void photo(file);
          }}
        />
        {problem === null ? null : <Alert severity="error">{problem}</Alert>}
      </Box>
    </Card>
  );
}

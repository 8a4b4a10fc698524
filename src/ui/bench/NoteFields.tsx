'use client';

import { useRef, useState } from 'react';
import { LONGEST_NOTE, PHOTO_TYPES, type PhotoType } from '@/core/records/logbook/logLimits';
import { askJson, ownAnswer } from '../askJson';
import { Card } from '../Card';
import { Button } from '../plain/Button';
import { Field } from '../plain/Field';
import { Notice } from '../plain/Notice';
import styles from '../plain/plain.module.css';
import { now, useLog } from './LogProvider';
import { shrinkPhoto } from './shrinkPhoto';

interface NoteFieldsProps {
  readonly group: string;
  readonly photosUrl: string;
}

const NO_PHOTO = { ok: false, message: 'This is no JPEG, PNG or WebP photo.' } as const;
const storedPhoto = ownAnswer<{ photo: string; type: PhotoType; bytes: number }>();

/** A note or a photo for the logbook. Never of people: the page says so where the photo is chosen. */
export function NoteFields({ group, photosUrl }: NoteFieldsProps) {
  const { log } = useLog();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const [added, setAdded] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const note = (): void => {
    if (text.trim() === '') return;
    log(group, [{ kind: 'note', text: text.trim(), takenAt: now() }]);
    setAdded('The note is in the logbook.');
    setText('');
  };
  const photo = async (file: File): Promise<void> => {
    setSending(true);
    setProblem(null);
    setAdded(null);
    const small = await shrinkPhoto(file);
    const stored = small === null ? NO_PHOTO : await askJson(photosUrl, storedPhoto, small);
    setSending(false);
    if (!stored.ok) setProblem(stored.message);
    else {
      log(group, [
        { kind: 'photo', ...stored.value, caption: text.trim().slice(0, 120), takenAt: now() },
      ]);
      setAdded('The photo is in the logbook.');
      setText('');
    }
    if (input.current !== null) input.current.value = '';
  };
  return (
    <Card title="Note or photo">
      <div className={styles.stack}>
        <Field
          lines={2}
          label="What did you see?"
          value={text}
          maxLength={LONGEST_NOTE}
          onChange={(event) => {
            setText(event.target.value);
            setAdded(null);
          }}
          helper="Photograph the battery, not people; names are not needed."
        />
        <div className={styles.row}>
          <Button look="outlined" size="compact" disabled={text.trim() === ''} onClick={note}>
            Add note
          </Button>
          <Button size="compact" disabled={sending} onClick={() => input.current?.click()}>
            {sending ? 'Sending …' : 'Add photo'}
          </Button>
        </div>
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
        <p role="status" className={`${styles.small} ${styles.soft}`}>
          {added}
        </p>
        {problem === null ? null : <Notice severity="error">{problem}</Notice>}
      </div>
    </Card>
  );
}

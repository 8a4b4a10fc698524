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

/** Longest side of a photo that is sent, pixels, and what it may weigh, bytes. */
const LONGEST_SIDE = 2000;
const MOST_BYTES = 2_000_000;
/** Tried one after another until it is light enough. */
const QUALITIES = [0.85, 0.7, 0.5, 0.3] as const;

/**
 * A photo as it is sent: drawn anew, so that nothing that the camera wrote beside the picture (where it was taken, when,
 * with what) goes along. `null` where the browser cannot read it as a picture.
 */
export async function shrinkPhoto(file: Blob): Promise<Blob | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const { width, height } = picture;
  const scale = Math.min(1, LONGEST_SIDE / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const pen = canvas.getContext('2d');
  if (pen === null) return null;
  // JPEG knows no transparency.
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of QUALITIES) {
    const drawn = await new Promise<Blob | null>((resolve) =>
      canvas.toBlob(resolve, 'image/jpeg', quality),
    );
    if (drawn !== null && drawn.size <= MOST_BYTES) return drawn;
  }
  return null;
}

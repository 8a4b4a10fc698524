'use client';

import type { Measurement } from '@/core/records/logbook/measurement';
import { ReadingEntry } from './ReadingEntry';
import { useDrafts, useReadingDraft, type ReadingDraftInput } from './useReadingDraft';

interface ReadingFieldProps extends ReadingDraftInput {
  readonly measurement: Measurement;
  /** Names the field for those who do not see it. */
  readonly label: string;
}

/** A reading in a table: logged with Enter or on leaving the field. */
export function ReadingField({ label, ...input }: ReadingFieldProps) {
  const draft = useReadingDraft(input, useDrafts());
  return (
    <ReadingEntry
      measurement={input.measurement}
      value={input.value}
      label={label}
      draft={draft}
      onEnter={draft.commit}
      onBlur={() => {
        if (draft.doubted === null) draft.commit();
      }}
    />
  );
}

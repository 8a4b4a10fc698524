'use client';

import { TextInput, type TextInputProps } from './TextInput';
import { useState } from 'react';
import type * as z from 'zod/mini';
import { issuesOfZod } from '@/core/issuesOfZod';

type WordsFieldProps = Omit<TextInputProps, 'value' | 'onChange' | 'error'> & {
  readonly label: string;
  readonly value: string;
  /** What may be committed; its messages are shown. */
  readonly schema: z.ZodMiniType<string>;
  readonly onCommit: (value: string) => void;
};

/** A text that is committed while it is typed, as long as it is usable; a faulty one stays as typed, with its message. */
export function WordsField({ value, schema, onCommit, helperText, ...rest }: WordsFieldProps) {
  const [draft, setDraft] = useState<{ text: string; committed: string } | null>(null);
  const current = draft !== null && draft.committed === value ? draft.text : null;
  const parsed = current === null ? null : schema.safeParse(current);
  const problem =
    parsed === null || parsed.success ? null : (issuesOfZod(parsed.error)[0]?.message ?? null);
  return (
    <TextInput
      {...rest}
      value={current ?? value}
      onChange={(event) => {
        const text = event.target.value;
        const usable = schema.safeParse(text);
        setDraft({ text, committed: usable.success ? usable.data : value });
        if (usable.success && usable.data !== value) onCommit(usable.data);
      }}
      onBlur={() => {
        if (problem === null) setDraft(null);
      }}
      error={problem !== null}
      helperText={problem ?? helperText}
      autoComplete="off"
    />
  );
}

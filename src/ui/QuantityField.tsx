'use client';

import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useState } from 'react';
import { parseQuantity, type QuantityKind } from '@/core/formats/parseQuantity';

type QuantityFieldProps = Omit<TextFieldProps, 'value' | 'onChange' | 'error'> & {
  readonly label: string;
  readonly kind: QuantityKind;
  /** The committed value in core units; `null` when there is none. */
  readonly value: number | null;
  /** The committed value as text. */
  readonly format: (value: number) => string;
  /** A sentence about what is wrong with a readable value, or `null`. */
  readonly check?: (value: number) => string | null;
  /** Called with every usable value, and with `null` when the field is emptied (where that is allowed). */
  readonly onCommit: (value: number | null) => void;
  readonly emptyAllowed?: boolean;
};

/**
 * A quantity typed the way people type. What is typed stays as it is; only usable values are committed, and a value
 * changed from outside (undo, another field) replaces the text.
 */
export function QuantityField(props: QuantityFieldProps) {
  const { kind, value, format, check, onCommit, emptyAllowed = false, helperText, ...rest } = props;
  const [draft, setDraft] = useState<{ text: string; committed: number | null } | null>(null);
  const current = draft !== null && draft.committed === value ? draft.text : null;
  const text = current ?? (value === null ? '' : format(value));
  const problem = current === null ? null : problemOf(current, kind, check, emptyAllowed);

  const change = (typed: string): void => {
    const parsed = parseQuantity(typed, kind);
    const usable = parsed.ok && problemOf(typed, kind, check, emptyAllowed) === null;
    const emptied = emptyAllowed && typed.trim() === '';
    const committed = usable ? parsed.value : emptied ? null : value;
    setDraft({ text: typed, committed });
    if (committed !== value) onCommit(committed);
  };

  return (
    <TextField
      {...rest}
      value={text}
      onChange={(event) => change(event.target.value)}
      onBlur={() => {
        // A usable value is shown in its tidy form; a faulty one stays as typed, with its message.
        if (problem === null) setDraft(null);
      }}
      error={problem !== null}
      helperText={problem ?? helperText}
      autoComplete="off"
    />
  );
}

function problemOf(
  typed: string,
  kind: QuantityKind,
  check: QuantityFieldProps['check'],
  emptyAllowed: boolean,
): string | null {
  if (emptyAllowed && typed.trim() === '') return null;
  const parsed = parseQuantity(typed, kind);
  if (!parsed.ok) return parsed.issues[0]?.message ?? 'This cannot be read.';
  return check?.(parsed.value) ?? null;
}

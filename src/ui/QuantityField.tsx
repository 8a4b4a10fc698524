'use client';

import { TextInput, type TextInputProps } from './TextInput';
import { useState } from 'react';
import type * as z from 'zod/mini';
import {
  formatAmps,
  formatFarads,
  formatMillimetres,
  formatMinutes,
  formatNumber,
  formatOhms,
  formatSeconds,
  formatVolts,
} from '@/core/units';
import { inFahrenheit, inInches } from '@/core/formats/customary';
import { useWayOfMeasuring } from './useLocalUnits';
import { issuesOfZod } from '@/core/issuesOfZod';
import { parseQuantity, type QuantityKind } from '@/core/formats/parseQuantity';

export type QuantityFieldProps = Omit<TextInputProps, 'value' | 'onChange' | 'error'> & {
  readonly label: string;
  readonly kind: QuantityKind;
  /** The committed value in core units; `null` when there is none. */
  readonly value: number | null;
  /** The committed value as text, where that is not as usual for its kind. */
  readonly format?: (value: number) => string;
  /** Limits of the value: those of the document that it goes into. Its messages are shown. */
  readonly schema?: z.ZodMiniType;
  /** What the schema is asked about where that is not the value itself: another unit, or the whole that it is a part of. */
  readonly stored?: (value: number) => unknown;
  /** Called with every usable value. */
  readonly onCommit: (value: number) => void;
  /** Called when the field is emptied; without it an empty field is faulty. */
  readonly onEmpty?: () => void;
};

type FieldLimits = {
  readonly [Key in 'schema' | 'stored' | 'onEmpty']: QuantityFieldProps[Key] | undefined;
};

const USUAL_FORMATS: Readonly<Record<QuantityKind, (value: number) => string>> = {
  volts: formatVolts,
  milliamps: formatAmps,
  ohms: formatOhms,
  farads: formatFarads,
  minutes: formatMinutes,
  seconds: formatSeconds,
  millimetres: formatMillimetres,
  celsius: (value) => formatNumber(value),
  count: (value) => formatNumber(value, 6),
};

/**
 * A quantity typed the way people type. What is typed stays as it is; only usable values are committed, and a value
 * changed from outside (undo, another field) replaces the text.
 */
export function QuantityField(props: QuantityFieldProps) {
  const { kind, value, format = USUAL_FORMATS[kind], schema, stored, onCommit, ...others } = props;
  const { onEmpty, helperText, ...rest } = others;
  const [draft, setDraft] = useState<{ text: string; committed: number | null } | null>(null);
  const current = draft !== null && isSame(draft.committed, value) ? draft.text : null;
  const text = current ?? (value === null ? '' : format(value));
  const limits = { schema, stored, onEmpty };
  const beside = useLocalBeside(kind, value);
  const problem = current === null ? null : problemOf(current, kind, limits);

  const change = (typed: string): void => {
    const parsed = parseQuantity(typed, kind);
    const usable = parsed.ok && problemOf(typed, kind, limits) === null;
    const emptied = onEmpty !== undefined && typed.trim() === '';
    const committed = usable ? parsed.value : emptied ? null : value;
    setDraft({ text: typed, committed });
    if (isSame(committed, value)) return;
    if (committed === null) onEmpty?.();
    else onCommit(committed);
  };

  return (
    <TextInput
      {...rest}
      value={text}
      onChange={(event) => change(event.target.value)}
      onBlur={() => {
        // A usable value is shown in its tidy form; a faulty one stays as typed, with its message.
        if (problem === null) setDraft(null);
      }}
      error={problem !== null}
      helperText={problem ?? helperText ?? beside}
      autoComplete="off"
    />
  );
}

/** A length in inches, a temperature in °F, where the device's language is of a country that uses them. */
function useLocalBeside(kind: QuantityKind, value: number | null): string | undefined {
  const way = useWayOfMeasuring();
  if (way === 'metric' || value === null) return undefined;
  if (kind === 'millimetres') return inInches(value);
  return kind === 'celsius' ? inFahrenheit(value) : undefined;
}

/** A value that went through another unit and back comes with other last digits; what is being typed stays all the same. */
function isSame(one: number | null, other: number | null): boolean {
  return (
    one === other ||
    (one !== null && other !== null && Math.abs(one - other) <= 1e-9 * Math.abs(one))
  );
}

function problemOf(
  typed: string,
  kind: QuantityKind,
  { schema, stored, onEmpty }: FieldLimits,
): string | null {
  if (onEmpty !== undefined && typed.trim() === '') return null;
  const parsed = parseQuantity(typed, kind);
  if (!parsed.ok) return parsed.issues[0]?.message ?? 'This cannot be read.';
  const checked = schema?.safeParse(stored === undefined ? parsed.value : stored(parsed.value));
  return checked?.success === false ? (issuesOfZod(checked.error)[0]?.message ?? null) : null;
}

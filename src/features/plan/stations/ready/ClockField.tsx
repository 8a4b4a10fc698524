'use client';

import { TextInput } from '@/ui/TextInput';

interface ClockFieldProps {
  readonly label: string;
  /** Hours and minutes, `14:30`. */
  readonly value: string;
  readonly onCommit: (value: string) => void;
}

/** A time of day; the browser's own field gives nothing but whole times. */
export function ClockField({ label, value, onCommit }: ClockFieldProps) {
  return (
    <TextInput
      label={label}
      type="time"
      value={value}
      onChange={(event) => {
        if (event.target.value !== '') onCommit(event.target.value.slice(0, 5));
      }}
    />
  );
}

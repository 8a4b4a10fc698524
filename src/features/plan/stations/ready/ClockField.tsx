'use client';

import TextField from '@mui/material/TextField';

interface ClockFieldProps {
  readonly label: string;
  /** Hours and minutes, `14:30`. */
  readonly value: string;
  readonly onCommit: (value: string) => void;
}

/** A time of day; the browser's own field gives nothing but whole times. */
export function ClockField({ label, value, onCommit }: ClockFieldProps) {
  return (
    <TextField
      label={label}
      type="time"
      value={value}
      onChange={(event) => {
        if (event.target.value !== '') onCommit(event.target.value.slice(0, 5));
      }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}

'use client';

import IconButton from '@mui/material/IconButton';
import InputAdornment from '@mui/material/InputAdornment';
import { useState, type ComponentType, type ReactNode } from 'react';
import type { Result } from '@/core/result';
import { TextInput, type TextInputProps } from '../TextInput';

/** What opens beside a field, to choose from. */
export interface PickerProps {
  readonly value: string;
  readonly anchor: HTMLElement;
  readonly onChoose: (value: string) => void;
  readonly onClose: () => void;
}

export interface PickedProps extends Pick<
  TextInputProps,
  'label' | 'helperText' | 'fullWidth' | 'sx' | 'error'
> {
  /** Empty while nothing is given. */
  readonly value: string;
  readonly onCommit: (value: string) => void;
}

interface PickedInputProps extends PickedProps {
  readonly mayBeEmpty: boolean;
  readonly shownAs: (value: string) => string;
  readonly parse: (typed: string) => Result<string>;
  /** What the button says that opens it. */
  readonly choose: string;
  readonly icon: ReactNode;
  readonly Picker: ComponentType<PickerProps>;
}

/** A day or a time: typed as people write it, or chosen from what opens; shown the one way it is told everywhere. */
export function PickedInput(props: PickedInputProps) {
  const { value, onCommit, mayBeEmpty, shownAs, parse, choose, icon, Picker, ...field } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const close = (): void => {
    setAnchor(null);
    // What opened has taken the focus before it could note whose it was.
    requestAnimationFrame(() => anchor?.focus());
  };
  const take = (next: string): void => {
    setTyped(null);
    setProblem(null);
    if (next !== value) onCommit(next);
  };
  const commit = (): void => {
    if (typed === null) return;
    if (typed.trim() === '' && mayBeEmpty) return take('');
    const read = parse(typed);
    if (read.ok) take(read.value);
    else setProblem(read.issues[0]?.message ?? null);
  };
  return (
    <>
      <TextInput
        {...field}
        value={typed ?? (value === '' ? '' : shownAs(value))}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={commit}
        onKeyDown={({ key }) => {
          if (key === 'Enter') commit();
        }}
        error={problem !== null || field.error === true}
        helperText={problem ?? field.helperText}
        endAdornment={
          <InputAdornment position="end">
            <IconButton
              size="small"
              edge="end"
              aria-label={choose}
              aria-haspopup="dialog"
              onClick={({ currentTarget }) => setAnchor(currentTarget)}
            >
              {icon}
            </IconButton>
          </InputAdornment>
        }
      />
      {anchor === null ? null : (
        <Picker
          value={value}
          anchor={anchor}
          onChoose={(next) => {
            take(next);
            close();
          }}
          onClose={close}
        />
      )}
    </>
  );
}

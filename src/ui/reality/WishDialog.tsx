'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TextInput } from '../TextInput';
import { useState } from 'react';
import type { Wish } from '@/core/records/plan/wishSchema';
import { Choice } from '../Choice';
import {
  typedWish,
  WISH_FIELDS,
  wishFields,
  wishOf,
  type TypedWish,
  type WishField,
} from './typedWish';

interface WishDialogProps {
  /** The wish to be changed; none: a new one. */
  readonly before?: Wish;
  readonly onWish: (wish: Wish) => void;
  readonly onClose: () => void;
}

/** Asks for a wish: what it is, the volts, the amps, for how long; or one pulse out of capacitors. */
export function WishDialog({ before, onWish, onClose }: WishDialogProps) {
  const [kind, setKind] = useState<Wish['kind']>(before?.kind ?? 'run');
  const [typed, setTyped] = useState<TypedWish>(() =>
    before === undefined ? {} : typedWish(before),
  );
  const [problems, setProblems] = useState<TypedWish>({});
  const submit = (): void => {
    const outcome = wishOf(kind, typed);
    if (outcome.ok) onWish(outcome.wish);
    else setProblems(outcome.problems);
  };
  const field = (name: WishField, label: string, example: string) => (
    <TextInput
      key={name}
      label={label}
      value={typed[name] ?? ''}
      onChange={(event) => setTyped((typing) => ({ ...typing, [name]: event.target.value }))}
      error={problems[name] !== undefined}
      helperText={problems[name] ?? `For example ${example}.`}
      autoComplete="off"
    />
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="wish-title" fullWidth maxWidth="xs">
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <DialogTitle id="wish-title">How many to …?</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2 }}>
          <Box sx={{ mt: 1, display: 'grid', gap: 2 }}>
            {field('name', 'To do what', 'light the pier')}
            <Choice
              label="Kind of wish"
              value={kind}
              options={[
                ['run', 'Run something'],
                ['pulse', 'One pulse from capacitors'],
              ]}
              onChange={setKind}
            />
            {wishFields(kind).map((name) =>
              field(name, WISH_FIELDS[name].label, WISH_FIELDS[name].example),
            )}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Work it out
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}

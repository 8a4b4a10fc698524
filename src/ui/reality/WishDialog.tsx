'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { parseQuantity, type QuantityKind } from '@/core/formats/parseQuantity';
import { wishSchema, type Wish } from '@/core/reality/wishSchema';
import { Choice } from '../Choice';

interface WishDialogProps {
  readonly onWish: (wish: Wish) => void;
  readonly onClose: () => void;
}

type Field = 'name' | 'volts' | 'amps' | 'seconds' | 'farads';

const FIELDS: Readonly<
  Record<Exclude<Field, 'name'>, { label: string; kind: QuantityKind; example: string }>
> = {
  volts: { label: 'Volts', kind: 'volts', example: '12 V' },
  amps: { label: 'Amps', kind: 'milliamps', example: '5 A or 20 mA' },
  seconds: { label: 'For how long', kind: 'minutes', example: '40 min, 12 h or 3 days' },
  farads: { label: 'Capacitors, together', kind: 'farads', example: '0.2 F or 4700 µF' },
};

const FIELDS_OF: Readonly<Record<Wish['kind'], readonly Exclude<Field, 'name'>[]>> = {
  run: ['volts', 'amps', 'seconds'],
  pulse: ['volts', 'farads'],
};

/** Asks for a wish: what it is, the volts, the amps, for how long; or one pulse out of capacitors. */
export function WishDialog({ onWish, onClose }: WishDialogProps) {
  const [kind, setKind] = useState<Wish['kind']>('run');
  const [typed, setTyped] = useState<Partial<Record<Field, string>>>({});
  const [problems, setProblems] = useState<Partial<Record<Field, string>>>({});
  const submit = (): void => {
    const outcome = wishOf(kind, typed);
    if (outcome.ok) onWish(outcome.wish);
    else setProblems(outcome.problems);
  };
  const field = (name: Field, label: string, example: string) => (
    <TextField
      key={name}
      label={label}
      value={typed[name] ?? ''}
      onChange={(event) => setTyped((before) => ({ ...before, [name]: event.target.value }))}
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
            {FIELDS_OF[kind].map((name) => field(name, FIELDS[name].label, FIELDS[name].example))}
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

type Outcome =
  | { readonly ok: true; readonly wish: Wish }
  | { readonly ok: false; readonly problems: Partial<Record<Field, string>> };

function wishOf(kind: Wish['kind'], typed: Partial<Record<Field, string>>): Outcome {
  const problems: Partial<Record<Field, string>> = {};
  const wish: Record<string, unknown> = { kind, name: typed.name ?? '' };
  for (const name of FIELDS_OF[kind]) {
    const parsed = parseQuantity(typed[name] ?? '', FIELDS[name].kind);
    // Times are typed in minutes.
    if (parsed.ok) wish[name] = name === 'seconds' ? 60 * parsed.value : parsed.value;
    else problems[name] = parsed.faults[0]?.message ?? 'This cannot be read.';
  }
  const checked = wishSchema.safeParse(wish);
  if (checked.success && Object.keys(problems).length === 0) {
    return { ok: true, wish: checked.data };
  }
  for (const { path, message } of checked.error?.issues ?? []) {
    const name = path[0] as Field;
    problems[name] ??= message;
  }
  return { ok: false, problems };
}

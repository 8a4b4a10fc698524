'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TextInput } from '../TextInput';
import { useState } from 'react';
import { type Wish, wishSchema } from '@/core/records/plan/wishSchema';
import { Choice } from '../Choice';
import { parseQuantity, type QuantityKind } from '@/core/formats/parseQuantity';
import { formatNumber } from '@/core/units';

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
        <DialogTitle id="wish-title">How many would it take to …?</DialogTitle>
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

const MINUTE = 60;
const HOUR = 3600;

type QuantityOfWish = 'volts' | 'amps' | 'seconds' | 'farads';
export type WishField = 'name' | QuantityOfWish;

/** A text for each field: what is typed there, or what is wrong with it. */
export type TypedWish = Partial<Record<WishField, string>>;

export const WISH_FIELDS: Readonly<
  Record<QuantityOfWish, { label: string; kind: QuantityKind; example: string }>
> = {
  volts: { label: 'Volts', kind: 'volts', example: '12 V' },
  amps: { label: 'Amps', kind: 'milliamps', example: '5 A or 20 mA' },
  seconds: { label: 'For how long', kind: 'minutes', example: '40 min, 12 h or 3 days' },
  farads: { label: 'Capacitors, together', kind: 'farads', example: '0.2 F or 4700 µF' },
};

/** The quantities that a kind of wish takes. */
export function wishFields(kind: Wish['kind']): readonly QuantityOfWish[] {
  return kind === 'run' ? ['volts', 'amps', 'seconds'] : ['volts', 'farads'];
}

type Outcome =
  | { readonly ok: true; readonly wish: Wish }
  | { readonly ok: false; readonly problems: TypedWish };

/** The wish that was typed, or what is wrong with it, field by field. */
export function wishOf(kind: Wish['kind'], typed: TypedWish): Outcome {
  const problems: TypedWish = {};
  const wish: Record<string, unknown> = { kind, name: typed.name ?? '' };
  for (const name of wishFields(kind)) {
    const parsed = parseQuantity(typed[name] ?? '', WISH_FIELDS[name].kind);
    // Times are typed in minutes.
    if (parsed.ok) wish[name] = name === 'seconds' ? MINUTE * parsed.value : parsed.value;
    else problems[name] = parsed.issues[0]?.message ?? 'This cannot be read.';
  }
  const checked = wishSchema.safeParse(wish);
  if (checked.success && Object.keys(problems).length === 0) {
    return { ok: true, wish: checked.data };
  }
  for (const { path, message } of checked.error?.issues ?? []) {
    const name = path[0] as WishField;
    problems[name] ??= message;
  }
  return { ok: false, problems };
}

/** Digits that are kept when a wish is typed out: all that anybody typed. */
const TYPED_DIGITS = 12;

/** A wish as somebody would have typed it. */
export function typedWish(wish: Wish): TypedWish {
  const { name } = wish;
  const volts = text(wish.volts, 'V');
  if (wish.kind === 'pulse') {
    const small = wish.farads < 0.1;
    return { name, volts, farads: small ? text(1e6 * wish.farads, 'µF') : text(wish.farads, 'F') };
  }
  const { amps, seconds } = wish;
  return {
    name,
    volts,
    amps: amps < 1 ? text(1000 * amps, 'mA') : text(amps, 'A'),
    seconds: typedTime(seconds),
  };
}

/** In the largest unit of which it is a whole number. */
function typedTime(seconds: number): string {
  if (seconds % HOUR === 0) return text(seconds / HOUR, 'h');
  return seconds % MINUTE === 0 ? text(seconds / MINUTE, 'min') : text(seconds, 's');
}

function text(value: number, unit: string): string {
  return `${formatNumber(value, TYPED_DIGITS)} ${unit}`;
}

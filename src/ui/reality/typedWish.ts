import { parseQuantity, type QuantityKind } from '@/core/formats/parseQuantity';
import { wishSchema, type Wish } from '@/core/records/plan/wishSchema';
import { formatNumber } from '@/core/units';

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

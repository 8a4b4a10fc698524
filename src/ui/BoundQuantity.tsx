'use client';

import type * as z from 'zod/mini';
import { QuantityField, type QuantityFieldProps } from './QuantityField';

/** Dotted paths to the numbers of a document: `running.bank.farads`, `bodies.0.openVolts`. */
export type NumberPath<T> = T extends readonly (infer Item)[]
  ? `${number}.${NumberPath<Item>}`
  : T extends object
    ? {
        [Key in keyof T & string]: number extends T[Key] ? Key : `${Key}.${NumberPath<T[Key]>}`;
      }[keyof T & string]
    : never;

export interface Bound<T> {
  readonly document: T;
  readonly schema: z.ZodMiniType<T>;
  /** Edits that name the same `typing` one after another are one undo step. */
  readonly edit: (change: (before: T) => T, typing: string) => void;
}

export interface BoundQuantityProps<T> extends Omit<
  QuantityFieldProps,
  'value' | 'schema' | 'stored' | 'onCommit' | 'onEmpty'
> {
  readonly path: NumberPath<T>;
  /** What is shown is the stored number times this. */
  readonly factor?: number;
  /** Whether it can be left empty, which is stored as `null`. */
  readonly optional?: boolean;
}

/** The field of one number of a document: what it shows, its limits and its edits follow from the path to it. */
export function BoundQuantity<T>(props: BoundQuantityProps<T> & { readonly of: Bound<T> }) {
  const { of, path, factor = 1, optional = false, ...field } = props;
  const keys = path.split('.');
  const value = keys.reduce<unknown>((part, key) => Object(part)[key], of.document);
  // Without the last digits, which the factor spoils: 0.9 is stored, not 0.8999999999999999.
  const storedAs = (shown: number): number => Number((shown / factor).toPrecision(12));
  const put = (to: number | null): void =>
    of.edit((before) => withValueAt(before, keys, to) as T, path);
  return (
    <QuantityField
      {...field}
      value={typeof value === 'number' ? factor * value : null}
      schema={of.schema}
      stored={(shown) => withValueAt(of.document, keys, storedAs(shown))}
      onCommit={(shown) => put(storedAs(shown))}
      {...(optional ? { onEmpty: () => put(null) } : {})}
    />
  );
}

function withValueAt(part: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  const next = withValueAt(Object(part)[key], rest, value);
  return Array.isArray(part) ? part.with(Number(key), next) : { ...Object(part), [key]: next };
}

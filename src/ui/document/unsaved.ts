import { jsonOf } from '@/core/formats/json';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import type { DocumentAddress } from './documentApi';

/** Changes that could not be saved, kept by the browser. */
export interface Unsaved<T> {
  readonly document: T;
  /** The revision that they were made on. */
  readonly revision: number;
}

/** Keeps changes over a reload while the server is away. */
export interface UnsavedStore<T> {
  /** False where the browser has no room for them. */
  keep(unsaved: Unsaved<T>): boolean;
  read(): Unsaved<T> | null;
  forget(): void;
}

export function unsavedStore<T extends TitledDocument>(
  { kind, id }: DocumentAddress,
  { schema }: Pick<DocumentFormat<T>, 'schema'>,
  storage: Storage,
): UnsavedStore<T> {
  const key = `grozer unsaved ${kind} ${id}`;
  return {
    keep: (unsaved) => {
      try {
        storage.setItem(key, JSON.stringify(unsaved));
        return true;
      } catch {
        // Full, or forbidden by the browser's settings: the page says that it must stay open.
        return false;
      }
    },
    read: () => {
      const { document, revision } = Object(jsonOf(storage.getItem(key) ?? ''));
      const parsed = schema.safeParse(document);
      return parsed.success && typeof revision === 'number'
        ? { document: parsed.data, revision }
        : null;
    },
    forget: () => storage.removeItem(key),
  };
}

/** Kinds of documents of which there are many: these are deleted, and lie in the bin. */
export const BIN_KINDS = ['plans', 'recipes', 'fair-tests'] as const;

/** Days after which what was deleted is gone for good. */
export const BIN_DAYS = 30;

/** A deleted document that can be put back. */
export interface Binned {
  readonly kind: (typeof BIN_KINDS)[number];
  /** What people call it. */
  readonly noun: string;
  readonly id: string;
  readonly title: string | null;
  /** When it was deleted, milliseconds since 1970. */
  readonly at: number;
}

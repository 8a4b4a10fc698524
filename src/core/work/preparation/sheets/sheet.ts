/** The sheets that are printed for a lesson. */
export const SHEET_IDS = [
  'teacher',
  'pupil',
  'answers',
  'shopping',
  'cards',
  'labels',
  'groups',
] as const;
export type SheetId = (typeof SHEET_IDS)[number];

export const SHEET_NAMES: Readonly<Record<SheetId, string>> = {
  teacher: 'Teacher sheet',
  pupil: 'Pupil sheet',
  answers: 'Answer key',
  shopping: 'Shopping list',
  cards: 'Cutting and mixing cards',
  labels: 'Labels',
  groups: 'Group cards',
};

/** How much the pupil sheet says. */
export const WORDINGS = ['simple', 'standard', 'full'] as const;
export type Wording = (typeof WORDINGS)[number];

export const WORDING_NAMES: Readonly<Record<Wording, string>> = {
  simple: 'short sentences',
  standard: 'as usual',
  full: 'with the physics',
};

/** A piece of a sheet; how it looks on paper is decided where it is drawn. */
export type Block =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string; readonly strong?: boolean }
  | {
      readonly kind: 'list';
      readonly style: 'bullet' | 'number' | 'box';
      readonly items: readonly string[];
    }
  | {
      readonly kind: 'table';
      readonly header: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** Share of the width for each column. */
      readonly widths: readonly number[];
      /** Rows to write in: taller. */
      readonly writable?: boolean;
    }
  | { readonly kind: 'caution'; readonly text: string }
  | { readonly kind: 'desk' }
  | { readonly kind: 'lines'; readonly count: number }
  | {
      readonly kind: 'cards';
      readonly columns: number;
      readonly cards: readonly { readonly title: string; readonly lines: readonly string[] }[];
    };

/** What is put on paper. */
export interface PrintedSheet {
  readonly title: string;
  readonly subtitle: string;
  readonly blocks: readonly Block[];
}

export interface Sheet extends PrintedSheet {
  readonly id: SheetId;
}

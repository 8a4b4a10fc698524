import type { Desk } from '../../../physics/desk/desk';
import type { CautionId } from '../../../physics/safety/cautions';
import type { AgeBand } from '../../../records/plan/lessonSchema';

/** Where a group writes its name and the day. */
export const GROUP_LINE = 'Group: ______________________   Date: ______________';

/** The sheets that are printed for a lesson. */
export const SHEET_IDS = [
  'teacher',
  'pupil',
  'small',
  'answers',
  'poster',
  'shopping',
  'cards',
  'labels',
  'groups',
] as const;
export type SheetId = (typeof SHEET_IDS)[number];

export const SHEET_NAMES: Readonly<Record<SheetId, string>> = {
  teacher: 'Teacher’s sheet',
  pupil: 'Pupil’s sheet',
  small: 'Sheet for small children',
  answers: 'Answers',
  poster: 'Poster of the circuit',
  shopping: 'Shopping list',
  cards: 'Cutting and mixing cards',
  labels: 'Labels',
  groups: 'Group cards',
};

/** How much the pupil sheet says. */
export const WORDINGS = ['simple', 'standard', 'full'] as const;
export type Wording = (typeof WORDINGS)[number];

/** Which wording suits an age band, until another one is chosen. */
export const WORDING_OF_AGE: Readonly<Record<AgeBand, Wording>> = {
  'under-11': 'simple',
  '11-to-13': 'standard',
  '14-and-over': 'full',
  adults: 'full',
};

export const WORDING_NAMES: Readonly<Record<Wording, string>> = {
  simple: 'short sentences',
  standard: 'as usual',
  full: 'with the physics',
};

/** A card to cut out; `qr`: what its code says. */
export interface PrintedCard {
  readonly title: string;
  readonly lines: readonly string[];
  readonly qr?: string | null;
}

/** What a picture for small children shows. */
export const PICTURES = ['one-cell', 'read-volts', 'next-cell', 'all-cells', 'device'] as const;
export type PictureId = (typeof PICTURES)[number];

/** A piece of a sheet; how it looks on paper is decided where it is drawn. */
export type Block =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string; readonly strong?: boolean }
  | {
      readonly kind: 'list';
      readonly style: 'bullet' | 'number' | 'box';
      readonly items: readonly string[];
      /** Side by side in so many columns. */
      readonly columns?: number;
    }
  | {
      readonly kind: 'table';
      readonly header: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** Share of the width for each column. */
      readonly widths: readonly number[];
      /** Columns of figures, from 0: they stand at the right. */
      readonly figures?: readonly number[];
      /** Rows to write in: taller. */
      readonly writable?: boolean;
    }
  | {
      readonly kind: 'caution';
      readonly text: string;
      /** Hazards that are drawn beside the words. */
      readonly pictures?: readonly CautionId[];
    }
  /** The battery as it will look; `most`: share of the page's height that it may take; `desk`: another one, with nothing connected. */
  | { readonly kind: 'desk'; readonly most: number; readonly desk?: Desk }
  /** Blocks that stay on one page. */
  | { readonly kind: 'together'; readonly blocks: readonly Block[] }
  | { readonly kind: 'lines'; readonly count: number }
  /** Axes to draw readings into. */
  | {
      readonly kind: 'stairs';
      readonly columns: readonly string[];
      /** Round values of the axis, from 0. */
      readonly volts: readonly number[];
    }
  | {
      readonly kind: 'pictures';
      readonly pictures: readonly { readonly id: PictureId; readonly caption: string }[];
      /** As tall as the rest of the page; left out where that is low. */
      readonly fill?: boolean;
    }
  | { readonly kind: 'columns'; readonly columns: readonly (readonly Block[])[] }
  /** An empty frame to draw into, so tall, points. */
  | { readonly kind: 'frame'; readonly height: number }
  | { readonly kind: 'new-page' }
  | { readonly kind: 'cards'; readonly columns: number; readonly cards: readonly PrintedCard[] };

/** What is put on paper. */
export interface PrintedSheet {
  readonly title: string;
  readonly subtitle: string;
  readonly blocks: readonly Block[];
  /** Most pages that it may take: it is set smaller where it must be. */
  readonly mostPages?: number;
  /** It is set larger where its pages have room. */
  readonly grows?: boolean;
  readonly landscape?: boolean;
}

/** The same sheet with every text changed. */
export function withTexts<Printed extends PrintedSheet>(
  sheet: Printed,
  change: (text: string) => string,
): Printed {
  return { ...sheet, blocks: sheet.blocks.map((block) => blockWithTexts(block, change)) };
}

function blockWithTexts(block: Block, change: (text: string) => string): Block {
  const within = (blocks: readonly Block[]) => blocks.map((one) => blockWithTexts(one, change));
  switch (block.kind) {
    case 'heading':
    case 'text':
    case 'caution':
      return { ...block, text: change(block.text) };
    case 'list':
      return { ...block, items: block.items.map(change) };
    case 'table':
      return { ...block, rows: block.rows.map((cells) => cells.map(change)) };
    case 'together':
      return { ...block, blocks: within(block.blocks) };
    case 'columns':
      return { ...block, columns: block.columns.map(within) };
    case 'pictures':
      return {
        ...block,
        pictures: block.pictures.map((one) => ({ ...one, caption: change(one.caption) })),
      };
    case 'cards':
      return {
        ...block,
        cards: block.cards.map((card) => ({ ...card, lines: card.lines.map(change) })),
      };
    case 'desk':
    case 'lines':
    case 'stairs':
    case 'frame':
    case 'new-page':
      return block;
  }
}

export interface Sheet extends PrintedSheet {
  readonly id: SheetId;
}

/** What a coin is made of inside and outside. */
export const COIN_METALS = [
  'bronze',
  'zinc',
  'steel',
  'cupronickel',
  'nickel',
  'clad copper',
  'aluminium bronze',
  'nordic gold',
  'two metals',
] as const;
export type CoinMetal = (typeof COIN_METALS)[number];

export const COIN_AREAS = ['us', 'canada', 'uk', 'euro', 'australia', 'other'] as const;
export type CoinArea = (typeof COIN_AREAS)[number];

export const COIN_AREA_NAMES: Readonly<Record<CoinArea, string>> = {
  us: 'United States',
  canada: 'Canada',
  uk: 'United Kingdom',
  euro: 'Euro area',
  australia: 'Australia',
  other: 'Anywhere else',
};

/** One kind of coin, of the years in which it was made so. Mint data, from memory. */
export interface Coin {
  readonly area: CoinArea;
  readonly name: string;
  /** First and last year, `null` where it is still made (as far as known) or the start is of no account. */
  readonly from: number | null;
  readonly until: number | null;
  readonly diameterMillimetres: number;
  readonly thicknessMillimetres: number;
  readonly grams: number;
  readonly core: CoinMetal;
  /** Skin over the core, where there is one. */
  readonly plating: 'copper' | 'nickel' | 'zinc' | null;
  readonly magnetic: boolean;
  /** Something that a table cannot say. */
  readonly remark: string | null;
}

/** What a coin is good for in a cell. */
export interface CoinUse {
  /** As the + electrode: a face of copper, nickel or an alloy of them. */
  readonly plus: string | null;
  /** What sanding one face exposes. */
  readonly sanding: string;
  /** True where sanding makes a − electrode of it. */
  readonly zincInside: boolean;
}

export function useOfCoin({ core, plating }: Coin): CoinUse {
  return {
    plus: plusFace(core, plating),
    sanding: underTheFace(core, plating),
    zincInside: core === 'zinc',
  };
}

function plusFace(core: CoinMetal, plating: Coin['plating']): string | null {
  if (plating === 'zinc') return null;
  if (plating !== null) return plating;
  switch (core) {
    case 'bronze':
    case 'aluminium bronze':
    case 'nordic gold':
      return 'copper (an alloy of it)';
    case 'cupronickel':
    case 'clad copper':
    case 'two metals':
      return 'cupronickel';
    case 'nickel':
      return 'nickel';
    case 'zinc':
    case 'steel':
      return null;
  }
}

function underTheFace(core: CoinMetal, plating: Coin['plating']): string {
  if (core === 'zinc') return 'grey zinc: a − electrode';
  if (core === 'steel') {
    return `steel under the ${plating ?? 'skin'}: a weak − electrode that rusts, no zinc`;
  }
  if (core === 'clad copper') return 'copper under the cupronickel: no zinc';
  return `the same ${core} all through: no zinc`;
}

/** `1982 to 1996`, `from 1992`, `until 1982`. */
export function yearsOfCoin({ from, until }: Coin): string {
  if (from === until && from !== null) return String(from);
  if (from === null) return until === null ? 'all years' : `until ${until}`;
  return until === null ? `from ${from}` : `${from} to ${until}`;
}

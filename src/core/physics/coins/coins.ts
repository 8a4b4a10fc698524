import type { Coin, CoinArea, CoinMetal } from './coin';

type Measures = readonly [diameterMillimetres: number, thicknessMillimetres: number, grams: number];
type Rest = Partial<Pick<Coin, 'plating' | 'magnetic' | 'remark'>>;

function coin(
  area: CoinArea,
  name: string,
  [from, until]: readonly [number | null, number | null],
  [diameterMillimetres, thicknessMillimetres, grams]: Measures,
  core: CoinMetal,
  rest: Rest = {},
): Coin {
  return {
    area,
    name,
    from,
    until,
    diameterMillimetres,
    thicknessMillimetres,
    grams,
    core,
    plating: null,
    magnetic: false,
    remark: null,
    ...rest,
  };
}

const COPPER_ON_ZINC: Rest = { plating: 'copper' };
const COPPER_ON_STEEL: Rest = { plating: 'copper', magnetic: true };
const NICKEL_ON_STEEL: Rest = { plating: 'nickel', magnetic: true };
const BOTH_KINDS = 'In 1982 both kinds were made: weigh it.';

/** Common coins by area. Mint data (years, sizes, masses), all from memory: check with a scale and a magnet. */
export const COINS: readonly Coin[] = [
  coin('us', '1 cent', [1909, 1982], [19.05, 1.52, 3.11], 'bronze', {
    remark: `${BOTH_KINDS} Coins of 1943 are zinc-plated steel.`,
  }),
  coin('us', '1 cent, wartime', [1943, 1943], [19.05, 1.5, 2.7], 'steel', {
    plating: 'zinc',
    magnetic: true,
    remark: 'Grey and magnetic; collectors want them.',
  }),
  coin('us', '1 cent', [1982, null], [19.05, 1.52, 2.5], 'zinc', {
    ...COPPER_ON_ZINC,
    remark: `Zinc of 97.5 %. ${BOTH_KINDS}`,
  }),
  coin('us', '5 cents', [1946, null], [21.21, 1.95, 5], 'cupronickel'),
  coin('us', '10 cents', [1965, null], [17.91, 1.35, 2.268], 'clad copper'),
  coin('us', '25 cents', [1965, null], [24.26, 1.75, 5.67], 'clad copper'),

  coin('canada', '1 cent', [1942, 1979], [19.05, 1.65, 3.24], 'bronze'),
  coin('canada', '1 cent', [1980, 1981], [19, 1.38, 2.8], 'bronze'),
  coin('canada', '1 cent', [1982, 1996], [19.1, 1.38, 2.5], 'bronze'),
  coin('canada', '1 cent', [1997, 2006], [19.05, 1.45, 2.25], 'zinc', {
    ...COPPER_ON_ZINC,
    remark: 'From 1999 on some are steel: the magnet tells.',
  }),
  coin('canada', '1 cent', [1999, 2012], [19.05, 1.45, 2.35], 'steel', COPPER_ON_STEEL),
  coin('canada', '5 cents', [1955, 1981], [21.21, 1.7, 4.54], 'nickel', {
    magnetic: true,
    remark: 'Pure nickel, which is magnetic itself.',
  }),
  coin('canada', '5 cents', [1982, 2001], [21.2, 1.76, 4.6], 'cupronickel'),
  coin('canada', '5 cents', [2000, null], [21.2, 1.76, 3.95], 'steel', NICKEL_ON_STEEL),

  coin('uk', '1 penny', [1971, 1992], [20.3, 1.52, 3.56], 'bronze'),
  coin('uk', '1 penny', [1992, null], [20.3, 1.65, 3.56], 'steel', COPPER_ON_STEEL),
  coin('uk', '2 pence', [1971, 1992], [25.9, 1.85, 7.12], 'bronze'),
  coin('uk', '2 pence', [1992, null], [25.9, 2.03, 7.12], 'steel', {
    ...COPPER_ON_STEEL,
    remark: 'Some of 1998 are bronze: the magnet tells.',
  }),
  coin('uk', '5 pence', [1990, 2011], [18, 1.7, 3.25], 'cupronickel'),
  coin('uk', '5 pence', [2011, null], [18, 1.77, 3.25], 'steel', NICKEL_ON_STEEL),
  coin('uk', '10 pence', [1992, 2011], [24.5, 1.85, 6.5], 'cupronickel'),
  coin('uk', '10 pence', [2011, null], [24.5, 2.05, 6.5], 'steel', NICKEL_ON_STEEL),

  coin('euro', '1 cent', [1999, null], [16.25, 1.67, 2.3], 'steel', COPPER_ON_STEEL),
  coin('euro', '2 cents', [1999, null], [18.75, 1.67, 3.06], 'steel', COPPER_ON_STEEL),
  coin('euro', '5 cents', [1999, null], [21.25, 1.67, 3.92], 'steel', COPPER_ON_STEEL),
  coin('euro', '10 cents', [1999, null], [19.75, 1.93, 4.1], 'nordic gold'),
  coin('euro', '20 cents', [1999, null], [22.25, 2.14, 5.74], 'nordic gold'),
  coin('euro', '1 euro', [1999, null], [23.25, 2.33, 7.5], 'two metals', {
    magnetic: true,
    remark: 'Only the middle is magnetic.',
  }),

  coin('australia', '1 cent', [1966, 1991], [17.53, 1.4, 2.59], 'bronze'),
  coin('australia', '2 cents', [1966, 1991], [21.59, 1.9, 5.18], 'bronze'),
  coin('australia', '5 cents', [1966, null], [19.41, 1.3, 2.83], 'cupronickel'),
  coin('australia', '10 cents', [1966, null], [23.6, 1.5, 5.65], 'cupronickel'),
  coin('australia', '20 cents', [1966, null], [28.65, 2.0, 11.3], 'cupronickel'),
  coin('australia', '1 dollar', [1984, null], [25, 2.8, 9], 'aluminium bronze'),
];

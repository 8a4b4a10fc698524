import type { CautionId } from '../../safety/cautions';
import { ellipse, INK, path, type Shape } from './shape';

/** What a picture beside a caution shows; hazards without one are told in words only. */
const PICTURES: Partial<
  Readonly<Record<CautionId, 'goggles' | 'knife' | 'flame' | 'mouth' | 'spark'>>
> = {
  magnesium: 'flame',
  hydrogen: 'flame',
  'metal-salts': 'goggles',
  'weak-acid': 'goggles',
  dust: 'goggles',
  sharp: 'knife',
  'short-circuit': 'spark',
  coins: 'mouth',
  food: 'mouth',
  rhubarb: 'mouth',
};

const LINE = { stroke: INK, strokeWidth: 1.4 } as const;
/** A ring with a bar: what is in it is not done. */
const NEVER: readonly Shape[] = [
  ellipse(0, 0, 14, 14, { ...LINE, strokeWidth: 1.8 }),
  path('M-9.9 -9.9 L9.9 9.9', { ...LINE, strokeWidth: 1.8 }),
];

const DRAWN = {
  goggles: [
    path(
      'M-14 -3 Q-14 -8 -9 -8 H9 Q14 -8 14 -3 V2 Q14 7 9 7 H5 Q2 7 0 3 Q-2 7 -5 7 H-9 Q-14 7 -14 2 Z',
      LINE,
    ),
    path('M-14 -2 H-17 M14 -2 H17', LINE),
    path('M-9 -3 L-5 -5 M4 -3 L8 -5', LINE),
  ],
  knife: [
    path('M-15 6 L4 -8 Q8 -8 8 -3 L-11 7 Z', LINE),
    path('M5 -5 L14 -11 L16 -7 L7 -2 Z', { ...LINE, fill: INK }),
  ],
  flame: [path('M0 -10 Q7 -3 5 3 Q4 8 0 9 Q-5 8 -5 3 Q-5 0 -2 -2 Q-2 -6 0 -10 Z', LINE), ...NEVER],
  mouth: [
    path('M0 -4 Q-3 -8 -7 -5 Q-10 0 -5 7 Q-2 9 0 7 Q2 9 5 7 Q10 0 7 -5 Q3 -8 0 -4 Z', LINE),
    path('M0 -4 Q0 -8 3 -10', LINE),
    ...NEVER,
  ],
  spark: [path('M3 -14 L-8 2 H-1 L-4 14 L8 -3 H1 Z', { ...LINE, fill: INK })],
} as const satisfies Record<string, readonly Shape[]>;

/** The pictures of some hazards, each once, about the origin and 32 high, in their order. */
export function cautionPictures(ids: readonly CautionId[]): (readonly Shape[])[] {
  const names = ids.flatMap((id) => PICTURES[id] ?? []);
  return [...new Set(names)].map((name) => DRAWN[name]);
}

import { FAIR_TEST_DOCUMENT, type FairTest } from '@/core/records/fairTest/fairTestSchema';

/** Invented readings of the six plants: volts open and milliamps shorted, three rounds each. */
const READ: readonly (readonly [
  id: string,
  name: string,
  readings: readonly [number, number][],
])[] = [
  [
    'kiwi',
    'kiwi',
    [
      [0.93, 1.38],
      [0.94, 1.52],
      [0.92, 1.31],
    ],
  ],
  [
    'gooseberry',
    'gooseberry',
    [
      [0.95, 0.62],
      [0.96, 0.71],
      [0.94, 0.58],
    ],
  ],
  [
    'tomato',
    'green tomato',
    [
      [0.91, 0.83],
      [0.92, 0.95],
      [0.9, 0.79],
    ],
  ],
  [
    'rhubarb',
    'rhubarb',
    [
      [0.97, 1.12],
      [0.96, 1.24],
      [0.98, 1.05],
    ],
  ],
  [
    'cucumber',
    'cucumber',
    [
      [0.84, 0.41],
      [0.86, 0.47],
      [0.83, 0.38],
    ],
  ],
  [
    'beetroot',
    'beetroot',
    [
      [0.87, 0.66],
      [0.88, 0.72],
      [0.86, 0.6],
    ],
  ],
];

/** The scenario's fair test: six plants with the same metals. */
export const DEMO_FAIR_TEST: { readonly id: string; readonly test: FairTest } = {
  id: 'demo-six-plants',
  test: {
    ...FAIR_TEST_DOCUMENT.fresh('Which plant lights the lamp best?'),
    kept: {
      fruit: '',
      metals: 'copper strip and galvanised nail',
      electrolyte: 'the plant’s own juice',
      gap: '2 cm',
      temperature: 'room',
      depth: '4 cm',
    },
    variants: READ.map(([id, name]) => ({ id, name })),
    seed: 7,
    readings: READ.flatMap(([variant, , rounds]) =>
      rounds.map(([volts, milliamps], index) => ({
        variant,
        repeat: index + 1,
        volts,
        amps: milliamps / 1000,
        changed:
          variant === 'gooseberry' && index === 2
            ? [{ factor: 'depth' as const, setting: '2 cm' }]
            : [],
      })),
    ),
  },
};

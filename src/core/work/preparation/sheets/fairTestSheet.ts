import { analyseFairTest } from '../../../records/fairTest/analyseFairTest';
import {
  describeDifference,
  FORMAT_OF,
  measureWords,
} from '../../../records/fairTest/describeDifference';
import { FACTORS, type FairTest } from '../../../records/fairTest/fairTestSchema';
import { runOrder } from '../../../records/fairTest/runOrder';
import { formatAmps, formatVolts } from '../../../units';
import type { Block, PrintedSheet } from './sheet';

/** A fair test on paper: what is varied and kept, the order with room for the readings, and what they say so far. */
export function fairTestSheet(test: FairTest): PrintedSheet {
  const { title, factor, kept, variants, readings, measure } = test;
  const names = new Map(variants.map(({ id, name }) => [id, name]));
  const format = FORMAT_OF[measure];
  const rows = runOrder(test).map(({ variant, repeat }, index) => {
    const read = readings.find((one) => one.variant === variant && one.repeat === repeat);
    return [
      `${index + 1}`,
      `${repeat}`,
      names.get(variant) ?? variant,
      read?.volts == null ? 'V' : formatVolts(read.volts),
      read?.amps == null ? 'mA' : formatAmps(read.amps),
    ];
  });
  const analysis = analyseFairTest(test);
  const { ranking, warnings } = analysis;
  const result: Block[] =
    ranking.length === 0
      ? []
      : [
          { kind: 'heading', text: 'What the readings say' },
          {
            kind: 'table',
            header: ['', `mean ${measureWords(test)}`, 'readings', 'far from them'],
            widths: [0.3, 0.3, 0.15, 0.25],
            figures: [1, 2, 3],
            rows: ranking.map(({ name, mean, values, farOff }) => [
              name,
              format(mean),
              `${values.length}`,
              farOff.map(({ value }) => format(value)).join(', '),
            ]),
          },
          ...describeDifference(test, analysis).map((text): Block => ({ kind: 'text', text })),
          ...warnings.map((text): Block => ({ kind: 'caution', text })),
        ];
  return {
    title,
    subtitle: 'Fair test: one thing is changed, everything else is kept.   Group: ________________',
    blocks: [
      { kind: 'text', strong: true, text: `Changed: ${factor}.` },
      {
        kind: 'list',
        style: 'box',
        columns: 2,
        items: FACTORS.filter((one) => one !== factor && kept[one] !== '').map(
          (one) => `${one} the same: ${kept[one]}`,
        ),
      },
      { kind: 'heading', text: 'Measure in this order' },
      {
        kind: 'table',
        header: ['', 'round', 'what', 'volts', 'milliamps'],
        widths: [0.08, 0.12, 0.36, 0.22, 0.22],
        writable: true,
        rows,
      },
      ...result,
      { kind: 'heading', text: 'What did you find, and could it be chance?' },
      { kind: 'lines', count: 3 },
    ],
  };
}

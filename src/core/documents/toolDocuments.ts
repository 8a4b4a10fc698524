import { z } from 'zod';
import { metalPairSchema, type MetalPairQuestion } from '../physics/chemistry/metalPair';
import { mixingRequestSchema, type MixingRequest } from '../physics/chemistry/mixingBench';
import { twoSolutionsSchema, type TwoSolutions } from '../physics/chemistry/twoSolutions';
import { coinTestSchema, type CoinTest } from '../physics/coins/identifyCoin';
import {
  meterSettingsSchema,
  USUAL_METER,
  type MeterSettings,
} from '../physics/instruments/meterSettings';
import { realityBenchSchema, USUAL_REALITY, type RealityBench } from '../work/reality/question';
import {
  cupboardSchema,
  EMPTY_CUPBOARD,
  type CupboardState,
} from '../records/cupboard/cupboardSchema';
import { documentFormat, LONGEST_TITLE, type DocumentFormat } from '../formats/documentFormat';

const BENCH_VERSION = 1;

/** A bench beside the plans, as it was left: what is being mixed, what stands in the vessels, which metals. */
export interface ToolState<State> {
  readonly format: string;
  readonly version: number;
  readonly title: string;
  readonly state: State;
}

/** There is one of each bench; this is its id. */
export const TOOL_ID = 'bench';

function benchDocument<State>(
  noun: string,
  stateSchema: z.ZodType<State>,
  start: State,
): DocumentFormat<ToolState<State>> {
  const format = `grozer-${noun.replaceAll(' ', '-')}`;
  return documentFormat<ToolState<State>>({
    noun,
    version: BENCH_VERSION,
    schema: z.strictObject({
      format: z.literal(format, `This is not a ${noun} of Grozer.`),
      version: z.literal(BENCH_VERSION),
      title: z.string().trim().min(1).max(LONGEST_TITLE),
      state: stateSchema,
    }),
    migrations: {},
    fresh: (title) => ({ format, version: BENCH_VERSION, title, state: start }),
    copied: (bench) => bench,
  });
}

export const MIXING_DOCUMENT = benchDocument<MixingRequest>('mixing bench', mixingRequestSchema, {
  electrolyte: 'brine',
  cells: 24,
  millilitres: 10,
  strength: 1,
});

export const TWO_SOLUTIONS_DOCUMENT = benchDocument<TwoSolutions>(
  'pair of vessels',
  twoSolutionsSchema,
  {
    cell: 'copper-copper',
    right: 0.5,
    left: 0.05,
    celsius: 25,
    bridge: 'bridge',
    activity: 'ideal',
  },
);

export const METALS_DOCUMENT = benchDocument<MetalPairQuestion>('pair of metals', metalPairSchema, {
  first: 'copper',
  second: 'zinc',
  medium: 'fruit',
  wording: 'school',
});

export const COINS_DOCUMENT = benchDocument<CoinTest>('coin test', coinTestSchema, {
  area: 'us',
  year: null,
  grams: null,
  diameterMillimetres: null,
  magnetic: null,
});

export const CUPBOARD_DOCUMENT = benchDocument<CupboardState>(
  'cupboard',
  cupboardSchema,
  EMPTY_CUPBOARD,
);

export const METER_DOCUMENT = benchDocument<MeterSettings>(
  'meter address',
  meterSettingsSchema,
  USUAL_METER,
);

export const REALITY_DOCUMENT = benchDocument<RealityBench>(
  'reality check',
  realityBenchSchema,
  USUAL_REALITY,
);

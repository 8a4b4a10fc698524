import { RECIPE_DOCUMENT } from '../physics/recipes/ownRecipe';
import type { OwnRecipe } from '../physics/recipes/ownRecipeSchema';
import type { MetalPairQuestion } from '../physics/cell/metalPair';
import type { MixingRequest } from '../physics/recipes/mixingRequest';
import type { TwoSolutions } from '../physics/cell/twoSolutions';
import type { CoinTest } from '../physics/coins/identifyCoin';
import { FAIR_TEST_DOCUMENT, type FairTest } from '../records/fairTest/fairTestSchema';
import type { MeterSettings } from '../physics/instruments/meterSettings';
import { PLAN_DOCUMENT } from '../records/plan/planDocument';
import type { CupboardState } from '../records/cupboard/cupboardSchema';
import type { SchoolState } from '../records/school/schoolSchema';
import type { Plan } from '../records/plan/planSchema';
import type { RealityBench } from '../work/reality/question';
import { COINS_DOCUMENT } from './tools/coinsDocument';
import { CUPBOARD_DOCUMENT } from './tools/cupboardDocument';
import { METALS_DOCUMENT } from './tools/metalsDocument';
import { METER_DOCUMENT } from './tools/meterDocument';
import { SCHOOL_DOCUMENT } from './tools/schoolDocument';
import { REALITY_DOCUMENT } from './tools/realityDocument';
import { MIXING_DOCUMENT } from './tools/mixingDocument';
import { TWO_SOLUTIONS_DOCUMENT } from './tools/twoSolutionsDocument';
import { type ToolState } from './tools/toolDocument';
import type { DocumentFormat } from '../formats/documentFormat';

/** The benches beside the plans, of which there is one each. */
interface BenchTypes {
  mixing: ToolState<MixingRequest>;
  'two-solutions': ToolState<TwoSolutions>;
  metals: ToolState<MetalPairQuestion>;
  coins: ToolState<CoinTest>;
  cupboard: ToolState<CupboardState>;
  meter: ToolState<MeterSettings>;
  reality: ToolState<RealityBench>;
  school: ToolState<SchoolState>;
}

/** Everything that is stored, by the kind that routes and tables call it. */
interface DocumentTypes extends BenchTypes {
  plans: Plan;
  recipes: OwnRecipe;
  'fair-tests': FairTest;
}

export const DOCUMENT_KINDS = [
  'plans',
  'recipes',
  'fair-tests',
  'mixing',
  'two-solutions',
  'metals',
  'coins',
  'cupboard',
  'meter',
  'reality',
  'school',
] as const;
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];
export type DocumentOf<Kind extends DocumentKind> = DocumentTypes[Kind];
export type ToolKind = keyof BenchTypes;

export const DOCUMENT_FORMATS: {
  readonly [Kind in DocumentKind]: DocumentFormat<DocumentOf<Kind>>;
} = {
  plans: PLAN_DOCUMENT,
  recipes: RECIPE_DOCUMENT,
  'fair-tests': FAIR_TEST_DOCUMENT,
  mixing: MIXING_DOCUMENT,
  'two-solutions': TWO_SOLUTIONS_DOCUMENT,
  metals: METALS_DOCUMENT,
  coins: COINS_DOCUMENT,
  cupboard: CUPBOARD_DOCUMENT,
  meter: METER_DOCUMENT,
  reality: REALITY_DOCUMENT,
  school: SCHOOL_DOCUMENT,
};

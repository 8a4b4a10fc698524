import * as z from 'zod/mini';
import { ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { networkSchema } from '@/core/physics/circuit/network/networkSchema';
import { fairTestSchema } from '@/core/records/fairTest/fairTestSchema';
import {
  chanceRequestSchema,
  diagnoseRequestSchema,
  fitRequestSchema,
  haveRequestSchema,
  prepareRequestSchema,
  planRequestSchema,
  simulateSchema,
} from '@/cli/requests';
import { planSchema } from '@/core/records/plan/planSchema';

const published = [
  { file: 'plan.schema.json', title: 'Grozer plan', schema: planSchema },
  { file: 'recipe.schema.json', title: 'Grozer recipe', schema: ownRecipeSchema },
  { file: 'fair-test.schema.json', title: 'Grozer fair test', schema: fairTestSchema },
  { file: 'network.schema.json', title: 'Grozer network document', schema: networkSchema },
  { file: 'simulate.schema.json', title: 'Input of grozer simulate', schema: simulateSchema },
  { file: 'plan-request.schema.json', title: 'Input of grozer plan', schema: planRequestSchema },
  { file: 'chance.schema.json', title: 'Input of grozer chance', schema: chanceRequestSchema },
  { file: 'have.schema.json', title: 'Input of grozer have', schema: haveRequestSchema },
  {
    file: 'prepare.schema.json',
    title: 'Input of grozer prepare',
    schema: prepareRequestSchema,
  },
  {
    file: 'diagnose.schema.json',
    title: 'Input of grozer diagnose',
    schema: diagnoseRequestSchema,
  },
  { file: 'fit.schema.json', title: 'Input of grozer fit', schema: fitRequestSchema },
];

/** The JSON Schemas of docs/formats, as text. */
export const SCHEMA_FILES = published.map(({ file, title, schema }) => ({
  file,
  text: `${JSON.stringify({ title, ...z.toJSONSchema(schema, { io: 'input' }) }, null, 2)}\n`,
}));

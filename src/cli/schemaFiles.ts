import { z } from 'zod';
import { networkSchema } from '@/core/circuit/network/networkSchema';
import { planSchema } from '@/core/plan/planSchema';

const published = [
  { file: 'plan.schema.json', title: 'Grozer plan', schema: planSchema },
  { file: 'network.schema.json', title: 'Grozer network document', schema: networkSchema },
];

/** The JSON Schemas of docs/formats, as text. */
export const SCHEMA_FILES = published.map(({ file, title, schema }) => ({
  file,
  text: `${JSON.stringify({ title, ...z.toJSONSchema(schema, { io: 'input' }) }, null, 2)}\n`,
}));

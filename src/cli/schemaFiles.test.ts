import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import { DEMO_PLANS } from './demoPlans';
import { SCHEMA_FILES } from './schemaFiles';
import reference from '@/testing/core/referenceNetworks.json';

const validator = (file: string) => {
  const text = SCHEMA_FILES.find((one) => one.file === file)?.text ?? '{}';
  return new Ajv2020({ strict: false, validateFormats: false }).compile(JSON.parse(text));
};

test.each(SCHEMA_FILES.map(({ file, text }) => [file, text] as const))(
  'the published %s is what the app validates with (else: npm run schemas)',
  (file, text) => {
    expect(readFileSync(`docs/formats/${file}`, 'utf8')).toBe(text);
  },
);

/**
 * @check the published schema of a plan
 * @origin library: Ajv, JSON Schema 2020-12
 * @tolerance accepts and refuses what the app does
 */
test('an independent validator (Ajv) accepts the demo plans and refuses broken ones', () => {
  const validate = validator('plan.schema.json');
  for (const { plan } of DEMO_PLANS) expect(validate(plan)).toBe(true);
  expect(validate({ ...DEMO_PLANS[0]?.plan, minutes: 'long' })).toBe(false);
  expect(validate({ ...DEMO_PLANS[0]?.plan, extra: 1 })).toBe(false);
});

/**
 * @check the published schema of a network
 * @origin library: Ajv, JSON Schema 2020-12
 * @tolerance accepts every reference network
 */
test('an independent validator (Ajv) accepts the reference networks', () => {
  const validate = validator('network.schema.json');
  for (const { network } of reference.cases) expect(validate(network)).toBe(true);
  expect(validate({ components: [{ type: 'cell' }] })).toBe(false);
});

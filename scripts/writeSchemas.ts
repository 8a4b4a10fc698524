import { writeFileSync } from 'node:fs';
import { SCHEMA_FILES } from '../src/cli/schemaFiles';

/** Writes the published JSON Schemas from the Zod schemas that the app validates with. */
for (const { file, text } of SCHEMA_FILES) writeFileSync(`docs/formats/${file}`, text);

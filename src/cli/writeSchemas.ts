import { writeFileSync } from 'node:fs';
import { SCHEMA_FILES } from './schemaFiles';

for (const { file, text } of SCHEMA_FILES) writeFileSync(`docs/formats/${file}`, text);

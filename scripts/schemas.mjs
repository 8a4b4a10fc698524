import { compiled } from './lib/typescript.mjs';

/** Writes the published JSON Schemas from the Zod schemas that the app validates with. */
await import(await compiled('src/cli/writeSchemas.ts'));

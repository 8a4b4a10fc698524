import { faultsOfZod } from '../faultsOfZod';
import { fail, succeed, type Result } from '../result';
import { migrateDocument, PLAN_MIGRATIONS } from './migratePlan';
import { PLAN_VERSION, planSchema, type Plan } from './planSchema';

/** A plan from any JSON value: migrate, then parse. Every fault comes with its path. */
export function parsePlan(document: unknown): Result<Plan> {
  const migrated = migrateDocument(document, PLAN_VERSION, PLAN_MIGRATIONS);
  if (!migrated.ok) return migrated;
  const parsed = planSchema.safeParse(migrated.value);
  return parsed.success ? succeed(parsed.data) : fail(...faultsOfZod(parsed.error));
}

/** A plan from the text of a file. */
export function parsePlanText(text: string): Result<Plan> {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return fail({
      code: 'not-json',
      path: [],
      message: `The file is not readable as JSON: ${reason}.`,
    });
  }
  return parsePlan(document);
}

/** The text of an exported plan; {@link parsePlanText} gives the same plan back. */
export function planText(plan: Plan): string {
  return `${JSON.stringify(plan, null, 2)}\n`;
}

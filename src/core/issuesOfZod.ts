import type { z } from 'zod';
import type { Issue } from './result';

/** Turns the issues of a failed Zod parse into faults with their paths. */
export function issuesOfZod(error: z.ZodError): Issue[] {
  return error.issues.flatMap((issue): Issue[] => {
    const path = issue.path.map((key) => (typeof key === 'symbol' ? String(key) : key));
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({
        code: 'unknown-field',
        path: [...path, key],
        message: `There is no field called “${key}” here.`,
      }));
    }
    return [{ code: issue.code, path, message: issue.message }];
  });
}

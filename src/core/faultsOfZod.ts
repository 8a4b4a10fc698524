import type { z } from 'zod';
import type { Fault } from './result';

/** Turns the issues of a failed Zod parse into faults with their paths. */
export function faultsOfZod(error: z.ZodError): Fault[] {
  return error.issues.flatMap((issue): Fault[] => {
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

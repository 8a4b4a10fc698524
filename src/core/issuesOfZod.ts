import { z } from 'zod';
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
    if (issue.code === 'invalid_union') {
      const nearest = nearestBranch(issue.errors);
      if (nearest !== null) {
        return issuesOfZod(new z.ZodError(nearest)).map((one) => ({
          ...one,
          path: [...path, ...one.path],
        }));
      }
    }
    return [{ code: issue.code, path, message: issue.message }];
  });
}

/** Of the kinds that something could have been, the one that it comes nearest to: with the fewest fields that are no part of it or missing at its top. `null` where it is like none. */
function nearestBranch(
  branches: readonly (readonly z.core.$ZodIssue[])[],
): z.core.$ZodIssue[] | null {
  const strangeness = (issues: readonly z.core.$ZodIssue[]): number =>
    issues.reduce((sum, { path }) => sum + (path.length < 2 ? 2 : 1), 0);
  const ranked = [...branches].sort((a, b) => strangeness(a) - strangeness(b));
  const [best, second] = ranked;
  const tied =
    best !== undefined && second !== undefined && strangeness(best) === strangeness(second);
  return best === undefined || best.length === 0 || tied ? null : [...best];
}

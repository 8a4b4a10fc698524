import * as z from 'zod/mini';
import type { Issue } from './result';

// Where a schema has no words of its own.
z.config({ localeError: wordsFor });

/** Turns the issues of a failed Zod parse into faults with their paths. */
export function issuesOfZod({ issues }: Pick<z.core.$ZodError, 'issues'>): Issue[] {
  return issues.flatMap((issue): Issue[] => {
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
        return issuesOfZod({ issues: nearest }).map((one) => ({
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

const KINDS: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
};

function wordsFor(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      if (issue.input === undefined) return 'This is missing.';
      return `This must be ${KINDS[issue.expected] ?? 'an object with fields'}.`;
    case 'invalid_value':
      return `This must be ${issue.values.map((value) => JSON.stringify(value)).join(' or ')}.`;
    case 'too_small':
      return `Give ${issue.inclusive === true ? 'at least' : 'more than'} ${measured(issue.minimum, issue.origin)}.`;
    case 'too_big':
      return `${issue.origin === 'string' ? 'Use' : 'Give'} ${issue.inclusive === true ? 'at most' : 'less than'} ${measured(issue.maximum, issue.origin)}.`;
    case 'invalid_format':
      return 'This is not written as it should be.';
    default:
      return 'This cannot be used here.';
  }
}

function measured(limit: number | bigint, origin: string): string {
  if (origin === 'string') return `${limit} ${limit === 1 ? 'character' : 'characters'}`;
  return origin === 'array' ? `${limit} ${limit === 1 ? 'entry' : 'entries'}` : String(limit);
}

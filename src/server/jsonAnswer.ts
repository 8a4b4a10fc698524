import type { Issue } from '@/core/result';

/** What is answered to a request: its status and what is sent as JSON. */
export interface JsonAnswer {
  readonly status: number;
  readonly body: object;
}

/** A refusal, in the shape of all refusals. */
export function refused(
  status: number,
  message: string,
  faults: readonly Issue[] = [],
): JsonAnswer {
  return { status, body: { message, faults } };
}

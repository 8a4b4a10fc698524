import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';

/** Requests as the server has logged them, one after the other. */
export function logged(
  requests: readonly LogRequest[],
  author: LogLine['author'] = 'group',
): LogLine[] {
  return requests.map((request, index) => ({ ...request, seq: index + 1, author, at: index }));
}

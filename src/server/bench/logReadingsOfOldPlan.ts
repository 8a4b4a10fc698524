import { readingsOfOldPlan } from '@/core/records/logbook/readingsOfOldPlan';
import { groupName } from '@/core/work/preparation/groupNames';
import { appendToLog } from './appendToLog';
import type { BenchContext } from './benchContext';

/** An old plan’s file carried its readings; they go to the log, under the first group. */
export function logReadingsOfOldPlan(context: BenchContext, planId: string, text: string): void {
  const requests = readingsOfOldPlan(text).map((entry) => ({
    entryId: context.newId(),
    revision: 1,
    group: groupName(0),
    entry,
    struck: false,
  }));
  if (requests.length > 0) appendToLog(context, planId, requests, 'teacher');
}

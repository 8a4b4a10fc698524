import { act } from '@testing-library/react';
import { readingsOfGroup } from '../../core/records/logbook/foldLog';
import type { LogLine } from '../../core/records/logbook/logEntry';
import type { Plan } from '../../core/records/plan/planSchema';
import { benchFacts } from '../../core/work/guide/benchFacts';
import { judgeBench } from '../../core/work/guide/judgeBench';
import { evaluatePlan } from '../../core/work/judging/evaluatePlan';

/** Streams of news that pages have opened; tests say what they tell. */
export class Stream extends EventTarget {
  static readonly opened: Stream[] = [];
  constructor() {
    super();
    Stream.opened.push(this);
  }
  close(): void {}
  tell(type: string, data: unknown): void {
    act(() => {
      this.dispatchEvent(new MessageEvent(type, { data: JSON.stringify(data) }));
    });
  }
}

/** From now on pages hear what tests say. */
export function openStreams(): void {
  Stream.opened.length = 0;
  globalThis.EventSource = Stream as unknown as typeof EventSource;
}

/** Tells every page what the server’s judge makes of these lines. */
export function tellJudged(plan: Plan, lines: readonly LogLine[]): void {
  const facts = benchFacts(plan, evaluatePlan(plan));
  const judged = Object.fromEntries(
    [...new Set(lines.map(({ group }) => group))].flatMap((group) => {
      const judgement = judgeBench(facts, readingsOfGroup(lines, group));
      return judgement === null
        ? []
        : [[group, { ...judgement, seq: Number.MAX_SAFE_INTEGER }] as const];
    }),
  );
  for (const stream of Array.from(Stream.opened)) stream.tell('judged', judged);
}

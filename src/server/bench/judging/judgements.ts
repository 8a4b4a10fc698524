import { readingsOfGroup } from '@/core/records/logbook/foldLog';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import type { LogRepository } from '@/data/logRepository';
import type { ServerContext } from '../../context';
import type { LogBus } from '../logBus';
import type { Judge } from './createJudge';

/** A judgement and the position of the log that it is about. */
export interface TimedJudgement extends BenchJudgement {
  /** Number of the last line of the group that was judged. */
  readonly seq: number;
}

/** What is said of the benches of all plans: worked out once, kept by the log’s position, told to all who follow. */
export interface Judgements {
  /** What is known now, by group. */
  known(planId: string): ReadonlyMap<string, TimedJudgement>;
  /** Judges anew what has changed since, of some groups or of all; who follows the plan hears of it. */
  refresh(planId: string, groups?: readonly string[]): void;
  /** Everything that is stored was exchanged. */
  forget(): void;
}

interface Standing {
  readonly judgement: TimedJudgement | null;
  readonly seq: number;
  readonly revision: number;
}

interface JudgingContext extends Pick<ServerContext, 'documents'> {
  readonly log: LogRepository;
  readonly bus: LogBus;
}

/** One question at a time; a group that reads on meanwhile is asked about once more, and not for every line. */
export function createJudgements(context: () => JudgingContext, judge: Judge): Judgements {
  const plans = new Map<string, Map<string, Standing>>();
  const queue = new Map<string, { readonly planId: string; readonly group: string }>();
  let working = false;
  const standingsOf = (planId: string): Map<string, Standing> => {
    const found = plans.get(planId) ?? new Map<string, Standing>();
    plans.set(planId, found);
    return found;
  };
  const judgeOne = async (planId: string, group: string): Promise<void> => {
    const { documents, log, bus } = context();
    const stored = documents('plans').find(planId);
    if (stored === null || !stored.document.ok) return;
    const lines = log.linesAfter(planId, 0, group);
    const seq = lines.at(-1)?.seq ?? 0;
    const { revision } = stored;
    const standings = standingsOf(planId);
    const before = standings.get(group);
    if (before?.seq === seq && before.revision === revision) return;
    const readings = readingsOfGroup(lines, group);
    const found =
      readings.length === 0
        ? null
        : await judge({ planId, revision, plan: stored.document.value, readings });
    const judgement = found === null ? null : { ...found, seq };
    standings.set(group, { judgement, seq, revision });
    if (judgement !== null || before?.judgement != null) bus.judged(planId);
  };
  const work = async (): Promise<void> => {
    if (working) return;
    working = true;
    for (;;) {
      const [next] = queue;
      if (next === undefined) break;
      const [key, { planId, group }] = next;
      queue.delete(key);
      try {
        await judgeOne(planId, group);
      } catch (error) {
        console.error(`The readings of ${group} could not be judged: ${String(error)}`);
      }
    }
    working = false;
  };
  return {
    known: (planId) =>
      new Map(
        [...standingsOf(planId)].flatMap(([group, { judgement }]) =>
          judgement === null ? [] : [[group, judgement] as const],
        ),
      ),
    refresh: (planId, groups) => {
      const all =
        groups ??
        new Set([
          ...context()
            .log.linesAfter(planId, 0)
            .map(({ group }) => group),
          ...standingsOf(planId).keys(),
        ]);
      for (const group of all) queue.set(`${planId} ${group}`, { planId, group });
      void work();
    },
    forget: () => plans.clear(),
  };
}

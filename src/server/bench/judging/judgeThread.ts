import { Worker } from 'node:worker_threads';
import type { BenchJudgement } from '@/core/work/guide/benchJudgement';
import type { Judge } from './createJudge';

interface Answer {
  readonly id: number;
  readonly judgement?: BenchJudgement | null;
  readonly error?: string;
}

/** Judges in a thread of its own, which begins with the first question and never keeps the process alive. */
export function judgeThread(): Judge {
  let worker: Worker | null = null;
  let asked = 0;
  const waiting = new Map<
    number,
    {
      readonly take: (judgement: BenchJudgement | null) => void;
      readonly fail: (why: Error) => void;
    }
  >();
  const failAll = (why: Error): void => {
    worker = null;
    for (const { fail } of waiting.values()) fail(why);
    waiting.clear();
  };
  const start = (): Worker => {
    const started = new Worker(new URL('./judge.worker.ts', import.meta.url));
    started.unref();
    started.on('message', ({ id, judgement = null, error }: Answer) => {
      const one = waiting.get(id);
      waiting.delete(id);
      if (error === undefined) one?.take(judgement);
      else one?.fail(new Error(error));
    });
    started.on('error', failAll);
    return started;
  };
  return (request) =>
    new Promise((take, fail) => {
      worker ??= start();
      asked += 1;
      waiting.set(asked, { take, fail });
      worker.postMessage({ id: asked, request });
    });
}

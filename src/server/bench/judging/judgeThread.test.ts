import { EventEmitter } from 'node:events';
import { Worker } from 'node:worker_threads';
import type { JudgeRequest } from './createJudge';
import { judgeThread } from './judgeThread';

/** A thread that is asked, and answers when the test says so. */
class Asked extends EventEmitter {
  static all: Asked[] = [];
  readonly unref = jest.fn();
  readonly asked: { id: number; request: JudgeRequest }[] = [];
  constructor() {
    super();
    Asked.all.push(this);
  }
  postMessage(question: { id: number; request: JudgeRequest }): void {
    this.asked.push(question);
  }
}

jest.mock('node:worker_threads', () => ({ Worker: jest.fn(() => new Asked()) }));

const request = (planId: string): JudgeRequest => ({ planId }) as JudgeRequest;

test('one thread answers all questions, each to whoever asked it, and keeps no process alive', async () => {
  const judge = judgeThread();
  expect(Worker).not.toHaveBeenCalled();
  const [first, second, third] = ['a', 'b', 'c'].map((id) => judge(request(id)));
  expect(Asked.all).toHaveLength(1);
  const [thread] = Asked.all;
  expect(thread?.unref).toHaveBeenCalledTimes(1);
  expect(thread?.asked.map(({ id, request: { planId } }) => [id, planId])).toEqual([
    [1, 'a'],
    [2, 'b'],
    [3, 'c'],
  ]);
  thread?.emit('message', { id: 2, judgement: { verdict: 'fine' } });
  thread?.emit('message', { id: 3, error: 'no sense' });
  thread?.emit('message', { id: 1 });
  // Nobody asked for it, and nothing breaks.
  thread?.emit('message', { id: 9 });
  expect(await second).toEqual({ verdict: 'fine' });
  await expect(third).rejects.toThrow('no sense');
  expect(await first).toBeNull();
});

test('a thread that broke fails whoever waits, and the next question begins another', async () => {
  Asked.all = [];
  const judge = judgeThread();
  const waiting = [judge(request('a')), judge(request('b'))];
  Asked.all[0]?.emit('error', new Error('out of memory'));
  for (const one of waiting) await expect(one).rejects.toThrow('out of memory');
  const again = judge(request('c'));
  expect(Asked.all).toHaveLength(2);
  const [id] = Asked.all[1]?.asked.map((one) => one.id) ?? [];
  Asked.all[1]?.emit('message', { id, judgement: null });
  expect(await again).toBeNull();
});

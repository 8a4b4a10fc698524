import { parentPort } from 'node:worker_threads';
import { createJudge, type JudgeRequest } from './createJudge';

/** The fault finder in a thread of its own: a class’s log is written at once, whatever is being judged. */
const judge = createJudge();
parentPort?.on('message', ({ id, request }: { id: number; request: JudgeRequest }) => {
  try {
    parentPort?.postMessage({ id, judgement: judge(request) });
  } catch (error) {
    parentPort?.postMessage({ id, error: String(error) });
  }
});

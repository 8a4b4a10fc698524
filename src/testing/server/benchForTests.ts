import type { LogRequest } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import type { Issue } from '@/core/result';
import { createClassRepository } from '@/data/classRepository';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase } from '@/data/openDatabase';
import { createAdmissions } from '../../server/bench/admissions';
import type { BenchContext } from '../../server/bench/benchContext';
import { createJudge } from '../../server/bench/judging/createJudge';
import { createJudgements } from '../../server/bench/judging/judgements';
import { eventStream } from '../../server/bench/eventStream';
import { listenToLog } from '../../server/bench/listenToLog';
import { createLogBus } from '../../server/bench/logBus';

/** When tests of the bench begin: the club’s afternoon. */
export const NOW = Date.parse('2027-01-29T14:00:00Z');

/** A bench of its own with one plan, `p`; its clock is set by hand. */
export function freshBench(plan: Plan = newPlan('Lamp')): BenchContext & { time: number } {
  const db = openDatabase(':memory:');
  createDocumentRepository(db, 'plans').insert('p', plan, NOW);
  const bus = createLogBus();
  let ids = 0;
  const judge = createJudge();
  const context: BenchContext & { time: number } = {
    documents: ((kind) => createDocumentRepository(db, kind)) as BenchContext['documents'],
    log: createLogRepository(db),
    classes: createClassRepository(db),
    bus,
    admissions: createAdmissions((planId) => bus.asking(planId)),
    judgements: createJudgements(
      () => context,
      (request) => Promise.resolve(judge(request)),
    ),
    time: NOW,
    now: () => context.time,
    newId: () => `id-${(ids += 1)}`,
  };
  return context;
}

/** A note that a group writes. */
export const note = (entryId: string, group = 'Tern'): LogRequest => ({
  entryId,
  revision: 1,
  group,
  entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:02:00Z' },
  struck: false,
});

type Asked = Parameters<typeof listenToLog>;
export const logStream = (context: Asked[0], options: Asked[1]): ReadableStream<Uint8Array> =>
  eventStream((sink) => listenToLog(context, options, sink));

/** Reads a stream until its text has what is looked for. */
export async function read(stream: ReadableStream<Uint8Array>, until: RegExp): Promise<string> {
  const reader = stream.getReader();
  let text = '';
  while (!until.test(text)) {
    const { value, done } = await reader.read();
    if (done) return `${text}[closed]`;
    text += new TextDecoder().decode(value);
  }
  await reader.cancel();
  return text;
}

/** What is refused: a line for each fault, with its place. */
export const faultsOf = ({ issues }: { readonly issues: readonly Issue[] }): string =>
  issues.map(({ path, message }) => `${path.join(' ')}: ${message}`).join('\n');

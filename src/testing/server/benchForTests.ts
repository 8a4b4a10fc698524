import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { createClassRepository } from '@/data/classRepository';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase } from '@/data/openDatabase';
import { createAdmissions } from '../../server/bench/admissions';
import type { BenchContext } from '../../server/bench/benchContext';
import { createJudge } from '../../server/bench/judging/createJudge';
import { createJudgements } from '../../server/bench/judging/judgements';
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

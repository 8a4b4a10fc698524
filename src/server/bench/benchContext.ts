import 'server-only';
import { createClassRepository, type ClassRepository } from '@/data/classRepository';
import { database } from '@/data/database';
import { createLogRepository, type LogRepository } from '@/data/logRepository';
import { serverContext, type ServerContext } from '../context';
import { createAdmissions, type Admissions } from './admissions';
import { judgeThread } from './judging/judgeThread';
import { createJudgements, type Judgements } from './judging/judgements';
import { logBus, type LogBus } from './logBus';

/** What use cases at the bench need from outside; tests pass their own. */
export interface BenchContext extends ServerContext {
  readonly log: LogRepository;
  readonly classes: ClassRepository;
  readonly bus: LogBus;
  readonly admissions: Admissions;
  readonly judgements: Judgements;
}

const holder = globalThis as typeof globalThis & {
  grozerAdmissions?: Admissions;
  grozerJudgements?: Judgements;
};

export function benchContext(): BenchContext {
  holder.grozerAdmissions ??= createAdmissions((planId) => logBus().asking(planId));
  holder.grozerJudgements ??= createJudgements(benchContext, judgeThread());
  return {
    ...serverContext(),
    log: createLogRepository(database()),
    classes: createClassRepository(database()),
    bus: logBus(),
    admissions: holder.grozerAdmissions,
    judgements: holder.grozerJudgements,
  };
}

import { Notices } from '@/ui/notices/Notices';
import type { ReactNode } from 'react';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { SCHOOL_DOCUMENT } from '@/core/documents/tools/schoolDocument';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import type { LogLine } from '@/core/records/logbook/logEntry';
import type { Plan } from '@/core/records/plan/planSchema';
import type { SchoolState } from '@/core/records/school/schoolSchema';
import { PlanWorkspace } from '@/features/plan/PlanWorkspace';
import type { FoundTool } from '@/ui/document/useTool';
import { foundTool } from './toolPage';

const CUPBOARD = foundTool(CUPBOARD_DOCUMENT);
const SCHOOL = foundTool(SCHOOL_DOCUMENT);
const NO_LINES: readonly LogLine[] = [];

interface OpenPlanProps {
  readonly plan: Plan;
  readonly log?: readonly LogLine[] | undefined;
  readonly cupboard?: FoundTool<CupboardState> | undefined;
  readonly school?: FoundTool<SchoolState> | undefined;
  readonly children: ReactNode;
}

/** A plan as it is opened in a new installation, with stations in it. */
export function OpenPlan({
  plan,
  log = NO_LINES,
  cupboard = CUPBOARD,
  school = SCHOOL,
  children,
}: OpenPlanProps) {
  return (
    <>
      <PlanWorkspace
        id="tested"
        initialPlan={plan}
        initialRevision={1}
        ownRecipes={[]}
        cupboardFound={cupboard}
        schoolFound={school}
        initialLog={log}
      >
        {children}
      </PlanWorkspace>
      <Notices />
    </>
  );
}

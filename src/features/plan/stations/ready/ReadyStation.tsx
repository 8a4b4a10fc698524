'use client';

import Alert from '@mui/material/Alert';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { lessonFacts, type LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import type { useTool } from '@/ui/document/useTool';
import { PartTabs } from '@/ui/PartTabs';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { ClassPart } from './ClassPart';
import { lazyPart } from '@/ui/lazyPart';

const PreparePart = lazyPart(() => import('./PreparePart').then((module) => module.PreparePart));
const PrintsPart = lazyPart(() => import('./PrintsPart').then((module) => module.PrintsPart));
const SafetyPart = lazyPart(() => import('./SafetyPart').then((module) => module.SafetyPart));
const ShoppingPart = lazyPart(() => import('./ShoppingPart').then((module) => module.ShoppingPart));
const TimetablePart = lazyPart(() =>
  import('./TimetablePart').then((module) => module.TimetablePart),
);

const PARTS = [
  ['class', 'Class'],
  ['shopping', 'Shopping'],
  ['prepare', 'Cut and mix'],
  ['timetable', 'Timetable'],
  ['safety', 'Safety'],
  ['prints', 'Prints'],
] as const;
type PartName = (typeof PARTS)[number][0];

/** Parts that are for something a class may have. */
const PREPARING: readonly PartName[] = ['shopping', 'prepare', 'timetable'];

/** Station 4: from the arrangement to a class that can happen: whom for, what to buy and prepare, when, what to hand out. */
export function ReadyStation() {
  const plan = usePlan();
  const { evaluation, open, cupboard: bench } = usePlanContext();
  const planId = open.id;
  const facts = useMemo(
    () => lessonFacts(plan, evaluation, { cupboard: bench.state, planId }),
    [plan, evaluation, bench.state, planId],
  );
  return (
    <PartTabs
      label="Parts of getting ready"
      prefix="ready"
      parts={PARTS}
      notice={
        facts.gate.reason === '' ? null : (
          <Alert severity="warning" data-testid="gate">
            {facts.gate.reason}
          </Alert>
        )
      }
    >
      {(part) =>
        !facts.gate.preparing && PREPARING.includes(part) ? (
          <Typography data-testid="withheld">
            Nothing is bought, mixed or planned here for a class.
          </Typography>
        ) : (
          <Part part={part} facts={facts} bench={bench} />
        )
      }
    </PartTabs>
  );
}

interface PartProps {
  readonly part: PartName;
  readonly facts: LessonFacts;
  readonly bench: ReturnType<typeof useTool<CupboardState>>;
}

function Part({ part, facts, bench }: PartProps) {
  switch (part) {
    case 'class':
      return <ClassPart facts={facts} />;
    case 'shopping':
      return <ShoppingPart facts={facts} bench={bench} />;
    case 'prepare':
      return <PreparePart facts={facts} />;
    case 'timetable':
      return <TimetablePart facts={facts} />;
    case 'safety':
      return <SafetyPart facts={facts} bench={bench} />;
    case 'prints':
      return <PrintsPart facts={facts} />;
  }
}

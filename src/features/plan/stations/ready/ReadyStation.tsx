'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { CUPBOARD_DOCUMENT } from '@/core/documents/benchDocuments';
import type { CupboardState } from '@/core/preparation/cupboardSchema';
import { lessonFacts } from '@/core/preparation/sheets/lessonFacts';
import { useBench, type FoundBench } from '@/ui/document/useBench';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { ClassPart } from './ClassPart';
import { PreparePart } from './PreparePart';
import { PrintsPart } from './PrintsPart';
import { SafetyPart } from './SafetyPart';
import { ShoppingPart } from './ShoppingPart';
import { TimetablePart } from './TimetablePart';

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
export function ReadyStation({ cupboardFound }: { cupboardFound: FoundBench<CupboardState> }) {
  const plan = usePlan();
  const { evaluation, open } = usePlanContext();
  const planId = open.id;
  const bench = useBench('cupboard', CUPBOARD_DOCUMENT, cupboardFound);
  const asked = useSearchParams().get('part');
  const part: PartName = PARTS.find(([id]) => id === asked)?.[0] ?? 'class';
  const facts = useMemo(
    () => lessonFacts(plan, evaluation, { cupboard: bench.state, planId }),
    [plan, evaluation, bench.state, planId],
  );
  const isWithheld = !facts.gate.preparing && PREPARING.includes(part);
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Tabs
        value={part}
        // The address names the part, so that it can be linked to; nothing is asked of the server.
        onChange={(_, chosen: PartName) => window.history.replaceState(null, '', `?part=${chosen}`)}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label="Parts of getting ready"
      >
        {PARTS.map(([id, name]) => (
          <Tab
            key={id}
            value={id}
            label={name}
            id={`ready-tab-${id}`}
            aria-controls={`ready-${id}`}
          />
        ))}
      </Tabs>
      {facts.gate.reason === '' ? null : (
        <Alert severity="warning" data-testid="gate">
          {facts.gate.reason}
        </Alert>
      )}
      <Box role="tabpanel" id={`ready-${part}`} aria-labelledby={`ready-tab-${part}`}>
        {part === 'class' ? <ClassPart facts={facts} /> : null}
        {isWithheld ? (
          <Typography data-testid="withheld">
            Nothing is bought, mixed or planned here for a class.
          </Typography>
        ) : null}
        {part === 'shopping' && !isWithheld ? <ShoppingPart facts={facts} bench={bench} /> : null}
        {part === 'prepare' && !isWithheld ? <PreparePart facts={facts} /> : null}
        {part === 'timetable' && !isWithheld ? <TimetablePart facts={facts} /> : null}
        {part === 'safety' ? <SafetyPart facts={facts} /> : null}
        {part === 'prints' ? <PrintsPart facts={facts} /> : null}
      </Box>
    </Box>
  );
}

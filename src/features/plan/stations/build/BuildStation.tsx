'use client';

import { METER_DOCUMENT } from '@/core/documents/tools/meterDocument';
import type { MeterSettings } from '@/core/physics/instruments/meterSettings';
import { useLiveLog, useLog } from '@/ui/bench/LogProvider';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { PartTabs } from '@/ui/PartTabs';
import Alert from '@mui/material/Alert';
import useMediaQuery from '@mui/material/useMediaQuery';
import { ON_A_PHONE } from '@/ui/onAPhone';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { AskingDevices } from './AskingDevices';
import { BenchPart } from './BenchPart';
import { lazyPart } from '@/ui/lazyPart';

const BoardPart = lazyPart(() => import('./BoardPart').then((module) => module.BoardPart));
const LogPart = lazyPart(() => import('./LogPart').then((module) => module.LogPart));
const ResultsPart = lazyPart(() => import('./ResultsPart').then((module) => module.ResultsPart));

const PARTS = [
  ['bench', 'At the bench'],
  ['log', 'Logbook'],
  ['board', 'Class board'],
  ['results', 'Results'],
] as const;

interface BuildStationProps {
  readonly meterFound: FoundTool<MeterSettings>;
}

/** Station 5: build it step by step, read, compare, find what is wrong; for one group or the whole class. */
export function BuildStation({ meterFound }: BuildStationProps) {
  const { open } = usePlanContext();
  const { groups } = usePlan().lesson;
  // A phone is what one walks about with: all groups first, then the one that needs somebody.
  const walking = useMediaQuery(ON_A_PHONE) && groups > 1;
  const { waiting, held } = useLog();
  const meter = useTool('meter', METER_DOCUMENT, meterFound);
  const { present, asking } = useLiveLog(`/api/lessons/${open.id}/events`);
  return (
    <>
      <AskingDevices planId={open.id} asking={asking} />
      {waiting > 0 && held !== null ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {held}
        </Alert>
      ) : null}
      <PartTabs
        label="Parts of building and measuring"
        prefix="build"
        parts={PARTS}
        usual={walking ? 'board' : undefined}
      >
        {(part) => {
          switch (part) {
            case 'bench':
              return <BenchPart meter={meter} />;
            case 'log':
              return <LogPart />;
            case 'board':
              return <BoardPart present={present} />;
            case 'results':
              return <ResultsPart />;
          }
        }}
      </PartTabs>
    </>
  );
}

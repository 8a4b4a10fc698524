'use client';

import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { useSearchParams } from 'next/navigation';
import { METER_DOCUMENT } from '@/core/documents/benchDocuments';
import type { MeterSettings } from '@/core/meter/meterSettings';
import { useLiveLog } from '@/ui/bench/LogProvider';
import { useBench, type FoundBench } from '@/ui/document/useBench';
import { usePlanContext } from '../../PlanProvider';
import { BenchPart } from './BenchPart';
import { BoardPart } from './BoardPart';
import { LogPart } from './LogPart';
import { ResultsPart } from './ResultsPart';

const PARTS = [
  ['bench', 'At the bench'],
  ['log', 'Logbook'],
  ['board', 'Class board'],
  ['results', 'Results'],
] as const;
type PartName = (typeof PARTS)[number][0];

interface BuildStationProps {
  readonly meterFound: FoundBench<MeterSettings>;
}

/** Station 5: build it step by step, read, compare, find what is wrong; for one group or the whole class. */
export function BuildStation({ meterFound }: BuildStationProps) {
  const { open } = usePlanContext();
  const meter = useBench('meter', METER_DOCUMENT, meterFound);
  useLiveLog(`/api/lessons/${open.id}/events`);
  const asked = useSearchParams().get('part');
  const part: PartName = PARTS.find(([id]) => id === asked)?.[0] ?? 'bench';
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Tabs
        value={part}
        onChange={(_, chosen: PartName) => window.history.replaceState(null, '', `?part=${chosen}`)}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label="Parts of building and measuring"
        sx={{ minHeight: 40 }}
      >
        {PARTS.map(([id, name]) => (
          <Tab
            key={id}
            value={id}
            label={name}
            id={`build-tab-${id}`}
            aria-controls={`build-${id}`}
            sx={{ minHeight: 40 }}
          />
        ))}
      </Tabs>
      <Box role="tabpanel" id={`build-${part}`} aria-labelledby={`build-tab-${part}`}>
        {part === 'bench' ? <BenchPart meter={meter} /> : null}
        {part === 'log' ? <LogPart /> : null}
        {part === 'board' ? <BoardPart /> : null}
        {part === 'results' ? <ResultsPart /> : null}
      </Box>
    </Box>
  );
}

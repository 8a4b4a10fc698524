'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { capital } from '@/core/words';
import { predictionsOfGroup } from '@/core/records/logbook/foldLog';
import { sceneOfStep } from '@/core/work/guide/benchScene';
import { stairsRows } from '@/core/work/guide/stairs';
import { BenchPicture } from '@/ui/bench/BenchPicture';
import { useGuide } from '@/ui/bench/GuideCard';
import { useLog, useReadings } from '@/ui/bench/LogProvider';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';
import { ProjectorFrame } from '@/ui/ProjectorFrame';
import { BenchVerdict } from './BenchVerdict';
import { useBenchChoice, useBenchName } from './benchChoice';
import { useBenchFacts } from './useBenchFacts';

/** The chosen group’s step and stairs, large enough for the back row. */
export function BenchProjector({ onClose }: { readonly onClose: () => void }) {
  const facts = useBenchFacts();
  const { group, string } = useBenchChoice();
  const { lines } = useLog();
  const readings = useReadings(group);
  const { step } = useGuide(facts, group);
  const predicted = useMemo(() => predictionsOfGroup(lines, group), [lines, group]);
  const scene = step === null ? null : sceneOfStep(step);
  return (
    <ProjectorFrame title={capital(useBenchName())} onClose={onClose}>
      <Box sx={{ '& *': { fontSize: 'inherit !important' } }}>
        <BenchVerdict />
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: '1fr', md: '1.3fr 1fr', lg: '1fr 1fr' },
        }}
      >
        <Box>
          <Typography variant="h2" sx={{ fontSize: '1.25em', mb: 1 }}>
            {step?.title ?? 'All steps are done'}
          </Typography>
          <Typography sx={{ fontSize: 'inherit', mb: 2 }}>{step?.text ?? ''}</Typography>
          {scene === null ? null : (
            <Box sx={{ '& svg': { maxWidth: 'none !important', maxHeight: '50vh' } }}>
              <BenchPicture scene={scene} meter={step?.meter ?? null} facts={facts} />
            </Box>
          )}
        </Box>
        <Box
          sx={{
            '& h2': { fontSize: 'inherit !important' },
            '& svg': { maxHeight: '70vh' },
            '& svg text': { fontSize: { md: 15, lg: 'inherit' } },
          }}
        >
          <ReadingStairs
            rows={stairsRows(facts.stairs, string, readings)}
            room="phone"
            title={facts.stairs.length > 1 ? `Stairs of string ${string}` : 'Stairs'}
            string={string}
            predicted={predicted}
          />
        </Box>
      </Box>
    </ProjectorFrame>
  );
}

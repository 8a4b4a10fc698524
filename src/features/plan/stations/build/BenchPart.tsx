'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Select } from '@/ui/plain/Select';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { currentStep } from '@/core/work/guide/guideStep';
import { stairsRows } from '@/core/work/guide/stairs';
import { stepStates } from '@/core/records/logbook/foldLog';
import { measurementKey, type Measurement } from '@/core/records/logbook/measurement';
import { cautionsOfCell } from '@/core/physics/chemistry/recipe';
import { cautionsOf, cautionsOfVolts } from '@/core/physics/safety/cautions';
import { GuideCard } from '@/ui/bench/GuideCard';
import { useLog, useReadings } from '@/ui/bench/LogProvider';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { KEYS_WHILE_NOT_TYPING } from '@/ui/document/useUndoKeys';
import { showPart } from '@/ui/PartTabs';
import { mainAndSide } from '@/ui/mainAndSide';
import { usePlanContext } from '../../PlanProvider';
import { useBenchChoice } from '../../benchChoice';
import { useBenchFacts } from '../../useBenchFacts';
import { GroupChoice } from './GroupChoice';
import { CalibrateCard } from './CalibrateCard';
import { MeterCard, type MeterBench } from './MeterCard';
import { NextCard } from './NextCard';
import { ReadingsTable } from './ReadingsTable';
import { useDiagnosis } from './useDiagnosis';
import { useMeter } from './useMeter';
import { fetched } from '@/ui/fetched';

const WrongCard = fetched(() => import('./WrongCard').then((module) => module.WrongCard));

/** One group at the bench: the step it is at, the stairs of its readings, what is wrong and what to measure next. */
export function BenchPart({ meter }: { readonly meter: MeterBench }) {
  const { evaluation } = usePlanContext();
  const facts = useBenchFacts();
  const { group, string, choose } = useBenchChoice();
  const { lines } = useLog();
  const readings = useReadings(group);
  const { diagnosis, job } = useDiagnosis(facts, readings);
  const taking = useMeter(group, facts);
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const telling = diagnosis?.next.find(
    ({ measurement }) => !skipped.includes(measurementKey(measurement)),
  );
  const step = currentStep(facts.steps, stepStates(lines, group));
  // A fault is looked for before anything is built on top of it.
  const ahead = step === null ? [] : facts.steps.slice(facts.steps.indexOf(step));
  const next: Measurement | null =
    telling?.measurement ??
    ahead.find(({ measurement }) => measurement !== null)?.measurement ??
    null;
  useHotkeys(
    'r',
    () => {
      if (next !== null) taking.take(next);
    },
    KEYS_WHILE_NOT_TYPING,
    [next, taking.take],
  );
  const rows = stairsRows(facts.stairs, string, readings);
  const { cell, source } = evaluation;
  const strings = facts.stairs.length;
  return (
    <Box sx={mainAndSide(314)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <ReadingStairs
          rows={rows}
          title={strings > 1 ? `Group ${group}, string ${string}` : `Group ${group}`}
          actions={
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
              <GroupChoice />
              {strings > 1 ? (
                <Select
                  label="String"
                  value={string}
                  onChange={(chosen) => choose({ string: Number(chosen) })}
                >
                  {facts.stairs.map((_, index) => (
                    <option key={index + 1} value={index + 1}>
                      {index + 1}
                    </option>
                  ))}
                </Select>
              ) : null}
              <Button variant="outlined" onClick={() => showPart('board')}>
                All groups
              </Button>
            </Box>
          }
        />
        <GuideCard
          facts={facts}
          group={group}
          withoutCautions
          hold={
            diagnosis !== null && diagnosis.verdict !== 'fine'
              ? 'Before you go on: a reading is not as it should be. See what is wrong, mend it, read again.'
              : null
          }
        />
        <ReadingsTable facts={facts} rows={rows} next={telling?.measurement ?? null} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <WrongCard diagnosis={diagnosis} job={job} facts={facts} readings={readings} />
        <NextCard
          measurement={next}
          telling={telling !== undefined}
          facts={facts}
          taking={taking}
          onSkip={
            telling === undefined
              ? null
              : () => setSkipped([...skipped, measurementKey(telling.measurement)])
          }
        />
        <MeterCard meter={meter} />
        <CalibrateCard readings={readings} />
        <Card title="Before you go on">
          <CautionList
            cautions={[
              ...cautionsOfVolts(source.emfVolts),
              ...cautionsOf(cautionsOfCell(cell.recipe, cell.body)),
            ]}
          />
        </Card>
      </Box>
    </Box>
  );
}

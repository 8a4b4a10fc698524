'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Select } from '@/ui/plain/Select';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { stairsRows } from '@/core/work/guide/stairs';
import { predictionsOfGroup } from '@/core/records/logbook/foldLog';
import { measurementKey } from '@/core/records/logbook/measurement';
import { cautionsOfCell } from '@/core/physics/recipes/recipe';
import { cautionsOf, cautionsOfVolts } from '@/core/physics/safety/cautions';
import { whatIsWrong } from '@/core/work/guide/wrongReadings';
import { judgementOf } from '@/core/work/diagnosis/judgement';
import { GuideCard, useGuide } from '@/ui/bench/GuideCard';
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
import { useDiagnosis } from '../../useDiagnosis';
import { GroupChoice } from './GroupChoice';
import { CalibrateCard } from './CalibrateCard';
import { NextCard, type MeterBench } from './NextCard';
import { ReadingsTable } from './ReadingsTable';

import { useMeter } from './useMeter';
import { lazyPart } from '@/ui/lazyPart';

const WrongCard = lazyPart(() => import('./WrongCard').then((module) => module.WrongCard));

/** One group at the bench: the step it is at, the stairs of its readings, what is wrong and what to measure next. */
export function BenchPart({ meter }: { readonly meter: MeterBench }) {
  const { evaluation } = usePlanContext();
  const facts = useBenchFacts();
  const { group, string, choose } = useBenchChoice();
  const readings = useReadings(group);
  const { diagnosis, readings: judged, job } = useDiagnosis(facts, readings);
  const taking = useMeter(group, facts);
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const telling =
    diagnosis?.next.find(({ measurement }) => !skipped.includes(measurementKey(measurement)))
      ?.measurement ?? null;
  const { step } = useGuide(facts, group);
  // A fault is looked for before anything is built on top of it.
  const ahead = step === null ? [] : facts.steps.slice(facts.steps.indexOf(step));
  const next = ahead.find(({ measurement }) => measurement !== null)?.measurement ?? null;
  const { inUse } = meter.state;
  useHotkeys(
    'r',
    (event) => {
      const wanted = telling ?? next;
      if (inUse && wanted !== null) taking.take(wanted);
      else {
        // The letter itself is not typed into the field that gets the focus.
        event.preventDefault();
        document.querySelector<HTMLElement>('[aria-label^="Reading"]:is(input, div)')?.focus();
      }
    },
    KEYS_WHILE_NOT_TYPING,
    [telling, next, inUse, taking.take],
  );
  const wrong = whatIsWrong(
    facts,
    readings,
    diagnosis === null || judged !== readings
      ? null
      : judgementOf(diagnosis, facts.words, readings),
  );
  const { lines } = useLog();
  const predicted = useMemo(() => predictionsOfGroup(lines, group), [lines, group]);
  const rows = stairsRows(facts.stairs, string, readings);
  const { cell, source } = evaluation;
  const strings = facts.stairs.length;
  return (
    <Box sx={mainAndSide(314)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <ReadingStairs
          rows={rows}
          string={string}
          predicted={predicted}
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
            wrong === null
              ? null
              : `Before you go on: ${wrong.headline}. Mend it and read again, or skip on.`
          }
        />
        <ReadingsTable facts={facts} rows={rows} next={telling} inUse={meter.state.inUse} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <WrongCard
          diagnosis={diagnosis}
          judged={judged}
          job={job}
          facts={facts}
          readings={readings}
        />
        <NextCard
          telling={telling}
          next={next}
          facts={facts}
          taking={taking}
          meter={meter}
          onSkip={() => {
            if (telling !== null) setSkipped([...skipped, measurementKey(telling)]);
          }}
        />
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

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Select } from '@/ui/plain/Select';
import { useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { capital } from '@/core/words';
import { stairsRows } from '@/core/work/guide/stairs';
import { predictionsOfGroup } from '@/core/records/logbook/foldLog';
import { cautionTextsOf } from '@/core/physics/recipes/recipe';
import { belongsToBattery } from '@/core/work/diagnosis/nominalBattery';
import { cautionIdsOfPlan } from '@/core/work/preparation/cautionsOfPlan';
import { GuideCard, useGuide } from '@/ui/bench/GuideCard';
import { useJudgement, useLog, useReadings } from '@/ui/bench/LogProvider';
import { ReadingStairs } from '@/ui/bench/ReadingStairs';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { KEYS_WHILE_NOT_TYPING } from '@/ui/document/useUndoKeys';
import { showPart } from '@/ui/PartTabs';
import { mainAndSide } from '@/ui/mainAndSide';
import { usePlanContext } from '../../PlanProvider';
import { useBenchChoice, useBenchName } from '../../benchChoice';
import { useBenchFacts } from '../../useBenchFacts';
import { GroupChoice } from './GroupChoice';
import { CalibrateCard } from './CalibrateCard';
import { MeterCard, type MeterBench } from './MeterCard';
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
  const judgement = useJudgement(group);
  const taking = useMeter(group, facts);
  const telling = judgement?.next[0]?.measurement ?? null;
  const { states } = useGuide(facts, group).progress;
  const open = facts.steps.filter(({ id }) => states.get(id) === 'open');
  const next = open.find(({ measurement }) => measurement !== null)?.measurement ?? null;
  const { inUse } = meter.state;
  useHotkeys(
    'r',
    (event) => {
      // A fault is looked for before anything is built on top of it.
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
  const { lines } = useLog();
  const predicted = useMemo(() => predictionsOfGroup(lines, group), [lines, group]);
  const sound = judgement?.verdict === 'fine';
  const rows = stairsRows(facts.stairs, string, readings);
  const { cell } = evaluation;
  const bench = capital(useBenchName());
  const strings = facts.stairs.length;
  return (
    <Box sx={mainAndSide(314)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <ReadingStairs
          rows={rows}
          string={string}
          predicted={predicted}
          sound={sound}
          title={strings > 1 ? `${bench}, string ${string}` : bench}
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
              {facts.groups.length > 1 ? (
                <Button variant="outlined" onClick={() => showPart('board')}>
                  All groups
                </Button>
              ) : null}
            </Box>
          }
        />
        <GuideCard facts={facts} group={group} withoutCautions />
        <ReadingsTable facts={facts} rows={rows} next={telling} inUse={inUse} sound={sound} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <WrongCard
          judgement={judgement}
          isRead={readings.some((one) => belongsToBattery(facts.nominal, one.measurement))}
        />
        <MeterCard next={telling ?? next} taking={taking} meter={meter} />
        <CalibrateCard readings={readings} />
        <Card title="Before you go on">
          <CautionList
            cautions={cautionTextsOf(cell.recipe, cell.body, cautionIdsOfPlan(evaluation))}
          />
        </Card>
      </Box>
    </Box>
  );
}

'use client';

import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { cautionIdsOfPlan } from '@/core/work/preparation/cautionsOfPlan';
import Alert from '@mui/material/Alert';
import { useState } from 'react';
import type { OtherLoad } from '@/core/work/judging/otherLoads';
import { Card } from '@/ui/Card';
import { CountStepper } from '@/ui/CountStepper';
import { MAX_PAIRS } from '@/core/physics/cell/electrodeSizeSchema';
import { heldArrangement, planCellWithPairs } from '@/core/work/judging/planEdits';
import { countLimits, withCounts } from '../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { BeliefLine } from './desk/BeliefLine';
import { DeskMenu } from './desk/DeskMenu';
import { DeskBoard } from './desk/DeskBoard';
import { WrongThings } from './desk/WrongThings';
import { ZoomButtons } from './desk/ZoomButtons';
import { useSettled } from '@/ui/useSettled';
import { lazyPart } from '@/ui/lazyPart';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { chanceWording } from '@/core/work/judging/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Explained } from '@/ui/Explained';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { PART_IDS } from '@/core/physics/recipes/parts';
import { missingWords } from '@/core/work/parts/missingWords';
import { billWords } from '@/core/work/words/litWords';

const CurvesChart = lazyPart(() => import('./CurvesChart').then((module) => module.CurvesChart));
const ClassesChart = lazyPart(() => import('./ClassesChart').then((module) => module.ClassesChart));
const WiringOptionsPanel = lazyPart(() =>
  import('./wiringOptions/WiringOptionsPanel').then((module) => module.WiringOptionsPanel),
);
const FirstCellCard = lazyPart(() =>
  import('./FirstCellCard').then((module) => module.FirstCellCard),
);
const WhatHelps = lazyPart(() => import('../../WhatHelps').then((module) => module.WhatHelps));
const OtherLoads = lazyPart(() => import('./OtherLoads').then((module) => module.OtherLoads));

/** Rest after the last edit before the charts are drawn anew, milliseconds. */
const SETTLE_MS = 120;

const NO_LOADS: readonly OtherLoad[] = [];

/** Station 3: the battery on the desk, its volts and amps, and the ways to do it. */
export function ArrangeStation() {
  const { evaluation, cupboard } = usePlanContext();
  const plan = usePlan();
  const edit = useEdit();
  const { wiring, cell } = evaluation;
  const [zoom, setZoom] = useState(1);
  const { mostInSeries, mostStrings } = countLimits(wiring);
  // Desk and verdict follow an edit at once; charts and candidates once the edits rest.
  const settled = useSettled(evaluation, SETTLE_MS);
  const [drawn, setDrawn] = useState<readonly OtherLoad[]>(NO_LOADS);
  return (
    <Box sx={mainAndSide(286)}>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' }, minWidth: 0 }}>
        <Card
          title="On the desk"
          style={{ gridColumn: '1 / -1' }}
          actions={
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2 }}>
              <CountStepper
                label="cells in a string"
                value={wiring.cellsInSeries}
                least={1}
                most={mostInSeries}
                keys={['[', ']']}
                onChange={(cellsInSeries) =>
                  edit((before) => withCounts(before, wiring, { ...wiring, cellsInSeries }))
                }
              />
              <CountStepper
                label="strings side by side"
                value={wiring.strings}
                least={1}
                most={mostStrings}
                keys={['{', '}']}
                onChange={(strings) =>
                  edit((before) => withCounts(before, wiring, { ...wiring, strings }))
                }
              />
              {cell.recipe.morePairs ? (
                <CountStepper
                  label={`pairs of metal in each ${cell.body.name}`}
                  value={cell.size.pairs}
                  least={1}
                  most={MAX_PAIRS}
                  onChange={(pairs) =>
                    edit((before) => ({
                      ...before,
                      cell: planCellWithPairs(before.cell, cell.size, pairs),
                      arrangement: heldArrangement(before, wiring),
                    }))
                  }
                />
              ) : null}
              <Box sx={{ display: 'flex' }}>
                <ZoomButtons zoom={zoom} onZoom={setZoom} />
                <DeskMenu />
              </Box>
            </Box>
          }
        >
          {cautionsOf(cautionIdsOfPlan(evaluation)).map(({ id, text }) => (
            <Alert key={id} severity="warning" sx={{ mb: 1 }}>
              {text}
            </Alert>
          ))}
          <WrongThings />
          <DeskBoard zoom={zoom} onZoom={setZoom} />
          <BatteryFigures evaluation={evaluation} />
          <BeliefLine />
        </Card>
        <CurvesChart evaluation={settled} others={drawn} />
        <ClassesChart evaluation={settled} />
        <FirstCellCard evaluation={settled} />
        <OtherLoads
          minutes={settled.minutes}
          desk={settled.atEnd.desk}
          drawn={drawn}
          onDraw={setDrawn}
        />
      </Box>
      <Box sx={{ display: 'grid', gap: 2.5, alignContent: 'start' }}>
        <WiringOptionsPanel
          evaluation={settled}
          suggested={plan.arrangement.kind === 'suggested'}
          edit={edit}
          prices={cupboard.state}
        />
        <WhatHelps />
        <SupplyCard />
      </Box>
    </Box>
  );
}

/** The battery's figures in one line; each opens to show its sum. */
export function BatteryFigures({ evaluation }: { evaluation: PlanEvaluation }) {
  const { source, amps, volts, wrong } = evaluation;
  const chance = chanceWording(evaluation.classes.chance);
  const figures = [
    [`${formatVolts(source.emfVolts)} with nothing connected`, 'explainOpenVolts'],
    [`internal resistance ${formatOhms(source.resistanceOhms)}`, 'explainResistance'],
    [`${formatAmps(amps)} at ${formatVolts(volts)}`, 'explainOperatingPoint'],
    [wrong === 0 ? chance : `built right it ${chance}`, 'explainChance'],
  ] as const;
  return (
    <Box
      data-tour="figures"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        rowGap: 1,
        mt: 1,
        fontSize: '0.88rem',
      }}
    >
      {figures.map(([text, explain]) => (
        <Explained
          key={explain}
          explain={async () => (await import('@/core/work/words/explain'))[explain](evaluation)}
        >
          {text}
        </Explained>
      ))}
    </Box>
  );
}

const HaveDialog = lazyPart(() => import('./HaveDialog').then((module) => module.HaveDialog));

/** Whether it is made from what there is, or what is missing is bought. */
export function SupplyCard() {
  const { have } = usePlan();
  const edit = useEdit();
  const { missing, basis } = usePlanContext().evaluation;
  const { batteries } = basis;
  const [opened, setOpened] = useState(false);
  const owned = PART_IDS.flatMap((part) => {
    const amount = have?.[part] ?? 0;
    return amount > 0 ? [{ part, amount }] : [];
  });
  return (
    <Card title="Parts">
      {have === null ? (
        <Typography variant="body2" sx={{ mb: 1 }}>
          What the cupboard does not have is bought.
        </Typography>
      ) : (
        <>
          <Typography variant="body2" sx={{ mb: 1 }} data-testid="have-words">
            Made only from {owned.length === 0 ? 'nothing yet' : billWords(owned)}
            {batteries === 1 ? '' : `, for ${batteries} groups`}.
          </Typography>
          {missing.length === 0 ? null : (
            <Typography
              variant="body2"
              color="error"
              sx={{ mb: 1, fontWeight: 600 }}
              data-testid="missing-words"
            >
              {missingWords(missing)} missing.
            </Typography>
          )}
          <Button
            size="small"
            variant="outlined"
            sx={{ mr: 1, mb: 1 }}
            onClick={() => edit((before) => ({ ...before, have: null }))}
          >
            Buy what is missing
          </Button>
        </>
      )}
      <Button size="small" sx={{ mb: 1 }} onClick={() => setOpened(true)}>
        {have === null ? 'Only with what I have …' : 'Change what I have …'}
      </Button>
      {opened ? <HaveDialog onClose={() => setOpened(false)} /> : null}
    </Card>
  );
}

'use client';

import { Readable } from '@/ui/plain/Readable';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useDeferredValue, useState } from 'react';
import type { LeftRunning } from '@/core/work/running/leaveRunning';
import { HORIZON_SECONDS } from '@/core/work/running/horizons';
import { type BatteryRun, loadedStairs, runAt } from '@/core/work/running/runBattery';
import {
  endsByWords,
  endWords,
  givenWords,
  fitWords,
  placesWords,
  stillWords,
} from '@/core/work/running/runWords';
import { aboutTime, formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { LEAST_SCALE, useDeskGeometry } from '@/ui/desk/useDeskGeometry';
import { mainAndSide } from '@/ui/mainAndSide';
import { SourceLinks } from '@/ui/SourceLinks';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchName } from '../../benchChoice';
import { WhatHelps } from '../../WhatHelps';
import { RunChart } from './RunChart';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { PlanQuantity } from '../../PlanQuantity';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { type Running, WRAP_NAMES, wrapOf, wrapsFor } from '@/core/records/plan/runningSchema';
import { cautionTextsOf } from '@/core/physics/recipes/recipe';
import { cautionIdsOfPlan } from '@/core/work/preparation/cautionsOfPlan';
import { someShineMore } from '@/core/records/plan/targetWords';
import { CautionList } from '@/ui/CautionList';
import { Choice } from '@/ui/Choice';

/** Left on from the first second to the last day: the desk at any moment, the course, what ends it. */
export function LeftOnPart({ left }: { readonly left: LeftRunning }) {
  return (
    <Box sx={mainAndSide(330)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <InTime left={left} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <LeftStandingCard />
        <WhatHelps />
        <CellsLeftCard run={left.run} />
      </Box>
    </Box>
  );
}

function InTime({ left }: { readonly left: LeftRunning }) {
  const { run, fit } = left;
  const plan = usePlan();
  const { evaluation } = usePlanContext();
  const { desk, need, strings } = evaluation;
  const bench = useBenchName();
  const geometry = useDeskGeometry(desk);
  // The slider runs over decades: half of it is the first hour.
  const [position, setPosition] = useState(0);
  const drawn = useDeferredValue(position);
  const seconds = secondsAt(drawn, run.endSeconds);
  const now = runAt(run, seconds);
  const stairs = loadedStairs(desk, run, now);
  const shown = strings.map((one, index) => ({
    ...one,
    loadedVolts: stairs[index] ?? one.loadedVolts,
    amps: now.stringAmps[index] ?? one.amps,
  }));
  const look = someShineMore(plan.target) ? `darkest: ${now.brightness}` : now.brightness;
  const words = `${now.brightness === null ? '' : `${look}, `}${formatAmps(now.amps)} at ${formatVolts(now.volts)}`;
  return (
    <>
      {plan.switchedOnAt === null ? null : (
        <Typography sx={{ fontWeight: 700 }} data-testid="still-words">
          {stillWords(run, need, plan.minutes, plan.switchedOnAt)}
        </Typography>
      )}
      <Card title={position === 0 ? 'The moment it is connected' : `After ${aboutTime(seconds)}`}>
        <Readable least={LEAST_SCALE * geometry.width}>
          <DeskPicture
            desk={desk}
            geometry={geometry}
            strings={shown}
            target={plan.target}
            loadName={need.name}
            running={now.amps >= 0.5 * need.amps}
            amps={now.amps}
            resistorOhms={evaluation.seriesResistorOhms}
          />
        </Readable>
        <Box sx={{ display: 'flex', gap: 2.5, alignItems: 'center', px: 1 }}>
          <Slider
            aria-label="Time since it was connected"
            value={position}
            min={0}
            max={100}
            step={1}
            onChange={(_, value) => setPosition(value as number)}
            getAriaValueText={(value) =>
              value === 0 ? 'at once' : `after ${aboutTime(secondsAt(value, run.endSeconds))}`
            }
          />
          <Typography
            variant="body2"
            data-testid="run-now"
            sx={{ whiteSpace: 'nowrap', fontWeight: 600, minWidth: 180 }}
          >
            {words}
          </Typography>
        </Box>
      </Card>
      <Card
        title="Volts and current in time"
        actions={
          <Typography variant="caption" color="textSecondary">
            dashed: volts at the device · line: current · points: what {bench} read
          </Typography>
        }
      >
        <RunChart left={left} atSeconds={position === 0 ? null : seconds} />
        <Typography variant="body2" data-testid="run-end">
          {endWords(run, strings.length)} By then it has given {givenWords(run.joules)}.
        </Typography>
        {fit === null ? null : (
          <Alert severity="success" icon={false} sx={{ mt: 1, py: 0 }} data-testid="run-fit">
            {fitWords(fit, bench)}
          </Alert>
        )}
        {run.end.reason === 'time-is-up' || fit !== null ? null : (
          <Alert severity="info" icon={false} sx={{ mt: 1, py: 0 }}>
            Home-made cells scatter: take times as right within a factor of two. Rates of drying,
            films and use of the metal are typical, from memory. Three readings at the device over
            time, and the course follows them.
          </Alert>
        )}
        <SourceLinks ids={['films', 'drying', 'metal', 'brightness']} />
      </Card>
    </>
  );
}

/** Time at a place of the slider, seconds: even steps over the decades from one second to the end. */
function secondsAt(position: number, endSeconds: number): number {
  const end = Math.min(Math.max(endSeconds, 2), HORIZON_SECONDS);
  return position === 0 ? 0 : end ** (position / 100);
}

/** For each kind of cell: metal and water left when the run ends, and what would end that cell. */
export function CellsLeftCard({ run }: { readonly run: BatteryRun }) {
  return (
    <Card title="What each cell has left">
      <Table
        size="small"
        aria-label="Metal and water left in each cell"
        sx={{ '& td, & th': { px: 0.75 } }}
      >
        <TableHead>
          <TableRow>
            <TableCell>cells</TableCell>
            <TableCell align="right">metal</TableCell>
            <TableCell align="right">water</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {run.left.map((left) => (
            <TableRow key={`${left.strings.join()} ${left.cells.join()}`}>
              <TableCell component="th" scope="row">
                {placesWords(left)}
                <Typography variant="caption" component="div" color="textSecondary">
                  {endsByWords(left)}
                </Typography>
              </TableCell>
              <TableCell align="right">{percent(left.metalShare)}</TableCell>
              <TableCell align="right">{percent(left.waterShare)}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        After {aboutTime(run.endSeconds)}. Half of the metal counts as usable; the rest falls off or
        is cut off.
      </Typography>
    </Card>
  );
}

/** To a tenth at most: finer figures would be those of the arithmetic. */
function percent(share: number): string {
  return `${formatNumber(Math.round(1000 * Math.max(0, share)) / 10, 2)} %`;
}

/** How the battery is left: covered or not, in which air. */
export function LeftStandingCard() {
  const { running } = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { recipe, body } = evaluation.cell;
  const change = (part: Partial<Running>, typing: string | null = null): void =>
    edit((plan) => ({ ...plan, running: { ...plan.running, ...part } }), typing);
  const wraps = wrapsFor(recipe);
  return (
    <Card title="How it is left">
      {wraps.length > 1 ? (
        <Choice
          label="Cover"
          value={wrapOf(running, recipe)}
          options={wraps.map((wrap) => [wrap, WRAP_NAMES[wrap]] as const)}
          onChange={(wrap) => change({ wrap })}
        />
      ) : null}
      {recipe.breathes ? (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          This cell breathes: never tape its carbon side shut, it would stop.
        </Alert>
      ) : null}
      {recipe.soakSeconds !== null ? (
        <FormControlLabel
          control={
            <Switch checked={running.fromDry} onChange={(_, fromDry) => change({ fromDry })} />
          }
          label="Begins dry: water is poured on at the start"
          sx={{ mb: 1.5 }}
        />
      ) : null}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(8.5rem, 1fr))',
          gap: 1.5,
        }}
      >
        <PlanQuantity path="running.humidity" factor={100} label="Humidity, %" kind="count" />
        <PlanQuantity path="running.celsius" label="Temperature, °C" kind="celsius" />
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <CautionList cautions={cautionTextsOf(recipe, body, cautionIdsOfPlan(evaluation))} />
      </Box>
    </Card>
  );
}

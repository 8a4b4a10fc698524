'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { type Running, WRAP_NAMES, wrapOf, wrapsFor } from '@/core/records/plan/runningSchema';
import { cautionsOfCell } from '@/core/physics/recipes/recipe';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { Choice } from '@/ui/Choice';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** How the battery is left: covered or not, in which air. */
export function LeftStandingCard() {
  const { running } = usePlan();
  const edit = useEdit();
  const { recipe, body } = usePlanContext().evaluation.cell;
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
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
        <PlanQuantity path="running.humidity" factor={100} label="Humidity, %" kind="count" />
        <PlanQuantity path="running.celsius" label="Temperature, °C" kind="count" />
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <CautionList cautions={cautionsOf(cautionsOfCell(recipe, body))} />
      </Box>
    </Card>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { cellAmpsAt } from '@/core/chemistry/cellAmpsAt';
import { judgeCellReadings } from '@/core/chemistry/judgeCellReadings';
import {
  CURRENT_RANGES,
  CURRENT_RANGE_FACTS,
  suitableRange,
  type CurrentRange,
} from '@/core/circuit/meter';
import { cellOfOwnReadings } from '@/core/plan/cellOfPlan';
import type { OwnReadings } from '@/core/plan/planSchema';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { QuantityField } from '@/ui/QuantityField';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';
import { CellFigures } from './CellFigures';

interface Draft {
  readonly volts: number | null;
  readonly amps: number | null;
  readonly range: CurrentRange;
}

const MOST_VOLTS = 100;
const MOST_AMPS = 20;

/** The two readings of one built cell, which replace the typical values everywhere. */
export function CellReadings() {
  const plan = usePlan();
  const edit = useEdit();
  const { recipe, origin, model } = usePlanContext().evaluation.cell;
  const { own } = plan.cell;
  const [unfinished, setUnfinished] = useState<Draft>({
    volts: null,
    amps: null,
    range: suitableRange(cellAmpsAt(model, 0)),
  });
  const draft: Draft =
    own === null
      ? unfinished
      : { volts: own.openCircuitVolts, amps: own.shortCircuitAmps, range: own.meterRange };
  const readings = readingsOf(draft);
  const cell = readings === null ? null : cellOfOwnReadings(readings);

  const change = (next: Draft): void => {
    setUnfinished(next);
    edit(
      (before) => ({ ...before, cell: { ...before.cell, own: readingsOf(next) } }),
      'own-readings',
    );
  };

  return (
    <Card title="What does one cell give?" sx={{ alignSelf: 'start' }}>
      <Typography variant="body2" sx={{ mb: 1.5 }}>
        Build one, measure it, and everything is planned from that one cell. Until then Grozer uses
        typical values: {formatVolts(recipe.typical.openVoltsLow)} to{' '}
        {formatVolts(recipe.typical.openVoltsHigh)} and {formatAmps(recipe.typical.shortAmpsLow)} to{' '}
        {formatAmps(recipe.typical.shortAmpsHigh)} ({recipe.typical.source}).
      </Typography>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <QuantityField
          label="Open-circuit volts"
          kind="volts"
          emptyAllowed
          value={draft.volts}
          format={formatVolts}
          check={(volts) =>
            volts > 0 && volts <= MOST_VOLTS
              ? null
              : `Give volts above 0 and up to ${MOST_VOLTS}; a minus sign means that the probes are swapped.`
          }
          onCommit={(volts) => change({ ...draft, volts })}
          helperText="Nothing but the meter connected, for example 0.93"
        />
        <QuantityField
          label="Short-circuit milliamps"
          kind="milliamps"
          emptyAllowed
          value={draft.amps}
          format={formatAmps}
          check={(amps) =>
            amps > 0 && amps <= MOST_AMPS
              ? null
              : `Give a current above 0 and up to ${MOST_AMPS} A.`
          }
          onCommit={(amps) => change({ ...draft, amps })}
          helperText="Meter straight across the cell for a second or two, for example 1.4"
        />
        <TextField
          select
          label="Range of the meter for the current"
          value={draft.range}
          onChange={(event) => change({ ...draft, range: event.target.value as CurrentRange })}
          helperText="The meter’s own resistance on that range is taken off."
        >
          {CURRENT_RANGES.map((range) => (
            <MenuItem key={range} value={range}>
              {range} (adds {formatOhms(CURRENT_RANGE_FACTS[range].shuntOhms)})
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {cell !== null && !cell.ok ? (
        <Alert severity="error" sx={{ mt: 2 }}>
          {cell.faults[0]?.message} Until then the typical values are used.
        </Alert>
      ) : null}
      {readings === null
        ? null
        : judgeCellReadings(recipe, {
            openVolts: readings.openCircuitVolts,
            shortAmps: readings.shortCircuitAmps,
            range: readings.meterRange,
          }).map(({ code, finding, remedy }) => (
            <Alert key={code} severity="warning" sx={{ mt: 2 }} data-testid="reading-doubt">
              <strong>{finding}</strong> {remedy} If you are sure, keep it: nothing is blocked.
            </Alert>
          ))}
      <CellFigures />
      {own === null ? null : (
        <Button
          size="small"
          sx={{ mt: 1 }}
          onClick={() => change({ volts: null, amps: null, range: draft.range })}
        >
          {origin === 'own' ? 'Use typical values instead' : 'Clear these readings'}
        </Button>
      )}
    </Card>
  );
}

function readingsOf({ volts, amps, range }: Draft): OwnReadings | null {
  return volts === null || amps === null
    ? null
    : { openCircuitVolts: volts, shortCircuitAmps: amps, meterRange: range };
}

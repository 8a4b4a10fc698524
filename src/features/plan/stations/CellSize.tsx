'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import {
  ELECTRODE_SHAPES,
  type ElectrodeShape,
  type ElectrodeSize,
} from '@/core/chemistry/electrodeSize';
import { MOST_PAIRS } from '@/core/plan/planSchema';
import { explainSize } from '@/core/planning/explainSize';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { CountStepper } from '@/ui/CountStepper';
import { Explained } from '@/ui/Explained';
import { QuantityField } from '@/ui/QuantityField';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';

const MOST_MILLIMETRES = 500;

const formatMillimetres = (value: number): string => `${formatNumber(value)}\u00a0mm`;
const checkMillimetres = (value: number): string | null =>
  value > 0 && value <= MOST_MILLIMETRES ? null : `Give a length up to ${MOST_MILLIMETRES} mm.`;

/** How large the metals are and how far apart: what one cell gives moves with it. */
export function CellSize() {
  const plan = usePlan();
  const edit = useEdit();
  const { recipe, body, origin } = usePlanContext().evaluation.cell;
  const size = plan.cell.size ?? recipe.usualSize;
  const change = (part: Partial<ElectrodeSize>, typing: string | null = null): void =>
    edit((before) => ({ ...before, cell: { ...before.cell, size: { ...size, ...part } } }), typing);
  const lengthField = (
    label: string,
    key: 'widthMillimetres' | 'depthMillimetres' | 'gapMillimetres',
  ) => (
    <QuantityField
      label={label}
      kind="millimetres"
      value={size[key]}
      format={formatMillimetres}
      check={checkMillimetres}
      onCommit={(value) => {
        if (value !== null) change({ [key]: value }, key);
      }}
    />
  );
  const round = size.shape === 'nail' || size.shape === 'rod' || size.shape === 'coin';
  return (
    <Card
      title="How large are the metals?"
      actions={
        plan.cell.size === null ? null : (
          <Button
            size="small"
            onClick={() => edit((before) => ({ ...before, cell: { ...before.cell, size: null } }))}
          >
            Back to the usual size
          </Button>
        )
      }
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: 'repeat(auto-fit, minmax(130px, 1fr))',
          mt: 1,
        }}
      >
        <TextField
          select
          label="Shape"
          value={size.shape}
          onChange={(event) => change({ shape: event.target.value as ElectrodeShape })}
        >
          {ELECTRODE_SHAPES.map((shape) => (
            <MenuItem key={shape} value={shape}>
              {shape}
            </MenuItem>
          ))}
        </TextField>
        {lengthField(round ? 'Diameter' : 'Width', 'widthMillimetres')}
        {size.shape === 'coin' ? null : lengthField('Depth in the wet', 'depthMillimetres')}
        {lengthField('Gap between them', 'gapMillimetres')}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 3, mt: 2 }}>
        <CountStepper
          label="pairs in one body"
          value={size.pairs}
          least={1}
          most={MOST_PAIRS}
          onChange={(pairs) => change({ pairs })}
        />
        <Explained explanation={explainSize(recipe, body, size)}>why the size matters</Explained>
      </Box>
      {origin === 'own' ? (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          Your own readings are of the cell as you built it, so these sizes change nothing until you
          use typical values again.
        </Typography>
      ) : null}
    </Card>
  );
}

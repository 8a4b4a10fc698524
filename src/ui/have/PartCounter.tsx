'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { PARTS, type PartId } from '@/core/physics/recipes/parts';
import { haveSchema } from '@/core/records/plan/haveSchema';
import { AddIcon, CloseIcon, RemoveIcon } from '../icons';
import { QuantityField } from '../QuantityField';

interface PartCounterProps {
  readonly part: PartId;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly onRemove: () => void;
}

/** Pieces are counted one by one, weights and volumes by the ten. */
const STEPS = { piece: 1, sheet: 1, g: 10, mL: 50, cm: 10 } as const;

/** One part with its count: pressed or typed. */
export function PartCounter({ part, count, onCount, onRemove }: PartCounterProps) {
  const { plural, unit } = PARTS[part];
  const step = STEPS[unit];
  const counted = unit === 'piece' || unit === 'sheet' ? '' : `, ${unit}`;
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        py: 0.5,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Typography sx={{ flex: 1, minWidth: 0 }}>
        {plural}
        <Typography component="span" color="textSecondary">
          {counted}
        </Typography>
      </Typography>
      <IconButton
        size="small"
        aria-label={`Fewer ${plural}`}
        disabled={count <= 0}
        onClick={() => onCount(Math.max(0, count - step))}
      >
        <RemoveIcon fontSize="small" />
      </IconButton>
      <QuantityField
        label={`${plural}${counted}`}
        hideLabel
        kind="count"
        value={count}
        schema={haveSchema.valueType}
        onCommit={onCount}
        sx={{ width: 72, '& input': { textAlign: 'center', py: 0.5, fontWeight: 700 } }}
      />
      <IconButton size="small" aria-label={`More ${plural}`} onClick={() => onCount(count + step)}>
        <AddIcon fontSize="small" />
      </IconButton>
      <IconButton size="small" aria-label={`Without ${plural}`} onClick={onRemove}>
        <CloseIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}

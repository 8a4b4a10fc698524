'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MAX_CELLS } from '@/core/physics/desk/limits';
import type { Stock } from '@/core/work/planning/planBatteries';
import type { SearchLimits } from '@/core/work/planning/wiringOptions';
import { formatNumber } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';

interface WayLimitsProps {
  readonly wish: SearchLimits;
  readonly onWish: (wish: SearchLimits) => void;
}

const MAX_PRICE = 10_000;

const checkCells = (cells: number): string | null =>
  Number.isInteger(cells) && cells >= 1 && cells <= MAX_CELLS
    ? null
    : `Give a whole number from 1 to ${MAX_CELLS}.`;
const checkStock = (count: number): string | null =>
  Number.isInteger(count) && count >= 0 && count <= 1000 ? null : 'Give a whole number up to 1000.';
const checkPrice = (price: number): string | null =>
  price > 0 && price <= MAX_PRICE ? null : `Give more than 0 and at most ${MAX_PRICE}.`;

/** What the ways are limited by: the size of the group, the cost, the plan's recipe. */
export function SearchLimitFields({ wish, onWish }: WayLimitsProps) {
  const [shown, setShown] = useState(false);
  const stockField = (label: string, key: keyof Stock) => (
    <QuantityField
      label={label}
      kind="count"
      emptyAllowed
      value={wish.stock[key]}
      format={String}
      check={checkStock}
      onCommit={(count) => onWish({ ...wish, stock: { ...wish.stock, [key]: count } })}
      helperText="Empty: enough"
    />
  );
  return (
    <Box sx={{ mt: 1 }}>
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={wish.everyRecipe}
            onChange={(_, everyRecipe) => onWish({ ...wish, everyRecipe })}
          />
        }
        label="Every recipe"
        slotProps={{ typography: { variant: 'body2' } }}
      />
      <Button size="small" onClick={() => setShown(!shown)} aria-expanded={shown}>
        Limits
      </Button>
      {shown ? (
        <Box sx={{ display: 'grid', gap: 1.5, mt: 1 }}>
          <QuantityField
            label="Most cells"
            kind="count"
            value={wish.mostCells}
            format={String}
            check={checkCells}
            onCommit={(mostCells) => {
              if (mostCells !== null) onWish({ ...wish, mostCells });
            }}
            helperText="One a pupil: the size of a group"
          />
          {stockField('Bodies there are', 'bodies')}
          {stockField('Pairs of metals there are', 'pairs')}
          <QuantityField
            label="Most cost"
            kind="count"
            emptyAllowed
            value={wish.mostPrice}
            format={(price) => formatNumber(price)}
            check={checkPrice}
            onCommit={(mostPrice) => onWish({ ...wish, mostPrice })}
            helperText="Empty: no limit"
          />
          <Typography variant="caption" color="textSecondary">
            Costs are rough, in tenths of the price of a plain loaf (from memory).
          </Typography>
        </Box>
      ) : null}
    </Box>
  );
}

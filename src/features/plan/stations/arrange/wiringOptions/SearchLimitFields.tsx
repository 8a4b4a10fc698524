'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { searchLimitsSchema, type SearchLimits } from '@/core/work/search/wiringOptions';
import { Fold } from '@/ui/Fold';
import { QuantityField } from '@/ui/QuantityField';

interface SearchLimitFieldsProps {
  readonly wish: SearchLimits;
  readonly onWish: (wish: SearchLimits) => void;
}

const { mostCells, mostPrice } = searchLimitsSchema.shape;

/** What the search is limited by: the size of the group, the cost, the plan's recipe. */
export function SearchLimitFields({ wish, onWish }: SearchLimitFieldsProps) {
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
        label="Compare all cell types"
        slotProps={{ typography: { variant: 'body2' } }}
      />
      <Fold label="Limits">
        <Box sx={{ display: 'grid', gap: 1.5 }}>
          <QuantityField
            label="Maximum cells"
            kind="count"
            value={wish.mostCells}
            schema={mostCells}
            onCommit={(cells) => onWish({ ...wish, mostCells: cells })}
            helperText="One each: enter the group size"
          />
          <QuantityField
            label="Maximum cost"
            kind="count"
            value={wish.mostPrice}
            schema={mostPrice}
            onCommit={(price) => onWish({ ...wish, mostPrice: price })}
            onEmpty={() => onWish({ ...wish, mostPrice: null })}
            helperText="Empty: no limit"
          />
          <Typography variant="caption" color="textSecondary">
            Costs are those of the cupboard, by the piece.
          </Typography>
        </Box>
      </Fold>
    </Box>
  );
}

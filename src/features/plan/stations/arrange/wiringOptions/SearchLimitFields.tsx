'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { searchLimitsSchema, type SearchLimits } from '@/core/work/search/wiringOptions';
import { Fold } from '@/ui/Fold';
import { QuantityField } from '@/ui/QuantityField';

interface SearchLimitFieldsProps {
  readonly wish: SearchLimits;
  readonly onWish: (wish: SearchLimits) => void;
}

const { mostCells, mostPrice } = searchLimitsSchema.shape;

/** What the search is limited by: the size of the group, the cost. */
export function SearchLimitFields({ wish, onWish }: SearchLimitFieldsProps) {
  return (
    <Box sx={{ mt: 1 }}>
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

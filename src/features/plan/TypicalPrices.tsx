'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { withGuidePrices } from '@/core/records/cupboard/cupboardSchema';
import { currencyHere } from '@/ui/currencyHere';
import { usePlanContext } from './PlanProvider';

/** Where prices are not known: the catalogue's round figures in one press. */
export function TypicalPrices({ needed }: { readonly needed: boolean }) {
  const { cupboard } = usePlanContext();
  const { state, change } = cupboard;
  if (!needed) return null;
  return (
    <Typography variant="body2" sx={{ mb: 1 }} data-testid="typical-prices">
      Some prices are not known.{' '}
      <Button
        size="small"
        onClick={() =>
          change({ ...withGuidePrices(state), currency: state.currency || currencyHere() })
        }
      >
        Use typical prices
      </Button>
    </Typography>
  );
}

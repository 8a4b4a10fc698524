import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import {
  cupboardEntrySchema,
  entryOf,
  type CupboardEntry,
  type CupboardState,
} from '@/core/records/cupboard/cupboardSchema';
import { PARTS, type PartId } from '@/core/physics/recipes/parts';
import { formatNumber } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';

interface PartRowProps {
  readonly part: PartId;
  readonly cupboard: CupboardState;
  readonly onChange: (entry: Partial<CupboardEntry>, field: keyof CupboardEntry) => void;
}

const FIELDS = [
  ['stock', 'Stock'],
  ['pack', 'Pack'],
  ['packPrice', 'Price'],
] as const;

/** Six digits: prices in cents and grams by the kilogram. */
const shown = (value: number): string => formatNumber(value, 6);

/** One part: how many there are, how it is sold, what that costs. */
export const PartRow = memo(
  function PartRow({ part, cupboard, onChange }: PartRowProps) {
    const entry = entryOf(cupboard, part);
    const { name, unit, reusable } = PARTS[part];
    return (
      <TableRow>
        <TableCell>
          {name}
          <Typography variant="caption" color="textSecondary" sx={{ ml: 1 }}>
            {unit === 'piece' ? '' : `in ${unit === 'sheet' ? 'sheets' : unit}; `}
            {reusable ? 'comes back after the lesson' : 'consumable'}
          </Typography>
        </TableCell>
        {FIELDS.map(([field, label]) => (
          <TableCell key={field}>
            <QuantityField
              label={`${label} of ${name}`}
              kind="count"
              value={entry[field]}
              format={shown}
              schema={cupboardEntrySchema.shape[field]}
              onCommit={(value) => onChange({ [field]: value }, field)}
              hideLabel
              {...(field === 'packPrice'
                ? { placeholder: 'unknown', onEmpty: () => onChange({ packPrice: null }, field) }
                : {})}
              sx={{ width: 104, '& input': { py: 0.4 } }}
            />
          </TableCell>
        ))}
      </TableRow>
    );
  },
  (before, after) =>
    before.part === after.part &&
    before.cupboard.entries[before.part] === after.cupboard.entries[after.part],
);

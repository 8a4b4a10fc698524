import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Fragment, memo } from 'react';
import {
  type CupboardEntry,
  cupboardEntrySchema,
  type CupboardState,
  entryOf,
  withEntry,
} from '@/core/records/cupboard/cupboardSchema';
import { type PartId, PARTS } from '@/core/physics/recipes/parts';
import { capital } from '@/core/words';
import { KIND_NAMES } from '@/ui/have/HaveList';
import Typography from '@mui/material/Typography';
import { formatNumber } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';

interface PartTableProps {
  readonly label: string;
  readonly parts: readonly PartId[];
  readonly cupboard: CupboardState;
  readonly onChange: (cupboard: CupboardState, typing: string) => void;
}

const KINDS = Object.keys(KIND_NAMES) as (keyof typeof KIND_NAMES)[];

/** Parts by kind, each with its stock, pack and price. */
export function PartTable({ label, parts, cupboard, onChange }: PartTableProps) {
  return (
    <Table size="small" aria-label={label} sx={{ '& td': { py: 0.25 } }}>
      <TableHead>
        <TableRow>
          <TableCell>Part</TableCell>
          <TableCell>In stock</TableCell>
          <TableCell>In a pack</TableCell>
          <TableCell>Price of a pack</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {KINDS.map((kind) => {
          const ofKind = parts.filter((part) => PARTS[part].kind === kind);
          return ofKind.length === 0 ? null : (
            <Fragment key={kind}>
              <TableRow>
                <TableCell
                  component="th"
                  scope="rowgroup"
                  colSpan={4}
                  sx={{ fontWeight: 700, pt: 1.5, borderBottom: 0 }}
                >
                  {capital(KIND_NAMES[kind])}
                </TableCell>
              </TableRow>
              {ofKind.map((part) => (
                <PartRow
                  key={part}
                  part={part}
                  cupboard={cupboard}
                  onChange={(entry, field) =>
                    onChange(withEntry(cupboard, part, entry), `${part} ${field}`)
                  }
                />
              ))}
            </Fragment>
          );
        })}
      </TableBody>
    </Table>
  );
}

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

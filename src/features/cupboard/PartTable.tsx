import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Fragment } from 'react';
import { withEntry, type CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { PARTS, type PartId } from '@/core/physics/recipes/parts';
import { capital } from '@/core/words';
import { KIND_NAMES } from '@/ui/have/HaveList';
import { PartRow } from './PartRow';

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

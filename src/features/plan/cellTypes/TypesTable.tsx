'use client';
'use no memo';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TableSortLabel from '@mui/material/TableSortLabel';
import Typography from '@mui/material/Typography';
import {
  createColumnHelper,
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import type { CellTypeRow } from '@/core/work/judging/cellTypes';
import { asPercentRounded, takesWording } from '@/core/work/judging/verdict';
import { moneyWords } from '@/core/work/parts/moneyWords';
import { PIECE_FACTS } from '@/core/physics/recipes/pieces';
import { aboutTime, formatNumber } from '@/core/units';
import { listWords } from '@/core/words';
import { CAUTION_NAMES } from './cautionNames';

interface TypesTableProps {
  readonly rows: readonly CellTypeRow[];
  readonly currency: string;
  readonly onChoose: (row: CellTypeRow) => void;
}

const CELL = { p: 0.75, borderBottom: 1, borderColor: 'divider', verticalAlign: 'top' } as const;
const column = createColumnHelper<CellTypeRow>();
/** Rows without a battery stand last, whatever is sorted by. */
const LAST = { sortUndefined: 'last' } as const;

/** One row a type of cell; a press on a heading sorts by it. */
export function TypesTable({ rows, currency, onChoose }: TypesTableProps) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const data = useMemo(() => [...rows], [rows]);
  const columns = useMemo(() => columnsOf(currency, onChoose), [currency, onChoose]);
  // eslint-disable-next-line react-hooks/incompatible-library -- the table keeps its own state
  const table = useReactTable({
    data,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        aria-label="All cell types"
        sx={{ width: '100%', borderCollapse: 'collapse', fontSize: '0.88rem' }}
      >
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map(({ id, column: one, getContext }) => {
                const sorted = one.getIsSorted();
                return (
                  <Box
                    key={id}
                    component="th"
                    scope="col"
                    aria-sort={
                      sorted === false ? 'none' : sorted === 'asc' ? 'ascending' : 'descending'
                    }
                    sx={{ ...CELL, textAlign: 'left', whiteSpace: 'nowrap' }}
                  >
                    {one.getCanSort() ? (
                      <TableSortLabel
                        active={sorted !== false}
                        direction={sorted === 'desc' ? 'desc' : 'asc'}
                        onClick={one.getToggleSortingHandler()}
                      >
                        {flexRender(one.columnDef.header, getContext())}
                      </TableSortLabel>
                    ) : (
                      flexRender(one.columnDef.header, getContext())
                    )}
                  </Box>
                );
              })}
            </tr>
          ))}
        </thead>
        <tbody>
          {table.getRowModel().rows.map(({ id, original, getVisibleCells }) => (
            <Box
              component="tr"
              key={id}
              aria-current={original.isPlans ? 'true' : undefined}
              sx={original.isPlans ? { bgcolor: 'action.selected' } : {}}
            >
              {getVisibleCells().map((cell, index) =>
                original.battery === null && index === 1 ? (
                  <Box
                    key={cell.id}
                    component="td"
                    colSpan={columns.length - 1}
                    sx={{ ...CELL, color: 'text.secondary' }}
                  >
                    {original.why.replace(`${original.recipe.name}: `, '')}
                  </Box>
                ) : original.battery === null && index > 1 ? null : (
                  <Box key={cell.id} component="td" sx={CELL}>
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                  </Box>
                ),
              )}
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function columnsOf(currency: string, onChoose: (row: CellTypeRow) => void) {
  return [
    column.accessor(({ recipe }) => recipe.name, {
      id: 'type',
      header: 'Cell',
      cell: ({ row: { original } }) => <TypeName row={original} />,
    }),
    column.accessor(({ battery }) => battery?.cells, {
      id: 'bodies',
      header: 'Build',
      cell: ({ row: { original } }) => buildWords(original),
      ...LAST,
    }),
    column.accessor(({ battery }) => battery?.price ?? undefined, {
      id: 'price',
      header: 'Price',
      cell: ({ row: { original } }) => moneyWords(original.battery?.price ?? null, currency),
      ...LAST,
    }),
    column.accessor(({ battery }) => battery?.lesson?.minutes, {
      id: 'minutes',
      header: 'Lesson',
      cell: ({ row: { original } }) => {
        const lesson = original.battery?.lesson ?? null;
        if (lesson === null) return 'an adult builds it';
        return lesson.over ? (
          <strong>{takesWording(lesson)}</strong>
        ) : (
          `${formatNumber(Math.ceil(lesson.minutes))} min`
        );
      },
      ...LAST,
    }),
    column.accessor(({ battery }) => battery?.foodGrams, {
      id: 'waste',
      header: 'Food wasted',
      cell: ({ getValue }) => (getValue() === 0 ? 'none' : `${formatNumber(getValue() ?? 0)} g`),
      ...LAST,
    }),
    column.accessor(({ battery }) => battery?.hours, {
      id: 'lasts',
      header: 'Lasts',
      cell: ({ getValue }) => aboutTime(3600 * (getValue() ?? 0)),
      ...LAST,
    }),
    column.accessor(({ battery }) => battery?.chance, {
      id: 'chance',
      header: 'Works in',
      cell: ({ getValue }) => `${asPercentRounded(getValue() ?? 0)} of 100`,
      ...LAST,
    }),
    column.display({
      id: 'cautions',
      header: 'Take care',
      cell: ({ row: { original } }) =>
        listWords(original.cautions.map((caution) => CAUTION_NAMES[caution])),
    }),
    column.display({
      id: 'choose',
      header: 'Choose',
      cell: ({ row: { original } }) =>
        original.isPlans ? null : (
          <Button size="small" variant="outlined" onClick={() => onChoose(original)}>
            Use
          </Button>
        ),
    }),
  ];
}

function TypeName({ row: { recipe, bodies, isPlans } }: { readonly row: CellTypeRow }) {
  const [body, ...alike] = bodies;
  return (
    <>
      <strong>{recipe.name}</strong>
      {isPlans ? ' (this plan)' : ''}
      <Typography variant="caption" color="textSecondary" component="p">
        {body}
        {alike.length === 0 ? '' : `; ${listWords(alike)} alike`}
      </Typography>
    </>
  );
}

/** `4 lemons, 4 pairs in each`, `8 halves of a kiwi` */
function buildWords({ battery }: CellTypeRow): string {
  if (battery === null) return '';
  const { cell, cells, pairsPerBody, cellsInSeries, strings } = battery;
  const { body, piece, recipe } = cell;
  const bodies =
    recipe.look === 'fruit'
      ? cells === 1
        ? body.name
        : body.plural
      : cells === 1
        ? 'cell'
        : 'cells';
  const pairs = pairsPerBody === 1 ? '' : `, ${pairsPerBody} pairs in each`;
  const cut = piece === 'whole' ? '' : `, ${PIECE_FACTS[piece].many}`;
  return `${cells} ${bodies} (${cellsInSeries} × ${strings})${cut}${pairs}`;
}

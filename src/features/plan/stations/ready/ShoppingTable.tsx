'use client';

import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { AISLES, PARTS } from '@/core/physics/recipes/parts';
import { valuedWords, partWords } from '@/core/work/parts/amountWords';
import { moneyWords } from '@/core/work/parts/moneyWords';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { packWords, type ShoppingLine } from '@/core/work/preparation/shoppingList';
import { formatNumber } from '@/core/units';
import { capital } from '@/core/words';
import { useEdit } from '../../PlanProvider';
import { withBought } from './lessonEdits';

const ON_WIDE = { xs: 'none', sm: 'table-cell' } as const;
const CELL = { p: 0.75, borderBottom: 1, borderColor: 'divider', textAlign: 'right' } as const;
const FIRST = { ...CELL, textAlign: 'left' } as const;

/** The list by aisle, to be ticked off in the shop; what the cupboard has stands below. */
export function ShoppingTable({ facts }: { facts: LessonFacts }) {
  const { lines } = facts.shopping;
  const groups = AISLES.map((aisle) => ({
    name: capital(aisle),
    lines: lines.filter(({ part, packs }) => packs > 0 && PARTS[part].aisle === aisle),
  }));
  const there = lines.filter(({ packs }) => packs === 0);
  return (
    <Box
      component="table"
      aria-label="Shopping list"
      sx={{ width: '100%', borderCollapse: 'collapse', fontSize: '0.9rem' }}
    >
      <thead>
        <tr>
          <Box component="th" scope="col" sx={FIRST}>
            Buy
          </Box>
          <Box component="th" scope="col" sx={CELL}>
            class, with spares
          </Box>
          <Box component="th" scope="col" sx={{ ...CELL, display: ON_WIDE }}>
            a group
          </Box>
          <Box component="th" scope="col" sx={{ ...CELL, display: ON_WIDE }}>
            in the cupboard
          </Box>
          <Box component="th" scope="col" sx={CELL}>
            price
          </Box>
        </tr>
      </thead>
      {[...groups, { name: 'In the cupboard', lines: there }]
        .filter((group) => group.lines.length > 0)
        .map((group) => (
          <tbody key={group.name}>
            <tr>
              <Box
                component="th"
                scope="rowgroup"
                colSpan={5}
                sx={{ ...FIRST, pt: 2, fontSize: '1rem' }}
              >
                {group.name}
              </Box>
            </tr>
            {group.lines.map((line) => (
              <Line key={line.part} line={line} facts={facts} />
            ))}
          </tbody>
        ))}
    </Box>
  );
}

function Line({ line, facts }: { line: ShoppingLine; facts: LessonFacts }) {
  const { part, needed, inCupboard, packs, price } = line;
  const edit = useEdit();
  const perGroup = facts.kit.lines.find((one) => one.part === part)?.perGroup ?? 0;
  const { bought } = facts.plan.lesson;
  const ticked = bought.includes(part);
  const name = partWords(part, needed);
  const { unit } = PARTS[part];
  const counted = unit === 'piece' || unit === 'sheet' ? '' : ` ${unit}`;
  return (
    <tr>
      <Box component="th" scope="row" sx={{ ...FIRST, fontWeight: 400 }}>
        {packs === 0 ? (
          valuedWords(part, needed, facts.evaluation)
        ) : (
          <Box
            component="label"
            sx={{ display: 'flex', alignItems: 'center', cursor: 'pointer', fontWeight: 600 }}
          >
            <Checkbox
              size="small"
              checked={ticked}
              onChange={(_, on) => edit((before) => withBought(before, part, on))}
              slotProps={{ input: { 'aria-label': `${name}: bought` } }}
              sx={{ p: 0.5, mr: 0.5 }}
            />
            <Box component="span" sx={ticked ? { textDecoration: 'line-through' } : {}}>
              {packWords(line, facts.evaluation)}
            </Box>
          </Box>
        )}
      </Box>
      <Box component="td" sx={CELL}>
        {formatNumber(Math.ceil(needed - 1e-9), 6)}
        {counted}
      </Box>
      <Box component="td" sx={{ ...CELL, display: ON_WIDE }}>
        {perGroup === 0 ? 'shared' : formatNumber(perGroup)}
      </Box>
      <Box component="td" sx={{ ...CELL, display: ON_WIDE }}>
        {inCupboard === 0 ? '–' : formatNumber(inCupboard, 6)}
      </Box>
      <Box component="td" sx={{ ...CELL, whiteSpace: 'nowrap' }}>
        {packs === 0 ? '–' : moneyWords(price, facts.cupboard.currency)}
      </Box>
    </tr>
  );
}

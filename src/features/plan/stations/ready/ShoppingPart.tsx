'use client';

import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useSnackbar } from 'notistack';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { PARTS, type PartUnit } from '@/core/records/cupboard/parts';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { partWords, wholeUnits, type ShoppingLine } from '@/core/work/preparation/shoppingList';
import { substitutesFor, substituteWords } from '@/core/work/preparation/substitutes';
import { putBack, takeOut } from '@/core/work/preparation/takeOut';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { csvText } from '@/core/formats/csv';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';
import { saveFile } from '@/ui/saveFile';
import { useEdit, usePlanContext } from '../../PlanProvider';
import { withSwapped } from './lessonEdits';
import { WeakerCells } from './WeakerCells';

interface ShoppingPartProps {
  readonly facts: LessonFacts;
  readonly bench: ReturnType<typeof useTool<CupboardState>>;
}

/** What to buy in packs, what the cupboard has, what it costs, and what would be cheaper. */
export function ShoppingPart({ facts, bench }: ShoppingPartProps) {
  const { shopping, cupboard } = facts;
  const money = (price: number): string => `${formatNumber(price)} ${cupboard.currency}`.trim();
  return (
    <Box sx={mainAndSide(320)}>
      <Card
        title="Kit and shopping list"
        actions={
          <Button size="small" onClick={() => saveShoppingCsv(facts)}>
            CSV out
          </Button>
        }
      >
        <Box sx={{ overflowX: 'auto' }}>
          <Table size="small" aria-label="Shopping list">
            <TableHead>
              <TableRow>
                <TableCell>Part</TableCell>
                <TableCell align="right">a group</TableCell>
                <TableCell align="right">class, with spares</TableCell>
                <TableCell align="right">in the cupboard</TableCell>
                <TableCell align="right">buy</TableCell>
                <TableCell align="right">price</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {shopping.lines.map((line) => (
                <Line key={line.part} line={line} facts={facts} money={money} />
              ))}
            </TableBody>
          </Table>
        </Box>
        <Typography sx={{ mt: 1.5 }} data-testid="shopping-total">
          <strong>{money(shopping.price)} together</strong>: {money(shopping.pricePerGroup)} a
          group, {money(shopping.pricePerPupil)} a pupil.
        </Typography>
        <Typography variant="caption" color="textSecondary">
          Packs and prices are round figures from memory until you set yours in the{' '}
          <Link component={NextLink} href="/cupboard" color="inherit">
            cupboard
          </Link>
          .
        </Typography>
      </Card>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <WeakerCells facts={facts} />
        <Cheaper facts={facts} money={money} />
        <FromTheCupboard facts={facts} bench={bench} />
        <MaterialCautions facts={facts} />
      </Box>
    </Box>
  );
}

interface LineProps {
  readonly line: ShoppingLine;
  readonly facts: LessonFacts;
  readonly money: (price: number) => string;
}

/** How units stand behind a number; pieces and sheets are named by the part. */
const UNITS: Readonly<Record<PartUnit, string>> = {
  piece: '',
  sheet: '',
  g: ' g',
  mL: ' mL',
  cm: ' cm',
};

function Line({ line, facts, money }: LineProps) {
  const { part, needed, inCupboard, packs, pack, price } = line;
  const perGroup = facts.kit.lines.find((one) => one.part === part)?.perGroup ?? 0;
  const { unit } = PARTS[part];
  return (
    <TableRow>
      <TableCell>{partWords(part, needed)}</TableCell>
      <TableCell align="right">{perGroup === 0 ? 'shared' : formatNumber(perGroup)}</TableCell>
      <TableCell align="right">
        {wholeUnits(needed)}
        {UNITS[unit]}
      </TableCell>
      <TableCell align="right">{inCupboard === 0 ? '–' : formatNumber(inCupboard)}</TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {packs === 0 ? 'nothing' : `${packs} × ${formatNumber(pack)}${UNITS[unit]}`}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {packs === 0 ? '–' : money(price)}
      </TableCell>
    </TableRow>
  );
}

function saveShoppingCsv({ shopping, kit, plan }: LessonFacts): void {
  const rows = shopping.lines.map(({ part, needed, inCupboard, packs, pack, price }) => [
    PARTS[part].name,
    PARTS[part].unit,
    kit.lines.find((one) => one.part === part)?.perGroup ?? 0,
    needed,
    inCupboard,
    packs,
    pack,
    price,
  ]);
  const header = ['part', 'unit', 'a group', 'class', 'in stock', 'packs', 'in a pack', 'price'];
  const name = plan.title.replace(/[^\w]+/g, '-').toLowerCase();
  saveFile(
    `shopping-${name}.csv`,
    new Blob([csvText(header, rows)], { type: 'text/csv;charset=utf-8' }),
  );
}

function Cheaper({ facts, money }: Omit<LineProps, 'line'>) {
  const { kit, plan, evaluation, cupboard } = facts;
  const edit = useEdit();
  const offers = substitutesFor(kit, plan, evaluation.cell, cupboard);
  if (offers.length === 0) return null;
  return (
    <Card title="Cheaper ways">
      <Box component="ul" sx={{ pl: 2.25, m: 0 }} data-testid="substitutes">
        {offers.map((offer) => (
          <Typography key={offer.by} component="li" variant="body2" sx={{ mb: 1 }}>
            <strong>{substituteWords(offer)}</strong>:{' '}
            {offer.saving > 0
              ? `saves ${money(offer.saving)}.`
              : `costs ${money(-offer.saving)} more with what the cupboard has.`}{' '}
            {offer.effect}{' '}
            <Button
              size="small"
              onClick={() => edit((before) => withSwapped(before, offer.instead, !offer.used))}
            >
              {offer.used ? 'Take the usual part again' : 'Use it'}
            </Button>
          </Typography>
        ))}
      </Box>
    </Card>
  );
}

/** The kit is taken out for the lesson, and put back after it. */
function FromTheCupboard({ facts, bench }: ShoppingPartProps) {
  const { id } = usePlanContext().open;
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const { state: cupboard, change, open } = bench;
  const out = cupboard.taken.filter(({ planId }) => planId === id);
  const edit = (next: CupboardState, message: string): void => {
    change(next);
    enqueueSnackbar(message, {
      action: (key) => (
        <Button
          color="inherit"
          size="small"
          onClick={() => {
            open.documentStore.undo();
            closeSnackbar(key);
          }}
        >
          Undo
        </Button>
      ),
    });
  };
  const takenAt = (): string => new Date().toISOString();
  return (
    <Card title="From the cupboard">
      <Typography variant="body2" sx={{ mb: 1 }}>
        {out.length === 0
          ? 'Before the lesson its kit is counted down from the stock; afterwards what is not used up goes back.'
          : `Taken out on ${out[0]?.takenAt.slice(0, 10)}: ${Object.keys(out[0]?.parts ?? {}).length} kinds of parts.`}
      </Typography>
      {out.length === 0 ? (
        <Button
          variant="outlined"
          size="small"
          onClick={() =>
            edit(
              takeOut(cupboard, facts.kit, {
                planId: id,
                title: facts.plan.title,
                takenAt: takenAt(),
              }),
              'The kit is counted down.',
            )
          }
        >
          Take the kit out
        </Button>
      ) : (
        <Button
          variant="outlined"
          size="small"
          onClick={() => edit(putBack(cupboard, id), 'What is not used up is back.')}
        >
          Put it back
        </Button>
      )}
    </Card>
  );
}

function MaterialCautions({ facts }: { facts: LessonFacts }) {
  const ids = [...new Set(facts.kit.lines.flatMap(({ part }) => PARTS[part].cautions))];
  if (ids.length === 0) return null;
  return (
    <Card title="Take care with">
      {cautionsOf(ids).map(({ id, text }) => (
        <Typography key={id} variant="body2" sx={{ mb: 1 }}>
          <strong>
            {facts.kit.lines
              .filter(({ part }) => PARTS[part].cautions.includes(id))
              .map(({ part }) => PARTS[part].name)
              .join(', ')}
            :
          </strong>{' '}
          {text}
        </Typography>
      ))}
    </Card>
  );
}

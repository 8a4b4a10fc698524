'use client';

import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import { mainAndSide } from '@/ui/mainAndSide';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { cautionsOf } from '@/core/physics/safety/cautions';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { PARTS } from '@/core/physics/recipes/parts';
import { moneyWords } from '@/core/work/parts/moneyWords';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { shoppingCsv } from '@/core/work/preparation/shoppingCsv';
import { totalWords } from '@/core/work/preparation/shoppingList';
import { substitutesFor, substituteWords } from '@/core/work/preparation/substitutes';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';
import { PageLink } from '@/ui/PageLink';
import { saveFile } from '@/ui/saveFile';
import { useEdit, usePlanContext } from '../../PlanProvider';
import { TypicalPrices } from '../../TypicalPrices';
import { FromTheCupboard } from './FromTheCupboard';
import { withSwapped } from './lessonEdits';
import { ShoppingTable } from './ShoppingTable';
import { useCallback } from 'react';
import { useWayOfMeasuring } from '@/ui/useLocalUnits';
import { useWorkerJob } from '@/workers/useWorkerJob';

interface ShoppingPartProps {
  readonly facts: LessonFacts;
  readonly bench: ReturnType<typeof useTool<CupboardState>>;
}

/** What to buy in packs and where, what the cupboard has, what it costs, and what would be cheaper. */
export function ShoppingPart({ facts, bench }: ShoppingPartProps) {
  const { shopping, cupboard, plan } = facts;
  const { id } = usePlanContext().open;
  const paper = plan.lesson.paper;
  const units = useWayOfMeasuring();
  return (
    <Box sx={mainAndSide(320)}>
      <Card
        title="Kit and shopping list"
        actions={
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button
              size="small"
              component="a"
              href={`/api/lessons/${id}/print?sheet=shopping&paper=${paper}&units=${units}`}
              target="_blank"
            >
              Print
            </Button>
            <Button size="small" onClick={() => saveCsv(facts)}>
              Export CSV
            </Button>
          </Box>
        }
      >
        {bench.open.unread ? (
          <Alert severity="warning" sx={{ mb: 1.5 }}>
            The stored cupboard cannot be read by this Grozer: nothing in it counts as there. What
            is stored can be saved from the{' '}
            <Link component={PageLink} href="/cupboard" color="inherit">
              cupboard’s page
            </Link>
            .
          </Alert>
        ) : null}
        <ShoppingTable facts={facts} />
        <TypicalPrices needed={shopping.unpriced > 0} />
        <Typography sx={{ mt: 1.5, fontWeight: 700 }} data-testid="shopping-total">
          {totalWords(shopping, cupboard.currency)}
        </Typography>
        <Typography variant="caption" color="textSecondary">
          {plan.have === null
            ? 'Stock, packs and prices are those of the'
            : 'What you said you have counts as there; packs and prices are those of the'}{' '}
          <Link component={PageLink} href="/cupboard" color="inherit">
            cupboard
          </Link>
          .
        </Typography>
      </Card>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <LeftOver facts={facts} />
        <Cheaper facts={facts} />
        <FromTheCupboard facts={facts} bench={bench} />
        <MaterialCautions facts={facts} />
      </Box>
    </Box>
  );
}

function saveCsv(facts: LessonFacts): void {
  const name = facts.plan.title.replace(/[^\w]+/g, '-').toLowerCase();
  saveFile(
    `shopping-${name}.csv`,
    new Blob([shoppingCsv(facts)], { type: 'text/csv;charset=utf-8' }),
  );
}

function Cheaper({ facts }: { facts: LessonFacts }) {
  const { kit, plan, evaluation, cupboard } = facts;
  const edit = useEdit();
  const offers = substitutesFor(kit, plan, evaluation.cell, cupboard);
  if (offers.length === 0) return null;
  const savingWords = (saving: number | null): string => {
    if (saving === null) return 'what it saves is unknown: set the prices in the cupboard.';
    return saving > 0
      ? `saves ${moneyWords(saving, cupboard.currency)}.`
      : `costs ${moneyWords(-saving, cupboard.currency)} more with what the cupboard has.`;
  };
  return (
    <Card title="Other parts that do">
      <Box component="ul" sx={{ pl: 2.25, m: 0 }} data-testid="substitutes">
        {offers.map((offer) => (
          <Typography key={offer.by} component="li" variant="body2" sx={{ mb: 1 }}>
            <strong>{substituteWords(offer)}</strong>: {savingWords(offer.saving)} {offer.effect}{' '}
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

/** What is likely to be left over where the class builds by its first cells; nothing where they are read, or it is little. */
export function LeftOver({ facts }: { readonly facts: LessonFacts }) {
  const { cell, desk } = facts.evaluation;
  return cell.origin === 'own' || desk.grid === null ? null : <ByFirstCells facts={facts} />;
}

function ByFirstCells({ facts: { plan, kit, evaluation } }: { readonly facts: LessonFacts }) {
  const { basis, cell } = evaluation;
  const { groups } = plan.lesson;
  const job = useWorkerJob(
    useCallback((jobs) => jobs.firstCellTable(basis, groups), [basis, groups]),
  );
  const expected = cellAmpsAt(cell.model, 0);
  const row = job.latest?.find(({ fromAmps }) => expected >= fromAmps);
  const left = row === undefined ? 0 : (kit.cellsInGroup - row.cells) * groups;
  if (row === undefined || left <= 0) return null;
  const bodies = cell.recipe.look === 'fruit' ? cell.body.plural : 'cells';
  return (
    <Card title="Build by the first cells">
      <Typography variant="body2" data-testid="left-over">
        This is enough for {bodies} that nobody has read. If every group reads its first one before
        all build, {row.cellsInSeries} × {row.strings} is as likely as not enough: then {left}{' '}
        {bodies} are left over.
      </Typography>
    </Card>
  );
}

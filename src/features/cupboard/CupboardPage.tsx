'use client';

import { currencyHere } from '@/ui/currencyHere';
import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { TextInput } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { cupboardCsv, withCsvCupboard } from '@/core/records/cupboard/cupboardCsv';
import {
  cupboardSchema,
  type CupboardState,
  type FreeDays,
  freeDaysSchema,
  MOST_FREE_DAYS,
  withGuidePrices,
} from '@/core/records/cupboard/cupboardSchema';
import { PART_IDS, type PartId, PARTS } from '@/core/physics/recipes/parts';
import { Card } from '@/ui/Card';
import { CsvButtons } from '@/ui/CsvButtons';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { type FoundTool, useTool } from '@/ui/document/useTool';
import { PageLink } from '@/ui/PageLink';
import { WordsField } from '@/ui/WordsField';
import { PartTable } from './PartTable';
import { TakenOutList } from './TakenOutList';
import IconButton from '@mui/material/IconButton';
import { DayField } from '@/ui/dates/DayField';
import { dayWords } from '@/core/formats/dates';
import { AddIcon, CloseIcon } from '@/ui/icons';

/** Materials, stock and prices, what is there first; what is out for lessons; days without school; CSV both ways. */
export function CupboardPage({ found }: { found: FoundTool<CupboardState> }) {
  const { open, state: cupboard, change } = useTool('cupboard', CUPBOARD_DOCUMENT, found);
  const [search, setSearch] = useState('');
  const [all, setAll] = useState(false);
  // What is stocked while the page is open stays where it is until it is opened again.
  const [owned] = useState(() =>
    PART_IDS.filter((part) => (cupboard.entries[part]?.stock ?? 0) > 0),
  );
  const wanted = search.trim().toLowerCase();
  const matching = PART_IDS.filter((part) => PARTS[part].name.toLowerCase().includes(wanted));
  const others = PART_IDS.filter((part) => !owned.includes(part));
  const table = (label: string, parts: readonly PartId[]) => (
    <Box sx={{ overflowX: 'auto' }}>
      <PartTable label={label} parts={parts} cupboard={cupboard} onChange={change} />
    </Box>
  );
  const unpriced = owned.some((part) => cupboard.entries[part]?.packPrice === null);
  return (
    <DocumentFrame
      open={open}
      heading="Cupboard"
      back={{ href: '/', name: 'Back to the shelf' }}
      actions={
        <>
          <Button component={PageLink} href="/i-have">
            What can I light?
          </Button>
          <CsvButtons
            label="Cupboard as CSV"
            fileName="cupboard.csv"
            text={() => cupboardCsv(cupboard)}
            read={(text) => withCsvCupboard(cupboard, text)}
            onRead={(next) => change(next)}
          />
        </>
      }
    >
      <Box sx={mainAndSide(300, 2)}>
        <Card
          title="What is there, and what it costs"
          actions={
            <TextInput
              label="Find a part"
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
          }
        >
          {wanted === '' ? (
            <>
              {owned.length === 0 ? (
                <Typography sx={{ my: 1 }}>
                  Nothing yet. Find a part above, or open the list below, and type how many there
                  are.
                </Typography>
              ) : (
                table('Parts in the cupboard', owned)
              )}
              <Button onClick={() => setAll(!all)} aria-expanded={all} sx={{ mt: 1.5 }}>
                {all ? 'Fold away' : 'Show'} what is not there ({others.length} parts)
              </Button>
              {all ? table('Parts that are not there', others) : null}
            </>
          ) : matching.length === 0 ? (
            <Typography variant="body2" sx={{ mt: 1 }}>
              No part is called that.
            </Typography>
          ) : (
            table('Parts found', matching)
          )}
        </Card>
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Card title="Money">
            <WordsField
              label="Currency"
              value={cupboard.currency}
              schema={cupboardSchema.shape.currency}
              onCommit={(currency) => change({ currency }, 'currency')}
              helperText="Shown beside prices, for example EUR. A price that nobody set is unknown everywhere."
              fullWidth
            />
            {unpriced || owned.length === 0 ? (
              <Button
                size="small"
                sx={{ mt: 1 }}
                onClick={() =>
                  change({
                    ...withGuidePrices(cupboard),
                    currency: cupboard.currency || currencyHere(),
                  })
                }
              >
                Use typical prices
              </Button>
            ) : null}
          </Card>
          <FreeDaysCard
            freeDays={cupboard.freeDays}
            onChange={(freeDays) => change({ freeDays })}
          />
          <TakenOutList cupboard={cupboard} onChange={(next) => change(next)} />
        </Box>
      </Box>
    </DocumentFrame>
  );
}

interface FreeDaysCardProps {
  readonly freeDays: readonly FreeDays[];
  readonly onChange: (freeDays: FreeDays[]) => void;
}

/** Days without school: nothing is planned on them. */
export function FreeDaysCard({ freeDays, onChange }: FreeDaysCardProps) {
  const [draft, setDraft] = useState({ from: '', to: '' });
  const [problem, setProblem] = useState<string | null>(null);
  const add = (): void => {
    const checked = freeDaysSchema.safeParse({ from: draft.from, to: draft.to || draft.from });
    if (!checked.success) return setProblem(checked.error.issues[0]?.message ?? null);
    setProblem(null);
    setDraft({ from: '', to: '' });
    onChange([...freeDays, checked.data].sort((a, b) => a.from.localeCompare(b.from)));
  };
  const date = (label: string, key: 'from' | 'to') => (
    <DayField
      label={label}
      value={draft[key]}
      onCommit={(day) => setDraft({ ...draft, [key]: day })}
      error={problem !== null}
      helperText={key === 'to' ? (problem ?? 'Empty: one day') : undefined}
    />
  );
  return (
    <Card title="Days without school">
      <Box component="ul" aria-label="Days without school" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {freeDays.map(({ from, to }, index) => {
          const words = from === to ? dayWords(from) : `${dayWords(from)} to ${dayWords(to)}`;
          const named = `${words} ${to.slice(0, 4)}`;
          return (
            <Box
              component="li"
              key={`${from} ${to}`}
              sx={{ display: 'flex', alignItems: 'center', gap: 1 }}
            >
              <Typography variant="body2" sx={{ flex: 1 }}>
                {named}
              </Typography>
              <IconButton
                size="small"
                aria-label={`Without ${named}`}
                onClick={() => onChange(freeDays.filter((_, other) => other !== index))}
              >
                <CloseIcon fontSize="small" />
              </IconButton>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr', mt: 1.5 }}>
        {date('First free day', 'from')}
        {date('Last free day', 'to')}
      </Box>
      <Button
        size="small"
        startIcon={<AddIcon />}
        disabled={draft.from === '' || freeDays.length >= MOST_FREE_DAYS}
        onClick={add}
      >
        Add
      </Button>
    </Card>
  );
}

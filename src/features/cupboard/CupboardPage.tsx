'use client';

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
  withGuidePrices,
  type CupboardState,
} from '@/core/records/cupboard/cupboardSchema';
import { PART_IDS, PARTS, type PartId } from '@/core/physics/recipes/parts';
import { Card } from '@/ui/Card';
import { CsvButtons } from '@/ui/CsvButtons';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { PageLink } from '@/ui/PageLink';
import { WordsField } from '@/ui/WordsField';
import { FreeDaysCard } from './FreeDaysCard';
import { PartTable } from './PartTable';
import { TakenOutList } from './TakenOutList';

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
              <Button size="small" sx={{ mt: 1 }} onClick={() => change(withGuidePrices(cupboard))}>
                Fill in rough prices (from memory)
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

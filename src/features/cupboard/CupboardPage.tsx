'use client';

import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { TextInput } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { cupboardCsv, withCsvCupboard } from '@/core/records/cupboard/cupboardCsv';
import {
  cupboardSchema,
  withEntry,
  type CupboardState,
} from '@/core/records/cupboard/cupboardSchema';
import { PART_IDS, PARTS } from '@/core/records/cupboard/parts';
import { Card } from '@/ui/Card';
import { CsvButtons } from '@/ui/CsvButtons';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { WordsField } from '@/ui/WordsField';
import { PartRow } from './PartRow';
import { TakenOutList } from './TakenOutList';

/** Materials, stock and prices; what is out for lessons; CSV both ways. */
export function CupboardPage({ found }: { found: FoundTool<CupboardState> }) {
  const { open, state: cupboard, change } = useTool('cupboard', CUPBOARD_DOCUMENT, found);
  const [search, setSearch] = useState('');
  const shown = PART_IDS.filter((part) =>
    PARTS[part].name.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <DocumentFrame
      open={open}
      heading="Cupboard"
      back={{ href: '/', name: 'Back to the shelf' }}
      actions={
        <CsvButtons
          label="Cupboard as CSV"
          fileName="cupboard.csv"
          text={() => cupboardCsv(cupboard)}
          read={(text) => withCsvCupboard(cupboard, text)}
          onRead={(next) => change(next)}
        />
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
          <Box sx={{ overflowX: 'auto' }}>
            <Table size="small" aria-label="Parts in the cupboard">
              <TableHead>
                <TableRow>
                  <TableCell>Part</TableCell>
                  <TableCell>In stock</TableCell>
                  <TableCell>In a pack</TableCell>
                  <TableCell>Price of a pack</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {shown.map((part) => (
                  <PartRow
                    key={part}
                    part={part}
                    cupboard={cupboard}
                    onChange={(entry, field) =>
                      change(withEntry(cupboard, part, entry), `${part} ${field}`)
                    }
                  />
                ))}
              </TableBody>
            </Table>
          </Box>
          {shown.length === 0 ? (
            <Typography variant="body2" sx={{ mt: 1 }}>
              No part is called that.
            </Typography>
          ) : null}
        </Card>
        <Box sx={{ display: 'grid', gap: 2 }}>
          <Card title="Money">
            <WordsField
              label="Currency"
              value={cupboard.currency}
              schema={cupboardSchema.shape.currency}
              onCommit={(currency) => change({ currency }, 'currency')}
              helperText="Shown beside prices, for example EUR. Prices and packs are round figures from memory until you set yours."
              fullWidth
            />
          </Card>
          <TakenOutList cupboard={cupboard} onChange={(next) => change(next)} />
        </Box>
      </Box>
    </DocumentFrame>
  );
}

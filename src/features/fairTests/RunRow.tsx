'use client';

import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import TextField from '@mui/material/TextField';
import {
  FACTORS,
  fairTestSchema,
  type Factor,
  type FairTest,
} from '@/core/records/fairTest/fairTestSchema';
import type { Run } from '@/core/records/fairTest/runOrder';
import { formatAmps, formatVolts } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';
import { WordsField } from '@/ui/WordsField';
import type { EditFairTest } from './editFairTest';
import { readingOf, withReading } from './fairTestEdits';
import { FACTOR_EXAMPLES, FACTOR_NAMES } from './words';

interface RunRowProps {
  readonly run: Run;
  readonly name: string;
  readonly test: FairTest;
  readonly edit: EditFairTest;
}

const NOTHING = 'nothing';
const readingShape = fairTestSchema.shape.readings.element.shape;
const settingSchema = readingShape.changed.element.shape.setting;

/** One measurement: its readings, and whether something else was different. */
export function RunRow({ run, name, test, edit }: RunRowProps) {
  const reading = readingOf(test, run);
  const changed = reading?.changed[0] ?? null;
  const key = `${run.repeat} ${run.variant}`;
  const label = (what: string): string => `${what} of ${name}, round ${run.repeat}`;
  return (
    <TableRow sx={{ '& td': { py: 0.5, px: 0.75, verticalAlign: 'top' } }}>
      <TableCell sx={{ pt: '14px !important' }}>{run.repeat}</TableCell>
      <TableCell sx={{ pt: '14px !important', fontWeight: 700 }}>{name}</TableCell>
      <TableCell>
        <QuantityField
          label=""
          kind="volts"
          size="small"
          emptyAllowed
          slotProps={{ htmlInput: { 'aria-label': label('Volts') } }}
          value={reading?.volts ?? null}
          format={formatVolts}
          schema={readingShape.volts}
          onCommit={(volts) =>
            edit((before) => withReading(before, run, { volts }), `${key} volts`)
          }
          sx={{ width: 92 }}
        />
      </TableCell>
      <TableCell>
        <QuantityField
          label=""
          kind="milliamps"
          size="small"
          emptyAllowed
          slotProps={{ htmlInput: { 'aria-label': label('Milliamps') } }}
          value={reading?.amps ?? null}
          format={formatAmps}
          schema={readingShape.amps}
          onCommit={(amps) => edit((before) => withReading(before, run, { amps }), `${key} amps`)}
          sx={{ width: 92 }}
        />
      </TableCell>
      <TableCell>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <TextField
            select
            size="small"
            value={changed?.factor ?? NOTHING}
            slotProps={{
              select: { SelectDisplayProps: { 'aria-label': label('Different thing') } },
            }}
            onChange={(event) =>
              edit((before) => withReading(before, run, changedTo(event.target.value)))
            }
            sx={{ width: 100 }}
          >
            <MenuItem value={NOTHING}>no</MenuItem>
            {FACTORS.filter((factor) => factor !== test.factor).map((factor) => (
              <MenuItem key={factor} value={factor}>
                {FACTOR_NAMES[factor]}
              </MenuItem>
            ))}
          </TextField>
          {changed === null ? null : (
            <WordsField
              label=""
              size="small"
              slotProps={{ htmlInput: { 'aria-label': label('How it was different') } }}
              value={changed.setting}
              schema={settingSchema}
              onCommit={(setting) =>
                edit(
                  (before) => withReading(before, run, { changed: [{ ...changed, setting }] }),
                  `${key} changed`,
                )
              }
              sx={{ width: 110 }}
            />
          )}
        </Box>
      </TableCell>
    </TableRow>
  );
}

function changedTo(choice: string): Pick<FairTest['readings'][number], 'changed'> {
  const factor: Factor | undefined = FACTORS.find((one) => one === choice);
  return {
    changed: factor === undefined ? [] : [{ factor, setting: FACTOR_EXAMPLES[factor] }],
  };
}

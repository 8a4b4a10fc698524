'use client';

import Box from '@mui/material/Box';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { Selection } from '@/ui/TextInput';
import {
  FACTORS,
  fairTestSchema,
  type Factor,
  type FairTest,
} from '@/core/records/fairTest/fairTestSchema';
import type { Run } from '@/core/records/fairTest/runOrder';
import { QuantityField } from '@/ui/QuantityField';
import { WordsField } from '@/ui/WordsField';
import type { EditFairTest } from './editFairTest';
import { readingOf, withReading } from './fairTestEdits';
import { FACTOR_EXAMPLES, FACTOR_NAMES } from './words';

interface RunRowProps {
  readonly run: Run;
  readonly name: string;
  readonly test: FairTest;
  /** Read far from the others of its kind. */
  readonly isFarOff: boolean;
  readonly edit: EditFairTest;
}

const NOTHING = 'nothing';
const readingShape = fairTestSchema.shape.readings.def.element.shape;
const settingSchema = readingShape.changed.def.element.shape.setting;

/** One measurement: its readings, and whether something else was different. */
export function RunRow({ run, name, test, isFarOff, edit }: RunRowProps) {
  const reading = readingOf(test, run);
  const changed = reading?.changed[0] ?? null;
  const key = `${run.repeat} ${run.variant}`;
  const label = (what: string): string => `${what} of ${name}, round ${run.repeat}`;
  return (
    <TableRow sx={{ '& td': { py: 0.5, px: 0.75, verticalAlign: 'top' } }}>
      <TableCell sx={{ pt: '14px !important' }}>{run.repeat}</TableCell>
      <TableCell sx={{ pt: '14px !important', fontWeight: 700 }}>
        {name}
        {isFarOff ? (
          <Typography variant="body2" color="error" sx={{ display: 'block' }}>
            ✕ far from the others
          </Typography>
        ) : null}
      </TableCell>
      <TableCell>
        <QuantityField
          label={label('Volts')}
          hideLabel
          kind="volts"
          value={reading?.volts ?? null}
          schema={readingShape.volts}
          onCommit={(volts) =>
            edit((before) => withReading(before, run, { volts }), `${key} volts`)
          }
          onEmpty={() =>
            edit((before) => withReading(before, run, { volts: null }), `${key} volts`)
          }
          sx={{ width: 92 }}
        />
      </TableCell>
      <TableCell>
        <QuantityField
          label={label('Milliamps')}
          hideLabel
          kind="milliamps"
          value={reading?.amps ?? null}
          schema={readingShape.amps}
          onCommit={(amps) => edit((before) => withReading(before, run, { amps }), `${key} amps`)}
          onEmpty={() => edit((before) => withReading(before, run, { amps: null }), `${key} amps`)}
          sx={{ width: 92 }}
        />
      </TableCell>
      <TableCell>
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Selection
            value={changed?.factor ?? NOTHING}
            label={label('Different thing')}
            hideLabel
            onChange={(chosen) => edit((before) => withReading(before, run, changedTo(chosen)))}
            sx={{ width: 118 }}
            options={[
              [NOTHING, 'no'],
              ...FACTORS.filter((factor) => factor !== test.factor).map(
                (factor) => [factor, FACTOR_NAMES[factor]] as const,
              ),
            ]}
          />
          {changed === null ? null : (
            <WordsField
              label={label('How it was different')}
              hideLabel
              value={changed.setting}
              schema={settingSchema}
              placeholder={`for example ${FACTOR_EXAMPLES[changed.factor]}`}
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
    changed: factor === undefined ? [] : [{ factor, setting: '' }],
  };
}

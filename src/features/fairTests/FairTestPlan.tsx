'use client';

import { capital } from '@/core/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { Selection, TextInput } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  FACTORS,
  type FairTest,
  fairTestSchema,
  MAX_LAMP_CELLS,
  MAX_REPEATS,
  MAX_VARIANTS,
  MEASURES,
} from '@/core/records/fairTest/fairTestSchema';
import { LED_COLOURS, LED_PRESETS } from '@/core/physics/circuit/load/ledPresets';
import { Card } from '@/ui/Card';
import { CountStepper } from '@/ui/CountStepper';
import { DeleteIcon } from '@/ui/icons';
import { WordsField } from '@/ui/WordsField';
import type { EditFairTest } from './editFairTest';
import { withoutVariant, withRepeats, withVariant } from './fairTestEdits';
import { FACTOR_EXAMPLES, FACTOR_NAMES, MEASURE_NAMES } from './words';

interface FairTestPlanProps {
  readonly test: FairTest;
  readonly edit: EditFairTest;
}

/** What is varied, what is kept, what is compared, and how often. */
export function FairTestPlan({ test, edit }: FairTestPlanProps) {
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Card title="The one thing that is varied">
        <Box
          sx={{
            display: 'grid',
            gap: 2,
            gridTemplateColumns: 'repeat(auto-fit, minmax(210px, 1fr))',
            mt: 1.5,
          }}
        >
          <Selection
            label="Varied"
            value={test.factor}
            onChange={(chosen) => edit((before) => ({ ...before, factor: chosen }))}
            options={FACTORS.map((factor) => [factor, FACTOR_NAMES[factor]] as const)}
          />
          <Selection
            label="Ranked by"
            value={test.measure}
            onChange={(chosen) => edit((before) => ({ ...before, measure: chosen }))}
            options={MEASURES.map((measure) => [measure, MEASURE_NAMES[measure]] as const)}
          />
        </Box>
        {test.measure === 'led-watts' ? <Lamp test={test} edit={edit} /> : null}
        <Variants test={test} edit={edit} />
        <CountStepper
          label="rounds"
          value={test.repeats}
          least={1}
          most={MAX_REPEATS}
          onChange={(repeats) => edit((before) => withRepeats(before, repeats))}
        />
        {test.repeats < 3 ? (
          <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
            Three rounds or more show how much single readings scatter.
          </Typography>
        ) : null}
      </Card>
      <Card title="Everything else is kept">
        <Box sx={{ display: 'grid', gap: 2, mt: 1.5 }}>
          {FACTORS.filter((factor) => factor !== test.factor).map((factor) => (
            <WordsField
              key={factor}
              label={capital(FACTOR_NAMES[factor])}
              value={test.kept[factor]}
              schema={fairTestSchema.shape.kept.shape[factor]}
              placeholder={`for example ${FACTOR_EXAMPLES[factor]}`}
              onCommit={(setting) =>
                edit(
                  (before) => ({ ...before, kept: { ...before.kept, [factor]: setting } }),
                  `kept ${factor}`,
                )
              }
            />
          ))}
        </Box>
      </Card>
    </Box>
  );
}

const AS_NEEDED = 'as-needed';

/** The LED under which power is compared: every variant on the same number of cells. */
function Lamp({ test, edit }: FairTestPlanProps) {
  const { lamp } = test;
  const choose = (change: Partial<FairTest['lamp']>): void =>
    edit((before) => ({ ...before, lamp: { ...before.lamp, ...change } }));
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', mt: 2 }}>
      <Selection
        label="LED"
        value={lamp.colour}
        onChange={(chosen) => choose({ colour: chosen })}
        options={LED_COLOURS.map((colour) => [colour, LED_PRESETS[colour].name] as const)}
      />
      <Selection<number | typeof AS_NEEDED>
        label="Cells in series"
        value={lamp.cells ?? AS_NEEDED}
        onChange={(cells) => choose({ cells: cells === AS_NEEDED ? null : cells })}
        options={[
          [AS_NEEDED, 'as many as all need'] as const,
          ...Array.from(
            { length: MAX_LAMP_CELLS },
            (_, index) => [index + 1, String(index + 1)] as const,
          ),
        ]}
      />
    </Box>
  );
}

function Variants({ test, edit }: FairTestPlanProps) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const add = (): void => {
    const next = fairTestSchema.safeParse(withVariant(test, name.trim()));
    if (next.success) {
      edit(() => next.data);
      setName('');
      setProblem(null);
    } else {
      setProblem(next.error.issues[0]?.message ?? null);
    }
  };
  return (
    <Box sx={{ my: 2 }}>
      <Box component="ul" aria-label="Compared" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {test.variants.map((variant) => (
          <Box
            component="li"
            key={variant.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              justifyContent: 'space-between',
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Typography variant="body2">{variant.name}</Typography>
            <IconButton
              size="small"
              aria-label={`Remove ${variant.name}`}
              onClick={() => edit((before) => withoutVariant(before, variant.id))}
            >
              <DeleteIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
        sx={{ display: 'flex', gap: 1, mt: 1.5, alignItems: 'flex-start' }}
      >
        <TextInput
          label="Another one"
          placeholder={`for example ${FACTOR_EXAMPLES[test.factor]}`}
          value={name}
          onChange={(event) => {
            setName(event.target.value);
            setProblem(null);
          }}
          error={problem !== null}
          helperText={problem}
          autoComplete="off"
          fullWidth
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={name.trim() === '' || test.variants.length >= MAX_VARIANTS}
          sx={{ mt: 0.25 }}
        >
          Add
        </Button>
      </Box>
    </Box>
  );
}

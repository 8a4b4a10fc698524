'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import {
  ELECTROLYTE_RECIPES,
  ELECTROLYTES,
  mixLiquid,
  type ElectrolyteId,
} from '@/core/physics/recipes/mixingBench';
import {
  millilitresOf,
  mixingRequestSchema,
  type MixingRequest,
} from '@/core/physics/recipes/mixingRequest';
import { MIXING_DOCUMENT } from '@/core/documents/tools/mixingDocument';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { MixingCard } from './MixingCard';

const STRENGTH = { least: 0.25, most: 2.5, step: 0.05 } as const;

/** Electrolytes for the class in grams and spoons. */
export function MixingBench({ found }: { found: FoundTool<MixingRequest> }) {
  const { open, state: request, change } = useTool('mixing', MIXING_DOCUMENT, found);
  const answer = mixLiquid(request.electrolyte, request.strength, millilitresOf(request));
  const recipe = ELECTROLYTE_RECIPES[request.electrolyte];
  const amount = (
    label: string,
    key: 'cells' | 'millilitres' | 'groups' | 'groupMillilitres' | 'litres',
  ) => (
    <QuantityField
      key={key}
      label={label}
      kind="count"
      value={request[key]}
      schema={mixingRequestSchema.shape[key]}
      onCommit={(value) => change({ [key]: value }, key)}
    />
  );
  return (
    <DocumentFrame
      open={open}
      heading="Mixing bench"
      back={{ href: '/', name: 'Back to the shelf' }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
        <Card title="What do you want to mix?" style={{ alignSelf: 'start' }}>
          <ToggleButtonGroup
            exclusive
            orientation="vertical"
            fullWidth
            value={request.electrolyte}
            aria-label="Electrolyte"
            onChange={(_, electrolyte: ElectrolyteId | null) => {
              if (electrolyte !== null) change({ electrolyte, strength: 1 });
            }}
          >
            {ELECTROLYTES.map((id) => (
              <ToggleButton
                key={id}
                value={id}
                size="small"
                sx={{ justifyContent: 'flex-start', px: 2 }}
              >
                {ELECTROLYTE_RECIPES[id].name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ mt: 2.5 }}>
            <Choice
              label="How much"
              value={request.by}
              options={[
                ['cells', 'for each cell'],
                ['groups', 'for each group'],
                ['litres', 'litres in all'],
              ]}
              onChange={(by) => change({ by })}
            />
          </Box>
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
            {request.by === 'cells' ? (
              <>
                {amount('Cells in the class', 'cells')}
                {amount('Millilitres for each', 'millilitres')}
              </>
            ) : null}
            {request.by === 'groups' ? (
              <>
                {amount('Groups', 'groups')}
                {amount('Millilitres a group', 'groupMillilitres')}
              </>
            ) : null}
            {request.by === 'litres' ? amount('Litres in all', 'litres') : null}
          </Box>
          <Typography id="strength-label" variant="body2" sx={{ mt: 2 }}>
            Strength: {formatNumber(request.strength)} times the usual
          </Typography>
          <Slider
            aria-labelledby="strength-label"
            value={request.strength}
            min={STRENGTH.least}
            max={STRENGTH.most}
            step={STRENGTH.step}
            marks={[{ value: 1, label: 'usual' }]}
            onChange={(_, value) => change({ strength: Number(value) }, 'strength')}
          />
        </Card>
        {answer.ok ? (
          <MixingCard request={request} recipe={recipe} answer={answer.value} />
        ) : (
          <Alert severity="error" data-testid="mixing-refused" style={{ alignSelf: 'start' }}>
            {answer.issues[0]?.message}
          </Alert>
        )}
      </Box>
    </DocumentFrame>
  );
}

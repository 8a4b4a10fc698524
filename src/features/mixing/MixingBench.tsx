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
  mixForClass,
  mixingRequestSchema,
  MIXING_SPARE_SHARE,
  type ElectrolyteId,
  type MixingRequest,
} from '@/core/physics/chemistry/mixingBench';
import { MIXING_DOCUMENT } from '@/core/documents/tools/mixingDocument';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { QuantityField } from '@/ui/QuantityField';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import { MixingCard } from './MixingCard';

const STRENGTH = { least: 0.25, most: 2.5, step: 0.05 } as const;

/** Electrolytes for the class in grams and spoons. */
export function MixingBench({ found }: { found: FoundTool<MixingRequest> }) {
  const { open, state: request, change } = useTool('mixing', MIXING_DOCUMENT, found);
  const answer = mixForClass(request);
  const recipe = ELECTROLYTE_RECIPES[request.electrolyte];
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
        <Card title="What shall it be?" style={{ alignSelf: 'start' }}>
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
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', mt: 2.5 }}>
            <QuantityField
              label="Cells in the class"
              kind="count"
              value={request.cells}
              format={String}
              schema={mixingRequestSchema.shape.cells}
              onCommit={(cells) => {
                if (cells !== null) change({ cells }, 'cells');
              }}
            />
            <QuantityField
              label="Millilitres for each"
              kind="count"
              value={request.millilitres}
              format={formatNumber}
              schema={mixingRequestSchema.shape.millilitres}
              onCommit={(millilitres) => {
                if (millilitres !== null) change({ millilitres }, 'millilitres');
              }}
            />
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
          <MixingCard recipe={recipe} answer={answer.value} spareShare={MIXING_SPARE_SHARE} />
        ) : (
          <Alert severity="error" data-testid="mixing-refused" style={{ alignSelf: 'start' }}>
            {answer.issues[0]?.message}
          </Alert>
        )}
      </Box>
    </DocumentFrame>
  );
}

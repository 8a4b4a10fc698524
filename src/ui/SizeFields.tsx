'use client';

import Box from '@mui/material/Box';
import { Selection } from './TextInput';
import { ELECTRODE_SHAPES, type ElectrodeSize } from '@/core/physics/cell/scaleCell';
import { electrodeSizeSchema, MAX_PAIRS } from '@/core/physics/cell/electrodeSizeSchema';
import { CountStepper } from './CountStepper';
import { QuantityField } from './QuantityField';

interface SizeFieldsProps {
  readonly size: ElectrodeSize;
  /** What the metals stand in: “kiwi”, “cup”. */
  readonly body: string;
  /** `typing` names the field while it is typed in, so that its edits are one undo step. */
  readonly onChange: (part: Partial<ElectrodeSize>, typing: string | null) => void;
}

/** Shape, size, gap and number of the metals in one body. */
export function SizeFields({ size, body, onChange }: SizeFieldsProps) {
  const lengthField = (
    label: string,
    key: 'widthMillimetres' | 'depthMillimetres' | 'gapMillimetres' | 'metalMillimetres',
  ) => (
    <QuantityField
      label={label}
      kind="millimetres"
      value={size[key]}
      schema={electrodeSizeSchema.shape[key]}
      onCommit={(value) => onChange({ [key]: value }, key)}
    />
  );
  const round = size.shape === 'nail' || size.shape === 'rod' || size.shape === 'coin';
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: 'repeat(auto-fit, minmax(9rem, 1fr))',
          mt: 1.5,
        }}
      >
        <Selection
          label="Shape"
          value={size.shape}
          onChange={(chosen) => onChange({ shape: chosen }, null)}
          options={ELECTRODE_SHAPES.map((shape) => [shape, shape] as const)}
        />
        {lengthField(round ? 'Diameter' : 'Width', 'widthMillimetres')}
        {size.shape === 'coin' ? null : lengthField('Depth in the wet', 'depthMillimetres')}
        {lengthField('Gap between them', 'gapMillimetres')}
        {lengthField('Thickness of the − metal', 'metalMillimetres')}
      </Box>
      <Box sx={{ mt: 2, display: 'flex', flexWrap: 'wrap', gap: 2 }}>
        <CountStepper
          label={`metal pairs per ${body}`}
          value={size.pairs}
          least={1}
          most={MAX_PAIRS}
          onChange={(pairs) => onChange({ pairs }, null)}
        />
        <CountStepper
          label="extra + metals"
          value={size.extraPlus}
          least={0}
          most={MAX_PAIRS}
          onChange={(extraPlus) => onChange({ extraPlus }, null)}
        />
        <CountStepper
          label="extra − metals"
          value={size.extraMinus}
          least={0}
          most={MAX_PAIRS}
          onChange={(extraMinus) => onChange({ extraMinus }, null)}
        />
      </Box>
    </>
  );
}

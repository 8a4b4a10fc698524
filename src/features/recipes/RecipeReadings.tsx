import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { formatAmps, formatMinutes, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { QuantityField } from '@/ui/QuantityField';
import { WordsField } from '@/ui/WordsField';
import type { RecipePartProps } from './changeRecipe';

const RANGES = {
  openVolts: { label: 'Open-circuit volts', kind: 'volts', format: formatVolts },
  shortAmps: { label: 'Short-circuit milliamps', kind: 'milliamps', format: formatAmps },
} as const;

/** What one cell of the usual size typically reads, from lowest to highest, and how long it takes. */
export function RecipeReadings({ own, change }: RecipePartProps) {
  const rangeField = (key: keyof typeof RANGES, end: 'low' | 'high') => {
    const { label, kind, format } = RANGES[key];
    const range = own[key];
    return (
      <QuantityField
        label={`${label}, ${end === 'low' ? 'lowest' : 'highest'}`}
        kind={kind}
        value={range[end]}
        format={format}
        schema={ownRecipeSchema}
        stored={(value) => ({ ...own, [key]: { ...range, [end]: value } })}
        onCommit={(value) => {
          if (value !== null) change({ [key]: { ...range, [end]: value } }, `${key} ${end}`);
        }}
      />
    );
  };
  return (
    <Card title="What one cell reads">
      <Typography variant="body2" color="textSecondary">
        Of the size above. Cells scatter, so give the lowest and the highest you have seen.
      </Typography>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' }, mt: 1.5 }}>
        {rangeField('openVolts', 'low')}
        {rangeField('openVolts', 'high')}
        {rangeField('shortAmps', 'low')}
        {rangeField('shortAmps', 'high')}
        <WordsField
          label="Where these readings come from"
          value={own.source}
          schema={ownRecipeSchema.shape.source}
          onCommit={(source) => change({ source }, 'source')}
        />
        <QuantityField
          label="Minutes to build one"
          kind="minutes"
          value={own.minutesToBuild}
          format={formatMinutes}
          schema={ownRecipeSchema.shape.minutesToBuild}
          onCommit={(minutesToBuild) => {
            if (minutesToBuild !== null) change({ minutesToBuild }, 'minutes');
          }}
        />
      </Box>
    </Card>
  );
}

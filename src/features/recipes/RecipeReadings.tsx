import { BoundQuantity } from '@/ui/BoundQuantity';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { ownRecipeSchema } from '@/core/physics/recipes/ownRecipeSchema';
import { Card } from '@/ui/Card';
import { WordsField } from '@/ui/WordsField';
import type { RecipePartProps } from './changeRecipe';

const RANGES = {
  openVolts: { label: 'Open-circuit volts', kind: 'volts' },
  shortAmps: { label: 'Short-circuit milliamps', kind: 'milliamps' },
} as const;

/** What one cell of the usual size typically reads, from lowest to highest, and how long it takes. */
export function RecipeReadings({ own, change, of }: RecipePartProps) {
  const rangeField = (key: keyof typeof RANGES, end: 'low' | 'high') => {
    const { label, kind } = RANGES[key];
    return (
      <BoundQuantity
        of={of}
        path={`${key}.${end}`}
        label={`${label}, ${end === 'low' ? 'lowest' : 'highest'}`}
        kind={kind}
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
        <BoundQuantity of={of} path="minutesToBuild" label="Minutes to build one" kind="minutes" />
      </Box>
    </Card>
  );
}

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Electrolyte, MixingAnswer } from '@/core/physics/chemistry/mixingBench';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';

interface MixingCardProps {
  readonly recipe: Electrolyte;
  readonly answer: MixingAnswer;
  readonly spareShare: number;
}

/** What to weigh and pour, in which order, with the cautions beside it. */
export function MixingCard({ recipe, answer, spareShare }: MixingCardProps) {
  const { liquidMillilitres, portions, siemensPerMetre, warnings } = answer;
  return (
    <Card title={`${recipe.name} for the class`}>
      <Box data-testid="mixing-card">
        <Typography sx={{ fontSize: '1.1rem', fontWeight: 700 }}>
          {formatNumber(liquidMillilitres)} mL of {recipe.liquid}
        </Typography>
        {portions.map(({ solute, grams, tablespoons, saturation, note }) => (
          <Box key={solute} sx={{ my: 1 }}>
            <Typography sx={{ fontSize: '1.1rem', fontWeight: 700 }}>
              {formatNumber(grams)} g of {solute}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              about {formatNumber(tablespoons, 2)} level tablespoons of 15 mL;{' '}
              {formatNumber(100 * saturation, 2)} % of what dissolves at 20 °C.
              {note === null ? '' : ` ${note}`}
            </Typography>
          </Box>
        ))}
        {warnings.map((warning) => (
          <Alert key={warning} severity="warning" sx={{ my: 1 }}>
            {warning}
          </Alert>
        ))}
        <Typography variant="body2" sx={{ mt: 1.5 }}>
          {recipe.order}
        </Typography>
        <Typography variant="body2" sx={{ mt: 1 }}>
          {recipe.remark}
        </Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          {siemensPerMetre === null
            ? 'Its conductivity is in no table at hand.'
            : `It conducts about ${formatNumber(10 * siemensPerMetre, 2)} mS/cm (from tables, from memory); vinegar alone 1.2.`}{' '}
          A fifth ({formatNumber(100 * spareShare)} %) to spare is included.
        </Typography>
        <Box component="ul" sx={{ pl: 2.25, my: 1.5 }}>
          {cautionsOf(recipe.cautions).map(({ id, text }) => (
            <Typography key={id} component="li" variant="body2">
              {text}
            </Typography>
          ))}
        </Box>
      </Box>
    </Card>
  );
}

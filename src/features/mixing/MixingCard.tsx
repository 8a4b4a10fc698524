import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import LinearProgress from '@mui/material/LinearProgress';
import Button from '@mui/material/Button';
import { type Electrolyte, type MixingAnswer } from '@/core/physics/recipes/mixingBench';
import { MIXING_SPARE_SHARE } from '@/core/physics/recipes/mixingBench';
import type { MixingRequest } from '@/core/physics/recipes/mixingRequest';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { formatNumber } from '@/core/units';
import { Card } from '@/ui/Card';
import { useLocalUnits, useWayOfMeasuring } from '@/ui/useLocalUnits';

interface MixingCardProps {
  readonly request: MixingRequest;
  readonly recipe: Electrolyte;
  readonly answer: MixingAnswer;
}

/** What to weigh and pour, in which order, with the cautions beside it. */
export function MixingCard({ request, recipe, answer }: MixingCardProps) {
  const { liquidMillilitres, portions, siemensPerMetre, warnings } = answer;
  const units = useWayOfMeasuring();
  const local = useLocalUnits();
  return (
    <Card
      title={`${recipe.name} for the class`}
      actions={
        <Button
          size="small"
          component="a"
          href={`/api/mixing/print?${new URLSearchParams({
            electrolyte: request.electrolyte,
            strength: String(request.strength),
            millilitres: String(liquidMillilitres),
            units,
          }).toString()}`}
          target="_blank"
        >
          Print the card
        </Button>
      }
    >
      <Box data-testid="mixing-card">
        <Typography sx={{ fontSize: '1.1rem', fontWeight: 700 }}>
          {local(`${formatNumber(liquidMillilitres)} mL of ${recipe.liquid}`)}
        </Typography>
        {portions.map(({ solute, grams, tablespoons, saturation, note }) => (
          <Box key={solute} sx={{ my: 1 }}>
            <Typography sx={{ fontSize: '1.1rem', fontWeight: 700 }}>
              {formatNumber(grams)} g of {solute}
            </Typography>
            <Typography variant="body2" color="textSecondary">
              about {formatNumber(tablespoons, 2)} level tablespoons of 15 mL.
              {note === null ? '' : ` ${note}`}
            </Typography>
            <Saturation solute={solute} grams={grams} saturation={saturation} />
          </Box>
        ))}
        {warnings.map((warning) => (
          <Alert key={warning} severity="warning" sx={{ my: 1 }}>
            {warning}
          </Alert>
        ))}
        <Typography variant="body2" sx={{ mt: 1.5 }}>
          {local(recipe.order)}
        </Typography>
        <Typography variant="body2" sx={{ mt: 1 }}>
          {recipe.remark}
        </Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
          {siemensPerMetre === null
            ? 'Its conductivity is in no table at hand.'
            : `It conducts about ${formatNumber(10 * siemensPerMetre, 2)} mS/cm (from tables, from memory); vinegar alone 1.2.`}{' '}
          {request.by === 'litres'
            ? ''
            : `A fifth (${formatNumber(100 * MIXING_SPARE_SHARE)} %) to spare is included.`}
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

interface SaturationProps {
  readonly solute: string;
  readonly grams: number;
  readonly saturation: number;
}

/** How far from saturation it is, as a bar and in grams. */
function Saturation({ solute, grams, saturation }: SaturationProps) {
  const most = grams / saturation;
  return (
    <Box sx={{ mt: 0.5 }}>
      <LinearProgress
        variant="determinate"
        value={Math.min(100, 100 * saturation)}
        color={saturation > 0.9 ? 'warning' : 'primary'}
        aria-label={`${solute}: share of what dissolves`}
        sx={{ height: 8, borderRadius: 4 }}
      />
      <Typography variant="caption" color="textSecondary" data-testid="saturation">
        {formatNumber(100 * saturation, 2)} % of what dissolves at 20 °C;{' '}
        {formatNumber(most - grams)} g more would.
      </Typography>
    </Box>
  );
}

'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { SeriesResistor } from '@/core/records/plan/planSchema';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Selection } from '@/ui/TextInput';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

const CHOICES: Readonly<Record<SeriesResistor['kind'], string>> = {
  'as-needed': 'where one is needed',
  none: 'none',
  own: 'my own',
};
const FIRST_OWN_OHMS = 100;

/** A resistor in series keeps strong cells from burning an LED or a device. */
export function ResistorCard() {
  const { seriesResistor } = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { seriesResistorOhms, limit, strong, need } = evaluation;
  const set = (next: SeriesResistor, typing: string | null = null): void =>
    edit((before) => ({ ...before, seriesResistor: next }), typing);
  const atMost = limit?.kind === 'volts' ? formatVolts(strong.volts) : formatAmps(strong.amps);
  return (
    <Card title="A resistor in series">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start', mt: 1 }}>
        <Selection
          label="Resistor"
          value={seriesResistor.kind}
          onChange={(kind) =>
            set(
              kind === 'own'
                ? { kind, ohms: seriesResistorOhms ?? FIRST_OWN_OHMS }
                : { kind: kind === 'none' ? 'none' : 'as-needed' },
            )
          }
          options={Object.entries(CHOICES).map(([kind, name]) => [kind, name] as const)}
        />
        {seriesResistor.kind === 'own' ? (
          <PlanQuantity path="seriesResistor.ohms" label="Its resistance" kind="ohms" />
        ) : null}
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        {seriesResistorOhms === null
          ? `None: a strong class gives the ${need.name} ${atMost} at most.`
          : `${formatOhms(seriesResistorOhms)} stand between + and the ${need.name}: a strong class gives ${atMost} at most.`}
        {limit?.kind === 'amps' ? ` It bears ${formatAmps(limit.most)}.` : ''}
      </Typography>
    </Card>
  );
}

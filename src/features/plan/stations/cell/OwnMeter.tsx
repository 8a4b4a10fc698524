'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { USUAL_CLASS_METER } from '@/core/physics/instruments/classMeter';
import { CURRENT_RANGES } from '@/core/physics/instruments/meter';
import type { Plan } from '@/core/records/plan/planSchema';
import { useEdit, usePlan } from '../../PlanProvider';

/** The educator's own meter: what it draws on volts, what it adds on amps. */
export function OwnMeter() {
  const { meter } = usePlan();
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  const change = (part: Partial<Plan['meter']>, typing: string | null): void =>
    edit((before) => ({ ...before, meter: { ...before.meter, ...part } }), typing);
  const usual = JSON.stringify(meter) === JSON.stringify(USUAL_CLASS_METER);
  return (
    <Box>
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        {usual ? 'Is your meter another one?' : 'Your own meter'}
      </Button>
      {open ? (
        <Box component="section" aria-label="Your meter" sx={{ mt: 1 }}>
          <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>
            Usual: 10 MΩ on volts, and a shunt that drops 200 mV at full scale. Cheap ones often
            have 1 MΩ on volts. The leaflet says it, or a second meter on ohms.
          </Typography>
          <Box
            sx={{
              display: 'grid',
              gap: 1.5,
              gridTemplateColumns: 'repeat(auto-fit, minmax(120px, 1fr))',
            }}
          >
            <PlanQuantity path="meter.voltsOhms" label="On volts" kind="ohms" />
            {CURRENT_RANGES.map((range) => (
              <PlanQuantity
                key={range}
                path={`meter.shuntOhms.${range}`}
                label={`On ${range}`}
                kind="ohms"
              />
            ))}
          </Box>
          {usual ? null : (
            <Button size="small" sx={{ mt: 1 }} onClick={() => change(USUAL_CLASS_METER, null)}>
              Back to the usual meter
            </Button>
          )}
        </Box>
      ) : null}
    </Box>
  );
}

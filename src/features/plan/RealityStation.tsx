'use client';

import { originWord } from '@/core/records/school/schoolWords';
import Typography from '@mui/material/Typography';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { formatAmps, formatVolts } from '@/core/units';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import { capital } from '@/core/words';
import { Card } from '@/ui/Card';
import { RealityCheck } from '@/ui/reality/RealityCheck';
import { useEdit, usePlan, usePlanContext } from './PlanProvider';

/** Wishes and claims worked out with the plan's own cell; own wishes are kept with the plan. */
export function RealityStation({ cupboard }: { readonly cupboard: CupboardState }) {
  const { open, evaluation } = usePlanContext();
  const { wishes } = usePlan();
  const edit = useEdit();
  const { cell } = evaluation;
  return (
    <RealityCheck
      cell={cell}
      cupboard={cupboard}
      wishes={wishes}
      onWishes={(changed) => edit((plan) => ({ ...plan, wishes: changed }), null)}
      printOf={{ plan: open.id }}
    >
      <Card title="Reality check">
        <Typography variant="body2">
          {capital(cell.body.name)}, {formatVolts(cell.model.emfVolts)} with nothing connected and{' '}
          {formatAmps(cellAmpsAt(cell.model, 0))} shorted ({originWord(cell)}), as in this plan.
        </Typography>
      </Card>
    </RealityCheck>
  );
}

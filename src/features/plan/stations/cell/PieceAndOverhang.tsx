'use client';

import { UNREAD } from '@/core/records/plan/newPlan';
import { PlanQuantity } from '../../PlanQuantity';
import { PIECE_FACTS } from '@/core/physics/recipes/pieces';
import { piecesOf } from '@/core/physics/recipes/cellBuild';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import type { Plan } from '@/core/records/plan/planSchema';
import { overhangWords } from '@/core/work/judging/overhang';
import { Choice } from '@/ui/Choice';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** How the fruit is cut, or how far the separators of a pile stand out. */
export function PieceAndOverhang() {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { recipe, body, piece } = evaluation.cell;
  const pieces = piecesOf(recipe, body);
  const leak = useMemo(() => overhangWords(plan, evaluation), [plan, evaluation]);
  const change = (part: Partial<Plan['cell']>, typing: string | null = null): void =>
    edit((before) => ({ ...before, cell: { ...before.cell, ...part } }), typing);
  if (pieces.length > 1) {
    return (
      <Box>
        <Choice
          label="How it is cut"
          value={piece}
          options={pieces.map((one) => [one, PIECE_FACTS[one].many] as const)}
          // Readings are of the piece that they were taken from.
          onChange={(chosen) => change({ piece: chosen, ...UNREAD })}
        />
        {plan.cell.piece === null ? null : (
          <Button size="small" sx={{ mb: 1 }} onClick={() => change({ piece: null, ...UNREAD })}>
            Leave it to the suggestion
          </Button>
        )}
        {piece === 'whole' ? null : (
          <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
            An adult cuts. Each piece is a cell of its own, with less room for the metals; its cut
            face dries and browns.
          </Typography>
        )}
      </Box>
    );
  }
  if (recipe.look !== 'pile') return null;
  return (
    <Box sx={{ mb: 1.5 }}>
      <PlanQuantity
        path="cell.overhangMillimetres"
        label="Separator wider than the metal by"
        kind="millimetres"
        helperText="Below 0: smaller, as is usual in stacks. Above 0: its wet rim leaks to the next layer."
        fullWidth
      />
      {leak === null ? null : (
        <Typography variant="body2" sx={{ mt: 1, fontWeight: 600 }} data-testid="overhang-words">
          {leak}
        </Typography>
      )}
    </Box>
  );
}

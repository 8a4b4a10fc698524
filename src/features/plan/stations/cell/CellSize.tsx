'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { sizeInPiece } from '@/core/physics/recipes/pieces';
import { formatMillimetres } from '@/core/units';
import { explainSize } from '@/core/work/words/explainSize';
import { Card } from '@/ui/Card';
import { Explained } from '@/ui/Explained';
import { SizeFields } from '@/ui/SizeFields';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** How large the metals are and how far apart: what one cell gives moves with it. */
export function CellSize() {
  const plan = usePlan();
  const edit = useEdit();
  const { cell } = usePlanContext().evaluation;
  const { body, piece, origin, size } = cell;
  const fitting = sizeInPiece(size, piece);
  return (
    <Card
      title="How large are the metals?"
      actions={
        plan.cell.size === null ? null : (
          <Button
            size="small"
            onClick={() => edit((before) => ({ ...before, cell: { ...before.cell, size: null } }))}
          >
            Back to the usual size
          </Button>
        )
      }
    >
      <SizeFields
        size={size}
        body={body.name}
        onChange={(part, typing) =>
          edit(
            (before) => ({ ...before, cell: { ...before.cell, size: { ...size, ...part } } }),
            typing,
          )
        }
      />
      {fitting === size ? null : (
        <Typography variant="body2" sx={{ mt: 1.5 }}>
          A {body.name} is not so thick: {formatMillimetres(fitting.depthMillimetres)} deep is
          counted.
        </Typography>
      )}
      <Box sx={{ mt: 1.5 }}>
        <Explained explain={() => explainSize(cell)}>why the size matters</Explained>
      </Box>
      {origin === 'own' ? (
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
          Your own readings are of one pair as you built it: lengths change nothing as long as they
          are used, but more pairs in the same body add up.
        </Typography>
      ) : null}
    </Card>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { doubtsOfTrial } from '@/core/physics/readings/ownCell';
import { buildOfPlan } from '@/core/records/plan/cellOfPlan';
import { MAX_TRIAL_CELLS, type TrialCell } from '@/core/physics/readings/ownReadings';
import { Card } from '@/ui/Card';
import { AddIcon } from '@/ui/icons';
import { PlanQuantity } from '../../PlanQuantity';
import { useEdit, usePlan } from '../../PlanProvider';

const NOT_READ: TrialCell = { volts: null, milliamps: null, seconds: 2, counted: true };
/** The first is read with all that can be told of one cell. */
const FIRST_NUMBER = 2;

/** Further cells of the same lesson, one line each; one that slipped is crossed out. */
export function TrialCells() {
  const { cell: planned, meter } = usePlan();
  const { trialCells } = planned;
  const build = buildOfPlan(planned);
  const edit = useEdit();
  const change = (next: readonly TrialCell[]): void =>
    edit((before) => ({ ...before, cell: { ...before.cell, trialCells: [...next] } }));
  return (
    <Card
      title="More trial cells"
      actions={
        <Button
          size="small"
          startIcon={<AddIcon />}
          disabled={trialCells.length >= MAX_TRIAL_CELLS}
          onClick={() => change([...trialCells, NOT_READ])}
        >
          One more cell
        </Button>
      }
    >
      {trialCells.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          Cells of one class differ. Two or three more, read like the first, tell far more than one.
        </Typography>
      ) : null}
      <Box
        component="ol"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.75, mt: 1.5 }}
      >
        {trialCells.map((cell, index) => (
          <Box
            component="li"
            key={index}
            aria-label={`Trial cell ${index + FIRST_NUMBER}`}
            sx={{
              display: 'grid',
              gap: 1,
              gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr auto' },
              alignItems: 'start',
              ...(cell.counted ? {} : { '& input': { textDecoration: 'line-through' } }),
            }}
          >
            <PlanQuantity
              path={`cell.trialCells.${index}.volts`}
              label={`Volts of cell ${index + FIRST_NUMBER}`}
              kind="volts"
              optional
            />
            <PlanQuantity
              path={`cell.trialCells.${index}.milliamps`}
              factor={1e-3}
              label={`Milliamps of cell ${index + FIRST_NUMBER}`}
              kind="milliamps"
              optional
            />
            <PlanQuantity
              path={`cell.trialCells.${index}.seconds`}
              label={`Cell ${index + FIRST_NUMBER} read after`}
              kind="seconds"
              optional
            />
            <Button
              size="small"
              aria-label={`${cell.counted ? 'cross out' : 'count again'}: cell ${index + FIRST_NUMBER}`}
              onClick={() =>
                change(
                  trialCells.map((one, other) =>
                    other === index ? { ...one, counted: !one.counted } : one,
                  ),
                )
              }
            >
              {cell.counted ? 'cross out' : 'count again'}
            </Button>
            {doubtsOfTrial(cell, build, meter.shuntOhms).map(({ code, finding }) => (
              <Typography
                key={code}
                variant="caption"
                role="status"
                data-testid="trial-doubt"
                sx={{ gridColumn: '1 / -1', fontWeight: 600 }}
              >
                Not counted: {finding}
              </Typography>
            ))}
          </Box>
        ))}
      </Box>
    </Card>
  );
}

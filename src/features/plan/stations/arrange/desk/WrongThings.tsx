'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { withoutFaults } from '@/core/physics/desk/desk';
import { withFaultsRemoved } from '@/core/physics/desk/deskEdits';
import { faultsWithReasons } from '@/core/physics/desk/faultWords';
import { momentOf } from '@/core/work/judging/evaluatePlan';
import { formatAmps, formatVolts } from '@/core/units';
import { withDesk } from '../../../arrangementEdits';
import { useEdit, usePlanContext } from '../../../PlanProvider';

/** What is wrong on purpose, what it does to the volts and the current, and the way back. */
export function WrongThings() {
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { desk, need, wiring, source, amps, wrong, warnings } = evaluation;
  const sound = useMemo(() => momentOf(withoutFaults(desk), need), [desk, need]);
  return (
    <>
      {wrong === 0 ? null : (
        <Alert
          severity="warning"
          data-testid="wrong-things"
          sx={{ mb: 1, alignItems: 'flex-start' }}
          action={
            <Button
              color="inherit"
              size="small"
              onClick={() => edit((before) => withDesk(before, wiring, withFaultsRemoved))}
            >
              Remove all faults
            </Button>
          }
        >
          <strong>
            What if: with nothing connected {formatVolts(sound.source.emfVolts)} →{' '}
            {formatVolts(source.emfVolts)}, current {formatAmps(sound.amps)} → {formatAmps(amps)}.
          </strong>
          {faultsWithReasons(desk).map(({ what, reason }) => (
            <div key={what}>
              {what} {reason}
            </div>
          ))}
        </Alert>
      )}
      {warnings.length === 0 ? null : (
        <Alert severity="warning" sx={{ mb: 1 }} data-testid="string-warning">
          {warnings.join(' ')} Make the strings alike: as many cells, of the same kind, all the
          right way round.
        </Alert>
      )}
    </>
  );
}

'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useMemo, useState } from 'react';
import { firstShortAmps } from '@/core/work/guide/calibratedPlan';
import { withFirstCellOf } from '@/core/work/guide/firstCellsOfClass';
import { belowAllRows, rowFor } from '@/core/work/search/firstCell';
import { capital } from '@/core/words';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';
import { formatAmps } from '@/core/units';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { Card } from '@/ui/Card';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { withOwnWiring } from '../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchChoice, useBenchName } from '../../benchChoice';
import { lazyPart } from '@/ui/lazyPart';

const CalibrateDialog = lazyPart(() =>
  import('./CalibrateDialog').then((module) => module.CalibrateDialog),
);

const OLD_BASIS: Readonly<Record<PlannedCell['origin'], string>> = {
  own: 'the readings it has',
  school: 'your school’s figures',
  typical: 'typical values',
};

/** Adds the first cell’s readings to what the plan knows of such cells, with the plan before and after side by side. */
export function CalibrateCard({ readings }: { readonly readings: readonly LoggedReading[] }) {
  const plan = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { group } = useBenchChoice();
  const bench = useBenchName();
  const [open, setOpen] = useState(false);
  const calibrated = useMemo(() => withFirstCellOf(plan, group, readings), [plan, group, readings]);
  return (
    <Card title="Plan with this cell">
      <Typography variant="body2" color="textSecondary">
        {calibrated === null
          ? 'Read the volts and the milliamps of the first cell: where both can be, the plan then knows more of such cells.'
          : `${capital(bench)} has read its first cell. With it the plan knows more than from ${OLD_BASIS[evaluation.cell.origin]} alone.`}
      </Typography>
      <FirstCellRowOffer readings={readings} />
      <Button
        size="small"
        variant="outlined"
        disabled={calibrated === null}
        onClick={() => setOpen(true)}
        sx={{ mt: 1 }}
      >
        Compare before and after
      </Button>
      {open && calibrated !== null ? (
        <CalibrateDialog
          calibrated={calibrated}
          onUse={() => {
            edit((before) => withFirstCellOf(before, group, readings) ?? before);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Card>
  );
}

/** What the first cell’s milliamps ask for, offered as one press where it is another battery than the planned one. */
function FirstCellRowOffer({ readings }: { readonly readings: readonly LoggedReading[] }) {
  const { evaluation } = usePlanContext();
  const edit = useEdit();
  const { basis, wiring, cell, desk } = evaluation;
  const { cellsInSeries, strings } = wiring;
  const read = firstShortAmps(readings);
  const asked = read !== null && cell.origin !== 'own' && desk.grid !== null;
  const job = useWorkerJob(
    useCallback(
      (jobs) => (asked ? jobs.firstCellTable(basis) : Promise.resolve(null)),
      [asked, basis],
    ),
  );
  if (!asked || job.latest === null) return null;
  const row = rowFor(job.latest, read);
  const words = `The first cell gives ${formatAmps(read)}`;
  if (row === null) {
    return (
      <Typography variant="body2" sx={{ mt: 1 }}>
        {words}: too little for so many cells. {capital(belowAllRows(cell.recipe))} would help.
      </Typography>
    );
  }
  if (row.strings === strings && row.cellsInSeries === cellsInSeries) {
    return (
      <Typography variant="body2" sx={{ mt: 1 }}>
        {words}: the plan holds as it is.
      </Typography>
    );
  }
  return (
    <Button
      size="small"
      variant="contained"
      sx={{ mt: 1, display: 'block' }}
      onClick={() => edit((before) => withOwnWiring(before, row))}
    >
      {words}: build {row.cellsInSeries} in series × {row.strings}
    </Button>
  );
}

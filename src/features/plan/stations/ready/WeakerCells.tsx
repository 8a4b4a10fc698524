'use client';

import Typography from '@mui/material/Typography';
import { useCallback } from 'react';
import { roundedUp } from '@/core/work/search/firstCell';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { formatAmps } from '@/core/units';
import { Card } from '@/ui/Card';
import { Selection } from '@/ui/TextInput';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit } from '../../PlanProvider';

/** For how weak a first cell there shall be parts: nobody has measured one yet. */
export function WeakerCells({ facts }: { readonly facts: LessonFacts }) {
  const { cell, desk } = facts.evaluation;
  return cell.origin === 'own' || desk.grid === null ? null : <BuyFor facts={facts} />;
}

function BuyFor({ facts: { plan, evaluation } }: { readonly facts: LessonFacts }) {
  const edit = useEdit();
  const { basis, wiring } = evaluation;
  const { cellsInSeries, strings } = wiring;
  const job = useWorkerJob(
    useCallback(
      (jobs) => jobs.firstCellTable(basis, cellsInSeries, strings),
      [basis, cellsInSeries, strings],
    ),
  );
  const rows = job.latest?.filter((row) => row.strings >= strings) ?? [];
  const chosen = Math.max(strings, plan.lesson.buyStrings ?? strings);
  return (
    <Card title="If the first cell is weaker">
      <Selection
        label="Buy enough for"
        value={chosen}
        onChange={(bought) =>
          edit((before) => ({
            ...before,
            lesson: { ...before.lesson, buyStrings: bought === strings ? null : bought },
          }))
        }
        options={[
          ...(rows.some((row) => row.strings === chosen)
            ? []
            : [[chosen, `${cellsInSeries} × ${chosen}`] as const]),
          ...rows.map((row) => {
            const planned = row.strings === strings ? ', as planned' : '';
            const from = formatAmps(roundedUp(row.fromAmps));
            return [
              row.strings,
              `${from} and more: ${cellsInSeries} × ${row.strings}${planned}`,
            ] as const;
          }),
        ]}
      />
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        The plan counts on a typical cell. With more strings in the bag, a weaker first cell spoils
        nothing.
      </Typography>
    </Card>
  );
}

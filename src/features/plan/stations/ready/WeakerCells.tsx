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
        value={String(chosen)}
        onChange={(value) =>
          edit((before) => ({
            ...before,
            lesson: {
              ...before.lesson,
              buyStrings: Number(value) === strings ? null : Number(value),
            },
          }))
        }
      >
        {rows.some((row) => row.strings === chosen) ? null : (
          <option value={chosen}>
            {cellsInSeries} × {chosen}
          </option>
        )}
        {rows.map((row) => (
          <option key={row.strings} value={row.strings}>
            {formatAmps(roundedUp(row.fromAmps))} and more: {cellsInSeries} × {row.strings}
            {row.strings === strings ? ', as planned' : ''}
          </option>
        ))}
      </Selection>
      <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
        The plan counts on a typical cell. With more strings in the bag, a weaker first cell spoils
        nothing.
      </Typography>
    </Card>
  );
}

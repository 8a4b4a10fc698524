'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { PART_IDS } from '@/core/physics/recipes/parts';
import { missingWords } from '@/core/work/parts/missingWords';
import { billWords } from '@/core/work/words/litWords';
import { Card } from '@/ui/Card';
import { fetched } from '@/ui/fetched';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

const HaveDialog = fetched(() => import('./HaveDialog').then((module) => module.HaveDialog));

/** Whether it is made from what there is, or what is missing is bought. */
export function SupplyCard() {
  const { have, lesson } = usePlan();
  const edit = useEdit();
  const { missing } = usePlanContext().evaluation;
  const [opened, setOpened] = useState(false);
  const owned = PART_IDS.flatMap((part) => {
    const amount = have?.[part] ?? 0;
    return amount > 0 ? [{ part, amount }] : [];
  });
  return (
    <Card title="Parts">
      {have === null ? (
        <Typography variant="body2" sx={{ mb: 1 }}>
          What the cupboard does not have is bought.
        </Typography>
      ) : (
        <>
          <Typography variant="body2" sx={{ mb: 1 }} data-testid="have-words">
            Made only from {owned.length === 0 ? 'nothing yet' : billWords(owned)}
            {lesson.groups === 1 ? '' : `, for ${lesson.groups} groups`}.
          </Typography>
          {missing.length === 0 ? null : (
            <Typography
              variant="body2"
              color="error"
              sx={{ mb: 1, fontWeight: 600 }}
              data-testid="missing-words"
            >
              {missingWords(missing)} missing.
            </Typography>
          )}
          <Button
            size="small"
            variant="outlined"
            sx={{ mr: 1, mb: 1 }}
            onClick={() => edit((before) => ({ ...before, have: null }))}
          >
            Buy what is missing
          </Button>
        </>
      )}
      <Button size="small" sx={{ mb: 1 }} onClick={() => setOpened(true)}>
        {have === null ? 'Only with what I have …' : 'Change what I have …'}
      </Button>
      {opened ? <HaveDialog onClose={() => setOpened(false)} /> : null}
    </Card>
  );
}

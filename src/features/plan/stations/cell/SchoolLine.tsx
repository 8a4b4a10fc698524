'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import { useMemo } from 'react';
import type { SchoolFigures } from '@/core/physics/readings/schoolFigures';
import { figuresOfSchool } from '@/core/records/school/figuresOfSchool';
import { schoolWords } from '@/core/records/school/schoolWords';
import { PageLink } from '@/ui/PageLink';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';

/** What the school's lessons have read of such cells, and whether the plan rests on it. Nothing where nobody read any. */
export function SchoolLine() {
  const plan = usePlan();
  const edit = useEdit();
  const { school, evaluation } = usePlanContext();
  const now = useMemo(() => figuresOfSchool(school.state, plan.cell), [school.state, plan.cell]);
  const taken = plan.cell.school;
  const use = (figures: SchoolFigures | null): void =>
    edit((before) => ({ ...before, cell: { ...before.cell, school: figures } }));
  if (taken === null) {
    return now === null ? null : (
      <Line>
        Your school has read such cells: {schoolWords(now)}.{' '}
        <Button size="small" onClick={() => use(now)}>
          Plan with them
        </Button>
      </Line>
    );
  }
  const isNewer = now !== null && JSON.stringify(now) !== JSON.stringify(taken);
  return (
    <Line>
      <strong>Yours: {schoolWords(taken)}.</strong>{' '}
      {evaluation.cell.origin === 'own'
        ? 'Your own readings count on top of them.'
        : 'The plan rests on them.'}{' '}
      {isNewer ? (
        <>
          By now they are {schoolWords(now)}.{' '}
          <Button size="small" onClick={() => use(now)}>
            Use these values
          </Button>
        </>
      ) : null}
      <Button size="small" onClick={() => use(null)}>
        Use the recipe’s values instead
      </Button>
    </Line>
  );
}

function Line({ children }: { readonly children: React.ReactNode }) {
  return (
    <Alert severity="info" icon={false} sx={{ mb: 1 }} data-testid="school-line">
      {children}{' '}
      <Link component={PageLink} href="/school" color="inherit">
        The cells
      </Link>
    </Alert>
  );
}

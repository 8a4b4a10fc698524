'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { cellsOfLesson } from '@/core/records/school/cellsOfLesson';
import { scoreOfLesson, withScore } from '@/core/records/school/lessonScores';
import { asPercentRounded } from '@/core/work/judging/verdict';
import { withCells } from '@/core/records/school/schoolSchema';
import { formatAmps, formatVolts } from '@/core/units';
import { withCellDecided } from '@/core/work/judging/planEdits';
import { Card } from '@/ui/Card';
import { useLog } from '@/ui/bench/LogProvider';
import { PageLink } from '@/ui/PageLink';
import { capital } from '@/core/words';
import { usePlan, usePlanContext } from '../../PlanProvider';
import { useBenchFacts } from '../../useBenchFacts';

/** Lets what the class read of single cells into the school's figures: the teacher says which, and that it shall. */
export function SchoolCard({ groups }: { readonly groups: readonly string[] }) {
  const plan = usePlan();
  const { open, school, evaluation } = usePlanContext();
  const { lines } = useLog();
  const { nameOf } = useBenchFacts();
  const found = useMemo(
    () => cellsOfLesson(withCellDecided(plan), open.id, groups, lines),
    [plan, open.id, groups, lines],
  );
  const score = useMemo(
    () => scoreOfLesson(plan, open.id, evaluation.classes.chance, groups, lines),
    [plan, open.id, evaluation.classes.chance, groups, lines],
  );
  /** What the teacher said of single cells, where it is not what the rule says. */
  const [said, setSaid] = useState<ReadonlyMap<string, boolean>>(new Map());
  if (found.length === 0) return null;
  const known = new Map(school.state.cells.map((cell) => [cell.id, cell]));
  const isWanted = ({ cell: { id }, isFarOff }: (typeof found)[number]): boolean =>
    said.get(id) ?? known.get(id)?.counted ?? !isFarOff;
  const wanted = found.filter(isWanted);
  const far = found.filter(({ isFarOff }) => isFarOff).length;
  const isIn = wanted.every(({ cell }) => {
    const there = known.get(cell.id);
    return (
      there !== undefined &&
      there.counted &&
      there.openVolts === cell.openVolts &&
      there.shortAmps === cell.shortAmps
    );
  });
  const put = (counted: typeof found): void => {
    const ids = new Set(counted.map(({ cell }) => cell.id));
    // What is in already and not wanted any more is taken out.
    const cells = found
      .filter(({ cell: { id } }) => ids.has(id) || known.has(id))
      .map(({ cell }) => ({ ...cell, counted: ids.has(cell.id) }));
    const next = withCells(school.state, cells);
    school.change(score === null || counted.length === 0 ? next : withScore(next, score));
    setSaid(new Map());
  };
  const changed = found.some((one) => {
    const there = known.get(one.cell.id);
    return there !== undefined && there.counted !== isWanted(one);
  });
  return (
    <Card title="For the next plan">
      <Typography variant="body2" sx={{ mb: 1 }}>
        The class read {found.length} single cells, by themselves or as steps of the stairs. Added,
        they become your school’s own figures for such cells
        {score === null
          ? '.'
          : `, and that ${score.lit} of ${score.batteries} batteries did what was wanted is kept with the promise of ${asPercentRounded(score.promised)} of 100.`}
        {evaluation.wiring.pairs === 1 || found.every(({ cell }) => cell.shortAmps === null)
          ? ''
          : ' Currents are brought to one pair of the usual size: that is why they are not those above.'}
        {far === 0
          ? ''
          : ` ${far} ${far === 1 ? 'reads' : 'read'} far from the others (median and MAD) and ${far === 1 ? 'is' : 'are'} left out unless you tick ${far === 1 ? 'it' : 'them'}.`}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, mb: 1 }}>
        {found.map((one) => {
          const { id, group, string, cell, openVolts, shortAmps } = one.cell;
          return (
            <FormControlLabel
              key={id}
              control={
                <Checkbox
                  size="small"
                  checked={isWanted(one)}
                  onChange={(_, chosen) => setSaid(new Map(said).set(id, chosen))}
                />
              }
              label={
                <Typography variant="body2" component="span">
                  {capital(nameOf(group))} {string === 1 ? '' : `string ${string} `}
                  {cell}: {formatVolts(openVolts)}
                  {shortAmps === null ? '' : `, ${formatAmps(shortAmps)}`}
                  {one.isFarOff ? ' ✕ far' : ''}
                </Typography>
              }
            />
          );
        })}
      </Box>
      {isIn && !changed ? (
        <Typography variant="body2" role="status">
          {wanted.length === 0
            ? 'None of them is among your school’s figures: tick those that shall be.'
            : `${wanted.length} of them are among your school’s figures.`}{' '}
          {wanted.length === 0 ? null : (
            <Button size="small" onClick={() => put([])}>
              Remove them again
            </Button>
          )}
        </Typography>
      ) : (
        <Button variant="outlined" onClick={() => put(wanted)}>
          Add these cells ({wanted.length})
        </Button>
      )}{' '}
      <Link component={PageLink} href="/school" color="inherit" variant="body2">
        All cells of your school
      </Link>
    </Card>
  );
}

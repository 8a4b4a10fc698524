'use client';

import { mainAndSide } from '@/ui/mainAndSide';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { cautionsOf, cautionsOfVolts } from '@/core/safety/cautions';
import { Card } from '@/ui/Card';
import { benchOfPlan } from '../benchOfPlan';
import { usePlan, usePlanContext } from '../PlanProvider';
import { BenchTableRow } from './BenchTableRow';
import { CautionList } from '@/ui/CautionList';
import { ReadingStairs } from './ReadingStairs';

/** Station 5, first form: one string, cell by cell, expected against read. */
export function BuildStation() {
  const { evaluation } = usePlanContext();
  const plan = usePlan();
  const rows = benchOfPlan(plan, evaluation);
  const { cell, source } = evaluation;
  return (
    <Box sx={mainAndSide(286)}>
      <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
        <ReadingStairs rows={rows} />
        <Card
          title="Readings"
          actions={
            <Typography variant="caption" color="textSecondary">
              type what the meter shows, for example 0.94, 0,94 or 940 mV
            </Typography>
          }
        >
          <Box sx={{ overflowX: 'auto' }}>
            <Table size="small" aria-label="Readings, expected against read">
              <TableHead>
                <TableRow>
                  <TableCell>after</TableCell>
                  <TableCell align="right">expected</TableCell>
                  <TableCell>read</TableCell>
                  <TableCell align="right">step</TableCell>
                  <TableCell>what it means</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {rows.map((row) => (
                  <BenchTableRow key={row.label} row={row} />
                ))}
              </TableBody>
            </Table>
          </Box>
        </Card>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <Card title="How to go about it">
          <Box component="ol" sx={{ pl: 2.25, m: 0, '& li': { mb: 0.75, fontSize: '0.87rem' } }}>
            <li>
              Build <strong>one</strong> cell. Volts first (2 V or 20 V range), red probe on copper
              (+), black on zinc (−).
            </li>
            <li>Then milliamps across that cell, for a second or two only.</li>
            <li>
              Add one cell at a time in series and read the volts after each: every cell should add
              a step.
            </li>
            <li>A step that is missing, small or backwards shows which cell is at fault.</li>
          </Box>
        </Card>
        <Card title="Before you go on">
          <CautionList
            cautions={[...cautionsOfVolts(source.emfVolts), ...cautionsOf(cell.recipe.cautions)]}
          />
        </Card>
      </Box>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { WorkedSolution } from '@/core/work/reality/workedSolution';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { KEYS_WHILE_NOT_TYPING } from '../document/useUndoKeys';
import { Card } from '../Card';
import { CautionList } from '../CautionList';
import { PrintIcon, ProjectorIcon } from '../icons';
import { ProjectorFrame } from '../ProjectorFrame';
import { SourceLinks } from '../SourceLinks';
import { VerdictPill } from '../VerdictPill';

interface AnswerCardProps {
  readonly answer: WorkedSolution;
  readonly printHref: string;
  /** Stands above the answer. */
  readonly children?: ReactNode;
}

/** A question worked out, every line of the sum visible; the same for the projector and on paper. */
export function AnswerCard({ answer, printHref, children }: AnswerCardProps) {
  const [projected, setProjected] = useState(false);
  useHotkeys('b', () => setProjected((before) => !before), KEYS_WHILE_NOT_TYPING);
  return (
    <Card
      title={answer.question}
      actions={
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button size="small" startIcon={<ProjectorIcon />} onClick={() => setProjected(true)}>
            Projector
          </Button>
          <Button
            size="small"
            startIcon={<PrintIcon />}
            component="a"
            href={printHref}
            target="_blank"
            rel="noreferrer"
          >
            Print
          </Button>
        </Box>
      }
    >
      {children}
      <Answer answer={answer} />
      {projected ? (
        <ProjectorFrame title={answer.question} onClose={() => setProjected(false)}>
          <Box
            sx={{
              '& td, & th, & p, & li, & div, & span': {
                fontSize: `${ROW_TEXT} !important`,
              },
              '& td, & th': { py: '0.25em' },
            }}
          >
            <Answer answer={answer} brief />
          </Box>
        </ProjectorFrame>
      ) : null}
    </Card>
  );
}

/** Every line of the sum fits onto the picture, and stands at least a fiftieth of it high. */
const ROW_TEXT = 'max(16px, 2.2vh)';

/** @param brief the answer and its sum only */
function Answer({
  answer,
  brief = false,
}: {
  readonly answer: WorkedSolution;
  readonly brief?: boolean;
}) {
  const { tone, headline, lines, remarks, origin, sources, cautions } = answer;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box data-testid="answer">
        <VerdictPill live tone={tone} headline={headline} details={[]} />
      </Box>
      {lines.length === 0 ? null : <SumTable lines={lines} />}
      {brief && lines.length > 0
        ? null
        : remarks.map((remark) => (
            <Typography key={remark} variant="body2">
              {remark}
            </Typography>
          ))}
      <CautionList cautions={cautionsOf(cautions)} />
      {brief ? null : (
        <>
          <Typography variant="caption" color="textSecondary">
            {origin}
          </Typography>
          <SourceLinks ids={sources} />
        </>
      )}
    </Box>
  );
}

function SumTable({ lines }: Pick<WorkedSolution, 'lines'>) {
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table size="small" aria-label="The sum">
        <TableHead>
          <TableRow>
            <TableCell>what</TableCell>
            <TableCell>the sum</TableCell>
            <TableCell align="right">Result</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {lines.map(({ what, sum, result }) => (
            <TableRow key={what}>
              <TableCell component="th" scope="row" sx={{ fontWeight: 600 }}>
                {what}
              </TableCell>
              <TableCell>{sum}</TableCell>
              <TableCell align="right" sx={{ fontWeight: 700 }}>
                {result}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import InputBase from '@mui/material/InputBase';
import { useState } from 'react';
import { planSchema } from '@/core/records/plan/planSchema';
import { SaveNote } from '@/ui/document/SaveNote';
import { UndoButtons } from '@/ui/document/UndoButtons';
import { HEADING_FONT } from '@/ui/theme';
import { ThemeSwitch } from '@/ui/ThemeSwitch';
import { useEdit, usePlan, usePlanContext } from './PlanProvider';
import { Hint } from '@/ui/Hint';
import { DownloadIcon, KeyboardIcon, ProjectorIcon } from '@/ui/icons';
import dynamic from 'next/dynamic';
import { TONES, verdictOf } from '@/core/work/judging/verdict';
import { runVerdict } from '@/core/work/running/runWords';
import { VerdictPill } from '@/ui/VerdictPill';
import { OwnVerdict } from './OwnVerdict';
import { useBatteryRun } from './useBatteryRun';

/** Title, verdict and the actions that work at every station. */
interface PlanHeaderProps {
  readonly station: string;
  readonly onHelp: () => void;
  readonly onProject: () => void;
}

export function PlanHeader({ station, onHelp, onProject }: PlanHeaderProps) {
  const { open } = usePlanContext();
  return (
    <Box
      component="header"
      sx={{
        display: { xs: 'contents', md: 'flex' },
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1.5,
        px: 2,
        py: 1,
        minHeight: 64,
        bgcolor: 'background.paper',
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Box sx={BAR}>
        <TitleField />
        <SaveNote {...open} />
        <HeaderActions onHelp={onHelp} onProject={onProject} />
      </Box>
      <Box sx={VERDICT_IN_VIEW}>
        <PlanVerdict station={station} />
      </Box>
    </Box>
  );
}

/** On wide windows one row with the verdict between title and actions; on narrow ones a row above it. */
const BAR = {
  display: { xs: 'flex', md: 'contents' },
  flexWrap: 'wrap',
  alignItems: 'center',
  columnGap: 1,
  px: 1.5,
  pt: 0.5,
  bgcolor: 'background.paper',
} as const;

/** Where the header would take half of the window, only the verdict stays while the page scrolls. */
const VERDICT_IN_VIEW = {
  flex: { md: '1 1 380px' },
  minWidth: 0,
  display: { xs: 'grid', md: 'flex' },
  order: { xs: 0, md: -1 },
  position: { xs: 'sticky', md: 'static' },
  top: 0,
  zIndex: { xs: 'appBar', md: 'auto' },
  px: { xs: 1, md: 0 },
  py: { xs: 0.5, md: 0 },
  bgcolor: 'background.paper',
  borderBottom: { xs: 1, md: 0 },
  borderColor: { xs: 'divider', md: 'divider' },
} as const;

function HeaderActions({ onHelp, onProject }: Omit<PlanHeaderProps, 'station'>) {
  const { open, undoable } = usePlanContext();
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: { xs: 0, lg: 0.5 },
        ml: 'auto',
      }}
    >
      <UndoButtons stores={undoable} />
      <Hint text="Export this plan as a file">
        <IconButton
          aria-label="Export this plan as a file"
          component="a"
          href={`/api/plans/${open.id}/export`}
          download
        >
          <DownloadIcon fontSize="small" />
        </IconButton>
      </Hint>
      <Hint text="Projector view (B)">
        <IconButton aria-label="Projector view" onClick={onProject}>
          <ProjectorIcon fontSize="small" />
        </IconButton>
      </Hint>
      <ThemeSwitch />
      <Hint text="Keys (?)">
        <IconButton aria-label="List of keys" onClick={onHelp}>
          <KeyboardIcon fontSize="small" />
        </IconButton>
      </Hint>
    </Box>
  );
}

function TitleField() {
  const plan = usePlan();
  const edit = useEdit();
  const [draft, setDraft] = useState<string | null>(null);
  const text = draft ?? plan.title;
  const parsed = planSchema.shape.title.safeParse(text);
  const problem = parsed.success ? null : (parsed.error.issues[0]?.message ?? null);
  return (
    <Box
      component="h1"
      sx={{
        m: 0,
        order: -2,
        flex: { xs: '1 1 100%', sm: '1 1 260px', md: '0 1 300px' },
        minWidth: 0,
        '& > span': { width: '100%' },
      }}
    >
      <Hint text={problem ?? ''} open={problem !== null}>
        <InputBase
          value={text}
          fullWidth
          error={problem !== null}
          inputProps={{ 'aria-label': 'Title of the plan', 'aria-invalid': problem !== null }}
          onChange={(event) => {
            const typed = event.target.value;
            setDraft(typed);
            const usable = planSchema.shape.title.safeParse(typed);
            if (usable.success) edit((before) => ({ ...before, title: usable.data }), 'title');
          }}
          onBlur={() => setDraft(null)}
          sx={{
            fontFamily: HEADING_FONT,
            fontSize: '1.2rem',
            fontWeight: 600,
            lineHeight: 1.2,
            borderBottom: '1px solid transparent',
            '&:hover, &.Mui-focused': { borderColor: 'divider' },
            '& input': { textOverflow: 'ellipsis' },
          }}
        />
      </Hint>
    </Box>
  );
}

/** Only the bench asks for what its readings should be. */
const BenchVerdict = dynamic(() => import('./BenchVerdict').then((module) => module.BenchVerdict));

/** The verdict line: the plan's own, or at the bench the first reading that is not as it should be. */
export function PlanVerdict({ station }: { station: string }) {
  if (station === 'build') return <BenchVerdict />;
  return station === 'run' ? <RunVerdict /> : <OwnVerdict />;
}

/** On leaving it running; the plan’s own until that is worked out. */
function RunVerdict() {
  const { minutes } = usePlan();
  const { evaluation } = usePlanContext();
  const { need } = evaluation;
  const run = useBatteryRun();
  if (run === null) return <OwnVerdict />;
  const left = runVerdict(run.run, need, minutes, evaluation.target);
  const own = verdictOf(evaluation);
  // What the whole class makes of it counts here too.
  return TONES.indexOf(own.tone) < TONES.indexOf(left.tone) ? (
    <VerdictPill live brief tone={own.tone} headline={own.headline} details={[left.headline]} />
  ) : (
    <VerdictPill live brief {...left} />
  );
}

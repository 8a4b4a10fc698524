'use client';

import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import { useRouter, useSearchParams, useSelectedLayoutSegment } from 'next/navigation';
import { type ReactNode, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { LogLine } from '@/core/records/logbook/logEntry';
import type { SchoolState } from '@/core/records/school/schoolSchema';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import type { Plan } from '@/core/records/plan/planSchema';
import type { FoundTool } from '@/ui/document/useTool';
import { groupName } from '@/core/work/preparation/groupNames';
import { DEFERRAL } from '@/core/physics/safety/deferral';
import { InertUntilHydrated } from '@/ui/plain/InertUntilHydrated';
import { LogProvider } from '@/ui/bench/LogProvider';
import { useTour } from '@/ui/tour/useTour';
import { PlanHeader } from './PlanHeader';
import { PlanProvider, usePlanContext } from './PlanProvider';
import type { RecipeOnOffer } from './recipeOnOffer';
import { StationRail } from './StationRail';
import { BenchChoiceContext } from './benchChoice';
import { BatteryRunContext, useWorkedRun } from './useBatteryRun';
import { useShortcuts } from './useShortcuts';
import { lazyPart } from '@/ui/lazyPart';
import { PageLink } from '@/ui/PageLink';
import { STATION_SLUGS, WHAT_HAPPENS } from '@/core/work/stations/whatHappens';
import { Explained } from '@/ui/Explained';

const ProjectorView = lazyPart(() =>
  import('./ProjectorView').then((module) => module.ProjectorView),
);
const BenchProjector = lazyPart(() =>
  import('./BenchProjector').then((module) => module.BenchProjector),
);
const ShortcutList = lazyPart(() => import('./ShortcutList').then((module) => module.ShortcutList));

interface PlanWorkspaceProps {
  readonly id: string;
  readonly initialPlan: Plan;
  readonly initialRevision: number;
  readonly ownRecipes: readonly RecipeOnOffer[];
  readonly cupboardFound: FoundTool<CupboardState>;
  readonly schoolFound: FoundTool<SchoolState>;
  readonly initialLog: readonly LogLine[];
  readonly children: ReactNode;
}

/** An open plan: header with the verdict, rail with the six stations, and the station itself. */
export function PlanWorkspace({ children, initialLog, ...plan }: PlanWorkspaceProps) {
  return (
    <PlanProvider key={plan.id} {...plan}>
      <LogProvider initial={initialLog} author="teacher" postUrl={`/api/lessons/${plan.id}/log`}>
        <BenchChoiceProvider>
          <RunProvider>
            <Frame>{children}</Frame>
          </RunProvider>
        </BenchChoiceProvider>
      </LogProvider>
    </PlanProvider>
  );
}

/** Rail, verdict and the last station share one run. */
function RunProvider({ children }: { children: ReactNode }) {
  return <BatteryRunContext value={useWorkedRun()}>{children}</BatteryRunContext>;
}

/** The bench keeps showing the same group while other stations are visited. */
function BenchChoiceProvider({ children }: { children: ReactNode }) {
  const [choice, setChoice] = useState({ group: groupName(0), string: 1 });
  const value = useMemo(
    () => ({
      ...choice,
      choose: (change: { readonly group?: string; readonly string?: number }) =>
        setChoice((before) => ({ ...before, ...change })),
    }),
    [choice],
  );
  return <BenchChoiceContext value={value}>{children}</BenchChoiceContext>;
}

/** The address without the tour, so that going back does not begin it again. */
function leaveTour(): void {
  window.history.replaceState(null, '', window.location.pathname);
}

/** To what asks about this plan from outside its stations, and back to the shelf. */
function WaysOut({ id }: { readonly id: string }) {
  return (
    <Box sx={{ display: 'grid', gap: 0.5, justifyItems: 'start' }}>
      <Link component={PageLink} href={`/plans/${id}/reality`} color="inherit" variant="body2">
        Reality check with this cell
      </Link>
      <Box sx={{ display: 'flex', gap: 2 }}>
        <Link component={PageLink} href="/" color="inherit" variant="body2">
          Back to the shelf
        </Link>
        <Link component={PageLink} href="/help" color="inherit" variant="body2">
          Help
        </Link>
      </Box>
    </Box>
  );
}

/** Its parts are rows of the page itself where only the verdict stays: what sticks stays within what holds it. */
const HEADER_IN_VIEW = {
  display: { xs: 'contents', md: 'block' },
  '& > div': { display: { xs: 'contents', md: 'block' } },
  position: { md: 'sticky' },
  top: 0,
  zIndex: 'appBar',
} as const;

function Frame({ children }: { children: ReactNode }) {
  const station = useSelectedLayoutSegment() ?? 'power';
  const { id } = usePlanContext().open;
  const [helpOpen, setHelpOpen] = useState(false);
  const openHelp = useCallback(() => setHelpOpen(true), []);
  const [projected, setProjected] = useState(false);
  const router = useRouter();
  const part = useSearchParams().get('part');
  const toggleProjector = useCallback(() => {
    // Its answer has a view of its own.
    if (station === 'reality') return;
    if (station === 'build' && part === 'board') router.push(`/wall/${id}`);
    else setProjected((before) => !before);
  }, [router, station, part, id]);
  useShortcuts(openHelp, toggleProjector);
  // A station opens at its top; coming back to the page, the browser knows where it was.
  const shown = useRef(station);
  useEffect(() => {
    if (shown.current !== station) document.documentElement.scrollTop = 0;
    shown.current = station;
  }, [station]);
  useTour(useSearchParams().get('tour') === '1', leaveTour);
  return (
    <Box sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column' }}>
      <Box sx={HEADER_IN_VIEW}>
        <InertUntilHydrated>
          <PlanHeader station={station} onHelp={openHelp} onProject={toggleProjector} />
        </InertUntilHydrated>
      </Box>
      <Box
        sx={{ flex: 1, display: 'flex', flexDirection: { xs: 'column', md: 'row' }, minHeight: 0 }}
      >
        <Box
          component="aside"
          aria-label="The plan at a glance"
          sx={{
            width: { md: 236 },
            flexShrink: 0,
            p: 1.25,
            borderRight: { md: 1 },
            borderBottom: { xs: 1, md: 0 },
            // Responsive borders reset the colour, so it is responsive too.
            borderColor: { xs: 'divider', md: 'divider' },
            display: 'flex',
            flexDirection: 'column',
            justifyContent: 'space-between',
            gap: 2,
            position: { md: 'sticky' },
            top: { md: 66 },
            height: { md: '100vh' },
            maxHeight: { md: 'calc(100vh - 66px)' },
            overflowY: { md: 'auto' },
          }}
        >
          <StationRail current={station} />
          <Box sx={{ px: 1, display: { xs: 'none', md: 'block' } }}>
            <StationHelp station={station} />
            <WaysOut id={id} />
            <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
              {DEFERRAL}
            </Typography>
          </Box>
        </Box>
        <Box
          component="main"
          id="content"
          tabIndex={-1}
          sx={{ flex: 1, minWidth: 0, p: { xs: 1.5, md: 1.75 } }}
        >
          <InertUntilHydrated>{children}</InertUntilHydrated>
        </Box>
      </Box>
      <Box component="footer" sx={{ display: { xs: 'block', md: 'none' }, p: 2 }}>
        <StationHelp station={station} />
        <WaysOut id={id} />
        <Typography variant="caption" color="textSecondary" component="p">
          {DEFERRAL}
        </Typography>
      </Box>
      {projected && station === 'build' ? <BenchProjector onClose={toggleProjector} /> : null}
      {projected && station !== 'build' ? <ProjectorView onClose={toggleProjector} /> : null}
      {helpOpen ? <ShortcutList onClose={() => setHelpOpen(false)} /> : null}
    </Box>
  );
}

/** What happens at this station, and the lamp of the scenario worked through it. */
export function StationHelp({ station }: { readonly station: string }) {
  const slug = STATION_SLUGS.find((one) => one === station);
  if (slug === undefined) return null;
  return (
    <Box component="section" aria-label="What happens here" sx={{ mb: 1.5 }}>
      <Typography variant="caption" component="p" color="textSecondary">
        {WHAT_HAPPENS[slug]}
      </Typography>
      <Typography variant="body2" component="div" sx={{ mt: 0.5 }}>
        <Explained
          explain={async () => (await import('@/core/work/stations/stationHelp')).exampleAt(slug)}
        >
          A worked example
        </Explained>
      </Typography>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState, type ReactNode } from 'react';
import { ExpandMoreIcon } from '@/ui/icons';
import { HEADING_FONT } from '@/ui/theme';
import { usePlan, usePlanContext } from './PlanProvider';
import { useReadings } from '@/ui/bench/LogProvider';
import { PageLink } from '@/ui/PageLink';
import { useBatteryRun } from './useBatteryRun';
import { useBenchChoice } from './benchChoice';
import { STATIONS, type Station } from './stations';

/** All six stations, each with its answer so far. */
export function StationRail({ current }: { current: string }) {
  const { open, evaluation } = usePlanContext();
  const plan = usePlan();
  const { group } = useBenchChoice();
  const readings = useReadings(group);
  const bench = { group, readings, run: useBatteryRun()?.run ?? null };
  // On a phone they are one line that opens; going on closes it.
  const [openAt, setOpenAt] = useState<string | null>(null);
  const isOpen = openAt === current;
  const number = STATIONS.findIndex(({ slug }) => slug === current) + 1;
  const here = STATIONS[number - 1];
  return (
    <Box component="nav" aria-label="Stations of the plan">
      {here === undefined ? null : (
        <Button
          aria-expanded={isOpen}
          onClick={() => setOpenAt(isOpen ? null : current)}
          endIcon={<ExpandMoreIcon sx={{ transform: isOpen ? 'rotate(180deg)' : 'none' }} />}
          sx={{ display: { md: 'none' }, width: '100%', justifyContent: 'space-between' }}
        >
          Step {number} of {STATIONS.length}: {here.name}
        </Button>
      )}
      <Box
        component="ol"
        sx={{
          listStyle: 'none',
          m: 0,
          p: 0,
          display: { xs: isOpen || here === undefined ? 'grid' : 'none', md: 'block' },
          gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr' },
        }}
      >
        {STATIONS.map((station, index) => (
          <li key={station.slug}>
            <StationLink
              href={`/plans/${open.id}/${station.slug}`}
              station={station}
              number={index + 1}
              current={station.slug === current}
              answered={station.answered(plan, evaluation, bench)}
            >
              {station.answer(plan, evaluation, bench)}
            </StationLink>
          </li>
        ))}
      </Box>
    </Box>
  );
}

interface StationLinkProps {
  readonly href: string;
  readonly station: Station;
  readonly number: number;
  readonly current: boolean;
  readonly answered: boolean;
  readonly children: ReactNode;
}

function StationLink({ href, station, number, current, answered, children }: StationLinkProps) {
  const content = (
    <>
      <Box
        aria-hidden
        sx={{
          width: '1.625rem',
          height: '1.625rem',
          borderRadius: '50%',
          flexShrink: 0,
          display: 'grid',
          placeItems: 'center',
          border: 1,
          borderColor: current ? 'primary.main' : answered ? 'success.main' : 'divider',
          bgcolor: current ? 'primary.main' : answered ? 'success.light' : 'background.paper',
          color: current ? 'primary.contrastText' : answered ? 'success.main' : 'text.primary',
          fontFamily: HEADING_FONT,
          fontWeight: 600,
        }}
      >
        {number}
      </Box>
      <Box sx={{ textAlign: 'left', minWidth: 0 }}>
        <Box sx={{ fontWeight: 600, fontSize: '0.92rem' }}>{station.name}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: '0.8rem', lineHeight: 1.4 }}>{children}</Box>
      </Box>
    </>
  );
  const look = {
    display: 'flex',
    alignItems: 'flex-start',
    justifyContent: 'flex-start',
    width: '100%',
    fontFamily: 'inherit',
    gap: 1.25,
    p: 1,
    my: 0.4,
    borderRadius: 1,
    border: 1.5,
    borderColor: current ? 'primary.main' : 'transparent',
    bgcolor: current ? 'background.paper' : 'transparent',
  } as const;
  return (
    <ButtonBase
      component={PageLink}
      href={href}
      aria-current={current ? 'step' : undefined}
      sx={{
        ...look,
        '&:hover': { borderColor: 'primary.main' },
        '&:focus-visible': { outline: 2 },
      }}
    >
      {content}
    </ButtonBase>
  );
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { exampleAt, STATION_SLUGS, WHAT_HAPPENS } from '@/core/work/stations/stationHelp';
import { Explained } from '@/ui/Explained';

/** What happens at this station, in two lines, and the lamp of the scenario worked through it. */
export function StationHelp({ station }: { readonly station: string }) {
  const slug = STATION_SLUGS.find((one) => one === station);
  if (slug === undefined) return null;
  return (
    <Box component="section" aria-label="What happens here" sx={{ mb: 1.5 }}>
      <Typography variant="body2" sx={{ fontWeight: 700 }}>
        What happens here
      </Typography>
      {WHAT_HAPPENS[slug].map((line) => (
        <Typography key={line} variant="caption" component="p" color="textSecondary">
          {line}
        </Typography>
      ))}
      <Typography variant="body2" component="div" sx={{ mt: 0.5 }}>
        <Explained explain={() => exampleAt(slug)}>A worked example</Explained>
      </Typography>
    </Box>
  );
}

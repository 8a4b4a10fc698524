'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  leftOverWords,
  litFigures,
  litHeadline,
  litWiring,
  moreWords,
  onlyLedWords,
  usesWords,
} from '@/core/work/words/litWords';
import type { LitThing, WhatCanBeLit } from '@/core/work/search/whatCanBeLit';
import { HEADING_FONT } from '../theme';

interface LitListProps {
  readonly answer: WhatCanBeLit;
  readonly disabled: boolean;
  readonly onPlan: (thing: LitThing) => void;
}

/** What can be lit, brightest and longest first, and what a few parts more would do. */
export function LitList({ answer: { things, more, withLed }, disabled, onPlan }: LitListProps) {
  return (
    <>
      {things.length === 0 ? (
        <Alert severity="info" sx={{ mb: 1.5 }}>
          {withLed === null
            ? 'Nothing that is on the list can be lit or run with these parts. It takes an LED or a device, two different metals, something wet, and leads.'
            : onlyLedWords(withLed)}
        </Alert>
      ) : null}
      <Box
        component="ul"
        aria-label="What can be lit"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1.25 }}
      >
        {things.map((thing, index) => (
          <Thing
            key={litHeadline(thing)}
            thing={thing}
            first={index === 0}
            disabled={disabled}
            onPlan={() => onPlan(thing)}
          />
        ))}
      </Box>
      {more.length === 0 ? null : (
        <Alert severity="warning" icon={false} sx={{ mt: 2 }} data-testid="more-would-do">
          {more.map((one) => (
            <Typography key={moreWords(one)} variant="body2">
              {moreWords(one)}
            </Typography>
          ))}
        </Alert>
      )}
    </>
  );
}

interface ThingProps {
  readonly thing: LitThing;
  readonly first: boolean;
  readonly disabled: boolean;
  readonly onPlan: () => void;
}

function Thing({ thing, first, disabled, onPlan }: ThingProps) {
  const headline = litHeadline(thing);
  const left = leftOverWords(thing);
  const { recommended } = thing.candidate;
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        alignItems: 'center',
        gap: 1.5,
        p: first ? 2 : 1.5,
        bgcolor: 'background.paper',
        border: first ? 2 : 1,
        borderColor: first ? (recommended ? 'success.main' : 'warning.main') : 'divider',
        borderRadius: 2,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography
          component="h3"
          sx={
            first
              ? { fontFamily: HEADING_FONT, fontSize: '1.25rem', fontWeight: 600 }
              : { fontWeight: 700 }
          }
        >
          {headline}
        </Typography>
        <Typography variant="body2">
          {litWiring(thing)}
          {first ? ` · uses ${usesWords(thing)}` : ''}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {litFigures(thing)}
          {first && left !== '' ? ` · left over: ${left}` : ''}
        </Typography>
      </Box>
      <Button
        variant={first ? 'contained' : 'outlined'}
        disabled={disabled}
        onClick={onPlan}
        aria-label={`Plan that: ${headline}`}
        sx={{ whiteSpace: 'nowrap' }}
      >
        Plan that
      </Button>
    </Box>
  );
}

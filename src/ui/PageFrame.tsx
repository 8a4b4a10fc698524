import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { DEFERRAL } from '@/core/physics/safety/deferral';
import { PageLink } from './PageLink';
import { InertUntilHydrated } from './plain/InertUntilHydrated';
import { ThemeSwitch } from './ThemeSwitch';

interface PageFrameProps {
  readonly heading: ReactNode;
  /** A line under the heading. */
  readonly subtitle?: string;
  /** The shelf where nothing is said; `null`: this is where all ways lead to. */
  readonly back?: { readonly href: string; readonly name: string } | null;
  /** Controls at the right of the heading. */
  readonly actions?: ReactNode;
  /** Widest that the page becomes, pixels. */
  readonly widest?: number;
  readonly children: ReactNode;
}

const TO_THE_SHELF = { href: '/', name: 'Back to the shelf' } as const;

/** A page beside the plans: way back, heading, its controls, and the deferral to local rules below. */
export function PageFrame(props: PageFrameProps) {
  const { heading, subtitle, back = TO_THE_SHELF, actions, widest = 1240, children } = props;
  return (
    <Box sx={{ maxWidth: widest, mx: 'auto', p: { xs: 2, md: 3 } }}>
      <Box
        component="header"
        sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mb: 2 }}
      >
        <Box sx={{ flex: 1, minWidth: 260 }}>
          {back === null ? null : (
            <Link component={PageLink} href={back.href} color="inherit" variant="body2">
              {back.name}
            </Link>
          )}
          {typeof heading === 'string' ? <Typography variant="h1">{heading}</Typography> : heading}
          {subtitle === undefined ? null : (
            <Typography color="textSecondary">{subtitle}</Typography>
          )}
        </Box>
        {back === null ? (
          actions
        ) : (
          <InertUntilHydrated
            style={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}
          >
            {actions}
          </InertUntilHydrated>
        )}
        <ThemeSwitch />
      </Box>
      {back === null ? (
        <main id="content" tabIndex={-1}>
          {children}
        </main>
      ) : (
        <InertUntilHydrated as="main" id="content" tabIndex={-1}>
          {children}
        </InertUntilHydrated>
      )}
      <Typography
        component="footer"
        variant="caption"
        color="textSecondary"
        sx={{ display: 'block', mt: 3, maxWidth: 760 }}
      >
        {DEFERRAL}
      </Typography>
    </Box>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useSearchParams } from 'next/navigation';
import { drillKeySchema, type DrillKey } from '@/core/drill/makeDrill';
import { DEFERRAL } from '@/core/safety/cautions';
import { ThemeSwitch } from '@/ui/ThemeSwitch';
import { DrillBench } from './DrillBench';
import { DrillChoice, showDrill } from './DrillChoice';

const FIRST: DrillKey = { level: 1, seed: 1 };

/** The trainer: a battery with a hidden fault, two probes and a meter. The address names level and number. */
export function DrillPage() {
  const params = useSearchParams();
  const parsed = drillKeySchema.safeParse({
    level: params.get('level') ?? FIRST.level,
    seed: params.get('seed') ?? FIRST.seed,
  });
  return (
    <Box sx={{ maxWidth: 1240, mx: 'auto', p: { xs: 2, md: 3 } }}>
      <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 1.5 }}>
        <Box sx={{ flex: 1 }}>
          <Link component={NextLink} href="/" color="inherit" variant="body2">
            Back to the shelf
          </Link>
          <Typography variant="h1">Fault drill</Typography>
        </Box>
        <ThemeSwitch />
      </Box>
      <Box component="main">
        {parsed.success ? (
          <>
            <DrillChoice drillKey={parsed.data} />
            <DrillBench key={`${parsed.data.level} ${parsed.data.seed}`} drillKey={parsed.data} />
          </>
        ) : (
          <Alert
            severity="error"
            action={
              <Button color="inherit" size="small" onClick={() => showDrill(FIRST)}>
                To the first drill
              </Button>
            }
          >
            There is no such drill. {parsed.error.issues.map(({ message }) => message).join(' ')}
          </Alert>
        )}
      </Box>
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

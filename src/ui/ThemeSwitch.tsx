'use client';

import IconButton from '@mui/material/IconButton';
import { useColorScheme } from '@mui/material/styles';
import { Hint } from './Hint';
import { DarkIcon, LightIcon } from './icons';
import { useListening } from './plain/useListening';

/** Light paper or dark: as the system is set until somebody chooses, which this browser remembers. */
export function ThemeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  // The server does not know what this browser remembers.
  const listening = useListening();
  const dark = listening && (mode === 'system' ? systemMode : mode) === 'dark';
  const what = dark ? 'Light theme' : 'Dark theme';
  return (
    <Hint text={what}>
      <IconButton aria-label={what} onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? <LightIcon fontSize="small" /> : <DarkIcon fontSize="small" />}
      </IconButton>
    </Hint>
  );
}

'use client';

import DarkIcon from '@mui/icons-material/DarkModeOutlined';
import LightIcon from '@mui/icons-material/LightModeOutlined';
import IconButton from '@mui/material/IconButton';
import { useColorScheme } from '@mui/material/styles';
import { useSyncExternalStore } from 'react';
import { Hint } from './Hint';

const neverChanges = () => () => undefined;

/** Light paper or dark; remembered in this browser. */
export function ThemeSwitch() {
  const { mode, setMode } = useColorScheme();
  // The server does not know what this browser remembers.
  const hydrated = useSyncExternalStore(
    neverChanges,
    () => true,
    () => false,
  );
  const dark = hydrated && mode === 'dark';
  const what = dark ? 'Light theme' : 'Dark theme';
  return (
    <Hint text={what}>
      <IconButton aria-label={what} onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? <LightIcon fontSize="small" /> : <DarkIcon fontSize="small" />}
      </IconButton>
    </Hint>
  );
}

'use client';

import DarkIcon from '@mui/icons-material/DarkModeOutlined';
import LightIcon from '@mui/icons-material/LightModeOutlined';
import IconButton from '@mui/material/IconButton';
import { useColorScheme } from '@mui/material/styles';
import { Hint } from './Hint';

/** Light paper or dark; remembered in this browser. */
export function ThemeSwitch() {
  const { mode, setMode } = useColorScheme();
  const dark = mode === 'dark';
  const what = dark ? 'Light theme' : 'Dark theme';
  return (
    <Hint text={what}>
      <IconButton aria-label={what} onClick={() => setMode(dark ? 'light' : 'dark')}>
        {dark ? <LightIcon fontSize="small" /> : <DarkIcon fontSize="small" />}
      </IconButton>
    </Hint>
  );
}

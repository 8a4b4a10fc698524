'use client';

import { useColorScheme } from '@mui/material/styles';
import { DARK_ROLES, LIGHT_ROLES, type Roles } from './roles';

/** Colour values of the scheme in force, for pictures that cannot use CSS variables. */
export function useRoles(): Roles {
  const { mode, systemMode } = useColorScheme();
  const resolved = mode === 'system' ? systemMode : mode;
  return resolved === 'dark' ? DARK_ROLES : LIGHT_ROLES;
}

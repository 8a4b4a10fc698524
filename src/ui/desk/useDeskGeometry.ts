import useMediaQuery from '@mui/material/useMediaQuery';
import { ON_A_PHONE } from '../onAPhone';
import { useMemo } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import { deskGeometry } from '@/core/physics/desk/deskGeometry';

/** A desk is moved under the finger rather than drawn smaller than this. */
export const LEAST_SCALE = 0.92;

/** Where everything stands, laid out for the device: on a phone the load stands under the battery. */
export function useDeskGeometry(desk: Desk) {
  const narrow = useMediaQuery(ON_A_PHONE);
  return useMemo(() => deskGeometry(desk, narrow ? 'narrow' : 'wide'), [desk, narrow]);
}

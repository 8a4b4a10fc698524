import type { ReactNode } from 'react';
import { LIGHT_ROLES } from '../roles';
import { themeVariables } from './themeVariables';

/** What the theme gives a page, for pages without it. */
const LOOK = {
  ...themeVariables(LIGHT_ROLES),
  minHeight: '100vh',
  background: LIGHT_ROLES.paper,
  color: LIGHT_ROLES.ink,
  fontFamily: '"Atkinson Hyperlegible Next Variable", "Atkinson Hyperlegible Next", sans-serif',
  fontVariantNumeric: 'tabular-nums',
};

export function PlainBody({ children }: { readonly children: ReactNode }) {
  return <div style={LOOK}>{children}</div>;
}

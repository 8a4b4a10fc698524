import type { ReactNode } from 'react';
import { LIGHT_ROLES, type Roles } from '../roles';

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

/** The theme’s variables that the plain pieces and the drawings use, from the same roles. Light only. */
export function themeVariables(roles: Roles): Readonly<Record<string, string>> {
  return {
    '--mui-palette-primary-main': roles.copper,
    '--mui-palette-primary-light': roles.copperSoft,
    '--mui-palette-primary-contrastText': '#FFFFFF',
    '--mui-palette-secondary-main': roles.zinc,
    '--mui-palette-success-main': roles.leaf,
    '--mui-palette-success-light': roles.leafSoft,
    '--mui-palette-warning-main': roles.amber,
    '--mui-palette-warning-light': roles.amberSoft,
    '--mui-palette-error-main': roles.red,
    '--mui-palette-error-light': roles.redSoft,
    '--mui-palette-error-contrastText': '#FFFFFF',
    '--mui-palette-info-main': roles.zinc,
    '--mui-palette-background-default': roles.paper,
    '--mui-palette-background-paper': roles.card,
    '--mui-palette-text-primary': roles.ink,
    '--mui-palette-text-secondary': roles.softInk,
    '--mui-palette-divider': roles.rule,
    '--mui-palette-action-hover': 'rgba(0, 0, 0, 0.04)',
  };
}

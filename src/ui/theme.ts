'use client';

import { createTheme } from '@mui/material/styles';
import { DARK_ROLES, LIGHT_ROLES, type Roles } from './roles';

const TEXT_FONT = '"Atkinson Hyperlegible Next Variable", "Atkinson Hyperlegible Next", sans-serif';
export const HEADING_FONT = '"Fraunces Variable", Fraunces, Georgia, serif';

/** MUI's palette from our roles, so that its components and our drawings share the same CSS variables. */
function paletteOf(roles: Roles, onCopper: string) {
  return {
    primary: {
      main: roles.copper,
      light: roles.copperSoft,
      dark: roles.copper,
      contrastText: onCopper,
    },
    secondary: { main: roles.zinc, light: roles.zinc, dark: roles.zinc, contrastText: onCopper },
    success: { main: roles.leaf, light: roles.leafSoft, dark: roles.leaf, contrastText: onCopper },
    warning: {
      main: roles.amber,
      light: roles.amberSoft,
      dark: roles.amber,
      contrastText: onCopper,
    },
    error: { main: roles.red, light: roles.redSoft, dark: roles.red, contrastText: onCopper },
    info: { main: roles.zinc, light: roles.rule, dark: roles.zinc, contrastText: onCopper },
    background: { default: roles.paper, paper: roles.card },
    text: { primary: roles.ink, secondary: roles.softInk },
    divider: roles.rule,
  };
}

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data' },
  colorSchemes: {
    light: { palette: paletteOf(LIGHT_ROLES, '#FFFFFF') },
    dark: { palette: paletteOf(DARK_ROLES, '#171C1F') },
  },
  shape: { borderRadius: 10 },
  typography: {
    fontFamily: TEXT_FONT,
    fontSize: 14,
    h1: { fontFamily: HEADING_FONT, fontSize: '1.45rem', fontWeight: 600, lineHeight: 1.2 },
    h2: { fontFamily: HEADING_FONT, fontSize: '1.06rem', fontWeight: 600, lineHeight: 1.3 },
    h3: { fontFamily: HEADING_FONT, fontSize: '1rem', fontWeight: 600, lineHeight: 1.3 },
    h6: { fontFamily: HEADING_FONT, fontSize: '1.15rem', fontWeight: 600, lineHeight: 1.3 },
    button: { textTransform: 'none', fontWeight: 500 },
    body1: { fontSize: '0.95rem' },
    body2: { fontSize: '0.85rem' },
    caption: { fontSize: '0.78rem' },
  },
  components: {
    // The library's own shades of these roles end near black in the dark theme.
    MuiAlert: {
      styleOverrides: {
        root: {
          color: 'var(--mui-palette-text-primary)',
          '&.MuiAlert-colorWarning': { backgroundColor: 'var(--mui-palette-warning-light)' },
          '&.MuiAlert-colorError': { backgroundColor: 'var(--mui-palette-error-light)' },
          '&.MuiAlert-colorSuccess': { backgroundColor: 'var(--mui-palette-success-light)' },
          '&.MuiAlert-colorInfo': { backgroundColor: 'var(--mui-palette-action-hover)' },
        },
      },
    },
    // Below a title the library leaves no room for the label of a first field.
    MuiDialogContent: {
      styleOverrides: { root: { '.MuiDialogTitle-root + &': { paddingTop: 10 } } },
    },
    MuiCssBaseline: {
      styleOverrides: {
        body: { fontVariantNumeric: 'tabular-nums' },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            animationDuration: '0.01ms !important',
            // No time at all: of nested elements each would wait for the one around it.
            transitionDuration: '0s !important',
          },
        },
      },
    },
    // The usual grey of a choice not taken is too pale on our paper.
    MuiToggleButton: { styleOverrides: { root: { color: 'var(--mui-palette-text-secondary)' } } },
    // High enough for a finger, wherever in a sentence they stand.
    MuiLink: { styleOverrides: { root: { paddingBlock: 4 } } },
    // Its letters grow with the reader's size.
    MuiChip: {
      styleOverrides: {
        root: { height: 'auto', minHeight: 32, '&.MuiChip-sizeSmall': { minHeight: 24 } },
        label: { whiteSpace: 'normal', paddingBlock: 2 },
      },
    },
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiPaper: { defaultProps: { elevation: 0 } },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiAppBar: { defaultProps: { elevation: 0 } },
  },
});

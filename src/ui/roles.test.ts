import { getContrastRatio } from '@mui/material/styles';
import { hex } from 'wcag-contrast';
import { DARK_ROLES, LIGHT_ROLES, type Roles } from './roles';

/** WCAG 2.2, success criterion 1.4.3: text 4.5 : 1; 1.4.11: what must be told apart 3 : 1. */
const TEXT = 4.5;
const SHAPE = 3;

const ON_BOTH: readonly (keyof Roles)[] = [
  'ink',
  'softInk',
  'copper',
  'zinc',
  'leaf',
  'amber',
  'red',
];
const ON_SOFT: readonly [keyof Roles, keyof Roles][] = [
  ['leaf', 'leafSoft'],
  ['amber', 'amberSoft'],
  ['red', 'redSoft'],
  ['copper', 'copperSoft'],
  ['ink', 'copperSoft'],
];

/**
 * @check contrast of text and of what must be told apart, in both themes
 * @origin published: WCAG 2.2, success criteria 1.4.3 and 1.4.11
 * @tolerance 4.5 : 1 and 3 : 1 at least
 * @covers rest
 */
describe.each([
  ['light', LIGHT_ROLES],
  ['dark', DARK_ROLES],
])('%s', (_, roles) => {
  test.each(ON_BOTH)('%s can be read on paper and card', (role) => {
    expect(hex(roles[role], roles.paper)).toBeGreaterThanOrEqual(TEXT);
    expect(hex(roles[role], roles.card)).toBeGreaterThanOrEqual(TEXT);
  });

  test.each(ON_SOFT)('%s can be read on %s', (role, ground) => {
    const least = role === 'copper' ? SHAPE : TEXT;
    expect(hex(roles[role], roles[ground])).toBeGreaterThanOrEqual(least);
  });
});

/**
 * @check the contrast that the theme’s library computes
 * @origin library: wcag-contrast
 * @tolerance 0.05: one of them rounds the luminance to a thousandth
 */
test('both libraries find the same contrast', () => {
  for (const { paper, ink, copper, red } of [LIGHT_ROLES, DARK_ROLES]) {
    for (const role of [ink, copper, red]) {
      expect(Math.abs(getContrastRatio(role, paper) - hex(role, paper))).toBeLessThan(0.05);
    }
  }
});

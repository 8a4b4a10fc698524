import { LIGHT_ROLES } from '../roles';
import { theme } from '../theme';
import { themeVariables } from './PlainBody';

test('pages without the theme have the colours of the theme', () => {
  const palette = new Map<string, unknown>();
  const walk = (value: unknown, name: string): void => {
    if (typeof value !== 'object' || value === null) palette.set(name, value);
    else for (const [key, inner] of Object.entries(value)) walk(inner, `${name}-${key}`);
  };
  walk('colorSchemes' in theme ? Object(theme.colorSchemes).light?.palette : null, '--mui-palette');
  for (const [variable, colour] of Object.entries(themeVariables(LIGHT_ROLES))) {
    expect([variable, colour]).toEqual([variable, palette.get(variable)]);
  }
});

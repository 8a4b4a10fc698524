/**
 * Imported before all else: React and MUI as developers have them, who are told on the console what is wrong with a page. Tests
 * that use every control of every page do; the others have them as they are shipped.
 */
Object.assign(process.env, { NODE_ENV: 'development' });
jest.resetModules();

// React notes for its developer tools where each element was made, up to ten thousand a second: a fifth of the time.
const { __CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE: internals } =
  jest.requireActual('react');
Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', { get: () => Infinity, set() {} });

export {};

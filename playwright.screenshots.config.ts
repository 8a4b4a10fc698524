import base from './playwright.config';

/** Takes the pictures of docs/screenshots from the demo data. */
const screenshots: typeof base = {
  ...base,
  testMatch: '**/*.shots.ts',
  workers: 1,
  reporter: [['list']],
};

export default screenshots;

import base from './playwright.config';

/** Takes the pictures of docs/screenshots from the demo data. */
export default { ...base, testMatch: '**/*.shots.ts', workers: 1, reporter: [['list']] };

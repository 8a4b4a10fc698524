import { existsSync } from 'node:fs';

/** Debian's headless Chromium without a window, and the whole browser, which is slower but does as well. */
export const CHROMIUMS = ['chromium-headless-shell', 'chromium'];

/** Where the browser is; the whole one's place where neither is there. */
export function chromiumPath() {
  const found = CHROMIUMS.map((name) => `/usr/bin/${name}`).find((path) => existsSync(path));
  return found ?? '/usr/bin/chromium';
}

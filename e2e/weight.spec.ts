import { firstLoadBytes, PAGES_KB } from '../benchmarks/pageWeight.mjs';
import { expect, test } from './test';

test('no page loads more JavaScript at first than it may', async ({ baseURL }) => {
  for (const [path, { most }] of Object.entries(PAGES_KB)) {
    // A group's page is there for seated groups only.
    if (path === '/group') continue;
    const { landed, bytes } = await firstLoadBytes(baseURL ?? '', path);
    expect(landed).toBe(path);
    expect(bytes / 1000, path).toBeLessThanOrEqual(most);
    expect(bytes / 1000, path).toBeGreaterThan(100);
  }
});

import { expect, test } from './test';
import { newPlan, saved } from './helpers';

test('three readings at the device over time, and the course follows them', async ({ page }) => {
  await newPlan(page, 'Watched');
  await saved(page);
  const id = /plans\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.goto(`/plans/${id}/run`);
  await expect(page.getByTestId('run-end')).toBeVisible();
  await expect(page.getByTestId('run-fit')).toHaveCount(0);
  for (const [minute, amps] of [
    [0, 1e-3],
    [10, 0.2e-3],
    [30, 0.15e-3],
  ] as const) {
    const takenAt = new Date(Date.UTC(2027, 0, 22, 14, minute)).toISOString();
    const answer = await page.request.post(`/api/lessons/${id}/log`, {
      data: {
        entryId: `watched-${minute}`,
        revision: 1,
        group: 'Curlew',
        entry: {
          kind: 'reading',
          measurement: { kind: 'load-amps' },
          value: amps,
          range: '20 mA',
          source: 'typed',
          typed: null,
          meter: null,
          takenAt,
        },
      },
    });
    expect(answer.ok()).toBe(true);
  }
  await page.reload();
  await expect(page.getByTestId('run-fit')).toContainText('Refitted to 3 readings of group Curlew');
});

import { expect, test } from './test';
import { goToStation, newPlan, saved, verdict } from './helpers';

test('left running: how long, what ends it, and the desk at any moment', async ({ page }) => {
  await page.goto('/plans/demo-lamp/run');
  await expect(verdict(page)).toContainText(/Runs for about \d+\sh/);
  await expect(page.getByTestId('run-end')).toContainText(
    'the − metal of cell 1 of string 1 is used up',
  );
  const now = page.getByTestId('run-now');
  const first = await now.textContent();
  const slider = page.getByRole('slider', { name: 'Time since it was connected' });
  await slider.focus();
  await page.keyboard.press('End');
  await expect(slider).toHaveAttribute('aria-valuetext', /after \d+\sh/);
  await expect(now).not.toHaveText(first ?? '');
  await page.keyboard.press('Home');
  await expect(now).toHaveText(first ?? '');
  await expect(
    page.getByRole('table', { name: 'Metal and water left in each cell' }),
  ).toContainText('cells 1–4 of strings 1–3');
  await page.getByRole('tab', { name: 'Compared with alternatives' }).click();
  const table = page.getByRole('table', { name: 'How long other ways run' });
  await expect(table.getByRole('row', { name: /4 in series × 4/ })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Stations of the plan' })).toContainText(
    /≈ \d+\sh/,
  );
});

test('cover and air change how long it runs, each undoable', async ({ page }) => {
  await newPlan(page, 'Left');
  await goToStation(page, 'Which cell?');
  await page.getByRole('radio', { name: /Coin pile in brine/ }).check();
  await goToStation(page, 'Leave it running');
  const end = page.getByTestId('run-end');
  await expect(end).toBeVisible();
  const taped = await end.textContent();
  await page.getByRole('button', { name: 'open', exact: true }).click();
  await expect(end).toContainText('has dried out');
  await page.getByLabel('Humidity, %').fill('200');
  await expect(page.getByText('Give at most 99 %.')).toBeVisible();
  await page.getByLabel('Humidity, %').fill('90');
  await page.getByLabel('Humidity, %').blur();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(end).toHaveText(taped ?? '');
});

test('used in turns, shorted, charging a bank: each worked out, wrong values told at their field', async ({
  page,
}) => {
  await page.goto('/plans/demo-lamp/run?part=turns');
  const headline = page.getByTestId('turns-headline');
  await expect(headline).toContainText(/\d+ turns, \d+\sh of use/);
  const before = await headline.textContent();
  await page.getByLabel('Rest for').fill('0');
  await expect(page.getByText('Give at least one second.')).toBeVisible();
  await page.getByLabel('Rest for').fill('1 min');
  await expect(headline).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(headline).toHaveText(before ?? '');

  await page.getByRole('tab', { name: 'After a short' }).click();
  await expect(page.getByTestId('short-headline')).toContainText(
    /nine tenths of its fresh volts again after \d+\ss/,
  );

  await page.getByRole('tab', { name: 'Capacitor bank' }).click();
  // ½ · 10 mF · (3.72 V)² = 69.2 mJ.
  await expect(page.getByTestId('bank-headline')).toContainText('holds 69.2 mJ');
  await expect(page.getByTestId('bank-flashes')).toContainText('times an hour');
  await page.getByLabel('Rated for').fill('2.5');
  await expect(page.getByText(/a capacitor could burst/)).toBeVisible();
  await page.getByRole('button', { name: 'More in series' }).click();
  await expect(page.getByText(/a capacitor could burst/)).toBeHidden();
  await saved(page);
});

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

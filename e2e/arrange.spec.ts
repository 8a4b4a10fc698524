import { expect, test, type Page } from './test';
import { newPlan } from './helpers';

/** A plan of lemons, four in series, three strings side by side. */
async function lemons(page: Page, title: string): Promise<void> {
  const arrangement = { kind: 'own', cellsInSeries: 4, strings: 3 } as const;
  await newPlan(page, title, 'arrange', { arrangement });
  await expect(cell(page, 3, 4)).toBeVisible();
}

const cell = (page: Page, string: number, place: number) =>
  page.locator(`[data-cell="string ${string} cell ${place}"]`);
const cells = (page: Page) => page.locator('[data-cell]');
const undo = (page: Page) => page.getByRole('button', { name: 'Undo' }).click();

test('cells moved by pointer: within a string, to a string of their own, away', async ({
  page,
}) => {
  await lemons(page, 'Dragging');
  await cell(page, 1, 1).click();
  await page.getByLabel('poor contact').check();
  await page.keyboard.press('Escape');
  await expect(cell(page, 1, 1)).toHaveAccessibleName(/poor contact/);

  const drag = async (string: number, place: number, target: () => ReturnType<Page['locator']>) => {
    const from = await cell(page, string, place).boundingBox();
    if (from === null) throw new Error('the cell is not on the desk');
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + from.width / 2 + 12, from.y + from.height / 2 + 4, { steps: 3 });
    await expect(page.getByText('Here: take it away')).toBeVisible();
    const to = await target().boundingBox();
    if (to === null) throw new Error('there is no such place');
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
    await page.mouse.up();
  };
  await drag(1, 1, () => cell(page, 1, 3));
  await expect(cell(page, 1, 3)).toHaveAccessibleName(/poor contact/);
  await expect(cell(page, 1, 1)).not.toHaveAccessibleName(/poor contact/);
  await undo(page);
  await expect(cell(page, 1, 1)).toHaveAccessibleName(/poor contact/);

  await drag(1, 1, () => page.getByText('Here: a string of its own'));
  await expect(cell(page, 4, 1)).toHaveAccessibleName(/poor contact/);
  await expect(page.getByTestId('string-warning')).toBeVisible();
  await undo(page);
  await expect(cell(page, 4, 1)).toHaveCount(0);

  await drag(1, 1, () => page.getByText('Here: take it away'));
  await expect(cells(page)).toHaveCount(11);
  await undo(page);
  await expect(cells(page)).toHaveCount(12);
});

test('cells moved by keys alone', async ({ page }) => {
  await lemons(page, 'By keys');
  await cell(page, 1, 1).focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('dry').check();
  await page.keyboard.press('Escape');
  await cell(page, 1, 1).focus();
  await page.keyboard.press('Space');
  // Lifted is said before the arrow keys are listened to; what it is over is said after.
  await expect(page.getByText('Over string 1, place 1.')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('Over string 2, place 1.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(cell(page, 2, 1)).toHaveAccessibleName(/dry/);
  await expect(cell(page, 2, 5)).toBeVisible();
  await expect(cell(page, 1, 4)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(cell(page, 1, 1)).toHaveAccessibleName(/dry/);
  await cell(page, 1, 1).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Escape');
  await expect(cell(page, 1, 1)).toHaveAccessibleName(/dry/);
});

import { expect, test, type Page } from './test';
import { readFileSync } from 'node:fs';
import { goToStation, newPlan, saved, verdict } from './helpers';

/** A plan of measured lemons, four in series, three strings side by side. */
async function lemons(page: Page, title: string): Promise<void> {
  await newPlan(page, title);
  await page.getByRole('radio', { name: /amber/ }).check();
  await page.getByRole('radio', { name: /Clear/ }).check();
  await goToStation(page, 'Which cell?');
  await page.getByLabel('Open-circuit volts').fill('0.93');
  await page.getByLabel('Short-circuit milliamps').fill('2.9');
  await goToStation(page, 'Arrange');
  await expect(cell(page, 3, 4)).toBeVisible();
}

const cell = (page: Page, string: number, place: number) =>
  page.locator(`[data-cell="string ${string} cell ${place}"]`);
const cells = (page: Page) => page.locator('[data-cell]');
const wrongThings = (page: Page) => page.getByTestId('wrong-things');
const undo = (page: Page) => page.getByRole('button', { name: 'Undo' }).click();

test('a fault as a what-if: the result and the reason at once, and the way back', async ({
  page,
}) => {
  await lemons(page, 'What if');
  await cell(page, 1, 2).click();
  const menu = page.getByRole('dialog', { name: /^string 1 cell 2/ });
  await menu.getByLabel('turned round').check();
  await expect(menu).toContainText('the string loses two cells’ worth');
  await page.keyboard.press('Escape');
  await expect(wrongThings(page)).toContainText('String 1 cell 2: turned round.');
  await expect(page.getByTestId('string-warning')).toContainText('back through');
  await expect(cell(page, 1, 2)).toHaveAccessibleName(/turned round/);
  await undo(page);
  await expect(wrongThings(page)).toHaveCount(0);
  await cell(page, 2, 1).click();
  await page.getByLabel('dry').check();
  await page.getByLabel('in one lemon with its whole string').check();
  await page.keyboard.press('Escape');
  await expect(wrongThings(page)).toContainText('4 pairs in one lemon.');
  await page.getByRole('button', { name: 'Remove all faults' }).click();
  await expect(wrongThings(page)).toHaveCount(0);
  await expect(page.getByRole('button', { pressed: true })).toContainText('4 in series × 3');
});

test('the LED turned round by pointer and key', async ({ page }) => {
  await lemons(page, 'LED round');
  await page.getByRole('button', { name: 'Turn the LED round' }).click();
  await expect(wrongThings(page)).toContainText('its long leg');
  await expect(verdict(page)).toHaveAttribute('data-tone', 'wrong');
  await page.keyboard.press('l');
  await expect(wrongThings(page)).toHaveCount(0);
  await undo(page);
  await expect(wrongThings(page)).toContainText('LED turned round.');
});

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

test('cells added after and beside, another cell among them, one taken away', async ({ page }) => {
  await lemons(page, 'Mixed');
  await cell(page, 1, 2).click();
  await page.getByRole('button', { name: 'Add one beside it' }).click();
  await expect(cells(page)).toHaveCount(13);
  await cell(page, 1, 4).click();
  await page.getByRole('button', { name: 'Add one after it' }).click();
  await expect(cells(page)).toHaveCount(14);
  await cell(page, 2, 2).click();
  await page.getByLabel('What cell it is').selectOption('Aluminium–air, brine sponge');
  await page.getByRole('button', { name: 'Remove cell' }).click();
  await undo(page);
  await expect(cell(page, 2, 2)).toHaveAccessibleName(/sponge/);
  await saved(page);
  await page.reload();
  await expect(cells(page)).toHaveCount(14);
  await expect(cell(page, 2, 2)).toHaveAccessibleName(/sponge/);
  await goToStation(page, 'Build & measure');
  await expect(page.getByTestId('bench-cell 1, open')).toContainText('0.93');
});

test('the ways: sorted, limited, from every recipe, and why not', async ({ page }) => {
  await lemons(page, 'Ways');
  // What is laid out stands first, whatever the order of the others.
  await page.getByRole('button', { name: /more that work/ }).click();
  const ways = page
    .getByRole('list', { name: 'More that work' })
    .getByRole('button', { pressed: false });
  await page.getByLabel('Sort the options by').selectOption('surest');
  const chances = async (): Promise<number[]> =>
    (await ways.allInnerTexts()).map((text) => Number(/(\d+) in 100/.exec(text)?.[1]));
  await expect.poll(async () => (await chances())[0]).toBeGreaterThanOrEqual(99);
  const sorted = await chances();
  expect(sorted).toEqual([...sorted].sort((a, b) => b - a));
  await page.getByRole('button', { name: 'Limits' }).click();
  await page.getByLabel('Maximum cells').fill('8');
  await expect
    .poll(async () =>
      Math.max(
        ...(await ways.allInnerTexts()).map((text) => Number(/(\d+) lemons/.exec(text)?.[1])),
      ),
    )
    .toBeLessThanOrEqual(8);
  await page.getByLabel('Maximum cells').fill('0');
  await expect(page.getByText('Give a whole number from 1 to 200.')).toBeVisible();
  await page.getByLabel('Compare all cell types').check();
  await expect(ways.filter({ hasText: 'Magnesium' }).first()).toBeVisible();
  await page.getByRole('button', { name: /left out\?/ }).click();
  await expect(page.getByTestId('why-not').getByRole('listitem').first()).toContainText(/\w+ \w+/);
  await ways.filter({ hasText: 'Magnesium' }).first().click();
  await expect(verdict(page)).toContainText('amber LED');
  await goToStation(page, 'Which cell?');
  await expect(page.getByRole('radio', { name: /Magnesium/, checked: true })).toBeVisible();
  await undo(page);
  await expect(page.getByLabel('Open-circuit volts')).toHaveValue(/0\.93/);
});

test('more current: a string against more metal, each undoable', async ({ page }) => {
  await lemons(page, 'More current');
  const more = page.getByTestId('more-current');
  await expect(more).toContainText('no food wasted');
  await more.getByRole('button', { name: 'Apply' }).first().click();
  await expect(cells(page)).toHaveCount(16);
  await undo(page);
  await expect(cells(page)).toHaveCount(12);
  const before = await verdict(page).textContent();
  await more.getByRole('button', { name: 'Apply' }).last().click();
  await expect(verdict(page)).not.toHaveText(before ?? '');
});

test('common beliefs are answered with this battery', async ({ page }) => {
  await lemons(page, 'Beliefs');
  for (const [claim, answer] of [
    ['All pairs in one fruit', 'one'],
    ['Volts × amps', 'quarter'],
    ['the largest cell wins', 'between'],
    ['Salt kills the acid', 'neutralise'],
  ] as const) {
    const belief = page.getByRole('button', { name: new RegExp(claim) });
    await belief.click();
    await expect(belief).toHaveAttribute('aria-pressed', 'true');
    const told = page.getByRole('region').filter({ hasText: '”: no.' }).last();
    await expect(told).toContainText(answer);
    await expect(told).toBeInViewport();
  }
  await page.getByRole('button', { name: /All pairs in one fruit/ }).click();
  await page.getByRole('button', { name: 'Show it on the desk' }).click();
  await expect(wrongThings(page)).toContainText('4 pairs in one lemon.');
});

test('other loads, the read-out of the curve, and the doubts', async ({ page }) => {
  await lemons(page, 'Loads');
  await page.getByRole('button', { name: /What else it runs/ }).click();
  const loads = page.getByRole('table', { name: 'Other loads' });
  await expect(loads.getByRole('row', { name: /pocket radio/ })).toContainText('does not start');
  await page.getByLabel('Draw the curve of the blue LED').check();
  await expect(page.locator('svg text').filter({ hasText: 'blue LED' })).toBeVisible();
  const slider = page.getByRole('slider', { name: /battery’s curve/ });
  const before = await slider.getAttribute('aria-valuetext');
  await slider.press('ArrowRight');
  await expect(slider).not.toHaveAttribute('aria-valuetext', before ?? '');
  await expect(page.getByText(/An LED would shine (clearly|brightly)/)).toBeVisible();
  await expect(page.getByText(/20.?000 classes/)).toBeVisible();
});

test('projector view and files of the desk', async ({ page }) => {
  await lemons(page, 'Files');
  await page.keyboard.press('b');
  const projector = page.getByTestId('projector');
  await expect(projector).toContainText('3.72 V open');
  await page.getByRole('button', { name: 'Leave the projector view' }).click();
  await expect(projector).toHaveCount(0);
  for (const [item, file, start] of [
    ['Save the picture as SVG', 'desk.svg', '<svg'],
    ['Save the picture as PNG', 'desk.png', '\u0089PNG'],
    ['Save the circuit as a SPICE netlist', 'battery.cir', '*'],
  ] as const) {
    await page.getByRole('button', { name: 'More about the desk' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: item }).click();
    const saving = await download;
    expect(saving.suggestedFilename()).toBe(file);
    expect(readFileSync(await saving.path(), 'latin1').startsWith(start)).toBe(true);
  }
  await page.getByRole('button', { name: 'More about the desk' }).click();
  await expect(page.getByRole('menuitem', { name: 'Save the plan as JSON' })).toHaveAttribute(
    'href',
    /\/api\/plans\/.+\/export$/,
  );
});

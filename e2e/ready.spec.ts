import { expect, type Page, test } from './test';
import { goToStation, newPlan, RETRIED, saved } from './helpers';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const part = (page: Page, name: string) => page.getByRole('tab', { name }).click();

/** A plan for thirty pupils, prepared for a Friday far ahead. */
async function lesson(page: Page, title: string): Promise<string> {
  await newPlan(page, title, 'ready');
  const date = page.getByLabel('Lesson date');
  await date.fill('2031-01-31');
  await date.blur();
  await saved(page);
  return new URL(page.url()).pathname.split('/')[2] ?? '';
}

test('the timetable: moved by key and pointer, conflicts told, saved as a calendar file', async ({
  page,
}) => {
  const id = await lesson(page, 'Timetable');
  await part(page, 'Timetable');
  const buy = page.locator('[data-task="buy"]');
  const conflicts = page.getByTestId('conflicts');
  await expect(conflicts).toHaveText('No clashes.');
  await expect(buy).toHaveAttribute('data-start', '2031-01-29T16:15:00');
  await buy.press('ArrowLeft');
  await expect(buy).toHaveAttribute('data-start', '2031-01-29T16:00:00');
  await expect(buy).toBeFocused();
  await buy.press('ArrowDown');
  await buy.press('ArrowDown');
  await expect(buy).toHaveAttribute('data-start', '2031-01-31T16:00:00');
  await expect(conflicts).toContainText(/comes after what needs it|is not done before/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(buy).toHaveAttribute('data-start', '2031-01-30T16:00:00');

  const from = await buy.boundingBox();
  const lane = await page.getByRole('group', { name: 'Tue 28 Jan' }).boundingBox();
  if (from === null || lane === null) throw new Error('the timeline is not there');
  await page.mouse.move(from.x + 5, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y + 2, { steps: 4 });
  await page.mouse.move(from.x + 5, lane.y + 10, { steps: 8 });
  await page.mouse.up();
  await expect(buy).toHaveAttribute('data-start', '2031-01-28T16:00:00');
  await saved(page);

  const file = await page.request.get(`/api/lessons/${id}/calendar`, RETRIED);
  expect(file.headers()['content-type']).toContain('text/calendar');
  expect(await file.text()).toContain('DTSTART:20310128T160000');
  await page.getByRole('button', { name: /Put every task back/ }).click();
  await expect(buy).toHaveAttribute('data-start', '2031-01-29T16:15:00');
  await page.getByLabel('Lesson date').fill('2020-01-31');
  await page.keyboard.press('Enter');
  await expect(conflicts).toContainText('The lesson lies in the past.');
});

test('prints: what is on paper is what the screen computes, and the pupil sheet gives nothing away', async ({
  page,
}) => {
  const id = await lesson(page, 'Printed lamp');
  await page.locator('body').press('p');
  await expect(page.getByRole('tab', { name: 'Prints', selected: true })).toBeVisible();
  await page.getByRole('button', { name: 'Make a code' }).click();
  await saved(page);
  await expect(page.getByAltText('Page 2 of the sheet')).toBeVisible();
  const code =
    (await page
      .getByText(/Join code on the group cards/)
      .locator('strong')
      .textContent()) ?? '';
  expect(code).toMatch(/^[A-HJ-NP-Z2-9]{6}$/);
  // The teacher’s sheet is one page, the pupil’s two sides, on both papers.
  const pages = new Map<string, number>();
  const print = async (sheet: string, wording = 'standard', paper = 'A4'): Promise<string> => {
    const answer = await page.request.get(
      `/api/lessons/${id}/print?sheet=${sheet}&wording=${wording}&paper=${paper}`,
      RETRIED,
    );
    expect(answer.headers()['content-type']).toBe('application/pdf');
    const texts = await pdfText(await answer.body());
    pages.set(`${wording} ${sheet} ${paper}`, texts.length);
    return texts.join(' ');
  };
  const pupil = await print('pupil');
  expect(pupil).toContain('Printed lamp');
  expect(pupil).toContain('never touching');
  expect(pupil).toContain('I predict');
  expect(pupil).not.toMatch(/\d[.,]\d+ ?(V|mA)/);
  expect(pupil).toContain('risk assessment');
  expect(pupil).toContain('○');
  expect(await print('pupil', 'simple')).toContain('Make one cell');
  expect(await print('pupil', 'full')).toContain('internal resistance r = E / I');
  expect(await print('small')).toContain('They never touch.');
  await goToStation(page, 'Arrange');
  const open = (
    (await page
      .getByRole('button', { name: /^[\d.]+\sV with nothing connected$/ })
      .textContent()) ?? ''
  ).replace(/\s/g, ' ');
  expect(await print('answers')).toContain(open.replace(' with nothing connected', ''));
  expect(await print('shopping')).toContain('lemons');
  expect(await print('labels')).toContain('Contains metal, do not eat');
  const cards = await print('groups');
  expect(cards).toContain('Curlew');
  expect(cards).toContain(code);
  const teacher = await print('teacher');
  expect(teacher).toContain('The meter:');
  expect(teacher).toContain('Fri 31 Jan');
  const refused = await page.request.get(`/api/lessons/${id}/print?sheet=banner`, RETRIED);
  expect(refused.status()).toBe(400);
  expect(await refused.text()).toContain('There is no such sheet.');
  for (const sheet of ['teacher', 'pupil', 'small']) await print(sheet, 'standard', 'Letter');
  expect(Object.fromEntries(pages)).toMatchObject({
    'standard teacher A4': 1,
    'standard pupil A4': 2,
    'standard small A4': 1,
    'standard teacher Letter': 1,
    'standard pupil Letter': 2,
    'standard small Letter': 1,
  });
});

/** Text of a PDF file page by page, read by a library that has nothing to do with how it was made. */
export async function pdfText(file: Buffer): Promise<string[]> {
  const pdf = await getDocument({ data: new Uint8Array(file), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= pdf.numPages; number += 1) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    pages.push(
      items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replace(/\s+/g, ' '),
    );
  }
  return pages;
}

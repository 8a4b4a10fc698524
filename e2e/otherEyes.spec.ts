import { follow } from './helpers';
import { expect, test, type Page } from './test';

/** Texts smaller than so many pixels as they stand on the screen, drawings and enlargement included. */
async function smallerThan(page: Page, pixels: number, within: string): Promise<string[]> {
  return page.evaluate(
    ([least, where]) => {
      const root = document.querySelector(where) ?? document.body;
      const found: string[] = [];
      const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
      while (walker.nextNode()) {
        const { parentElement: element, textContent } = walker.currentNode;
        const words = textContent?.trim() ?? '';
        if (element === null || words === '') continue;
        if (!element.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
        const range = document.createRange();
        range.selectNodeContents(walker.currentNode);
        const box = range.getBoundingClientRect();
        if (box.width < 2 || box.height < 2) continue;
        const size = parseFloat(getComputedStyle(element).fontSize);
        const matrix = element instanceof SVGGraphicsElement ? element.getScreenCTM() : null;
        const zoom = (element as Element & { currentCSSZoom?: number }).currentCSSZoom ?? 1;
        const shown = size * (matrix === null ? zoom : Math.hypot(matrix.a, matrix.b));
        if (shown < least - 0.3) found.push(`${shown.toFixed(1)} ${words.slice(0, 30)}`);
      }
      return found;
    },
    [pixels, within] as const,
  );
}

const PROJECTED = [
  '/plans/demo-lamp/power',
  '/plans/demo-lamp/arrange',
  '/plans/demo-lamp/build',
  '/plans/demo-lamp/reality',
  '/reality-check?ask=example.weld',
  '/drill?level=4&seed=3',
  '/series-or-parallel',
];

/** The two pictures that classrooms have. */
const PICTURES = [
  [1920, 1080],
  [1024, 768],
] as const;

/** Opens the large view of a page. Until the page listens a key is nobody’s. */
async function project(page: Page): Promise<void> {
  const projected = page
    .getByTestId('projector')
    .or(page.getByRole('button', { name: 'Projector view', pressed: true }));
  await expect(async () => {
    if (!(await projected.first().isVisible())) await page.keyboard.press('b');
    await expect(projected.first()).toBeVisible({ timeout: 1500 });
  }).toPass();
}

test('for the back row: nothing that is projected is smaller than a fiftieth of the picture', async ({
  page,
}) => {
  const legible = async (within: string, view: string): Promise<void> => {
    for (const [width, height] of PICTURES) {
      await page.setViewportSize({ width, height });
      await expect
        .poll(() => smallerThan(page, height / 50, within), { message: `${view} at ${width}` })
        .toEqual([]);
    }
  };
  await page.goto('/');
  for (const view of PROJECTED) {
    await follow(page, view);
    await project(page);
    const within = (await page.getByTestId('projector').count()) > 0 ? '[role=dialog]' : 'main';
    await legible(within, view);
  }
  await page.goto('/wall/demo-lamp');
  await expect(page.getByTestId('wall-Curlew')).toBeVisible();
  await legible('main', 'the wall');
});

test('the drill’s reading can be taken where it is projected, at both sizes', async ({ page }) => {
  await page.goto('/drill?level=4&seed=3');
  await project(page);
  for (const [width, height] of PICTURES) {
    await page.setViewportSize({ width, height });
    await expect(
      page.getByTestId('projector').getByRole('button', { name: 'Take the reading' }),
    ).toBeInViewport({ ratio: 1 });
  }
});

test('on a phone: text in drawings of ten pixels, links that a finger meets, nothing sideways', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  for (const view of [
    '/',
    '/plans/demo-lamp/cell',
    '/plans/demo-lamp/arrange',
    '/plans/demo-lamp/build?part=board',
    '/plans/demo-lamp/run',
    '/metals',
    '/two-solutions',
    '/reality-check',
  ]) {
    await follow(page, view);
    await expect
      .poll(
        () =>
          page.evaluate(() => ({
            sideways: document.documentElement.scrollWidth > window.innerWidth,
            small: [...document.querySelectorAll<SVGTextElement>('svg text')]
              .filter((text) => text.checkVisibility({ visibilityProperty: true }))
              .map((text) => {
                const { a, b } = text.getScreenCTM() ?? { a: 1, b: 0 };
                return parseFloat(getComputedStyle(text).fontSize) * Math.hypot(a, b);
              })
              .filter((pixels) => pixels < 9.95),
            low: [...document.querySelectorAll('main a')]
              .map((link) => [link.textContent, link.getBoundingClientRect().height] as const)
              .filter(([, tall]) => tall > 0 && tall < 23.5),
          })),
        { message: view },
      )
      .toEqual({ sideways: false, small: [], low: [] });
  }
});

test('on a phone the desk is not cut off, and the class is walked through: all groups, one of them, and back', async ({
  page,
}) => {
  await page.setViewportSize({ width: 360, height: 640 });
  await page.goto('/plans/demo-lamp/arrange');
  const desk = page.getByRole('region', { name: /^Desk/ });
  await expect
    .poll(() => desk.evaluate(({ scrollWidth, clientWidth }) => scrollWidth - clientWidth))
    .toBeLessThanOrEqual(0);
  const led = page.getByRole('button', { name: 'Turn the LED round' });
  await led.scrollIntoViewIfNeeded();
  await expect(led).toBeInViewport({ ratio: 1 });
  await page.goto('/plans/demo-lamp/build');
  const curlew = page.getByTestId('board-Curlew');
  await curlew.getByRole('button').click();
  await expect(page.getByText('Group Curlew, string 1')).toBeInViewport();
  await page.goBack();
  await expect(curlew).toBeVisible();
});

test('in a high-contrast theme the step, the tab and the choice are outlined, and drawings keep their colours', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/plans/demo-lamp/ready');
  const outlineOf = (selector: string): Promise<string> =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).outlineWidth);
  expect(await outlineOf('[aria-current="page"], [aria-current="step"]')).toBe('3px');
  expect(await outlineOf('[role=tab][aria-selected=true]')).toBe('3px');
  await page.goto('/plans/demo-lamp/power');
  await expect(page.getByRole('main')).toBeVisible();
  expect(await outlineOf('main [aria-pressed=true]')).toBe('3px');
  await page.goto('/plans/demo-lamp/arrange');
  const kept = page.locator('svg[data-desk-picture]');
  await expect(kept).toHaveCSS('forced-color-adjust', 'none');
  expect(
    await page
      .getByRole('button', { name: /More cells/ })
      .first()
      .evaluate((button) => getComputedStyle(button).borderTopWidth),
  ).toBe('1px');
});

test('with letters of 24 px: numerals in their circles, labels whole, nothing sideways', async ({
  page,
}) => {
  await page.goto('/plans/demo-lamp/power');
  await page.addStyleTag({ content: 'html { font-size: 24px !important; }' });
  for (const view of ['power', 'cell', 'arrange', 'ready', 'build', 'run']) {
    await follow(page, `/plans/demo-lamp/${view}`);
    await expect
      .poll(
        () =>
          page.evaluate(() => ({
            sideways: document.documentElement.scrollWidth > window.innerWidth,
            cut: [...document.querySelectorAll('label, legend, button, nav [aria-hidden]')]
              .filter((element) => element.clientWidth > 2)
              .filter((element) => element.scrollWidth > element.clientWidth + 1)
              .map((element) => element.textContent),
          })),
        { message: view },
      )
      .toEqual({ sideways: false, cut: [] });
  }
});

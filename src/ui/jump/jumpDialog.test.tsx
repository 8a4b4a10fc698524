/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { expectAccessible } from '@/testing/ui/accessible';
import { navigation } from '@/testing/ui/navigation';
import { answerTo } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { Jump } from './Jump';

const STATIONS = [{ slug: 'run', name: 'Leave it running' }];
const field = (): HTMLElement => screen.getByRole('combobox', { name: /^Go to a plan/ });
const options = (): HTMLElement[] =>
  within(screen.getByRole('listbox', { name: 'Places' })).queryAllByRole('option');
const key = (name: string): void => {
  fireEvent.keyDown(field(), { key: name });
};

async function open(): Promise<void> {
  answerTo('/api/plans', [
    { id: 'bell', title: 'Fog bell' },
    { id: 'broken', title: null },
  ]);
  showPage(<Jump stations={STATIONS} />);
  fireEvent.keyDown(window, { key: 'k', ctrlKey: true });
  await screen.findByRole('dialog', { name: 'Go to' });
}

test('a few letters of a plan, a station, a tool or a word lead there', async () => {
  await open();
  await expectAccessible(screen.getByRole('dialog'));
  for (const [typed, href] of [
    ['fog bell', '/plans/bell/arrange'],
    ['leave it', '/plans/tested/run'],
    ['cupboard', '/cupboard'],
    ['cathode', '/help#word-cathode'],
  ] as const) {
    if (screen.queryByRole('dialog') === null)
      fireEvent.keyDown(window, { key: 'K', metaKey: true });
    await screen.findByRole('dialog');
    fireEvent.change(field(), { target: { value: typed } });
    await waitFor(() => expect(options().length).toBeGreaterThan(0));
    key('Enter');
    await waitFor(() => expect(navigation.pushed.at(-1)).toBe(href));
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  }
});

test('arrows go round the places, the pointer chooses too, and what is nowhere is said', async () => {
  await open();
  fireEvent.change(field(), { target: { value: 'c' } });
  const count = options().length;
  expect(count).toBeGreaterThan(2);
  const chosen = (): number =>
    options().findIndex((one) => one.getAttribute('aria-selected') === 'true');
  expect(chosen()).toBe(0);
  key('ArrowUp');
  expect(chosen()).toBe(count - 1);
  key('ArrowDown');
  key('ArrowDown');
  expect(chosen()).toBe(1);
  expect(field()).toHaveAttribute('aria-activedescendant', options()[1]?.id);
  fireEvent.mouseEnter(options()[2]!);
  expect(chosen()).toBe(2);
  fireEvent.change(field(), { target: { value: 'zzz' } });
  expect(await screen.findByText('Nothing has “zzz” in its name.')).toBeVisible();
  key('Enter');
  expect(screen.getByRole('dialog')).toBeVisible();
});

test('Enter before the plans are there goes to them once they are', async () => {
  let answer: (response: Response) => void = () => undefined;
  showPage(<Jump stations={STATIONS} />);
  globalThis.fetch = jest.fn(() => new Promise<Response>((resolve) => (answer = resolve)));
  fireEvent.keyDown(window, { key: 'k', ctrlKey: true });
  await screen.findByRole('dialog');
  fireEvent.change(field(), { target: { value: 'fog' } });
  key('Enter');
  expect(screen.getByRole('dialog')).toBeVisible();
  await act(async () => {
    answer({
      ok: true,
      status: 200,
      json: () => Promise.resolve([{ id: 'bell', title: 'Fog bell' }]),
    } as unknown as Response);
    await Promise.resolve();
  });
  await waitFor(() => expect(navigation.pushed.at(-1)).toBe('/plans/bell/arrange'));
});

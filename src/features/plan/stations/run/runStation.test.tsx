/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { demoPlan } from '@/cli/demoPlans';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { RecipeId } from '@/core/physics/recipes/recipe';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, plain, press } from '@/testing/ui/acting';
import { answering } from '@/testing/ui/workerInPage';
import { showPlan, verdict } from '@/testing/ui/planPage';

const textOf = async (id: string): Promise<string> =>
  plain((await screen.findByTestId(id)).textContent ?? '');

answering('leaveRunning', 'shortCircuitRecovery');

test('left running: how long, what ends it, and the desk at any moment', async () => {
  showPlan(demoPlan('demo-lamp'), 'run');
  expect(await textOf('run-end')).toContain('the − metal of cell 1 of string 1 is used up');
  expect(verdict().text).toMatch(/Runs for about \d+ h/);
  const first = await textOf('run-now');
  const slider = screen.getByRole('slider', { name: 'Time since it was connected' });
  act(() => slider.focus());
  await userEvent.keyboard('{End}');
  expect(plain(slider.getAttribute('aria-valuetext') ?? '')).toMatch(/after \d+ h/);
  expect(await textOf('run-now')).not.toBe(first);
  await userEvent.keyboard('{Home}');
  expect(await textOf('run-now')).toBe(first);
  expect(screen.queryByText(/[Oo]ver 30\sV/)).toBeNull();
  cleanup();
  // What is left are all its cells: their volts too.
  const arrangement = { kind: 'own', cellsInSeries: 36, strings: 1 } as const;
  showPlan({ ...demoPlan('demo-lamp'), arrangement }, 'run');
  expect(await screen.findByText(/30\sV/, { selector: 'li, li *' })).toBeVisible();
});

test('of LEDs side by side the darkest is told, as the others take most of the current', async () => {
  const target = { kind: 'leds', colours: ['red', 'blue'], joined: 'side-by-side' } as const;
  const plan = demoPlan('demo-lamp');
  showPlan(
    { ...plan, target: { ...target, colours: [...target.colours], brightness: 'dim' } },
    'run',
  );
  expect(await textOf('run-now')).toMatch(/^darkest: \w+, [\d.]+ mA at/);
});

test('cover and air change how long it runs; a humidity that cannot be is told at its field', async () => {
  showPlan({ ...newPlan('Left'), cell: freshCell('coin-pile-brine', 'felt') }, 'run');
  const taped = await textOf('run-end');
  press('open');
  await waitFor(async () => expect(await textOf('run-end')).toContain('has dried out'));
  fill(screen.getByLabelText('Humidity, %'), '200');
  expect(screen.getByText(/Give at most 99/)).toBeVisible();
  fill(screen.getByLabelText('Humidity, %'), '90');
  press('Undo');
  press('Undo');
  await waitFor(async () => expect(await textOf('run-end')).toBe(taped));
});

test('used in turns: wrong rests are told at their field, a rest changes the turns', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'run');
  goTo('run', 'turns');
  const before = await textOf('turns-headline');
  expect(before).toMatch(/\d+ turns, \d+ h of use/);
  expect(screen.getByRole('img', { name: /^The first turns of use\. \d+ turns/ })).toBeVisible();
  expect(screen.getByRole('img', { name: /^Current at the start of \d+ turns\./ })).toBeVisible();
  fill(screen.getByLabelText('Rest for'), '0');
  expect(screen.getByText('Give at least one second.')).toBeVisible();
  fill(screen.getByLabelText('Rest for'), '1 min');
  await waitFor(async () => expect(await textOf('turns-headline')).not.toBe(before));
});

test('a bank of capacitors: its energy, and one that would burst', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'run');
  goTo('run', 'bank');
  // ½ · 10 mF · (4.64 V)² = 0.108 J.
  expect(await textOf('bank-headline')).toContain('holds 0.108 J');
  fill(screen.getByLabelText('Rated for'), '2.5');
  expect(await screen.findByText(/a capacitor could burst/)).toBeVisible();
  press('More in series');
  await waitFor(() => expect(screen.queryByText(/a capacitor could burst/)).toBeNull());
});

test('shorted by mistake and left alone: what it loses, and when it has come back', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'run');
  goTo('run', 'short');
  const said = await textOf('short-headline');
  expect(said).toMatch(/back at once|fresh volts again after|not come back within half an hour/);
  expect(screen.getByText(/^The current falls from/)).toHaveTextContent(/fresh it read \d/);
  fill(screen.getByLabelText('Ends joined for'), '0');
  expect(screen.getByLabelText('Ends joined for')).toHaveAttribute('aria-invalid', 'true');
  const before = screen.getByText(/^The current falls from/).textContent;
  fill(screen.getByLabelText('Ends joined for'), '5 min');
  await waitFor(() =>
    expect(screen.getByText(/^The current falls from/).textContent).not.toBe(before),
  );
  expect(screen.getByText(/^The current falls from/)).toHaveTextContent('5 min');
  press('Undo');
  await waitFor(() => expect(screen.getByText(/^The current falls from/).textContent).toBe(before));
});

test('beside a short stands what it does: a cell that heats wires, and one that gives off gas', () => {
  const cautions = (recipe: RecipeId): string => {
    cleanup();
    const { goTo } = showPlan({ ...newPlan('Short'), cell: freshCell(recipe) }, 'run');
    goTo('run', 'short');
    return document.body.textContent;
  };
  expect(cautions('magnesium-air-rod')).toMatch(/heat a wire.*gives off hydrogen/);
  expect(cautions('coin-pile-brine')).not.toMatch(/heat a wire|hydrogen/);
});

test('other ways to run it stand in a table', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'run');
  goTo('run', 'ways');
  const table = await screen.findByRole('table', { name: 'How long other ways run' });
  expect(await within(table).findByRole('row', { name: /5 in series × 3/ })).toBeVisible();
});

test('three readings at the device over time, and the course follows them', async () => {
  const read = (minute: number, amps: number, seq: number): LogLine => ({
    seq,
    at: seq,
    author: 'group',
    entryId: `watched-${minute}`,
    revision: 1,
    group: 'Curlew',
    struck: false,
    entry: {
      kind: 'reading',
      measurement: { kind: 'load-amps' },
      value: amps,
      range: '20 mA',
      source: 'typed',
      typed: null,
      meter: null,
      takenAt: new Date(Date.UTC(2027, 0, 22, 14, minute)).toISOString(),
    },
  });
  showPlan(newPlan('Watched'), 'run', [
    read(0, 1e-3, 1),
    read(10, 0.2e-3, 2),
    read(30, 0.15e-3, 3),
  ]);
  expect(await textOf('run-fit')).toContain('Refitted to 3 readings of group Curlew');
});

test('every part of leaving it running breaks no rule of names and structure', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'run');
  for (const part of ['on', 'turns', 'short', 'bank', 'ways']) {
    goTo('run', part);
    await screen.findByRole('tabpanel');
    await expectAccessible();
  }
});

/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import fc from 'fast-check';
import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { groupFacts } from '@/core/work/guide/benchFacts';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import { GuideCard } from './GuideCard';
import { LogProvider } from './LogProvider';

const SEAT = { planId: 'p', startedAt: 1, group: 'Tern' };

const PLAN: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const FACTS = groupFacts(PLAN, evaluatePlan(PLAN));

/** A server that can go away, and keeps what it was told. */
function fakeServer() {
  const server = { there: true, lines: [] as LogLine[] };
  globalThis.fetch = jest.fn((_url: unknown, init?: RequestInit) => {
    if (!server.there) return Promise.reject(new TypeError('no network'));
    const { line: request } = JSON.parse(String(init?.body)) as { line: LogRequest };
    const last = server.lines.filter(({ entryId }) => entryId === request.entryId).length;
    const seq = server.lines.length + 1;
    const line: LogLine = { ...request, seq, author: 'group', at: 1 };
    if (request.revision === last + 1) server.lines.push(line);
    const conflict = request.revision !== last + 1;
    return Promise.resolve({
      ok: !conflict,
      status: conflict ? 409 : 201,
      json: () =>
        Promise.resolve(
          conflict ? { message: 'overtaken', faults: [], line: null } : { lines: [line] },
        ),
    } as Response);
  });
  return server;
}

const show = (predicting = false) => {
  window.localStorage.clear();
  window.sessionStorage.clear();
  return render(
    <LogProvider initial={[]} author="group" postUrl="/log" seat={SEAT}>
      <GuideCard facts={FACTS} group="Knot" predicting={predicting} />
    </LogProvider>,
  );
};
/** Lets the fake server answer. */
const answered = () => act(() => Promise.resolve());
const press = async (name: string): Promise<void> => {
  fireEvent.click(screen.getByRole('button', { name }));
  await answered();
};
const stepNumber = (): number => Number(/step (\d+) of/.exec(document.body.textContent ?? '')?.[1]);
const field = (): HTMLElement | null => screen.queryByRole('textbox', { name: /^Reading/ });
const settle = () => act(() => new Promise((resolve) => setTimeout(resolve, 5)));

test('typing a value and pressing Done counts once, though the field loses the focus first', async () => {
  const server = fakeServer();
  const user = userEvent.setup();
  show();
  await press('Done');
  await press('Done');
  await user.type(screen.getByLabelText('Reading: Volts of cell 1'), '0.93');
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.getByRole('heading')).toHaveTextContent('Milliamps of cell 1, briefly');
  await settle();
  expect(server.lines.filter(({ entry }) => entry.kind === 'reading')).toHaveLength(1);
});

test('Done without a reading asks; what was typed stays while one looks back', async () => {
  fakeServer();
  const user = userEvent.setup();
  show();
  await press('Done');
  await press('Done');
  await press('Done');
  expect(screen.getByRole('alert')).toHaveTextContent('Type first what the meter shows.');
  await user.type(field()!, '0.8');
  await press('Back');
  expect(field()).toBeNull();
  await press('Done');
  expect(field()).toHaveValue('0.8');
});

test('a double click and a held key are one press', async () => {
  fakeServer();
  const user = userEvent.setup();
  show();
  await user.dblClick(screen.getByRole('button', { name: 'Done' }));
  expect(stepNumber()).toBe(2);
  const held = fireEvent.keyDown(screen.getByRole('button', { name: 'Done' }), {
    key: 'Enter',
    repeat: true,
  });
  expect(held).toBe(false);
});

test('Enter reads and leads the hands to the next field', async () => {
  fakeServer();
  const user = userEvent.setup();
  show();
  await press('Done');
  await press('Done');
  await user.type(field()!, '0.93{Enter}');
  expect(screen.getByLabelText('Reading: Milliamps of cell 1, briefly')).toHaveFocus();
  await user.keyboard('0.3{Enter}');
  expect(screen.getByRole('button', { name: 'Done' })).toHaveFocus();
});

test('the head says which step of how many and how long, and at the end that all are done', async () => {
  fakeServer();
  show();
  const head = (): string => (document.body.textContent ?? '').replaceAll('\u00a0', ' ');
  const { length } = FACTS.steps;
  expect(head()).toMatch(new RegExp(`step 1 of ${length} · about \\d+ (s|min)`));
  for (let step = 0; step < length; step += 1) await press('Skip');
  expect(screen.getByText('All steps are done')).toBeVisible();
  expect(head()).toContain(`step ${length} of ${length}`);
  expect(head()).not.toContain('about');
});

test('a held key reads nothing; Escape forgets what was typed; far too much is asked about', async () => {
  const server = fakeServer();
  const user = userEvent.setup();
  show();
  await press('Done');
  await press('Done');
  await user.type(field()!, '0.93');
  const before = stepNumber();
  fireEvent.keyDown(field()!, { key: 'Enter', repeat: true });
  await settle();
  expect(stepNumber()).toBe(before);
  fireEvent.keyDown(field()!, { key: 'Escape' });
  expect(field()).toHaveValue('');
  await user.type(field()!, '99999{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('More than these metals can give');
  await user.click(screen.getByRole('button', { name: 'Type again' }));
  await press('Skip');
  await user.type(field()!, '99999999{Enter}');
  expect(screen.getByText(/^At most 20\sA: check the unit\.$/)).toBeVisible();
  await settle();
  expect(server.lines.some(({ entry }) => entry.kind === 'reading')).toBe(false);
});

test('who has read is not asked any more what to expect', async () => {
  fakeServer();
  const user = userEvent.setup();
  show(true);
  await press('Done');
  await press('Done');
  const ask = 'What do you expect, before you read?';
  expect(screen.getByLabelText(ask)).toBeVisible();
  await user.type(screen.getByLabelText(/^Reading/), '0.9{Enter}');
  await press('Back');
  expect(screen.queryByLabelText(ask)).toBeNull();
});

test('a lone 1 on the display is over-range, not one volt', async () => {
  const server = fakeServer();
  const user = userEvent.setup();
  show();
  await press('Done');
  await press('Done');
  await user.type(field()!, '1{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('the range is too small');
  await settle();
  expect(server.lines.some(({ entry }) => entry.kind === 'reading')).toBe(false);
  await user.click(screen.getByRole('button', { name: /^Keep/ }));
  expect(screen.getByRole('heading')).toHaveTextContent('Milliamps');
});

test('the expected value is hidden until the group has written its own', async () => {
  const server = fakeServer();
  const user = userEvent.setup();
  show(true);
  await press('Done');
  await press('Done');
  expect(screen.queryByTestId('expected')).toBeNull();
  await user.type(screen.getByLabelText('What do you expect, before you read?'), '1{Enter}');
  expect(screen.getByText(/You expect 1.00/)).toBeVisible();
  await user.type(screen.getByLabelText(/^Reading/), '0.9{Enter}');
  // What sound batteries read is told after the reading, so that nobody reads what is printed.
  expect(screen.getByTestId('expected')).toHaveTextContent(
    /0.90 V. You expected 1.00 V. Sound batteries read 0\.\d+ to \d/,
  );
  await settle();
  expect(server.lines.map(({ entry }) => entry.kind)).toContain('prediction');
});

type Action = 'type' | 'enter' | 'blur' | 'done' | 'skip' | 'back' | 'offline' | 'online';
const actions = fc.array(
  fc.constantFrom<Action>(
    'type',
    'enter',
    'blur',
    'done',
    'done',
    'skip',
    'back',
    'offline',
    'online',
  ),
  { maxLength: 24 },
);

test('every order of typing, Enter, leaving, Done, Skip, Back, offline and online: one reading for each value, one step for each press', async () => {
  await fc.assert(
    fc
      .asyncProperty(actions, async (run) => {
        const server = fakeServer();
        const { unmount } = show();
        let readings = 0;
        let typed = 0;
        for (const action of run) {
          const before = stepNumber();
          const here = field();
          const draft = here !== null && here.getAttribute('data-test-typed') === 'yes';
          switch (action) {
            case 'type':
              if (here !== null) {
                typed += 1;
                const milliamps = here.getAttribute('placeholder') === 'mA';
                fireEvent.change(here, {
                  target: { value: milliamps ? `0.${typed}3` : `0.9${typed}` },
                });
                here.setAttribute('data-test-typed', 'yes');
              }
              break;
            case 'enter':
              if (here !== null) fireEvent.keyDown(here, { key: 'Enter' });
              break;
            case 'blur':
              if (here !== null) fireEvent.blur(here);
              break;
            case 'done':
            case 'skip':
            case 'back': {
              const name = `${action[0]?.toUpperCase()}${action.slice(1)}`;
              const button = screen.queryByRole('button', { name });
              if (button !== null) fireEvent.click(button);
              break;
            }
            case 'offline':
            case 'online':
              server.there = action === 'online';
              break;
          }
          await answered();
          const after = stepNumber();
          const moved = after - before;
          if (action === 'done' || action === 'skip' || action === 'enter') {
            expect(moved).toBeGreaterThanOrEqual(0);
          }
          if (['type', 'blur', 'offline', 'online'].includes(action)) expect(moved).toBe(0);
          if (draft && moved > 0 && (action === 'done' || action === 'enter')) readings += 1;
          if (here !== null && moved > 0) here.removeAttribute('data-test-typed');
        }
        server.there = true;
        const shown = stepNumber();
        unmount();
        // Reloaded, with the network back: what waited goes out, nothing twice, and the step is the same.
        render(
          <LogProvider initial={server.lines} author="group" postUrl="/log" seat={SEAT}>
            <GuideCard facts={FACTS} group="Knot" />
          </LogProvider>,
        );
        await settle();
        await settle();
        expect(stepNumber()).toBe(shown);
        const logged = server.lines.filter(({ entry }) => entry.kind === 'reading');
        expect(new Set(logged.map(({ entryId }) => entryId)).size).toBe(logged.length);
        expect(logged.length).toBeLessThanOrEqual(typed);
        expect(logged.length).toBeGreaterThanOrEqual(Math.min(readings, 1));
      })
      .afterEach(cleanup),
    { numRuns: 40 },
  );
});

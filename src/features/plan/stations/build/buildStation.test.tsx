/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { logged } from '@/testing/core/logged';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, plain, press } from '@/testing/ui/acting';
import { answerNext, answerTo } from '@/testing/ui/server';
import { openStreams, tellJudged } from '@/testing/ui/streams';
import { showPlan, verdict } from '@/testing/ui/planPage';

const fresh = newPlan('Bench');
/** Five kiwi cells in one string, their cell measured. */
const BENCH: Plan = {
  ...fresh,
  cell: {
    ...fresh.cell,
    body: 'kiwi',
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: null },
      loaded: [],
      kept: true,
    },
  },
  arrangement: { kind: 'own', cellsInSeries: 5, strings: 1 },
};

// What one test left waiting is no other's.
afterEach(() => window.localStorage.clear());

const NOTE: LogRequest = {
  entryId: 'note',
  revision: 1,
  group: 'Tern',
  entry: { kind: 'note', text: 'Bubbles', takenAt: '2027-01-29T14:00:00Z' },
  struck: false,
};

const field = (label: string): Promise<HTMLElement> => screen.findByLabelText(`Read: ${label}`);
const type = async (label: string, text: string): Promise<void> => {
  const one = await field(label);
  act(() => one.focus());
  fireEvent.change(one, { target: { value: text } });
};
const read = async (label: string, text: string): Promise<void> => {
  await type(label, text);
  fireEvent.keyDown(await field(label), { key: 'Enter' });
  await act(() => Promise.resolve());
};
const valueOf = async (label: string): Promise<string> =>
  plain(((await field(label)) as HTMLInputElement).value);

test('readings are typed as people type; a slip is asked about; what is no reading is told at its field', async () => {
  const { kept } = showPlan(BENCH, 'build');
  await read('cell 1, nothing connected', '0,94');
  expect(screen.getByTestId('bench-cell 1, nothing connected')).toHaveTextContent('as planned');
  expect(await valueOf('cell 1, nothing connected')).toBe('0.94 V');
  await read('cell 1, current', '1.3 A');
  expect(screen.getByText(/Did you mean 1\.3\smA/)).toBeVisible();
  fireEvent.click(screen.getByRole('button', { name: /^1\.3\smA$/ }));
  expect(await valueOf('cell 1, current')).toBe('1.3 mA');
  // What a cell adds stands beside its volts, and beside nothing else.
  await read('cells 1–2, nothing connected', '1.86');
  const row = (label: string) => plain(screen.getByTestId(`bench-${label}`).textContent ?? '');
  expect(row('cells 1–2, nothing connected')).toContain('+0.92');
  expect(row('cell 1, current')).not.toContain('+');
  expect(row('cells 1–3, nothing connected')).not.toContain('+');
  await read('cells 1–2, nothing connected', 'a lot');
  expect(screen.getByText(/“a lot” is not a voltage/)).toBeVisible();
  expect(kept.filter(({ url }) => url.endsWith('/log'))).toHaveLength(3);
});

test('what the server cannot take just now waits here, and why stands above the bench', async () => {
  showPlan(BENCH, 'build');
  answerNext(503, { message: 'The disk of this computer is full.' });
  await read('cell 1, nothing connected', '0.94');
  expect(await screen.findByText('The disk of this computer is full.')).toBeVisible();
});

test('Escape forgets what is typed; leaving the field takes it; Enter held down counts once', async () => {
  const { kept } = showPlan(BENCH, 'build');
  const lines = (): number => kept.filter(({ url }) => url.endsWith('/log')).length;
  await type('cell 1, nothing connected', '0.9');
  fireEvent.keyDown(await field('cell 1, nothing connected'), { key: 'Escape' });
  expect(await valueOf('cell 1, nothing connected')).toBe('');
  await type('cell 1, nothing connected', '0.91');
  fireEvent.blur(await field('cell 1, nothing connected'));
  await waitFor(() => expect(lines()).toBe(1));
  expect(await valueOf('cell 1, nothing connected')).toBe('0.91 V');
  await type('cells 1–2, nothing connected', '1.8');
  fireEvent.keyDown(await field('cells 1–2, nothing connected'), { key: 'Enter' });
  fireEvent.keyDown(await field('cells 1–2, nothing connected'), { key: 'Enter', repeat: true });
  await waitFor(() => expect(lines()).toBe(2));
});

test('a fault is found: causes by chance, the next measurement, and the answer to it', async () => {
  openStreams();
  const { kept } = showPlan(BENCH, 'build');
  const judge = (): void =>
    tellJudged(
      BENCH,
      logged(
        kept.filter(({ url }) => url.endsWith('/log')).flatMap(({ body }) => body as LogRequest[]),
      ),
    );
  await read('cell 1, nothing connected', '0.94');
  await read('cells 1–2, nothing connected', '1.86');
  await read('cells 1–3, nothing connected', '0.95');
  expect(screen.getByTestId('causes')).toHaveTextContent('Working it out');
  judge();
  await waitFor(() =>
    expect(screen.getByTestId('causes')).toHaveTextContent(/Cell 3 is the wrong way/),
  );
  expect(verdict().text).toMatch(/cell 3 .*wrong way round/i);
  expect(await screen.findByTestId('measure-next')).toHaveTextContent(/red on/i);
  await read('cells 1–3, nothing connected', '2.8');
  judge();
  await waitFor(() =>
    expect(screen.getByTestId('causes')).toHaveTextContent('within ordinary scatter'),
  );
});

test('the guide leads from step to step, there and back; its reading stands in the table', async () => {
  showPlan(BENCH, 'build');
  const step = (name: string): Promise<HTMLElement> => screen.findByRole('heading', { name });
  const go = async (name: string): Promise<void> => {
    press(name);
    await act(() => Promise.resolve());
  };
  await step('Get your things ready');
  await go('Done');
  await step('Build one cell');
  await go('Skip');
  await step('Volts of cell 1');
  await waitFor(() => expect(document.body).toHaveTextContent('red lead in VΩ'));
  await go('Back');
  await step('Build one cell');
  await go('Done');
  const reading = await screen.findByLabelText('Reading: Volts of cell 1');
  fireEvent.change(reading, { target: { value: '0.92' } });
  fireEvent.keyDown(reading, { key: 'Enter' });
  await step('Milliamps of cell 1, briefly');
  expect(await valueOf('cell 1, nothing connected')).toBe('0.92 V');
});

test('the logbook keeps what was changed: earlier values can be restored, deleted lines come back', async () => {
  const { goTo } = showPlan(BENCH, 'build');
  await read('cells 1–2, nothing connected', '1.86');
  await read('cells 1–2, nothing connected', '1.8');
  goTo('build', 'log');
  const entry = async (): Promise<HTMLElement> => {
    const entries = await screen.findAllByTestId('log-entry');
    const found = entries.find(
      (one) => one.textContent?.includes('cells 1–2, nothing connected') === true,
    );
    if (found === undefined) throw new Error('the reading is not in the logbook');
    return found;
  };
  const pressIn = async (name: string): Promise<void> => {
    fireEvent.click(within(await entry()).getByRole('button', { name }));
    await act(() => Promise.resolve());
  };
  await pressIn('1 change');
  expect(await entry()).toHaveTextContent('typed “1.86”');
  await pressIn('Use this value');
  await pressIn('Delete');
  expect(within(await entry()).getByRole('button', { name: 'Restore' })).toBeVisible();
  await pressIn('Restore');
  goTo('build', 'bench');
  expect(await valueOf('cells 1–2, nothing connected')).toBe('1.86 V');
});

test('the first cell becomes the plan’s cell, before and after side by side, and back again', async () => {
  showPlan(BENCH, 'build');
  const stations = (): string =>
    plain(screen.getByRole('navigation', { name: 'Stations of the plan' }).textContent ?? '');
  await read('cell 1, nothing connected', '0.85');
  await read('cell 1, current', '0.9');
  press('Compare before and after');
  const table = await screen.findByRole('table', { name: 'The plan before and after' });
  const row = within(table).getByRole('row', { name: /open-circuit voltage/ });
  expect(plain(row.textContent ?? '')).toContain('0.91 V');
  await expectAccessible(screen.getByRole('dialog'));
  press('Use this cell');
  // The teacher’s own cell and the group’s.
  expect(stations()).toMatch(/two read: 0\.\d+ mA/);
  const used = stations();
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(stations()).not.toBe(used);
});

test('a file of readings: bad rows are named, the good ones can be taken', async () => {
  const { goTo, kept } = showPlan(BENCH, 'build');
  goTo('build', 'results');
  const input = await screen.findByLabelText('Readings as CSV: file');
  const text = 'Team;Cells;Reading;Unit\nCurlew;1;0,94;V\nKnot;1;lots;V\nTern;2;1.85;V\n';
  fireEvent.change(input, { target: { files: [new File([text], 'class.csv')] } });
  const dialog = await screen.findByRole('dialog', { name: 'Readings from a file' });
  await waitFor(() => expect(dialog).toHaveTextContent('2 rows can be imported, 1 cannot.'));
  expect(within(dialog).getByRole('row', { name: /lots/ })).toHaveTextContent(
    '“Reading”: “lots” is not a voltage',
  );
  await expectAccessible(dialog);
  fireEvent.click(within(dialog).getByRole('button', { name: 'Import 2 readings' }));
  await waitFor(() => expect(kept.some(({ url }) => url.endsWith('/log'))).toBe(true));
  await waitFor(() => expect(screen.getByTestId('results-Tern')).toHaveTextContent('1.85 V'));
});

test('a note is logged, a photo that is none is refused and the note kept', async () => {
  const { goTo, kept } = showPlan(BENCH, 'build');
  goTo('build', 'log');
  const words = await screen.findByLabelText('What did you see?');
  fill(words, 'Bubbles at the zinc');
  press('Add note');
  expect(await screen.findByTestId('log-entry')).toHaveTextContent('Bubbles at the zinc');
  await waitFor(() => expect(JSON.stringify(kept)).toContain('Bubbles at the zinc'));
  fireEvent.change(screen.getByLabelText('Photo for the logbook'), {
    target: { files: [new File(['no picture'], 'battery.png', { type: 'image/png' })] },
  });
  expect(await screen.findByText('This is no JPEG, PNG or WebP photo.')).toBeVisible();
  await expectAccessible();
});

test('every part of building and measuring breaks no rule of names and structure', async () => {
  const { goTo } = showPlan(BENCH, 'build');
  for (const part of ['bench', 'log', 'board', 'results']) {
    goTo('build', part);
    await screen.findByRole('tabpanel');
    await expectAccessible();
  }
});

test('a meter in the network is read with R; one that does not answer is told about, and nothing is logged', async () => {
  const { kept } = showPlan(BENCH, 'build');
  fireEvent.click(await screen.findByRole('button', { name: 'A meter in the network …' }));
  fill(await screen.findByLabelText('Port'), '0');
  expect(screen.getByText('Ports begin at 1.')).toBeVisible();
  await expectAccessible(screen.getByRole('dialog'));
  fill(screen.getByLabelText('Port'), '5025');
  press('Use this');
  await waitFor(() => expect(kept.at(-1)?.url).toBe('/api/meter/bench'));
  answerNext(502, { message: 'No meter answers at 127.0.0.1:5025.' });
  fireEvent.click(await screen.findByRole('button', { name: 'From the meter (R)' }));
  expect(await screen.findByText(/No meter answers at 127\.0\.0\.1:5025/)).toBeVisible();
  expect(kept.filter(({ url }) => url.endsWith('/log'))).toEqual([]);
  expect(await valueOf('cell 1, nothing connected')).toBe('');
  answerNext(200, { value: 0.931, meter: 'SIMULATED BENCH METER' });
  await userEvent.keyboard('r');
  expect(await screen.findByText(/^0\.93\sV read from the meter$/)).toBeVisible();
  expect(await valueOf('cell 1, nothing connected')).toMatch(/^0\.93\d*\sV$/);
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('SIMULATED BENCH METER'));
  // The next key reads what is open next, whatever else was not pressed on the way.
  answerNext(200, { value: 1.2e-3, meter: 'SIMULATED BENCH METER' });
  await userEvent.keyboard('r');
  await waitFor(async () => expect(await valueOf('cell 1, current')).toMatch(/^1\.2\d*\smA$/));
});

test('a class that runs: its code, the passcode on request only, and no end by a slip; its data go after a question', async () => {
  answerTo('/api/lessons/tested/class', {
    running: { code: 'KIWI23', startedAt: 1, endsAt: 3_600_000 },
    gateway: { port: 3001, addresses: ['192.168.1.7'] },
    passcode: '123456',
    shut: null,
  });
  answerTo('/api/lessons/tested/data', { lines: 1, photos: 0 });
  const { goTo, kept } = showPlan(BENCH, 'build', logged([NOTE]));
  goTo('build', 'board');
  expect(await screen.findByTestId('join-code')).toHaveTextContent('KIWI23');
  expect(document.body).not.toHaveTextContent('123456');
  press('My own tablet');
  const own = await screen.findByRole('dialog', { name: 'Your own tablet' });
  expect(own).toHaveTextContent('123456');
  await expectAccessible(own);
  fireEvent.click(within(own).getByRole('button', { name: 'Close' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  press('End the class');
  const end = await screen.findByRole('dialog', { name: 'End the class?' });
  await expectAccessible(end);
  fireEvent.click(within(end).getByRole('button', { name: 'Go on with the class' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(kept.filter(({ url }) => url.endsWith('/class'))).toEqual([]);
  goTo('build', 'results');
  fireEvent.click(await screen.findByRole('button', { name: /^Delete this class’s data/ }));
  const erase = await screen.findByRole('dialog', { name: 'Delete this class’s data?' });
  expect(erase).toHaveTextContent('1 line of the logbook: all of it is deleted for good');
  await expectAccessible(erase);
  fireEvent.click(within(erase).getByRole('button', { name: 'Keep it' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(kept.filter(({ method }) => method === 'DELETE')).toEqual([]);
});

test('first cells of the class stand on the board; one press plans with them, and with what they ask for', async () => {
  const fresh = newPlan('Class');
  const cell = { ...fresh.cell, size: RECIPES['copper-zinc-fruit'].usualSize };
  const { goTo } = showPlan({ ...fresh, cell }, 'build');
  await read('cell 1, nothing connected', '0.95');
  await read('cell 1, current', '1,1');
  goTo('build', 'board');
  expect(plain((await screen.findByTestId('first-cells')).textContent ?? '')).toMatch(
    /^One cell read: an average one gives 0\.\d+ mA ± \d\d %$/,
  );
  fireEvent.click(await screen.findByRole('button', { name: /^Build \d × \d instead of 4 × 3$/ }));
  expect(verdict().text).toContain('with your lemons, one read');
  await waitFor(() => expect(screen.queryByRole('button', { name: /instead of/ })).toBeNull());
  expect(screen.queryByRole('button', { name: 'Plan with them' })).toBeNull();
});

test('what an adult shows is called the demonstration, and there is no group to choose', async () => {
  const high = { kind: 'own', cellsInSeries: 36, strings: 1 } as const;
  const shown = { ...BENCH, arrangement: high };
  const off = { running: null, gateway: null, passcode: null, shut: null };
  answerTo('/api/lessons/tested/class', off);
  openStreams();
  const { kept } = showPlan(shown, 'build');
  await read('cell 1, nothing connected', '0.01');
  const sent = kept.filter(({ url }) => url.endsWith('/log'));
  tellJudged(shown, logged(sent.flatMap(({ body }) => body as LogRequest[])));
  expect(verdict().text).toContain('The demonstration: ');
  expect(screen.getByRole('heading', { name: 'The demonstration' })).toBeVisible();
  expect(screen.queryByLabelText('Group')).toBeNull();
  expect(screen.queryByText(/[Gg]roup Curlew/)).toBeNull();
  expect(screen.queryByRole('button', { name: 'All groups' })).toBeNull();
  fireEvent.click(screen.getByRole('tab', { name: 'Class board' }));
  expect(await screen.findByTestId('board-Curlew')).toHaveTextContent('The demonstration');
  expect(screen.getByText(/an adult shows it; pupils do not build it/)).toBeVisible();
  expect(screen.queryByText(/Curlew|groups are done|Groups predict/)).toBeNull();
  expect(screen.queryByRole('button', { name: 'Start the class' })).toBeNull();
  fireEvent.click(screen.getByRole('tab', { name: 'Results' }));
  expect(await screen.findByTestId('results-Curlew')).toHaveTextContent(/^The demonstration/);
  expect(screen.queryByText(/Curlew/)).toBeNull();
  cleanup();
  showPlan(BENCH, 'build');
  expect(await screen.findByRole('heading', { name: 'Group Curlew' })).toBeVisible();
  expect(screen.getByLabelText('Group')).toHaveValue('Curlew');
});

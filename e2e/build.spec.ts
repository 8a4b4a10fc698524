import { expect, test, type Page } from './test';
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { connect } from 'node:net';
import { strFromU8, unzipSync } from 'fflate';
import type { Plan } from '@/core/records/plan/planSchema';

const part = (page: Page, name: string) => page.getByRole('tab', { name }).click();
const field = (page: Page, label: string) => page.getByLabel(`Read: ${label}`, { exact: true });
const row = (page: Page, label: string) => page.getByTestId(`bench-${label}`);
const causes = (page: Page) => page.getByTestId('causes');

/** A plan of five kiwi cells in one string, its cell measured, at the bench. */
async function bench(page: Page, title: string): Promise<void> {
  const { id } = (await (await page.request.post('/api/plans', { data: { title } })).json()) as {
    id: string;
  };
  const opened = (await (await page.request.get(`/api/plans/${id}`)).json()) as {
    revision: number;
    document: Plan;
  };
  const own: Plan['cell']['own'] = {
    openCircuitVolts: 0.93,
    shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: null },
    loaded: [],
    kept: true,
  };
  const document: Plan = {
    ...opened.document,
    cell: { ...opened.document.cell, body: 'kiwi', own },
    arrangement: { kind: 'own', cellsInSeries: 5, strings: 1 },
  };
  const put = await page.request.put(`/api/plans/${id}`, {
    data: { document, revision: opened.revision },
  });
  expect(put.status()).toBe(200);
  await page.goto(`/plans/${id}/build`);
}

/** What a meter answers to lines that are sent to it over a plain socket. */
async function dialogue(port: number, lines: readonly string[]): Promise<string[]> {
  const socket = connect(port, '127.0.0.1');
  let received = '';
  const asked = lines.filter((line) => line.endsWith('?')).length;
  await new Promise<void>((resolve, reject) => {
    socket.on('error', reject);
    socket.on('data', (chunk: Buffer) => {
      received += chunk.toString();
      if (received.split('\n').length > asked) resolve();
    });
    for (const line of lines) socket.write(`${line}\n`);
  });
  socket.destroy();
  return received.trim().split('\n');
}

test('readings are typed as people type, slips are asked about, edits keep what was', async ({
  page,
}) => {
  await bench(page, 'Readings');
  await field(page, 'cell 1, open').fill('0,94');
  await field(page, 'cell 1, open').press('Enter');
  await expect(row(page, 'cell 1, open')).toContainText('as planned');
  await field(page, 'cell 1, current').fill('1.3 A');
  await field(page, 'cell 1, current').press('Enter');
  await expect(
    page.getByRole('alert').filter({ hasText: 'a thousand times too much' }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^1\.3\smA$/ }).click();
  await expect(field(page, 'cell 1, current')).toHaveValue(/^1\.3\smA$/);
  await field(page, 'cells 1–2, open').fill('a lot');
  await field(page, 'cells 1–2, open').press('Enter');
  await expect(page.getByText('“a lot” is not a voltage')).toBeVisible();
  await field(page, 'cells 1–2, open').fill('1.86');
  await field(page, 'cells 1–2, open').press('Enter');
  await field(page, 'cells 1–2, open').fill('1.8');
  await field(page, 'cells 1–2, open').press('Enter');
  await part(page, 'Logbook');
  const entry = page.getByTestId('log-entry').filter({ hasText: 'cells 1–2, open' });
  await entry.getByRole('button', { name: '1 change' }).click();
  await expect(entry).toContainText('typed “1.86”');
  await entry.getByRole('button', { name: 'Restore this' }).click();
  await entry.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(entry.getByRole('button', { name: 'Restore' })).toBeVisible();
  await part(page, 'At the bench');
  await expect(field(page, 'cells 1–2, open')).toHaveValue('');
  await part(page, 'Logbook');
  await entry.getByRole('button', { name: 'Restore' }).click();
  await page.reload();
  await part(page, 'At the bench');
  await expect(field(page, 'cells 1–2, open')).toHaveValue(/^1\.86\sV$/);
});

test('a fault is found: causes by chance, the next measurement, and the answer to it', async ({
  page,
}) => {
  await bench(page, 'Faults');
  for (const [label, value] of [
    ['cell 1, open', '0.94'],
    ['cells 1–2, open', '1.86'],
    ['cells 1–3, open', '0.95'],
  ] as const) {
    await field(page, label).fill(value);
    await field(page, label).press('Enter');
  }
  await expect(causes(page)).toContainText('Cell 3 is the wrong way round');
  await expect(page.getByText(/^Before you go on: Cell 3 is the wrong way round/)).toBeVisible();
  await expect(page.getByTestId('measure-next')).toContainText('tells the causes apart best');
  await field(page, 'cells 1–3, open').fill('2.8');
  await field(page, 'cells 1–3, open').press('Enter');
  await expect(causes(page)).toContainText('within ordinary scatter');
});

test('the guide leads from step to step, there and back', async ({ page }) => {
  await bench(page, 'Guide');
  const step = page.getByRole('heading', { name: 'Get your things ready' });
  await expect(step).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('heading', { name: 'Build one cell' })).toBeVisible();
  await page.getByRole('button', { name: 'Skip', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Volts of cell 1' })).toBeVisible();
  await expect(page.getByText('red lead in VΩ')).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('heading', { name: 'Build one cell' })).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByLabel('Reading: Volts of cell 1').fill('0.92');
  await page.getByLabel('Reading: Volts of cell 1').press('Enter');
  await expect(page.getByRole('heading', { name: 'Milliamps of cell 1, briefly' })).toBeVisible();
  await expect(field(page, 'cell 1, open')).toHaveValue(/^0\.92\sV$/);
});

test('the first cell becomes the plan’s cell, before and after side by side, and back again', async ({
  page,
}) => {
  await bench(page, 'Calibrate');
  await expect(page.getByRole('button', { name: 'Compare before and after' })).toBeDisabled();
  for (const [label, value] of [
    ['cell 1, open', '0.85'],
    ['cell 1, current', '0.9'],
  ] as const) {
    // On a busy machine the page is there before it listens.
    await expect(async () => {
      await field(page, label).fill(value);
      await field(page, label).press('Enter');
      await expect(field(page, label)).toHaveValue(/V$|mA$/, { timeout: 2000 });
    }).toPass();
  }
  await page.getByRole('button', { name: 'Compare before and after' }).click();
  const table = page.getByRole('table', { name: 'The plan before and after' });
  await expect(table.getByRole('row', { name: /open-circuit voltage/ })).toContainText('0.85 V');
  await page.getByRole('button', { name: 'Use this cell' }).click();
  await expect(page.getByRole('navigation', { name: 'Stations of the plan' })).toContainText(
    '0.85 V, 0.9 mA (measured)',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('navigation', { name: 'Stations of the plan' })).toContainText(
    '0.93 V, 1.4 mA (measured)',
  );
});

test('R takes a reading from the bench meter; without a meter it says so and logs nothing', async ({
  page,
}) => {
  const meter = spawn(process.execPath, ['scripts/meter.mjs', '--port', '0'], { stdio: 'pipe' });
  const port = await new Promise<string>((resolve) => {
    let said = '';
    meter.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /127\.0\.0\.1:(\d+)/.exec(said);
      if (found?.[1] !== undefined) resolve(found[1]);
    });
  });
  // A plain client first: what the app will say, said by hand.
  expect(await dialogue(Number(port), ['*IDN?', 'CONF:VOLT:DC 20', 'READ?', 'SYST:ERR?'])).toEqual([
    expect.stringContaining('SIMULATED BENCH METER'),
    expect.stringMatching(/^[89]\.\d+E-1$|^1\.0\d+E\+0$/),
    '0,"No error"',
  ]);
  expect(await dialogue(Number(port), ['CONF:CURR:DC 99', 'SYST:ERR?'])).toEqual([
    '-222,"Data out of range"',
  ]);
  await bench(page, 'Meter');
  await page.getByRole('button', { name: 'A meter in the network' }).click();
  await page.getByLabel('Port', { exact: true }).fill('0');
  await expect(page.getByText('Ports begin at 1.')).toBeVisible();
  await page.getByLabel('Port', { exact: true }).fill(port);
  await page.getByRole('button', { name: 'Use this' }).click();
  // The address is stored before the server asks there.
  await expect
    .poll(async () => (await page.request.get('/api/meter/bench')).text())
    .toContain(`"port":${port}`);
  await page.keyboard.press('r');
  await expect(page.getByText('read from the meter')).toBeVisible();
  await expect(field(page, 'cell 1, open')).toHaveValue(/^0\.\d+\sV$/);
  await part(page, 'Logbook');
  await expect(
    page.getByTestId('log-entry').filter({ hasText: 'SIMULATED BENCH METER' }),
  ).toHaveCount(1);
  meter.kill();
  await new Promise((resolve) => meter.on('close', resolve));
  await part(page, 'At the bench');
  await page.getByRole('button', { name: 'From the meter (R)' }).click();
  await expect(page.getByText(`No meter answers at 127.0.0.1:${port}`)).toBeVisible();
  await part(page, 'Logbook');
  await expect(
    page.getByTestId('log-entry').filter({ hasText: 'SIMULATED BENCH METER' }),
  ).toHaveCount(1);
});

test('results go out and come in; bad rows are named and the good ones can be taken', async ({
  page,
}) => {
  await bench(page, 'Results');
  await part(page, 'Results');
  await page.getByLabel('Readings as CSV: file').setInputFiles({
    name: 'class.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Team;Cells;Reading;Unit\nCurlew;1;0,94;V\nKnot;1;lots;V\nTern;2;1.85;V\n'),
  });
  const dialog = page.getByRole('dialog', { name: 'Readings from a file' });
  await expect(dialog.getByRole('status')).toHaveText('2 rows can be imported, 1 cannot.');
  await expect(dialog.getByRole('row', { name: /lots/ })).toContainText(
    '“Reading”: “lots” is not a voltage',
  );
  await dialog.getByRole('button', { name: 'Import 2 readings' }).click();
  await expect(page.getByTestId('results-Curlew')).toContainText('0.94 V');
  await expect(page.getByTestId('results-Tern')).toContainText('1.85 V');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Data package' }).click();
  const files = unzipSync(new Uint8Array(readFileSync(await (await download).path())));
  expect(strFromU8(files['readings.csv'] ?? new Uint8Array())).toContain(
    'Tern,volts,1,1,2,2,1.85,V',
  );
});

test('notes and photos; what is no photo is refused', async ({ page }) => {
  await bench(page, 'Photos');
  await part(page, 'Logbook');
  await page.getByLabel('What did you see?').fill('Bubbles at the zinc');
  await page.getByRole('button', { name: 'Add note' }).click();
  await expect(page.getByTestId('log-entry').filter({ hasText: 'Bubbles' })).toBeVisible();
  await page.getByLabel('Photo for the logbook').setInputFiles({
    name: 'battery.png',
    mimeType: 'image/png',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText('This is no JPEG, PNG or WebP photo.')).toBeVisible();
  await page.getByLabel('What did you see?').fill('Our pile');
  await page.getByLabel('Photo for the logbook').setInputFiles('docs/screenshots/shelf.png');
  await expect(page.getByRole('img', { name: 'Our pile' })).toBeVisible();
});

import { expect, test, type Page } from './test';
import { spawn } from 'node:child_process';
import { connect } from 'node:net';
import type { Plan } from '@/core/records/plan/planSchema';

const part = (page: Page, name: string) => page.getByRole('tab', { name }).click();
const field = (page: Page, label: string) => page.getByLabel(`Read: ${label}`, { exact: true });

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

import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { connect } from 'node:net';
import { ROOT } from './lib/run.mjs';

/** The stand-in of a bench meter, as its command starts it. */
async function startMeter() {
  const meter = spawn(process.execPath, ['scripts/meter.mjs', '--port', '0'], { cwd: ROOT });
  const port = await new Promise((resolve) => {
    let said = '';
    meter.stdout.on('data', (chunk) => {
      said += chunk;
      const found = /127\.0\.0\.1:(\d+)/.exec(said);
      if (found !== null) resolve(Number(found[1]));
    });
  });
  return { meter, port };
}

/** What it answers to lines that are sent to it over a plain socket. */
async function dialogue(port, lines) {
  const socket = connect(port, '127.0.0.1');
  const asked = lines.filter((line) => line.endsWith('?')).length;
  for (const line of lines) socket.write(`${line}\n`);
  let received = '';
  for await (const chunk of socket) {
    received += chunk;
    if (received.split('\n').length > asked) break;
  }
  return received.trim().split('\n');
}

/**
 * @check the stand-in of a bench meter answers as one does
 * @origin published: SCPI-99, volumes 1 and 2 (*IDN?, CONFigure, READ?, SYSTem:ERRor?; error −222)
 * @tolerance the words as they stand there
 */
test('the command starts a meter that says who it is, reads, and refuses a range that it does not have', async () => {
  const { meter, port } = await startMeter();
  expect(await dialogue(port, ['*IDN?', 'CONF:VOLT:DC 20', 'READ?', 'SYST:ERR?'])).toEqual([
    expect.stringContaining('SIMULATED BENCH METER'),
    expect.stringMatching(/^[89]\.\d+E-1$|^1\.0\d+E\+0$/),
    '0,"No error"',
  ]);
  expect(await dialogue(port, ['CONF:CURR:DC 99', 'SYST:ERR?'])).toEqual([
    '-222,"Data out of range"',
  ]);
  const ended = once(meter, 'exit');
  meter.kill();
  await ended;
  await expect(dialogue(port, ['*IDN?'])).rejects.toThrow('ECONNREFUSED');
});

import { createServer } from 'node:net';
import { createStandIn, type HiddenFault } from '@/core/work/standIn/standIn';
import { LONGEST_LINE, METER_PORT } from '@/core/physics/instruments/scpi';
import { FAULT_WORDS } from '@/core/physics/desk/faultWords';
import type { FaultKind } from '@/core/physics/desk/deskEdits';
import { answerLines } from '@/server/meter/answerLines';

const HOST = '127.0.0.1';
/** A battery description may be long; anything longer is no command. */
const LONGEST_COMMAND = 100 * LONGEST_LINE;

const USAGE = `The bench meter’s stand-in: SCPI over TCP on ${HOST}:${METER_PORT}, wired to a simulated battery.

  npm run meter                          a sound battery
  npm run meter -- --fault dry:3         cell 3 is dry
  npm run meter -- --port 5026           another port

Faults: ${Object.keys(FAULT_WORDS).join(', ')}`;

interface Options {
  port: number;
  fault: HiddenFault | null;
}

function refuse(message: string): never {
  console.error(`${message}\n\n${USAGE}`);
  process.exit(2);
}

function optionsOf(parameters: readonly string[]): Options {
  const options: Options = { port: METER_PORT, fault: null };
  for (let index = 0; index < parameters.length; index += 2) {
    const [name = '', value = ''] = parameters.slice(index, index + 2);
    if (name === '--help') {
      console.log(USAGE);
      process.exit(0);
    } else if (name === '--port') {
      options.port = Number(value);
      if (!Number.isInteger(options.port) || options.port < 0 || options.port > 65_535) {
        refuse(`“${value}” is no port.`);
      }
    } else if (name === '--fault') {
      const [kind = '', cell = '1'] = value.split(':');
      if (!(kind in FAULT_WORDS)) refuse(`“${kind}” is no fault that the stand-in can hide.`);
      if (!/^[1-9]\d?$/.test(cell)) refuse(`“${cell}” is no cell.`);
      options.fault = { kind: kind as FaultKind, cell: Number(cell) };
    } else refuse(`“${name}” is no option.`);
  }
  return options;
}

const { port, fault } = optionsOf(process.argv.slice(2));

const server = createServer((socket) => answerLines(socket, createStandIn(fault), LONGEST_COMMAND));

server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is in use: another meter runs there already, or choose one with --port.`
      : `The meter cannot listen on port ${port} (${error.code}).`,
  );
  process.exit(1);
});
server.listen(port, HOST, () => {
  const address = server.address();
  const at = typeof address === 'object' && address !== null ? address.port : port;
  console.log(
    `Bench meter’s stand-in on ${HOST}:${at}${fault === null ? '' : `, with a hidden fault: ${fault.kind} at cell ${fault.cell}`}`,
  );
});

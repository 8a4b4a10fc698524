import { connect, type Socket } from 'node:net';
import {
  errorOf,
  LONGEST_LINE,
  readingOf,
  SCPI,
  SIMULATED,
  STAND_IN_NAME,
} from '@/core/physics/instruments/scpi';
import type { SimulatedBattery } from '@/core/work/standIn/standIn';
import { LONGEST_METER } from '@/core/records/logbook/logLimits';
import { quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { fail, succeed, type Result } from '@/core/result';

export interface MeterAddress {
  readonly host: string;
  readonly port: number;
}

export interface MeterRequest {
  readonly address: MeterAddress;
  readonly measurement: Measurement;
  /** End of the range to read on, volts or amperes; `null`: the meter chooses. */
  readonly fullScale: number | null;
  /** What the stand-in should take for the battery on the desk. */
  readonly simulated: SimulatedBattery;
}

export interface MeterReading {
  /** Volts or amperes. */
  readonly value: number;
  /** How the meter names itself. */
  readonly meter: string;
}

/** Meters show a little more than their range is named for. */
const RANGE_ROOM = 1.2;
/** Longest wait for the connection and for each answer, milliseconds. */
export const METER_PATIENCE_MS = 4000;

/** Takes one reading from a bench meter over TCP. Whatever goes wrong comes back as a fault in words, never as a value. */
export async function readMeter(
  { address, measurement, fullScale, simulated }: MeterRequest,
  patience = METER_PATIENCE_MS,
): Promise<Result<MeterReading>> {
  const quantity = quantityOf(measurement);
  if (quantity === 'light') {
    return fail({
      code: 'no-meter',
      path: [],
      message: 'Whether it runs is for eyes, not for a meter.',
    });
  }
  const line = new MeterLine(address, patience);
  try {
    await line.open();
    const meter = (await line.ask(SCPI.identify)).trim();
    // A number is a reading that somebody else asked for.
    if (meter === '' || readingOf(meter).ok) {
      throw new MeterProblem('garbage', 'The meter does not say what it is.');
    }
    if (meter.startsWith(STAND_IN_NAME)) {
      line.say(`${SIMULATED.battery} ${JSON.stringify(simulated)}`);
      line.say(`${SIMULATED.probe} ${JSON.stringify(measurement)}`);
    }
    line.say(`${SCPI.configure[quantity]}${fullScale === null ? '' : ` ${fullScale}`}`);
    const reading = readingOf(await line.ask(SCPI.read));
    const error = errorOf(await line.ask(SCPI.error));
    if (!error.ok) return error;
    if (reading.ok && fullScale !== null && Math.abs(reading.value) > RANGE_ROOM * fullScale) {
      throw new MeterProblem(
        'out-of-range',
        `The meter answered ${reading.value}, which its range of ${fullScale} cannot show. Nothing was logged.`,
      );
    }
    return reading.ok
      ? succeed({ value: reading.value, meter: meter.slice(0, LONGEST_METER) })
      : reading;
  } catch (problem) {
    if (!(problem instanceof MeterProblem)) throw problem;
    return fail({ code: problem.code, path: ['address'], message: problem.message });
  } finally {
    line.close();
  }
}

class MeterProblem extends Error {
  readonly code: string;

  constructor(code: string, message: string) {
    super(message);
    this.code = code;
  }
}

/** One connection, one question at a time. */
class MeterLine {
  private readonly address: MeterAddress;
  private readonly patience: number;
  private socket: Socket | null = null;
  private received = '';
  private problem: MeterProblem | null = null;
  private wake: () => void = () => undefined;

  constructor(address: MeterAddress, patience: number) {
    this.address = address;
    this.patience = patience;
  }

  async open(): Promise<void> {
    const { host, port } = this.address;
    const socket = connect({ host, port });
    this.socket = socket;
    let connected = false;
    socket.on('connect', () => {
      connected = true;
      this.wake();
    });
    socket.on('data', (chunk: Buffer) => {
      this.received += chunk.toString('latin1');
      this.wake();
    });
    socket.on('error', (error: NodeJS.ErrnoException) => {
      this.problem ??= new MeterProblem(
        connected ? 'dropped' : 'no-meter',
        connected
          ? 'The line to the meter broke off in the middle of a reading. Nothing was logged.'
          : `No meter answers at ${host}:${port} (${error.code ?? 'no connection'}). Is it switched on and joined to the network?`,
      );
      this.wake();
    });
    socket.on('close', () => {
      this.problem ??= new MeterProblem(
        'dropped',
        'The meter closed the line before it gave a reading. Nothing was logged.',
      );
      this.wake();
    });
    await this.until(() => connected, `No meter answers at ${host}:${port} in time.`);
  }

  say(command: string): void {
    this.socket?.write(`${command}\n`);
  }

  async ask(question: string): Promise<string> {
    // What still lies there answers no question of ours.
    this.received = '';
    this.say(question);
    await this.until(
      () => this.received.includes('\n') || this.received.length > LONGEST_LINE,
      `The meter did not answer ${question} within ${this.patience / 1000} seconds. Nothing was logged.`,
    );
    const end = this.received.indexOf('\n');
    if (end < 0) {
      throw new MeterProblem(
        'garbage',
        'The meter sends something that is no answer. Nothing was logged.',
      );
    }
    const answer = this.received.slice(0, end).replace(/\r$/, '');
    this.received = this.received.slice(end + 1);
    return answer;
  }

  close(): void {
    this.socket?.destroy();
  }

  private async until(ready: () => boolean, late: string): Promise<void> {
    const deadline = Date.now() + this.patience;
    while (!ready()) {
      if (this.problem !== null) throw this.problem;
      const left = deadline - Date.now();
      if (left <= 0) throw new MeterProblem('slow', late);
      await new Promise<void>((resolve) => {
        const timer = setTimeout(resolve, left);
        this.wake = () => {
          clearTimeout(timer);
          resolve();
        };
      });
    }
  }
}

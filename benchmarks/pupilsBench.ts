import type { RandomStream } from '@/core/physics/chance/random';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import type { SpecCell } from '@/core/physics/circuit/faults/batterySpec';
import { isSame, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { agree } from '@/core/records/logbook/readingEntry';
import type { Reading } from '@/core/work/diagnosis/evidence';
import { shown, type Case } from './faultyBatteries';

const MISREAD_CHANCE = 1 / 30;
const ROUNDED_CHANCE = 1 / 3;

/** Takes one reading as pupils do; the hidden slip spoils the first that it can. */
export class Bench {
  readonly spoilt = new Set<number>();
  readonly readings: Reading[] = [];
  private readonly one: Case;
  private readonly random: RandomStream;
  private slipAt: number;

  constructor(one: Case, random: RandomStream) {
    this.one = one;
    this.random = random;
    this.slipAt = one.kind === 'slip' ? Math.floor(random.uniform() * 5) : -1;
  }

  /** Reads once more what went wrong; the last reading of a measurement counts. */
  again(index: number): void {
    const old = this.readings[index];
    if (old === undefined) return;
    this.readings.splice(index, 1);
    const spoilt = [...this.spoilt].filter((one) => one !== index);
    this.spoilt.clear();
    for (const one of spoilt) this.spoilt.add(one > index ? one - 1 : one);
    this.slipAt = -1;
    const { measurement, value } = this.take(old.measurement);
    const confirmed = agree(measurement, value, old.value);
    this.readings[this.readings.length - 1] = { measurement, value, confirmed };
  }

  take(measurement: Measurement): Reading {
    const { random } = this;
    const right = this.truth(measurement);
    let value = right;
    if (quantityOf(measurement) !== 'light') {
      if (random.uniform() < ROUNDED_CHANCE) value = Number(value.toPrecision(2));
      const slips = this.readings.length === this.slipAt;
      if (slips || random.uniform() < MISREAD_CHANCE) {
        value = misread(value, slips, random);
        if (Math.abs(value - right) > 0.12 * Math.abs(right)) this.spoilt.add(this.readings.length);
      }
    }
    const reading = { measurement, value };
    this.readings.push(reading);
    return reading;
  }

  has(measurement: Measurement): boolean {
    return this.value(measurement) !== null;
  }

  /** What stands of a measurement; `null`: it was not read. */
  value(measurement: Measurement): number | null {
    return this.readings.findLast((one) => isSame(one.measurement, measurement))?.value ?? null;
  }

  private truth(measurement: Measurement): number {
    const { kind, string, built } = this.one;
    const { random } = this;
    const isString = 'string' in measurement;
    const blocked = kind === 'load-broken' || kind === 'load-reversed';
    const strings =
      kind === 'string-reversed' && !isString
        ? built.map((items, index) => (index + 1 === string ? backwards(items) : items))
        : built;
    if (measurement.kind === 'lights') {
      const turnedRight = measurement.turned === (kind === 'load-reversed');
      if (kind === 'load-broken' || !turnedRight) return 0;
      const amps = shown(strings, { kind: 'load-amps' });
      return amps > BRIGHTNESS_FROM_AMPS.glimmer * Math.exp(0.6 * random.normal()) ? 1 : 0;
    }
    const connected = measurement.kind === 'load-volts' || measurement.kind === 'load-amps';
    const value =
      connected && blocked
        ? measurement.kind === 'load-amps'
          ? 0
          : shown(strings, { kind: 'battery-volts' })
        : shown(strings, measurement, this.one.meantAmps);
    const volts = quantityOf(measurement) === 'volts';
    if (kind === 'no-milliamps' && !volts) return 0;
    if (kind === 'no-volts' && volts) return 0.001 * random.normal();
    if (kind === 'leads-swapped') return -value;
    if (kind === 'flat-meter') return value * this.gain;
    // Behind an open joint a meter shows what it picks up.
    const floats = volts && kind === 'open' && Math.abs(value) < 0.002;
    return floats ? value + 0.02 * random.normal() : value;
  }

  private get gain(): number {
    return 1.2 + 0.4 * (this.one.cell / 6);
  }
}

function backwards(items: readonly SpecCell[]): SpecCell[] {
  return [...items].reverse().map((one) => ({
    ...one,
    faults: one.faults.some(({ kind }) => kind === 'reversed')
      ? one.faults.filter(({ kind }) => kind !== 'reversed')
      : [...one.faults, { kind: 'reversed' as const }],
  }));
}

/** A hidden slip is a lead that came off or the wrong way; a misreading is one of the decimal point or of a digit. */
function misread(value: number, slipped: boolean, random: RandomStream): number {
  const what = random.uniform();
  if (slipped) return what < 0.6 ? 0 : what < 0.8 ? -value : value * (what < 0.9 ? 10 : 0.1);
  if (what < 0.4) return value * (what < 0.2 ? 10 : 0.1);
  const digits = Math.abs(value).toExponential(2);
  const swapped = Number(`${digits[2]}.${digits[0]}${digits.slice(3)}`) * Math.sign(value);
  return what < 0.7 && swapped !== 0 ? swapped : value * (0.4 + 1.4 * random.uniform());
}

import type { RandomStream } from '@/core/physics/chance/random';
import { isSame, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import type { CauseKind } from '@/core/work/diagnosis/causes';
import type { Reading } from '@/core/work/diagnosis/evidence';
import { SHUNTS, truthOf } from './benchBattery';
import { batteryWith, GLIMMER_AMPS, pick, type Case, type Hidden } from './pupils';

const MISREAD_CHANCE = 1 / 40;
const ROUNDED_CHANCE = 1 / 3;
/** What sound batteries never differ by: an eighth of volts, a factor of three of currents. */
function isFar(measurement: Measurement, value: number, right: number): boolean {
  if (quantityOf(measurement) === 'volts') return Math.abs(value - right) > 0.12 * Math.abs(right);
  return !(value / right > 1 / 3 && value / right < 3);
}

/** A group with its meter: it reads what is there, rounds, and now and then goes wrong. */
export class Group {
  readonly readings: Reading[] = [];
  readonly spoilt = new Set<Measurement>();
  private readonly one: Case;
  private faults: readonly Hidden[];
  private readonly random: RandomStream;
  /** Its next readings until a slip spoils one; below 0: none. */
  private untilSlip: number;
  private readonly meterGain: number;

  constructor(one: Case, random: RandomStream) {
    this.one = one;
    this.faults = one.hidden;
    this.random = random;
    this.untilSlip = this.has('slip') ? pick(random, 5) : -1;
    this.meterGain = 1 + 0.003 * random.normal();
  }

  /** Puts right what was named, and reads everything once more. */
  mend(fault: Hidden): void {
    this.faults = this.faults.filter((one) => one !== fault);
    const again = this.readings.splice(0).map(({ measurement }) => measurement);
    this.spoilt.clear();
    for (const measurement of again) this.take(measurement);
  }

  take(measurement: Measurement): Reading {
    const before = this.readings.findIndex((one) => isSame(one.measurement, measurement));
    const old = before < 0 ? null : this.readings.splice(before, 1)[0];
    this.spoilt.delete(old?.measurement ?? measurement);
    const value = this.read(measurement);
    const least = quantityOf(measurement) === 'volts' ? 0.05 : 5e-6;
    const twice =
      old != null && Math.abs(value - old.value) <= Math.max(0.1 * Math.abs(old.value), least);
    const reading = { measurement, value, confirmed: twice };
    this.readings.push(reading);
    return reading;
  }

  value(measurement: Measurement): number | null {
    return this.readings.find((one) => isSame(one.measurement, measurement))?.value ?? null;
  }

  private has(kind: CauseKind): boolean {
    return this.faults.some((one) => one.kind === kind);
  }

  private read(measurement: Measurement): number {
    const { random } = this;
    const battery = batteryWith(this.one, this.faults);
    const truth = (shunt: number): number => truthOf(battery, measurement, shunt, this.one.byMetal);
    if (quantityOf(measurement) === 'light') {
      return truth(10) > GLIMMER_AMPS * Math.exp(0.5 * random.normal()) ? 1 : 0;
    }
    const right =
      quantityOf(measurement) === 'volts' ? this.volts(truth(10)) : this.amps(measurement, truth);
    let value = right;
    if (random.uniform() < ROUNDED_CHANCE) value = Number(value.toPrecision(2));
    const slips = this.untilSlip === 0;
    this.untilSlip -= 1;
    if (slips || random.uniform() < MISREAD_CHANCE) value = this.misread(value, slips);
    if (isFar(measurement, value, right)) this.spoilt.add(measurement);
    return value;
  }

  /** On a meter of 2000 counts: half a per cent and two digits, and what it picks up where nothing is connected. */
  private shown(value: number, fullScale: number): number {
    const digit = fullScale / 2000;
    const off = value * this.meterGain + digit * Math.round(2 * this.random.normal());
    return Math.round(off / digit) * digit;
  }

  private volts(truth: number): number {
    if (this.has('no-volts')) return 0.001 * this.random.normal();
    const isOpen = this.has('open') || this.has('load-off');
    const floats = isOpen && Math.abs(truth) < 0.0005 ? 0.015 * this.random.normal() : 0;
    return this.sign * this.shown(this.gain * (truth + floats), Math.abs(truth) < 1.95 ? 2 : 20);
  }

  private amps(measurement: Measurement, truth: (shunt: number) => number): number {
    if (this.has('no-milliamps')) return 0;
    const wanted = measurement.kind === 'load-amps' ? 0.02 : this.one.meantAmps;
    const ranges = Object.entries(SHUNTS)
      .map(([full, shunt]) => ({ full: Number(full), shunt }))
      .sort((a, b) => a.full - b.full);
    const from = ranges.findIndex(({ full }) => full >= 1.1 * wanted);
    const sag = 1 - 0.2 * this.random.uniform();
    for (const { full, shunt } of ranges.slice(Math.max(0, from))) {
      const amps = truth(shunt) * sag * this.gain;
      if (Math.abs(amps) <= full) return this.sign * this.shown(amps, full);
    }
    return this.sign * truth(0.01);
  }

  private get sign(): number {
    return this.has('leads-swapped') ? -1 : 1;
  }

  private get gain(): number {
    return this.has('flat-meter') ? 1.35 : 1;
  }

  /** A slip is mostly a lead that came off or was swapped; a misreading is one of the point, the unit or a digit. */
  private misread(value: number, slipped: boolean): number {
    const { random } = this;
    const what = random.uniform();
    if (slipped && what < 0.7) return what < 0.5 ? 0 : -value;
    const points = [10, 0.1, 10, 0.1, 1000, 100];
    if (what < 0.85) return value * points[pick(random, points.length)]!;
    const digits = Math.abs(value).toExponential(2);
    return Number(`${digits[2]}.${digits[0]}${digits.slice(3)}`) * Math.sign(value);
  }
}

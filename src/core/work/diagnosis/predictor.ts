import { normalShareBelow } from '../../numeric/normalShare';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { SpecItem } from '../../physics/circuit/faults/batterySpec';
import { loadDifferentialOhms } from '../../physics/circuit/load/load';
import { readingUncertainty } from '../../physics/instruments/classMeter';
import {
  suitableCurrentRange,
  suitableVoltRange,
  type CurrentRange,
} from '../../physics/instruments/meter';
import { theveninCurve } from '../../physics/circuit/battery/sourceCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { measurementKey, type Measurement } from '../../records/logbook/measurement';
import { changedString, NO_FAULT, type Hypothesis } from './causes';
import type { NominalBattery } from './nominalBattery';
import { LinearString, type Sensitive } from './linearString';
import { clipsOff, LEAD, LEAD_OHMS, standingItems } from '../measuring/probed';

/** What a measurement should read: its middle, and how every source of scatter moves it (one standard deviation each). */
export interface Prediction {
  /** Volts or amperes; for light the chance that it runs. */
  readonly mean: number;
  readonly spread: Float64Array;
  /** Standard deviation of the meter and of settling, same unit. */
  readonly noise: number;
}

/** How far a class’s cells differ together from the plan’s: volts as a share, resistance as a logarithm (from memory). */
export const COMMON_SCATTER = {
  measured: { volts: 0.02, ohms: 0.15 },
  typical: { volts: 0.04, ohms: 0.4 },
} as const;
/** A reading while things settle, as a share of it (from memory). */
const SETTLING = { volts: 0.006, amps: 0.04 } as const;
/** Spread of the logarithm of the current at which eyes see a light (from memory). */
const SEEN_LOG = 0.6;

/** Predicts every measurement under every hypothesis; strings that hypotheses have in common are solved once. */
export class Predictor {
  private readonly nominal: NominalBattery;
  /** Sources of scatter in the order in which they were met. */
  private readonly sources = new Map<string, number>();
  private readonly sourceCount: number;
  private readonly stands = new WeakMap<Hypothesis, Map<string, readonly SpecItem[]>>();
  private readonly networks = new WeakMap<readonly SpecItem[], Map<number | null, LinearString>>();
  private readonly known = new WeakMap<Hypothesis, Map<string, Prediction>>();

  constructor(nominal: NominalBattery) {
    this.nominal = nominal;
    this.sourceCount = 2 + 2 * nominal.strings.flat().reduce((sum, item) => sum + cellsOf(item), 0);
  }

  predict(measurement: Measurement, hypothesis: Hypothesis): Prediction {
    const own =
      'string' in measurement && this.isSound(measurement, hypothesis) ? NO_FAULT : hypothesis;
    const ofThis = remembered(this.known, own, () => new Map<string, Prediction>());
    const key = measurementKey(measurement);
    const found = ofThis.get(key) ?? this.compute(measurement, own);
    ofThis.set(key, found);
    return found;
  }

  /** Whether a hypothesis changes nothing of what a measurement sees. */
  private isSound({ string }: { readonly string: number }, { changes }: Hypothesis): boolean {
    return changes.every((change) => change.string !== string);
  }

  /** Range that the meter should be on for a current. */
  private rangeOf(
    measurement: Extract<Measurement, { kind: 'short' | 'cell-short' }>,
  ): CurrentRange {
    const items = this.nominal.strings[measurement.string - 1] ?? [];
    const sound = new LinearString(
      measurement.kind === 'short'
        ? items.slice(0, measurement.built)
        : items.slice(measurement.cell - 1, measurement.cell),
      null,
    );
    const volts = sound.voltsBetween(0, measurement.kind === 'short' ? measurement.built : 1);
    return suitableCurrentRange(volts.value / volts.ohms, this.nominal.meter.shuntOhms);
  }

  private compute(measurement: Measurement, hypothesis: Hypothesis): Prediction {
    switch (measurement.kind) {
      case 'volts': {
        const { string, built, from, to } = measurement;
        const items = this.standing(
          string,
          this.asFarAsMatters(string, built, hypothesis),
          hypothesis,
        );
        return this.volts(string, this.network(items, null).voltsBetween(from - 1, to));
      }
      case 'shorted-volts': {
        const { string, built, to } = measurement;
        const items = this.standing(string, built, hypothesis);
        return this.volts(string, this.network(items, LEAD_OHMS).voltsBetween(0, to));
      }
      case 'short': {
        const { string, built } = measurement;
        const range = this.rangeOf(measurement);
        const shunt = this.nominal.meter.shuntOhms[range];
        const network = this.network(this.standing(string, built, hypothesis), shunt);
        return this.amps(string, network.voltsBetween(0, built), range);
      }
      case 'cell-volts': {
        const items = [this.alone(measurement, hypothesis)];
        return this.volts(
          measurement.string,
          this.network(items, null, measurement.cell).voltsBetween(0, 1),
        );
      }
      case 'cell-short': {
        const range = this.rangeOf(measurement);
        const shunt = this.nominal.meter.shuntOhms[range];
        const alone = [this.alone(measurement, hypothesis)];
        const network = this.network(alone, shunt, measurement.cell);
        return this.amps(measurement.string, network.voltsBetween(0, 1), range);
      }
      case 'volts-without': {
        const { string, cell, built } = measurement;
        const items = this.standing(string, built, hypothesis).map((item, index) =>
          index === cell - 1 ? LEAD : item,
        );
        return this.volts(string, this.network(items, null).voltsBetween(0, built));
      }
      default:
        return this.withLoad(measurement, hypothesis);
    }
  }

  /** The first cells of a string as they stand, with what is wrong among them. */
  private standing(string: number, built: number, hypothesis: Hypothesis): readonly SpecItem[] {
    const touched = hypothesis.changes.some((one) => one.string === string && one.cell <= built);
    const of = remembered(
      this.stands,
      touched ? hypothesis : NO_FAULT,
      () => new Map<string, readonly SpecItem[]>(),
    );
    const key = `${string} ${built}`;
    const found = of.get(key);
    if (found !== undefined) return found;
    const all = changedString(this.nominal.strings[string - 1] ?? [], string, hypothesis);
    const items = standingItems(all, built);
    of.set(key, items);
    return items;
  }

  /** Without a drip or a shared body, cells that nothing is drawn from do not change what is below them: one network serves all. */
  private asFarAsMatters(string: number, built: number, { changes }: Hypothesis): number {
    const reaches = changes.some(
      ({ faults, sharesNext }) => sharesNext || faults.some(({ kind }) => kind === 'drip'),
    );
    return reaches ? built : (this.nominal.strings[string - 1]?.length ?? built);
  }

  private alone(
    { string, cell }: { readonly string: number; readonly cell: number },
    hypothesis: Hypothesis,
  ): SpecItem {
    const item = changedString(this.nominal.strings[string - 1] ?? [], string, hypothesis)[
      cell - 1
    ];
    if (item === undefined) throw new Error(`string ${string} has no cell ${cell}`);
    return 'strings' in item ? item : clipsOff(item);
  }

  private network(
    items: readonly SpecItem[],
    endsOhms: number | null,
    firstPlace = 1,
  ): LinearString {
    const ofThis = remembered(this.networks, items, () => new Map<number | null, LinearString>());
    const found = ofThis.get(endsOhms) ?? new LinearString(items, endsOhms, firstPlace);
    ofThis.set(endsOhms, found);
    return found;
  }

  private volts(string: number, { value, byVolts, byResistance, ohms }: Sensitive): Prediction {
    // The voltmeter itself draws a little: seen only behind open joints.
    const { voltsOhms } = this.nominal.meter;
    const share = voltsOhms / (voltsOhms + ohms);
    const mean = value * share;
    return {
      mean,
      spread: this.spreadOf(string, byVolts, byResistance, share),
      noise: voltsNoise(mean),
    };
  }

  private amps(
    string: number,
    { value, byVolts, byResistance }: Sensitive,
    range: CurrentRange,
  ): Prediction {
    const shunt = this.nominal.meter.shuntOhms[range];
    const mean = value / shunt;
    return {
      mean,
      spread: this.spreadOf(string, byVolts, byResistance, 1 / shunt),
      noise: ampsNoise(mean, range),
    };
  }

  /** Names every cell by its string, so that readings of the same cell move together. */
  private spreadOf(
    string: number,
    byVolts: Readonly<Record<string, number>>,
    byResistance: Readonly<Record<string, number>>,
    factor: number,
  ): Float64Array {
    const spread = new Float64Array(this.sourceCount);
    const common = COMMON_SCATTER[this.nominal.measured ? 'measured' : 'typical'];
    const put = (
      slopes: Readonly<Record<string, number>>,
      what: string,
      own: number,
      together: number,
    ): void => {
      let sum = 0;
      for (const [name, slope] of Object.entries(slopes)) {
        spread[this.source(`${what} ${string} ${name}`)] = slope * own * factor;
        sum += slope;
      }
      spread[this.source(what)] = sum * together * factor;
    };
    put(byVolts, 'volts', CLASS_SCATTER.emfShare, common.volts);
    put(byResistance, 'ohms', CLASS_SCATTER.resistanceLog, common.ohms);
    return spread;
  }

  private source(name: string): number {
    const known = this.sources.get(name);
    if (known !== undefined) return known;
    this.sources.set(name, this.sources.size);
    return this.sources.size - 1;
  }

  private withLoad(
    measurement: Extract<
      Measurement,
      { kind: 'battery-volts' | 'load-volts' | 'load-amps' | 'lights' }
    >,
    hypothesis: Hypothesis,
  ): Prediction {
    const whole = this.whole(hypothesis);
    if (measurement.kind === 'battery-volts') {
      return {
        mean: whole.emf,
        spread: whole.emfSpread,
        noise: voltsNoise(whole.emf),
      };
    }
    const { load, runsFromAmps } = this.nominal;
    const turned = measurement.kind === 'lights' && measurement.turned;
    const minds = load.kind === 'led' || load.kind === 'led-group';
    const blocked =
      hypothesis.load === 'broken' || (minds && (hypothesis.load === 'reversed') !== turned);
    const point = blocked
      ? null
      : operatingPoint(
          theveninCurve({ emfVolts: whole.emf, resistanceOhms: whole.ohms }),
          load,
          ROOM_THERMAL_VOLTS,
        );
    const amps = point?.status === 'solved' ? point.amps : 0;
    const slope = amps > 0 ? loadDifferentialOhms(load, amps, ROOM_THERMAL_VOLTS) : Infinity;
    const lost = whole.emfSpread.map((emf, index) => emf - amps * whole.ohmsSpread[index]!);
    const spread = lost.map((volts) => volts / (whole.ohms + slope));
    const voltsSpread = lost.map((volts, index) => volts - whole.ohms * spread[index]!);
    if (measurement.kind === 'load-volts') {
      const mean = whole.emf - amps * whole.ohms;
      return { mean, spread: voltsSpread, noise: voltsNoise(mean) };
    }
    if (measurement.kind === 'load-amps')
      return { mean: amps, spread, noise: ampsNoise(amps, '20 mA') };
    const log = Math.hypot(SEEN_LOG, Math.hypot(...spread.values()) / Math.max(amps, 1e-9));
    const mean = amps <= 0 ? 0.005 : normalShareBelow(Math.log(amps / runsFromAmps) / log);
    return {
      mean: Math.min(0.99, Math.max(0.005, mean)),
      spread: new Float64Array(this.sourceCount),
      noise: 0,
    };
  }

  /** Millman's theorem over the strings, with the slopes of both figures. */
  private whole(hypothesis: Hypothesis): {
    emf: number;
    ohms: number;
    emfSpread: Float64Array;
    ohmsSpread: Float64Array;
  } {
    const strings = this.nominal.strings.map((_, index) => {
      const string = index + 1;
      const items = this.standing(string, _.length, hypothesis);
      const network = this.network(items, null);
      const sign = hypothesis.reversedString === string ? -1 : 1;
      const { value, byVolts, byResistance } = network.voltsBetween(0, items.length);
      const { ohms, byResistance: ohmsBy } = network.resistance();
      return {
        emf: sign * value,
        ohms,
        emfSpread: this.spreadOf(string, byVolts, byResistance, sign),
        ohmsSpread: this.spreadOf(string, {}, ohmsBy, 1),
      };
    });
    const siemens = strings.reduce((sum, { ohms }) => sum + 1 / ohms, 0);
    const ohms = 1 / siemens;
    const emf = strings.reduce((sum, one) => sum + one.emf / one.ohms, 0) * ohms;
    const emfSpread = new Float64Array(this.sourceCount);
    const ohmsSpread = new Float64Array(this.sourceCount);
    for (const one of strings) {
      const share = ohms / one.ohms;
      const pull = (-share * (one.emf - emf)) / one.ohms;
      for (let index = 0; index < this.sourceCount; index += 1) {
        const moved = one.ohmsSpread[index]!;
        emfSpread[index] = emfSpread[index]! + share * one.emfSpread[index]! + pull * moved;
        ohmsSpread[index] = ohmsSpread[index]! + share * share * moved;
      }
    }
    return { emf, ohms, emfSpread, ohmsSpread };
  }
}

function remembered<Key extends object, Value>(
  store: WeakMap<Key, Value>,
  key: Key,
  make: () => Value,
): Value {
  const found = store.get(key) ?? make();
  store.set(key, found);
  return found;
}

function cellsOf(item: SpecItem): number {
  return 'strings' in item ? item.strings.flat().reduce((sum, one) => sum + cellsOf(one), 0) : 1;
}

/** What a sound reading strays by itself: cells settle, and the meter has an accuracy. */
function ampsNoise(amps: number, range: CurrentRange): number {
  return Math.hypot(SETTLING.amps * amps, readingUncertainty(amps, range));
}

function voltsNoise(volts: number): number {
  return Math.hypot(SETTLING.volts * volts, readingUncertainty(volts, suitableVoltRange(volts)));
}

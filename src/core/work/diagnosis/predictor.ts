import { loadDeviation } from '../../physics/chance/scatter';
import { normalShareBelow } from '../../numeric/normalShare';
import type { SpecItem } from '../../physics/circuit/faults/batterySpec';
import { loadDifferentialOhms } from '../../physics/circuit/load/load';
import { suitableCurrentRange, type CurrentRange } from '../../physics/instruments/meter';
import { theveninCurve } from '../../physics/circuit/battery/sourceCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { measurementKey, quantityOf, type Measurement } from '../../records/logbook/measurement';
import { changedString, NO_FAULT, RIGHT_LOAD, RIGHT_METER, type Hypothesis } from './causes';
import type { Load } from '../../physics/circuit/load/load';
import { asLines, hasCurves, nearby } from './lines';
import type { NominalBattery } from './nominalBattery';
import { LinearString, type ValueWithSlopes } from './linearString';
import { ampsNoise } from './readingNoise';
import { type Known, remembered } from './remembered';
import { ScatterSources } from './scatterSources';
import { FLOATING_VOLTS, ShownByMeter, type Prediction } from './shownByMeter';
import { inString, ofMeasurement } from './seenByMeasurement';
import { stringsTogether, type JoinedStrings } from './stringsTogether';
import { clipsOff, LEAD_OHMS, standingItems, withoutPlace } from '../measuring/probed';

/** Spread of the logarithm of the current at which eyes see a light (from memory). */
const SEEN_LOG = 0.6;

/** Predicts every measurement under every hypothesis; strings that hypotheses have in common are solved once. */
export class Predictor {
  private readonly nominal: NominalBattery;
  /** Whether lines through cells depend on what flows. */
  private readonly curved: boolean;
  private readonly scatter: ScatterSources;
  private readonly shown: ShownByMeter;
  private readonly stands: Known<Hypothesis, readonly SpecItem[]> = new WeakMap();
  private readonly networks: Known<readonly SpecItem[], LinearString> = new WeakMap();
  private readonly wholes: Known<Hypothesis, JoinedStrings> = new WeakMap();
  private readonly known: Known<Hypothesis, Prediction> = new WeakMap();
  private readonly ranges = new Map<string, CurrentRange>();

  constructor(nominal: NominalBattery) {
    this.nominal = nominal;
    this.curved = nominal.strings.some(hasCurves);
    this.scatter = new ScatterSources(nominal);
    this.shown = new ShownByMeter(nominal, this.scatter);
  }

  /** @param range that a current was read on; `null`: what suits a sound battery. */
  predict(
    measurement: Measurement,
    hypothesis: Hypothesis,
    range: CurrentRange | null = null,
  ): Prediction {
    const own = ofMeasurement(measurement, hypothesis);
    const key = `${measurementKey(measurement)} ${range ?? ''}`;
    return remembered(this.known, own, key, () => this.seen(measurement, own, range));
  }

  /** What a meter shows that has something wrong with it. */
  private seen(
    measurement: Measurement,
    hypothesis: Hypothesis,
    range: CurrentRange | null,
  ): Prediction {
    const { meter, changes } = hypothesis;
    const quantity = quantityOf(measurement);
    if (meter === RIGHT_METER || quantity === 'light') {
      return this.compute(measurement, hypothesis, range);
    }
    if (quantity === 'volts' ? meter.noVolts : meter.noAmps) {
      return this.shown.nothing(quantity);
    }
    const right =
      changes.length === 0 && hypothesis.load === RIGHT_LOAD && hypothesis.reversedString === null
        ? this.predict(measurement, NO_FAULT, range)
        : this.compute(measurement, hypothesis, range);
    return {
      mean: right.mean * meter.gain,
      spread: right.spread.map((one) => one * meter.gain),
      noise: right.noise * Math.abs(meter.gain),
    };
  }

  /** Range that the meter should be on for a current. */
  private rangeOf(
    measurement: Extract<Measurement, { kind: 'short' | 'cell-short' }>,
  ): CurrentRange {
    const key = measurementKey(measurement);
    const known = this.ranges.get(key);
    if (known !== undefined) return known;
    const items = this.nominal.strings[measurement.string - 1] ?? [];
    const sound = this.built(
      measurement.kind === 'short'
        ? items.slice(0, measurement.built)
        : items.slice(measurement.cell - 1, measurement.cell),
      null,
      1,
    );
    const volts = sound.volts(1, measurement.kind === 'short' ? measurement.built : 1);
    const range = suitableCurrentRange(volts.value / volts.ohms, this.nominal.meter.shuntOhms);
    this.ranges.set(key, range);
    return range;
  }

  private compute(
    measurement: Measurement,
    hypothesis: Hypothesis,
    onRange: CurrentRange | null,
  ): Prediction {
    switch (measurement.kind) {
      case 'volts': {
        const { string, built, from, to, beyond } = measurement;
        const far = this.asFarAsMatters(string, built, hypothesis);
        const items = this.standing(string, far, hypothesis);
        const network = this.network(items, null);
        const turned = turnedPlace(string, hypothesis);
        return this.volts(string, network, network.volts(from, to, beyond, turned));
      }
      case 'shorted-volts': {
        const { string, built, to } = measurement;
        const items = this.standing(string, built, hypothesis);
        const network = this.network(items, LEAD_OHMS);
        return this.volts(string, network, network.volts(1, to));
      }
      case 'short': {
        const { string, built } = measurement;
        const range = onRange ?? this.rangeOf(measurement);
        const shunt = this.nominal.meter.shuntOhms[range];
        const network = this.network(this.standing(string, built, hypothesis), shunt);
        return this.amps(string, network, network.volts(1, built), range);
      }
      case 'cell-volts': {
        const items = [this.alone(measurement, hypothesis)];
        const network = this.network(items, null, measurement.cell);
        return this.volts(measurement.string, network, network.volts(1, 1));
      }
      case 'cell-short': {
        const range = onRange ?? this.rangeOf(measurement);
        const shunt = this.nominal.meter.shuntOhms[range];
        const alone = [this.alone(measurement, hypothesis)];
        const network = this.network(alone, shunt, measurement.cell);
        return this.amps(measurement.string, network, network.volts(1, 1), range);
      }
      case 'volts-without': {
        const { string, cell, built } = measurement;
        const items = withoutPlace(this.standing(string, built, hypothesis), cell);
        const network = this.network(items, null);
        return this.volts(string, network, network.volts(1, built));
      }
      default:
        return this.withLoad(measurement, hypothesis);
    }
  }

  /** The first cells of a string as they stand, with what is wrong among them. */
  private standing(string: number, built: number, hypothesis: Hypothesis): readonly SpecItem[] {
    const own = inString(string, built, hypothesis);
    return remembered(this.stands, own, `${string} ${built}`, () =>
      standingItems(changedString(this.nominal.strings[string - 1] ?? [], string, own), built),
    );
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
    return remembered(this.networks, items, `joined by ${endsOhms}`, () =>
      this.built(items, endsOhms, firstPlace),
    );
  }

  /** Curves are followed by lines: first to the short-circuit current, then to the current that flows so. */
  private built(
    items: readonly SpecItem[],
    endsOhms: number | null,
    firstPlace: number,
  ): LinearString {
    if (!this.curved) return new LinearString(items, endsOhms, firstPlace);
    if (endsOhms === null) return new LinearString(asLines(items, null), null, firstPlace);
    const open = this.network(items, null, firstPlace).volts(1, items.length, true);
    const amps = open.value / (open.ohms + endsOhms);
    return new LinearString(asLines(items, amps), endsOhms, firstPlace);
  }

  private volts(string: number, network: LinearString, read: ValueWithSlopes): Prediction {
    const { value, byVolts, byResistance, ohms } = read;
    const spread = this.scatter.spreadOf(string, network, byVolts, byResistance, 1);
    return this.shown.volts(value, ohms, spread);
  }

  private amps(
    string: number,
    network: LinearString,
    { value, byVolts, byResistance }: ValueWithSlopes,
    range: CurrentRange,
  ): Prediction {
    const shunt = this.nominal.meter.shuntOhms[range];
    const mean = value / shunt;
    return {
      mean,
      spread: this.scatter.spreadOf(string, network, byVolts, byResistance, 1 / shunt),
      noise: ampsNoise(mean, range),
    };
  }

  private withLoad(
    measurement: Extract<
      Measurement,
      { kind: 'battery-volts' | 'load-volts' | 'load-amps' | 'lights' }
    >,
    hypothesis: Hypothesis,
  ): Prediction {
    if (measurement.kind === 'battery-volts') {
      const { emf, ohms, emfSpread } = this.whole(hypothesis, null, null);
      return this.shown.volts(emf, ohms, emfSpread);
    }
    const { load, runsFromAmps, isPolarised } = this.nominal;
    const { state, leadOhms, places } = hypothesis.load;
    const turned = measurement.kind === 'lights' && measurement.turned;
    const dark = state === 'off' || state === 'broken' || state === 'shorted';
    const blocked = dark || (isPolarised && (state === 'reversed') !== turned);
    const whole = this.whole(hypothesis, blocked ? null : load, places);
    if (state === 'off' && measurement.kind === 'load-volts') {
      return this.shown.nothing('volts', FLOATING_VOLTS);
    }
    if (state === 'shorted' && measurement.kind !== 'lights') {
      if (measurement.kind === 'load-volts') return this.shown.nothing('volts');
      const ohms = whole.ohms + LEAD_OHMS;
      return this.shown.amps(whole, whole.emf / ohms, ohms);
    }
    const ohms = whole.ohms + leadOhms;
    const point = blocked
      ? null
      : operatingPoint(
          theveninCurve({ emfVolts: whole.emf, resistanceOhms: ohms }),
          load,
          ROOM_THERMAL_VOLTS,
        );
    const amps = point?.status === 'solved' ? point.amps : 0;
    const slope = amps > 0 ? loadDifferentialOhms(load, amps, ROOM_THERMAL_VOLTS) : Infinity;
    const current = this.shown.amps(whole, amps, ohms + slope);
    if (measurement.kind === 'load-amps') return current;
    if (measurement.kind === 'load-volts') {
      // Makes differ by volts that stand across the device for the same current.
      const spread =
        amps > 0 ? current.spread.map((one) => one * slope) : Float64Array.from(whole.emfSpread);
      const share = ohms / (ohms + slope);
      if (amps > 0) spread[this.scatter.load] = loadDeviation(load) * share;
      return this.shown.volts(whole.emf - amps * ohms, 1 / (1 / ohms + 1 / slope), spread);
    }
    const log = Math.hypot(SEEN_LOG, Math.hypot(...current.spread.values()) / Math.max(amps, 1e-9));
    const mean = amps <= 0 ? 0.005 : normalShareBelow(Math.log(amps / runsFromAmps) / log);
    return {
      mean: Math.min(0.99, Math.max(0.005, mean)),
      spread: new Float64Array(this.scatter.count),
      noise: 0,
    };
  }

  /**
   * What the device is joined to, with lines through the cells up to the current that it draws.
   * @param places its leads sit on the ends of so many cells of the only string; `null`: on the ends of the battery.
   */
  private whole(hypothesis: Hypothesis, load: Load | null, places: number | null): JoinedStrings {
    const key = `${load === null ? 'open' : 'loaded'} ${places}`;
    return remembered(this.wholes, hypothesis, key, () => this.wholeAnew(hypothesis, load, places));
  }

  private wholeAnew(
    hypothesis: Hypothesis,
    load: Load | null,
    places: number | null,
  ): JoinedStrings {
    if (load === null) return this.joined(hypothesis, null, places);
    const open = this.whole(hypothesis, null, places);
    if (!this.curved) return open;
    const { leadOhms } = hypothesis.load;
    const source = theveninCurve({ emfVolts: open.emf, resistanceOhms: open.ohms + leadOhms });
    const point = operatingPoint(source, load, ROOM_THERMAL_VOLTS);
    return point.status === 'solved'
      ? this.joined(hypothesis, nearby(point.amps / this.nominal.strings.length), places)
      : open;
  }

  /** All strings side by side, with the slopes of both figures. */
  private joined(
    hypothesis: Hypothesis,
    amps: number | null,
    places: number | null,
  ): JoinedStrings {
    const strings = this.nominal.strings.map((meant, index) => {
      const string = index + 1;
      const items = this.joinedItems(string, places ?? meant.length, hypothesis);
      const network =
        amps === null
          ? this.network(items, null)
          : remembered(
              this.networks,
              items,
              `lines at ${amps}`,
              () => new LinearString(asLines(items, amps), null),
            );
      const sign = hypothesis.reversedString === string ? -1 : 1;
      const { value, byVolts, byResistance } = network.volts(1, items.length, true);
      const { ohms, byResistance: ohmsBy } = network.resistance();
      return {
        emf: sign * value,
        ohms,
        emfSpread: this.scatter.spreadOf(string, network, byVolts, byResistance, sign),
        ohmsSpread: this.scatter.spreadOf(string, network, null, ohmsBy, 1),
      };
    });
    return stringsTogether(strings, this.scatter.count);
  }

  /** A string with the lead that joins it to the others; the only one ends at its last metal. */
  private joinedItems(string: number, built: number, hypothesis: Hypothesis): readonly SpecItem[] {
    const endsAtMetal = this.nominal.strings.length === 1;
    const standing = this.standing(string, built, hypothesis);
    if (endsAtMetal) return standing;
    const own = inString(string, Infinity, hypothesis);
    const leadIsWrong = own.changes.some(
      ({ faults, cell, inner }) =>
        inner === null &&
        cell === built &&
        faults.some(({ kind }) => kind === 'open' || kind === 'poor-contact'),
    );
    return leadIsWrong
      ? changedString(this.nominal.strings[string - 1] ?? [], string, own)
      : standing;
  }
}

/** A place that was turned round and is probed by its metals. */
function turnedPlace(string: number, { changes }: Hypothesis): number | null {
  return changes.find((one) => one.probedByMetal === true && one.string === string)?.cell ?? null;
}

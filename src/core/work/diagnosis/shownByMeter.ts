import { loadDeviation } from '../../physics/chance/scatter';
import type { NominalBattery } from './nominalBattery';
import { ampsNoise, voltsNoise } from './readingNoise';
import type { ScatterSources } from './scatterSources';
import type { JoinedStrings } from './stringsTogether';

/** What a measurement should read: its middle, and how every source of scatter moves it (one standard deviation each). */
export interface Prediction {
  /** Volts or amperes; for light the chance that it runs. */
  readonly mean: number;
  readonly spread: Float64Array;
  /** Standard deviation of the meter and of settling, same unit. */
  readonly noise: number;
}

/** What a meter still shows that is not connected as it should be, volts and amperes (from memory). */
const NOTHING_SHOWN = { volts: 0.004, amps: 3e-6 } as const;
/** What a meter picks up whose probes end behind an open joint, volts (common practice, no source). */
export const FLOATING_VOLTS = 0.015;

/** What the meter makes of what is there. */
export class ShownByMeter {
  private readonly nominal: Pick<NominalBattery, 'meter' | 'load'>;
  private readonly scatter: ScatterSources;

  constructor(nominal: Pick<NominalBattery, 'meter' | 'load'>, scatter: ScatterSources) {
    this.nominal = nominal;
    this.scatter = scatter;
  }

  /** Next to nothing: what is read behind a lead that is off, or across metals that touch. */
  nothing(quantity: 'volts' | 'amps', noise: number = NOTHING_SHOWN[quantity]): Prediction {
    return {
      mean: 0,
      spread: new Float64Array(this.scatter.count),
      noise,
    };
  }

  /** Volts of a source under a voltmeter, which draws a little itself. */
  volts(volts: number, ohms: number, spread: Float64Array): Prediction {
    const { voltsOhms } = this.nominal.meter;
    const share = voltsOhms / (voltsOhms + ohms);
    const mean = volts * share;
    return {
      mean,
      spread: spread.map((one) => one * share),
      noise: Math.hypot(voltsNoise(mean), FLOATING_VOLTS * (1 - share)),
    };
  }

  /** A current of the whole battery, and how it moves with what scatters there and with the make of the device. */
  amps({ emfSpread, ohmsSpread }: JoinedStrings, amps: number, loopOhms: number): Prediction {
    const spread = emfSpread.map((emf, index) => (emf - amps * ohmsSpread[index]!) / loopOhms);
    spread[this.scatter.load] = loadDeviation(this.nominal.load) / loopOhms;
    return { mean: amps, spread, noise: ampsNoise(amps, '20 mA') };
  }
}

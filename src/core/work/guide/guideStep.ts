import type { CurrentRange, VoltRange } from '../../physics/instruments/meter';
import type { Caution } from '../../physics/safety/cautions';
import type { Measurement } from '../../records/logbook/measurement';

export interface ExpectedReading {
  /** Volts or amperes; for light the chance that it runs. */
  readonly value: number;
  /** One standard deviation of ordinary scatter, same unit. */
  readonly deviation: number;
}

/** How the meter is set for a step. */
export interface MeterSetting {
  readonly range: VoltRange | CurrentRange;
  /** Which socket the red lead goes into. */
  readonly socket: 'VΩ' | 'mA' | '10 A';
}

/** One thing to do at the bench. */
export interface GuideStep {
  /** Stays the same while the plan does. */
  readonly id: string;
  readonly kind: 'prepare' | 'build' | 'measure' | 'join' | 'device' | 'hold' | 'clear';
  readonly title: string;
  readonly text: string;
  /** String concerned, from 1; `null` for the whole battery. */
  readonly string: number | null;
  /** Cells that stand in that string when the step is done. */
  readonly built: number;
  /** A cell is clipped to the others before it is read. */
  readonly joins: boolean;
  readonly measurement: Measurement | null;
  readonly meter: MeterSetting | null;
  readonly expected: ExpectedReading | null;
  readonly minutes: number;
  readonly cautions: readonly Caution[];
}

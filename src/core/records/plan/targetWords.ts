import { DEVICE_PRESETS, type DeviceManner } from '../../physics/circuit/devicePresets';
import { capital } from '../../words';
import type { PlanTarget } from './planSchema';

/** How people speak of a load that works, and of one that does not. */
export interface TargetWords {
  /** `Lights`, `Runs`: at the beginning of a sentence, its name follows. */
  readonly verb: string;
  /** `It lights`. */
  readonly works: string;
  /** `stays dark`: its name stands before. */
  readonly fails: string;
  /** `Dark?`: what a group asks itself. */
  readonly silent: string;
}

const MANNERS: Readonly<Record<DeviceManner, TargetWords>> = {
  lights: { verb: 'Lights', works: 'It lights', fails: 'stays dark', silent: 'Dark?' },
  sounds: { verb: 'Sounds', works: 'It sounds', fails: 'stays silent', silent: 'Silent?' },
  shows: { verb: 'Runs', works: 'It runs', fails: 'stays blank', silent: 'Blank?' },
  runs: { verb: 'Runs', works: 'It runs', fails: 'does not start', silent: 'Nothing?' },
};

export function wordsOfTarget(target: PlanTarget): TargetWords {
  switch (target.kind) {
    case 'led':
    case 'leds':
      return MANNERS.lights;
    case 'device':
      return MANNERS[DEVICE_PRESETS[target.device].manner];
    case 'motor':
      return {
        verb: 'Turns',
        works: 'It turns',
        fails: 'does not start',
        silent: 'Standing still?',
      };
    case 'bulb':
      return { ...MANNERS.lights, works: 'It glows' };
    case 'capacitor':
      return {
        verb: 'Charges',
        works: 'It charges',
        fails: 'is not charged in time',
        silent: 'Not charged?',
      };
    case 'resistor':
      return MANNERS.runs;
  }
}

/** Whether its LEDs are not equally bright: side by side the colour that needs least volts takes most. */
export function someShineMore(target: PlanTarget): boolean {
  return (
    target.kind === 'leds' && target.joined === 'side-by-side' && new Set(target.colours).size > 1
  );
}

/** That it does not work: `The amber LED stays dark`. */
export function failsWords(target: PlanTarget, name: string): string {
  if (target.kind !== 'leds') return `The ${name} ${wordsOfTarget(target).fails}`;
  return `${capital(name)} ${someShineMore(target) ? 'do not all light' : 'stay dark'}`;
}

/** Whether it lights: seen by its light, and minded where it is turned round. */
export function isLit(target: PlanTarget): target is Extract<PlanTarget, { kind: 'led' | 'leds' }> {
  return target.kind === 'led' || target.kind === 'leds';
}

/** Which of its wires belongs to +: `its long leg`; `null`: either way round does. */
export function plusOfTarget(target: PlanTarget): string | null {
  switch (target.kind) {
    case 'led':
    case 'leds':
      return 'long leg';
    case 'device':
      return DEVICE_PRESETS[target.device].hasLegs ? 'long leg' : 'red wire';
    case 'capacitor':
      return 'long leg';
    case 'motor':
    case 'bulb':
    case 'resistor':
      return null;
  }
}

/** `Dark? Turn it round.`, `Silent? Press every clip.` */
export function againWords(target: PlanTarget): string {
  const { silent } = wordsOfTarget(target);
  return plusOfTarget(target) === null ? `${silent} Press every clip.` : `${silent} Turn it round.`;
}

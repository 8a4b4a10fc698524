import { capital } from '../../words';
import type { Measurement } from '../../records/logbook/measurement';
import { measurementName } from '../../records/logbook/measurement';
import { placeOfCause, type CauseKind, type Hypothesis } from './causes';
import type { Cause } from './diagnose';
import type { Reading } from './evidence';

/** A cause as it is shown: what is wrong, and what to do about it. */
export interface CauseWords {
  readonly what: string;
  readonly remedy: string;
}

/** What things are called where the battery stands. */
export interface BatteryWords {
  /** `kiwi`, `cup of vinegar`. */
  readonly body: string;
  /** `copper strip`, `galvanised nail`. */
  readonly plus: string;
  readonly minus: string;
  /** `amber LED`. */
  readonly device: string;
  /** More than one string: places are named with theirs. */
  readonly strings: number;
  /** Cells in each of them, or places where groups stand. */
  readonly places: readonly number[];
  /** Cells lie on each other: what joins them are no leads. */
  readonly pile: boolean;
}

export function wordsOfCause(
  { hypothesis, kind }: Cause,
  words: BatteryWords,
  readings: readonly Reading[],
): CauseWords {
  if (hypothesis === null || kind === 'unexplained') {
    return {
      what: 'Nothing known explains these readings',
      remedy:
        'Read the first step again with another range and other leads. If it stays, take the string apart and measure every cell alone.',
    };
  }
  if (kind === 'pair') {
    const parts = hypothesis.parts.map((one) => wordsOf(one, words, readings));
    return {
      what: parts.map(({ what }) => what).join(', and '),
      remedy: parts.map(({ remedy }) => remedy).join(' '),
    };
  }
  return wordsOf(hypothesis, words, readings);
}

function wordsOf(
  hypothesis: Hypothesis,
  words: BatteryWords,
  readings: readonly Reading[],
): CauseWords {
  const { string, cell, slip, changes } = hypothesis;
  const of = words.strings > 1 && string !== null ? ` of string ${string}` : '';
  const place = `${placeOfCause(hypothesis)}${of}`;
  const next = cell === null ? '' : `${cell} and ${cell + 1}${of}`;
  const reading = slip === null ? undefined : readings[slip]?.measurement;
  const within = (changes[0]?.inner ?? null) !== null;
  const isLast = string !== null && cell === words.places[string - 1];
  const joint = within
    ? `the ${words.pile ? 'contact' : 'lead'} above ${place}`
    : isLast
      ? `the lead that joins string ${string} to the battery`
      : `the ${words.pile ? 'contact' : 'lead'} between cells ${next}`;
  return WORDS[hypothesis.kind]({ ...words, place, next, joint, string, reading });
}

interface Facts extends BatteryWords {
  readonly place: string;
  readonly next: string;
  /** `the lead between cells 2 and 3`. */
  readonly joint: string;
  readonly string: number | null;
  readonly reading: Measurement | undefined;
}

/** What each kind is called where its place is not known. */
export const WORDS_OF_KIND: Readonly<Record<CauseKind, string>> = {
  none: 'nothing wrong',
  pair: 'two things wrong at once',
  unexplained: 'something unknown',
  reversed: 'a cell the wrong way round',
  'poor-contact': 'a poor contact',
  open: 'a lead without contact',
  dry: 'a dry cell',
  shorted: 'metals that touch',
  bridged: 'a clip across a cell',
  'bridged-two': 'a clip across two cells',
  'same-metal': 'the same metal on both sides of a cell',
  'rim-leak': 'a wet rim',
  drip: 'a drip',
  'shared-body': 'two cells in one body',
  'string-reversed': 'a string joined backwards',
  'load-reversed': 'the device the wrong way round',
  'load-broken': 'a device that does not work',
  'load-off': 'a lead to the device that is off',
  'load-poor': 'a poor contact at the device',
  'load-shorted': 'leads of the device that touch',
  'load-misplaced': 'a lead of the device on the wrong metal',
  'no-milliamps': 'a meter that shows no milliamps',
  'no-volts': 'a meter that shows no volts',
  'leads-swapped': 'swapped leads of the meter',
  'flat-meter': 'a flat meter',
  slip: 'a reading that went wrong',
};

const SCRAPE = 'Scrape both metals bright where the clips sit, and clip again.';
const PRESS = 'Take the two apart there, clean both faces and press them together again.';

const WORDS: Readonly<Record<CauseKind, (facts: Facts) => CauseWords>> = {
  none: () => ({ what: 'Nothing is wrong', remedy: 'The readings are within ordinary scatter.' }),
  pair: () => ({ what: 'Two things are wrong', remedy: '' }),
  unexplained: () => ({ what: 'Nothing known explains these readings', remedy: '' }),
  reversed: ({ place }) => ({
    what: `${capital(place)} is the wrong way round`,
    remedy:
      'Turn it: its + metal belongs to the − metal of the next cell. It takes away its own volts as long as it is backwards.',
  }),
  'poor-contact': ({ joint, pile }) => ({
    what: `Poor contact in ${joint}`,
    remedy: `${pile ? PRESS : SCRAPE} The volts look right with nothing connected and collapse under load.`,
  }),
  open: ({ joint, pile }) => ({
    what: `${capital(joint)} ${pile ? 'is open' : 'has no contact'}`,
    remedy: pile ? PRESS : `${SCRAPE} Try another lead.`,
  }),
  dry: ({ place, body }) => ({
    what: `${capital(place)} is dry`,
    remedy: `Wet it, or roll the ${body} and put the metals in again at a fresh place. Its volts look right, but little current gets through.`,
  }),
  shorted: ({ place, body }) => ({
    what: `The metals touch inside ${place}`,
    remedy: `Pull the metals in this ${body} apart to about 1 cm and read again.`,
  }),
  bridged: ({ place }) => ({
    what: `A clip or lead bridges ${place}`,
    remedy: 'A clip lies across both of its metals: lift the clips apart and read again.',
  }),
  'bridged-two': ({ next }) => ({
    what: `A clip or lead bridges cells ${next}`,
    remedy: 'A clip lies across both cells: lift the clips apart and read again.',
  }),
  'same-metal': ({ place, plus, minus }) => ({
    what: `${capital(place)} has the same metal on both sides`,
    remedy: `Look at both: one must be the ${plus}, the other the ${minus}. A magnet or a scratch tells them apart.`,
  }),
  'rim-leak': ({ place }) => ({
    what: `A wet rim drains ${place}`,
    remedy: 'Take it out, blot the rim dry, and cut the separator to the size of the metal.',
  }),
  drip: ({ place }) => ({
    what: `A drip runs down the side from ${place} up`,
    remedy: 'Wipe the side of the pile dry and blot the separators before stacking them again.',
  }),
  'shared-body': ({ next, body }) => ({
    what: `Cells ${next} share one ${body}`,
    remedy: `One ${body} is one cell: give every pair of metals a ${body} of its own.`,
  }),
  'string-reversed': ({ string }) => ({
    what: `String ${string} is joined backwards`,
    remedy: 'Join + to + and − to −: turn this string round.',
  }),
  'load-reversed': ({ device }) => ({
    what: `The ${device} is the wrong way round`,
    remedy: 'Its long leg belongs to the battery’s +. Turn it round.',
  }),
  'load-broken': ({ device }) => ({
    what: `The ${device} does not work`,
    remedy:
      'Try another one. On a bought battery it is tried only through 220 Ω, never on a lithium or button cell.',
  }),
  'load-off': ({ device }) => ({
    what: `A lead to the ${device} is off`,
    remedy: 'Press both of its clips, and look whether they sit on bare metal. Try another lead.',
  }),
  'load-poor': ({ device }) => ({
    what: `Poor contact in a lead to the ${device}`,
    remedy: `${SCRAPE} Try another lead.`,
  }),
  'load-shorted': ({ device }) => ({
    what: `The legs or leads of the ${device} touch`,
    remedy: 'Spread them apart: the current takes the short way and passes it by.',
  }),
  'load-misplaced': ({ device }) => ({
    what: `A lead to the ${device} sits on the wrong metal`,
    remedy:
      'One lead belongs on the + metal of the last cell, the other on the − metal of cell 1: some cells are left out.',
  }),
  'no-milliamps': () => ({
    what: 'The meter shows no milliamps',
    remedy:
      'Is the red lead in the 10 A socket? It belongs in the mA socket. If it is there, the fuse of the meter is blown: try another meter. Your battery may be sound.',
  }),
  'no-volts': () => ({
    what: 'The meter shows no volts',
    remedy:
      'Take the probes off at once: the red lead is in a socket for currents and short-circuits the cells. For volts it belongs in the VΩ socket, the knob on DC volts.',
  }),
  'leads-swapped': () => ({
    what: 'The leads of the meter are swapped',
    remedy:
      'Every reading has a minus sign: red into VΩ or mA, black into COM, red on the + metal.',
  }),
  'flat-meter': () => ({
    what: 'The battery of the meter is flat',
    remedy:
      'Every reading is too large by the same share. Look for a battery sign on the display, and read again with another meter.',
  }),
  slip: ({ reading }) => ({
    what: `The reading “${reading === undefined ? '' : measurementName(reading)}” went wrong`,
    remedy:
      'A lead slipped, or the meter is on the wrong range or in the wrong socket. Check them and read again.',
  }),
};
